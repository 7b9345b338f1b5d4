import { z } from 'zod';
import type { Db } from '../db';

/** A plan as stored: its document is not trusted until the server has parsed it. */
export interface StoredPlan {
  readonly id: string;
  readonly revision: number;
  readonly document: unknown;
  readonly savedAt: Date;
  /** What the variants of one plan share: the id of the first. */
  readonly family: string;
}

const storedRow = z.object({
  id: z.string(),
  revision: z.number().int(),
  document: z.unknown(),
  saved_at: z.date(),
  family: z.string(),
});

function decode(row: unknown): StoredPlan {
  const { saved_at, ...rest } = storedRow.parse(row);
  return { ...rest, savedAt: saved_at };
}

const LATEST = `select p.id, p.revision, s.document, s.saved_at, coalesce(p.family, p.id) as family
  from plans p join plan_saves s on s.plan_id = p.id and s.revision = p.revision`;

/** Some plans at their latest saves, in the order they were made; none that lies in the bin. */
export async function selectPlans(db: Db, ids: readonly string[]): Promise<StoredPlan[]> {
  const rows = await db.query(
    `${LATEST} where p.id = any($1) and p.removed_at is null order by p.created_at, p.id`,
    [ids],
  );
  return rows.map(decode);
}

/** What a list needs of a plan that is not shown in it. */
export interface PlanHead {
  readonly id: string;
  readonly revision: number;
  readonly savedAt: Date;
  readonly family: string;
  /** As the document has it; empty where it has none. */
  readonly name: string;
}

const headRow = storedRow.omit({ document: true }).extend({ name: z.string() });

/** Every plan, without its document, in the order they were made; none that lies in the bin. */
export async function selectHeads(db: Db): Promise<PlanHead[]> {
  const rows = await db.query(
    `select p.id, p.revision, s.saved_at, coalesce(p.family, p.id) as family,
            s.plan_name as name
       from plans p join plan_saves s on s.plan_id = p.id and s.revision = p.revision
      where p.removed_at is null order by p.created_at, p.id`,
  );
  return rows.map((row) => {
    const { saved_at, ...rest } = headRow.parse(row);
    return { ...rest, savedAt: saved_at };
  });
}

/** One plan at its latest save; null where there is none, or where it lies in the bin. */
export async function selectPlan(db: Db, id: string): Promise<StoredPlan | null> {
  const [row] = await db.query(`${LATEST} where p.id = $1 and p.removed_at is null`, [id]);
  return row === undefined ? null : decode(row);
}

/** The plans there are, those in the bin too. */
export async function countPlans(db: Db): Promise<number> {
  const [row] = await db.query('select count(*)::integer as plans from plans');
  return z.object({ plans: z.number() }).parse(row).plans;
}

/** The names of all plans but one, none that lies in the bin. */
export async function selectNames(db: Db, but: string | null = null): Promise<string[]> {
  const rows = await db.query(
    `select s.plan_name as name
       from plans p join plan_saves s on s.plan_id = p.id and s.revision = p.revision
      where p.removed_at is null and p.id is distinct from $1`,
    [but],
  );
  return rows.map((row) => z.object({ name: z.string() }).parse(row).name);
}

/** When the newest save of any plan was made, ISO; null without plans. */
export async function lastSavedAt(db: Db): Promise<string | null> {
  const [row] = await db.query('select max(saved_at) as last from plan_saves');
  return z.object({ last: z.date().nullable() }).parse(row).last?.toISOString() ?? null;
}

/** Inserts a plan's row at revision 1, into a family where it is a variant; false where the id is taken. */
export async function insertPlan(
  db: Db,
  id: string,
  family: string | null = null,
): Promise<boolean> {
  const rows = await db.query(
    `insert into plans (id, revision, family) values ($1, 1, $2)
     on conflict do nothing returning id`,
    [id, family],
  );
  return rows.length > 0;
}

/** Moves a plan on by one revision if it still stands at `from`; the new revision, or null. */
export async function advancePlan(db: Db, id: string, from: number): Promise<number | null> {
  const [row] = await db.query(
    `update plans set revision = revision + 1
      where id = $1 and revision = $2 and removed_at is null returning revision`,
    [id, from],
  );
  return row === undefined ? null : z.object({ revision: z.number() }).parse(row).revision;
}

export async function insertSave(
  db: Db,
  id: string,
  revision: number,
  document: unknown,
  edits: readonly string[] = [],
): Promise<void> {
  await db.query(
    `insert into plan_saves (plan_id, revision, document, edits)
     values ($1, $2, $3::jsonb, $4::jsonb)`,
    [id, revision, JSON.stringify(document), JSON.stringify(edits)],
  );
}

/** Drops all but the last `keep` saves of a plan; saves that were given a name stay. */
export async function pruneSaves(db: Db, id: string, keep: number): Promise<void> {
  await db.query(
    `delete from plan_saves where plan_id = $1 and name is null
       and revision <= (select revision from plans where id = $1) - $2`,
    [id, keep],
  );
}

/** A save as the history lists it. */
export interface SaveRow {
  readonly revision: number;
  readonly savedAt: Date;
  readonly name: string | null;
  /** What was done since the save before. */
  readonly edits: readonly string[];
}

const saveRow = z.object({
  revision: z.number().int(),
  saved_at: z.date(),
  name: z.string().nullable(),
  edits: z.array(z.string()),
});

/** The saves kept of a plan, newest first. */
export async function selectSaves(db: Db, id: string): Promise<SaveRow[]> {
  const rows = await db.query(
    `select s.revision, s.saved_at, s.name, s.edits
       from plan_saves s join plans p on p.id = s.plan_id
      where s.plan_id = $1 and p.removed_at is null order by s.revision desc`,
    [id],
  );
  return rows.map((row) => {
    const { saved_at, ...rest } = saveRow.parse(row);
    return { ...rest, savedAt: saved_at };
  });
}

/** The document of one save, not yet trusted; undefined where there is none. */
export async function selectSave(db: Db, id: string, revision: number): Promise<unknown> {
  const [row] = await db.query(
    'select document from plan_saves where plan_id = $1 and revision = $2',
    [id, revision],
  );
  return row === undefined ? undefined : z.object({ document: z.unknown() }).parse(row).document;
}

/** Names a save, or takes its name away; false where there is no such save. */
export async function nameSave(
  db: Db,
  id: string,
  revision: number,
  name: string | null,
): Promise<boolean> {
  const rows = await db.query(
    'update plan_saves set name = $3 where plan_id = $1 and revision = $2 returning revision',
    [id, revision, name],
  );
  return rows.length > 0;
}
