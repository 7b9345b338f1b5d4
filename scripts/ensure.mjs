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

if (process.argv.includes('--browser') && !existsSync('/usr/bin/chromium')) {
  console.error('Installing Chromium…');
  const installed =
    run('apt-get', ['update', '-qq']) && run('apt-get', ['install', '-y', '-qq', 'chromium']);
  if (!installed || !existsSync('/usr/bin/chromium')) {
    console.error(
      'Chromium is missing and could not be installed. Install the package "chromium" and run again.',
    );
    process.exit(1);
  }
}
