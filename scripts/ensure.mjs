#!/usr/bin/env node
// Makes sure that what the project needs is installed. Dependency-free: it runs before anything is there.
//   node scripts/ensure.mjs            dependencies
//   node scripts/ensure.mjs --browser  also Chromium, through apt-get
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const stampFile = join(root, 'node_modules', '.installed-for');
const stamp = createHash('sha256')
  .update(readFileSync(join(root, 'package-lock.json')))
  .update(process.version)
  .digest('hex');

const run = (command, args) =>
  spawnSync(command, args, { cwd: root, stdio: ['ignore', 2, 2] }).status === 0;

if (!existsSync(stampFile) || readFileSync(stampFile, 'utf8') !== stamp) {
  console.error('Installing dependencies…');
  if (!run('npm', ['install', '--no-save', '--no-audit', '--no-fund', '--loglevel=error'])) {
    console.error('The dependencies could not be installed. Is the package registry reachable?');
    process.exit(1);
  }
  mkdirSync(dirname(stampFile), { recursive: true });
  writeFileSync(stampFile, stamp);
}

// a browser for tests of the interface, and what draws printed pages to measure them
const PROGRAMS = { chromium: '/usr/bin/chromium', 'poppler-utils': '/usr/bin/pdftoppm' };
const missing = Object.entries(PROGRAMS).filter(([, file]) => !existsSync(file));
if (process.argv.includes('--browser') && missing.length > 0) {
  const names = missing.map(([name]) => name);
  console.error('Installing Chromium…');
  const installed =
    run('apt-get', ['update', '-qq']) && run('apt-get', ['install', '-y', '-qq', ...names]);
  if (!installed || missing.some(([, file]) => !existsSync(file))) {
    console.error(`${names.join(' and ')} could not be installed. Install them and run again.`);
    process.exit(1);
  }
}
