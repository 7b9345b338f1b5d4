// Starts the built program in this very process, so that its id is the server's.
//   node scripts/serve.mjs            npm start: no samples
//   node scripts/serve.mjs --samples  npm run demo: an empty data directory is filled with the sample plans
//   … --fresh                         a new data directory
import { mkdtempSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { setFlagsFromString } from 'node:v8';
import { build } from './build.mjs';
import { guardServers } from './guard.mjs';
import { root } from './root.mjs';

const HOST = '127.0.0.1';
const args = process.argv.slice(2);
const unknown = args.find((a) => !['--samples', '--fresh'].includes(a));
if (unknown)
  stop(`${unknown} is not known here. Use --fresh for a new data directory, or nothing.`);

const port = Number(process.env.PORT || 4310);
if (!(Number.isInteger(port) && port > 0 && port < 65536)) {
  stop(`PORT is ${process.env.PORT}, which is not a port. Use a number from 1 to 65535.`);
}

// whoever reads what is said here may be gone: that ends neither a request nor the server
for (const said of [process.stdout, process.stderr]) said.on('error', () => undefined);

process.chdir(root);
await build();
if (args.includes('--fresh')) {
  process.env.WIDE_RAFTER_DATA = mkdtempSync(join(tmpdir(), 'wide-rafter-'));
  console.log(`New data directory: ${process.env.WIDE_RAFTER_DATA}`);
}
if (args.includes('--samples')) process.env.WIDE_RAFTER_SAMPLES = '1';
if (!(await portFree())) {
  stop(
    `Port ${port} is taken. Stop what listens there, or choose another: PORT=${port + 1} npm start`,
  );
}

process.env.PORT = String(port);
process.env.NODE_ENV = 'production';
process.env.NEXT_TELEMETRY_DISABLED = '1';
// a connection that is kept is not closed in the moment in which it is used again
const KEEP_MS = '70000';
process.argv = [process.argv[0], 'next', 'start', '-p', String(port), '-H', HOST];
process.argv.push('--keepAliveTimeout', KEEP_MS);
guardServers();
boundHeap();
compileDatabase();
void announce();
await import(pathToFileURL(join(root, 'node_modules/next/dist/bin/next')).href);

function stop(message) {
  console.error(message);
  process.exit(1);
}

/**
 * Garbage is taken out when the heap has doubled since the last time. Left to itself the engine lets it grow fourfold,
 * and keeps what it once took: after two thousand requests a server held 130 MB more than after two hundred, of which
 * nothing was in use.
 */
function boundHeap() {
  setFlagsFromString('--heap-growing-percent=100');
}

/** Compiles the embedded database on the other cores while the server itself is loaded; `src/db/client` takes it up. */
function compileDatabase() {
  setFlagsFromString('--no-wasm-lazy-compilation');
  const file = join(root, 'node_modules/@electric-sql/pglite/dist/pglite.wasm');
  const compiled = readFile(file).then((bytes) => WebAssembly.compile(bytes));
  // where it fails, the database compiles itself and tells what is wrong
  globalThis[Symbol.for('wide-rafter.database-module')] = compiled.catch(() => undefined);
}

function portFree() {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, HOST, () => probe.close(() => resolve(true)));
  });
}

/** Prints the address once the first page answers 200. */
async function announce() {
  const address = `http://${HOST}:${port}`;
  for (let i = 0; i < 2400; i++) {
    const status = await fetch(address).then(
      (r) => r.status,
      () => 0,
    );
    if (status === 200) return console.log(`\nWide Rafter is open at ${address}\n`);
    await new Promise((r) => setTimeout(r, 25));
  }
  console.error(`${address} does not answer after a minute.`);
}
