import 'server-only';
import { mkdirSync, openSync, writeSync } from 'node:fs';
import { join } from 'node:path';
import pino, { type Logger } from 'pino';
import { dataDir } from './settings';

const KEY = Symbol.for('wide-rafter.log');
const held = globalThis as { [KEY]?: Logger };

/** Lines at the end of a file, each at once. What can't be written, on a full disk or a directory that is gone, is dropped: a log fails nothing. */
export function lines(dir: string): { write(line: string): void } {
  let file: number | null = null;
  return {
    write(line) {
      try {
        if (file === null) {
          mkdirSync(dir, { recursive: true });
          file = openSync(join(/* turbopackIgnore: true */ dir, 'server.log'), 'a');
        }
        writeSync(file, line);
      } catch {
        // the next line may find room again
      }
    },
  };
}

/**
 * The server's log: a JSON object a line in `<data>/log/server.log`.
 * Paths are patterns and bodies are never written, so that no plan stands in it.
 */
export function log(): Logger {
  if (!held[KEY]) {
    const dir = join(/* turbopackIgnore: true */ dataDir(), 'log');
    const level = process.env.WIDE_RAFTER_LOG ?? 'info';
    held[KEY] = pino({ level, base: null }, lines(dir));
  }
  return held[KEY];
}
