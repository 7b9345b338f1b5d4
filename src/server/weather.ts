import 'server-only';
import { createHash } from 'node:crypto';
import { type Outcome, ok } from '@/core/kernel/outcome';
import { database } from '@/db/client';
import { insertHours, selectHours } from '@/db/queries/weather';
import { unpackHours } from '@/formats/weather/packedHours';
import { dataDir } from './settings';

/** An id that hours can have at all: no other is put to the database. */
const ID = /^[0-9a-f]{64}$/;

/** Keeps packed hours that can be read, once for all plans; their id is that of their bytes. */
export async function keepHours(packed: Uint8Array): Promise<Outcome<{ id: string }>> {
  const read = unpackHours(packed);
  if (!read.ok) return read;
  const id = createHash('sha256').update(packed).digest('hex');
  await insertHours(await database(dataDir()), id, packed);
  return ok({ id });
}

/** Packed hours by their id; null where this machine has none. */
export const hoursById = async (id: string): Promise<Uint8Array | null> =>
  ID.test(id) ? selectHours(await database(dataDir()), id) : null;
