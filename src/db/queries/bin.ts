import { z } from 'zod';
import type { Db } from '../db';

/** A plan in the bin. */
export interface BinRow {
  readonly id: string;
  readonly name: string;
  readonly removedAt: Date;
}

const binRow = z.object({ id: z.string(), name: z.string(), removed_at: z.date() });

/** What lies in the bin, what was removed last first. */
export async function selectBin(db: Db): Promise<BinRow[]> {
  const rows = await db.query(
    `select p.id, s.plan_name as name, p.removed_at
       from plans p join plan_saves s on s.plan_id = p.id and s.revision = p.revision
      where p.removed_at is not null order by p.removed_at desc, p.id`,
  );
  return rows.map((row) => {
    const { removed_at, ...rest } = binRow.parse(row);
    return { ...rest, removedAt: removed_at };
  });
}

/** Lays a plan in the bin; false where there is none, or where it lies there already. */
export async function binPlan(db: Db, id: string, at: Date): Promise<boolean> {
  const rows = await db.query(
    'update plans set removed_at = $2 where id = $1 and removed_at is null returning id',
    [id, at],
  );
  return rows.length > 0;
}

/** Takes a plan out of the bin; its revision and stored document, or null where it does not lie there. */
export async function unbinPlan(
  db: Db,
  id: string,
): Promise<{ revision: number; document: unknown } | null> {
  const [row] = await db.query(
    'update plans set removed_at = null where id = $1 and removed_at is not null returning revision',
    [id],
  );
  if (row === undefined) return null;
  const { revision } = z.object({ revision: z.number() }).parse(row);
  const [save] = await db.query(
    'select document from plan_saves where plan_id = $1 and revision = $2',
    [id, revision],
  );
  return { revision, document: z.object({ document: z.unknown() }).parse(save).document };
}

/** Deletes a plan in the bin with its saves; false where it does not lie there. */
export async function deleteBinned(db: Db, id: string): Promise<boolean> {
  const rows = await db.query(
    'delete from plans where id = $1 and removed_at is not null returning id',
    [id],
  );
  return rows.length > 0;
}

/** Deletes what was laid in the bin before a day, with its saves; how many plans. */
export async function emptyBin(db: Db, before: Date): Promise<number> {
  return (await db.query('delete from plans where removed_at < $1 returning id', [before])).length;
}
