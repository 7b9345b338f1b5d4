/** What stands in the data directory can't be opened as a database, or lacks a part of itself. */
export class DatabaseDamaged extends Error {
  constructor(readonly reason: string) {
    super(`the database is damaged: ${reason}`);
  }
}

/** The version of the database's files that this program reads and writes: PostgreSQL's, as its embedding has it. */
export const DATABASE_VERSION = 18;

/** What stands in the data directory is whole, and was made by another version of the program. */
export class DatabaseOfAnother extends Error {
  constructor(readonly version: number) {
    super(
      version > DATABASE_VERSION
        ? `they were stored by a newer version of this program (files of version ${version}; this one reads ${DATABASE_VERSION}). Start the newer one. Nothing was changed`
        : `they were stored by an older version of this program (files of version ${version}; this one reads ${DATABASE_VERSION}). Take a backup with that one, and restore it here. Nothing was changed`,
    );
  }
}

/** A part of the database is missing, or its plans and saves do not belong together. */
export class PartMissing extends Error {}

/** PostgreSQL's codes for data that cannot be read: corrupted data, a corrupted index, a file of its own that is gone. */
const DAMAGE_CODES: ReadonlySet<string> = new Set(['XX001', 'XX002', '58P01']);

/**
 * What PostgreSQL and its embedding say of a directory whose own files are broken. Anything else, out of memory,
 * a full disk, a busy or failing device, too many connections, another version, says nothing of the files.
 */
const DAMAGE_WORDS =
  /invalid page|checksum|corrupt|could not (read|open|find|locate) .*(file|checkpoint|relation|record)|pg_control|PG_VERSION|is not a valid data directory|unexpected (end of|data beyond)|missing chunk/i;

/** What the embedding throws when PostgreSQL itself stops while it opens a directory that it found. */
const STOPPED =
  /^(Aborted\(|unreachable|null function|function signature mismatch|PGlite failed to initialize properly)/i;

/** A fault of the machine, whatever else is said with it. */
const OF_THE_MACHINE =
  /out of memory|\bOOM\b|cannot allocate|allocation failed|no space left|too many (clients|connections|open files)|resource busy|input\/output error/i;

/**
 * Whether an error met while opening means that the database itself is damaged. This is a list of what is: all
 * else stops the start with its reason and touches nothing.
 */
export function isDamage(error: unknown): boolean {
  if (error instanceof PartMissing) return true;
  const { code, message, name } = (error ?? {}) as {
    code?: unknown;
    message?: unknown;
    name?: unknown;
  };
  const text = typeof message === 'string' ? message : String(error);
  if (OF_THE_MACHINE.test(text)) return false;
  if (typeof code === 'string') return DAMAGE_CODES.has(code);
  if (DAMAGE_WORDS.test(text)) return true;
  return (name === 'RuntimeError' || name === 'Error') && STOPPED.test(text);
}
