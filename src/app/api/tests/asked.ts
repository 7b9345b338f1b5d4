import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A data directory for the routes of one file of tests, taken away after it. @returns where it is */
export function ownDirectory(): string {
  const dir = mkdtempSync(join(tmpdir(), 'wide-rafter-routes-'));
  process.env.WIDE_RAFTER_DATA = dir;
  afterAll(() => rmSync(dir, { recursive: true }));
  return dir;
}

/** Where plans are asked for. */
export const URL_ = 'http://127.0.0.1:4310/api/plans';
/** A route's own id, as it is handed on. */
export const at = (id: string) => ({ params: Promise.resolve({ id }) });
/** A request with a body, as it is or as JSON. */
export const send = (method: string, body: unknown, headers: Record<string, string> = {}) =>
  new Request(URL_, {
    method,
    headers: { 'content-type': 'application/json', ...headers },
    ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
  });
/** What another site's page sends along. */
export const foreign = { 'sec-fetch-site': 'cross-site' };
