// A server of the bench's own.
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { ON } from './bench.table';

export const PORT = 4398;
export const ADDRESS = `http://127.0.0.1:${PORT}`;

export interface Started {
  /** From the start of its process to its word that the first page has answered 200. */
  readonly ms: number;
  readonly stop: () => Promise<void>;
  /** Resident now, MB. */
  readonly memoryMB: () => number;
}

export async function startServer(dir: string): Promise<Started> {
  const from = performance.now();
  const child = spawn(process.execPath, ['scripts/serve.mjs', '--samples'], {
    env: { ...process.env, WIDE_RAFTER_DATA: dir, WIDE_RAFTER_DAY: ON, PORT: String(PORT) },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const ended = new Promise<void>((r) => child.once('exit', () => r()));
  await new Promise<void>((r) => {
    child.stdout.on('data', (d) => String(d).includes('is open') && r());
  });
  const stop = async (): Promise<void> => {
    child.kill('SIGKILL');
    await ended;
  };
  const memoryMB = (): number => {
    const status = readFileSync(`/proc/${child.pid}/status`, 'utf8');
    return Number(/VmRSS:\s+(\d+)/.exec(status)?.[1] ?? 0) / 1000;
  };
  return { ms: performance.now() - from, stop, memoryMB };
}
