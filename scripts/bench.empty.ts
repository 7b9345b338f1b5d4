// How long a Next.js program takes to start that has one empty page: what ours is held against, in the same run.
import { spawn, spawnSync } from 'node:child_process';
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** Inside the project, so that it is built with the project's own packages; ignored and removed again. */
const DIR = join(process.cwd(), '.bench');
const NEXT = join(process.cwd(), 'node_modules/next/dist/bin/next');
const env = { ...process.env, NODE_ENV: 'production', NEXT_TELEMETRY_DISABLED: '1' } as const;

/** Builds it. */
function buildEmpty(): void {
  rmSync(DIR, { recursive: true, force: true });
  mkdirSync(join(DIR, 'app'), { recursive: true });
  writeFileSync(
    join(DIR, 'app/layout.jsx'),
    'export default ({ children }) => <html lang="en"><body>{children}</body></html>;\n',
  );
  writeFileSync(
    join(DIR, 'app/page.jsx'),
    "export const dynamic = 'force-dynamic';\nexport default () => <p>Nothing</p>;\n",
  );
  // its own: else the one of the project that it lies in is taken
  writeFileSync(join(DIR, 'instrumentation.js'), 'export function register() {}\n');
  writeFileSync(
    join(DIR, 'next.config.mjs'),
    `export default { experimental: { preloadEntriesOnStart: false }, turbopack: { root: ${JSON.stringify(process.cwd())} } };\n`,
  );
  const built = spawnSync(process.execPath, [NEXT, 'build'], { cwd: DIR, env, encoding: 'utf8' });
  if (built.status !== 0) throw new Error(`the empty page is not built: ${built.stderr}`);
}

/** From the start of its process to the first answer of 200, ms. */
async function startEmpty(port: number): Promise<number> {
  const from = performance.now();
  const args = [NEXT, 'start', '-p', String(port), '-H', '127.0.0.1'];
  const child = spawn(process.execPath, args, { cwd: DIR, env, stdio: 'ignore' });
  const ended = new Promise<void>((r) => child.once('exit', () => r()));
  let answered = false;
  while (!answered) {
    if (child.exitCode !== null) throw new Error('the empty page has stopped');
    answered = await fetch(`http://127.0.0.1:${port}`).then(
      (r) => r.status === 200,
      () => false,
    );
    if (!answered) await new Promise((r) => setTimeout(r, 20));
  }
  const ms = performance.now() - from;
  child.kill('SIGKILL');
  await ended;
  return ms;
}

/** An empty page to start by turns with ours. */
export function emptyPage(port: number): { start: () => Promise<number>; remove: () => void } {
  buildEmpty();
  return { start: () => startEmpty(port), remove: () => rmSync(DIR, { recursive: true }) };
}
