// Measures speed on this machine: medians and 95th percentiles. Nothing here is asserted.
//   npm run bench                  all of it
//   npm run bench -- start load    only these parts
import { mkdtempSync, rmSync } from 'node:fs';
import { cpus, tmpdir, totalmem } from 'node:os';
import { join } from 'node:path';
import { bundledCore, judged } from './bench.bundled';
import { load } from './bench.load';
import { rainInWorker, repainted, seen } from './bench.page';
import { type Started, startServer } from './bench.server';
import { starts } from './bench.start';
import { heads, line } from './bench.table';
import { build as buildProgram } from './build.mjs';

/** Parts that are measured, in their order. What is timed is a start or an answer, never a build. */
const PARTS: Readonly<Record<string, () => Promise<void>>> = {
  core: bundledCore,
  judging: judged,
  start: () => inNewDirectory(starts),
  page: () => onServer(seen),
  repaint: () => onServer(repainted),
  rain: () => onServer(rainInWorker),
  load: () => onServer(load),
};

async function inNewDirectory(work: (dir: string) => Promise<void>): Promise<void> {
  const dir = mkdtempSync(join(tmpdir(), 'wide-rafter-bench-'));
  try {
    await buildProgram();
    await work(dir);
  } finally {
    rmSync(dir, { recursive: true, force: true });
  }
}

/** On a server of its own: one left behind would hold the port of the next run. */
const onServer = (work: (server: Started) => Promise<void>): Promise<void> =>
  inNewDirectory(async (dir) => {
    const server = await startServer(dir);
    await work(server).finally(() => {
      line('memory of the server then', `${Math.round(server.memoryMB())} MB`, '');
      return server.stop();
    });
  });

const asked = process.argv.slice(2);
const unknown = asked.find((part) => !(part in PARTS));
if (unknown !== undefined) {
  console.error(`${unknown} is not measured. Use ${Object.keys(PARTS).join(', ')}, or nothing.`);
  process.exit(1);
}
console.log(
  `${cpus()[0]?.model ?? 'unknown'}, ${cpus().length} cores, ${Math.round(totalmem() / 2 ** 30)} GB, Node ${process.version}, ${new Date().toISOString().slice(0, 10)}\n`,
);
heads();
for (const [part, measure] of Object.entries(PARTS)) {
  if (asked.length === 0 || asked.includes(part)) await measure();
}
