// Builds the program where its sources have changed since the last build.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './root.mjs';

const stampFile = join(root, '.next', 'built-from');
const NEXT = join(root, 'node_modules/next/dist/bin/next');

/** Runs `next build` unless the last build was made from these very sources. */
export function build() {
  const stamp = sourcesHash();
  const built = existsSync(join(root, '.next/BUILD_ID')) && existsSync(stampFile);
  if (built && readFileSync(stampFile, 'utf8') === stamp) return;
  console.error('Building…');
  const { status } = spawnSync(process.execPath, [NEXT, 'build'], {
    cwd: root,
    stdio: ['ignore', process.env.CI ? 2 : 'ignore', 2],
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production' },
  });
  if (status !== 0) {
    console.error('The build failed. Run `npx next build` to see why.');
    process.exit(1);
  }
  makeTemplate();
  writeFileSync(stampFile, stamp);
}

/** An empty database to begin new data directories with: making one from nothing takes seconds. */
function makeTemplate() {
  const { status } = spawnSync(
    process.execPath,
    [
      '--conditions=react-server',
      '--import',
      'tsx',
      'scripts/template.ts',
      '.next/new-database.tar.gz',
    ],
    { cwd: root, stdio: ['ignore', 2, 2] },
  );
  if (status !== 0)
    console.error('New data directories will be made from nothing, which is slower.');
}

function sourcesHash() {
  const hash = createHash('sha256').update(process.version);
  const files = ['package-lock.json', 'next.config.ts', 'postcss.config.mjs', 'tsconfig.json'];
  const walk = (dir) => {
    for (const entry of readdirSync(join(root, dir), { withFileTypes: true })) {
      const path = join(dir, entry.name);
      if (entry.isDirectory()) walk(path);
      else if (!/\.test\.tsx?$/.test(entry.name)) files.push(path);
    }
  };
  walk('src');
  for (const file of files.sort()) hash.update(file).update(readFileSync(join(root, file)));
  return hash.digest('hex');
}
