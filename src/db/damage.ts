import { MigrationMismatch } from './migrate';

/** What stands in the data directory can't be opened as a database, or lacks a part of itself. */
export class DatabaseDamaged extends Error {
  constructor(readonly reason: string) {
    super(`the database is damaged: ${reason}`);
  }
}

/** Faults of the machine or of the program's version: the database may be whole all the same. */
const NOT_DAMAGE = new Set(['EACCES', 'EPERM', 'EROFS', 'ENOSPC', 'EDQUOT', 'EMFILE', 'ENFILE']);

/** Whether an error met while opening means that the database itself is damaged. */
export function isDamage(error: unknown): boolean {
  if (error instanceof MigrationMismatch) return false;
  const code = (error as { code?: unknown } | null)?.code;
  return !(typeof code === 'string' && NOT_DAMAGE.has(code));
}
