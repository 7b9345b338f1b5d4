import { type ChildProcess, spawn } from 'node:child_process';
import { expect } from '@playwright/test';
import { DAY } from './help';

/** A server of a test's own, on a data directory of its own. */
export interface Server {
  readonly process: ChildProcess;
  readonly output: () => string;
  readonly ended: Promise<number | null>;
}

export function start(dir: string, port: number, ...args: string[]): Server {
  const child = spawn(process.execPath, ['scripts/serve.mjs', ...args], {
    env: { ...process.env, WIDE_RAFTER_DATA: dir, PORT: String(port), WIDE_RAFTER_DAY: DAY },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let text = '';
  child.stdout?.on('data', (d) => {
    text += d;
  });
  child.stderr?.on('data', (d) => {
    text += d;
  });
  return { process: child, output: () => text, ended: new Promise((r) => child.once('exit', r)) };
}

/** Waits until the server has answered its first page. */
export const answers = (server: Server) =>
  expect.poll(server.output, { timeout: 120_000 }).toContain('Wide Rafter is open');
