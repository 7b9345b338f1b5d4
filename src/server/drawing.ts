import 'server-only';
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { log } from './log';
import { now } from './settings';

/** What is asked of a drawing, as the command takes it. */
interface Ask {
  readonly view: string;
  readonly format: string;
  readonly scale: string | null;
  readonly paper: string | null;
  readonly fixture?: string | null;
  readonly on?: string | null;
  readonly back?: string | null;
}

type Drawn = { readonly ok: true; readonly bytes: ArrayBuffer } | { readonly ok: false };

/** A drawing that takes longer than this is given up, ms. */
const MOST_MS = 60_000;

/**
 * Draws a plan in a process of its own, by the command `wide-rafter draw`: what breaks there does not touch the server.
 * @param plan  as the plan file has it
 */
export function drawApart(
  plan: string,
  { view, format, scale, paper, fixture = null, on = null, back = null }: Ask,
): Promise<Drawn> {
  const tool = join(process.cwd(), '.next', 'tools', 'wide-rafter.mjs');
  const args = [
    tool,
    ...['draw', '-', '-o', '-', '--view', view, '--format', format],
    ...['--on', on ?? now().toISOString().slice(0, 10)],
    ...(back === null ? [] : ['--back', back]),
    ...(scale === null ? [] : ['--scale', scale]),
    ...(paper === null ? [] : ['--paper', paper]),
    ...(fixture === null ? [] : ['--fixture', fixture]),
  ];
  return new Promise((resolve) => {
    const child = spawn(/* turbopackIgnore: true */ process.execPath, args, {
      stdio: ['pipe', 'pipe', 'pipe'],
      timeout: MOST_MS,
    });
    const out: Buffer[] = [];
    const told: Buffer[] = [];
    child.stdout.on('data', (part: Buffer) => out.push(part));
    child.stderr.on('data', (part: Buffer) => told.push(part));
    // a process that has gone before it has read everything is told of by its exit
    child.stdin.on('error', () => undefined);
    child.on('error', (error) => {
      log().error({ error }, 'a drawing could not be begun');
      resolve({ ok: false });
    });
    child.on('close', (code) => {
      if (code === 0) {
        const all = Buffer.concat(out);
        const bytes = all.buffer.slice(all.byteOffset, all.byteOffset + all.byteLength);
        resolve({ ok: true, bytes: bytes as ArrayBuffer });
        return;
      }
      log().error({ code, told: Buffer.concat(told).toString('utf8') }, 'a drawing failed');
      resolve({ ok: false });
    });
    child.stdin.end(plan);
  });
}
