import 'server-only';
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import pino, { type Logger } from 'pino';
import { dataDir } from './settings';

const KEY = Symbol.for('wide-rafter.log');
const held = globalThis as { [KEY]?: Logger };

/**
 * The server's log: a JSON object a line in `<data>/log/server.log`.
 * Paths are patterns and bodies are never written, so that no plan stands in it.
 */
export function log(): Logger {
  if (!held[KEY]) {
    const dir = join(/* turbopackIgnore: true */ dataDir(), 'log');
    mkdirSync(dir, { recursive: true });
    const level = process.env.WIDE_RAFTER_LOG ?? 'info';
    held[KEY] = pino(
      { level, base: null },
      pino.destination({ dest: join(dir, 'server.log'), sync: true }),
    );
  }
  return held[KEY];
}
