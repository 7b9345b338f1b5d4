// Kills the server with SIGKILL while two clients save, starts it again at once on the same directory,
// and counts: every save that was acknowledged must be found.
//   node scripts/crash.mjs [rounds]
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { root } from './root.mjs';

const rounds = Number(process.argv[2] ?? 5);
const PORT = Number(process.env.PORT ?? 4396);
const ADDRESS = `http://127.0.0.1:${PORT}`;
const PLANS = ['pell-garth', 'osk-landing'];
const dir = mkdtempSync(join(tmpdir(), 'wide-rafter-crash-'));

const sleep = (ms) => new Promise((r) => setTimeout(r, ms));

function start() {
  const child = spawn(process.execPath, ['scripts/serve.mjs', '--samples'], {
    cwd: root,
    env: { ...process.env, WIDE_RAFTER_DATA: dir, PORT: String(PORT) },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let text = '';
  for (const stream of [child.stdout, child.stderr]) {
    stream.on('data', (d) => {
      text += d;
    });
  }
  const ended = new Promise((r) => child.once('exit', r));
  return { child, ended, output: () => text };
}

async function opened(server) {
  for (let i = 0; i < 600; i++) {
    if (server.output().includes('is open')) return;
    if (server.child.exitCode !== null) break;
    await sleep(50);
  }
  throw new Error(`the server did not start:\n${server.output()}`);
}

async function read(id) {
  const response = await fetch(`${ADDRESS}/api/plans/${id}`);
  if (!response.ok) throw new Error(`${id} can't be read: ${response.status}`);
  return response.json();
}

/** Saves one plan over and over until the server is gone; the last save that was acknowledged. */
async function saveUntilKilled(id, acknowledged) {
  let { plan, revision } = await read(id);
  acknowledged[id] = { revision, name: plan.name };
  for (;;) {
    plan = { ...plan, name: `${id} ${revision + 1}` };
    try {
      const response = await fetch(`${ADDRESS}/api/plans/${id}`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json', 'if-match': `"${revision}"` },
        body: JSON.stringify(plan),
      });
      if (!response.ok) throw new Error(`refused with ${response.status}`);
      revision = (await response.json()).revision;
      acknowledged[id] = { revision, name: plan.name };
      saves++;
    } catch (error) {
      if (killed) return;
      throw error;
    }
  }
}

let saves = 0;
let lost = 0;
let killed = false;
let server = start();
process.on('exit', () => server.child.kill('SIGKILL'));
await opened(server);
for (let round = 1; round <= rounds; round++) {
  killed = false;
  const acknowledged = {};
  const before = saves;
  const clients = PLANS.map((id) => saveUntilKilled(id, acknowledged));
  await sleep(400 + 137 * round);
  killed = true;
  server.child.kill('SIGKILL');
  await server.ended;
  await Promise.all(clients);
  const from = Date.now();
  server = start();
  await opened(server);
  for (const id of PLANS) {
    const found = await read(id);
    const mine = acknowledged[id];
    // the save in flight when the server died may have been stored without an answer
    const whole =
      found.revision === mine.revision
        ? found.plan.name === mine.name
        : found.revision === mine.revision + 1;
    if (!whole) {
      lost++;
      console.error(
        `round ${round}: ${id} was acknowledged at ${mine.revision}, found at ${found.revision}`,
      );
    }
  }
  console.log(
    `round ${round}: ${saves - before} saves acknowledged, open again after ${Date.now() - from} ms`,
  );
}
server.child.kill('SIGKILL');
await server.ended;
rmSync(dir, { recursive: true, force: true });
console.log(`${rounds} rounds, ${saves} saves acknowledged, ${lost} lost`);
process.exit(lost === 0 && saves > rounds ? 0 : 1);
