// Builds the program where its sources have changed since the last build.
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './root.mjs';
import { sourcesHash, toolFile } from './tools.mjs';

const stampFile = join(root, '.next', 'built-from');
const NEXT = join(root, 'node_modules/next/dist/bin/next');

/** Runs `next build` unless the last build was made from these very sources. */
export async function build() {
  const stamp = sourcesHash([
    'package-lock.json',
    'next.config.ts',
    'postcss.config.mjs',
    'tsconfig.json',
  ]);
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
  await makeTemplate();
  writeFileSync(stampFile, stamp);
}

/** An empty database to begin new data directories with: making one from nothing takes seconds. */
async function makeTemplate() {
  const { status } = spawnSync(
    process.execPath,
    [await toolFile('template'), '.next/new-database.tar.gz'],
    { cwd: root, stdio: ['ignore', 2, 2] },
  );
  if (status !== 0)
    console.error('New data directories will be made from nothing, which is slower.');
}
