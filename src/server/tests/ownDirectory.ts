import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { closeDatabase } from '@/db/client';

/**
 * A data directory for one file of tests, with a database of its own; closed and taken away after it, as other files
 * are tested in the same thread.
 * @returns where it is
 */
export function ownDirectory(): string {
  const dir = mkdtempSync(join(tmpdir(), 'wide-rafter-server-'));
  process.env.WIDE_RAFTER_DATA = dir;
  afterAll(async () => {
    await closeDatabase();
    rmSync(dir, { recursive: true });
  });
  return dir;
}
