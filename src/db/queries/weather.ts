import { z } from 'zod';
import type { Db } from '../db';

/** Keeps hours under their own id; those that are there stay as they are. */
export async function insertHours(db: Db, id: string, packed: Uint8Array): Promise<void> {
  await db.query(
    'insert into weather_hours (id, packed) values ($1, $2) on conflict (id) do nothing',
    [id, packed],
  );
}

/** Hours by their id, as they were packed; null where there are none. */
export async function selectHours(db: Db, id: string): Promise<Uint8Array | null> {
  const [row] = await db.query('select packed from weather_hours where id = $1', [id]);
  return row === undefined
    ? null
    : z.object({ packed: z.instanceof(Uint8Array) }).parse(row).packed;
}
