import { statfs } from 'node:fs/promises';

/** Bytes that a database needs free to open and to write its journal: one segment of it is 16 MB. */
const LEAST_FREE = 20_000_000;

/** The disk that the data directory lies on has no room left. */
export class DiskFull extends Error {
  constructor(readonly directory: string) {
    super(
      `the disk is full. Make room on the disk that holds ${directory} and try again; nothing was changed`,
    );
  }
}

/** How POSIX, the embedding's own files and PostgreSQL say that no room is left. */
const NO_SPACE = { code: 'ENOSPC', errno: 51, state: '53100' } as const;

/**
 * Whether an error says that no room is left on the disk.
 * @example isNoSpace({ code: 'ENOSPC' }) // true
 */
export function isNoSpace(error: unknown): boolean {
  const { code, errno, name, message } = (error ?? {}) as Record<string, unknown>;
  if (code === NO_SPACE.code || code === NO_SPACE.state) return true;
  if (name === 'ErrnoError' && errno === NO_SPACE.errno) return true;
  return typeof message === 'string' && /no space left|ENOSPC/i.test(message);
}

/** Whether so little is free where a directory lies that a database stops; false where nobody can say. */
export async function isDiskFull(directory: string): Promise<boolean> {
  try {
    const { bavail, bsize } = await statfs(directory);
    return bavail * bsize < LEAST_FREE;
  } catch {
    return false;
  }
}

/** What was thrown, in words: also where it is no Error, as the embedding's files throw. */
export function reasonOf(error: unknown): string {
  if (error instanceof Error && error.message !== '') return error.message.replace(/\.?\s*$/, '');
  const { name, errno, code } = (error ?? {}) as Record<string, unknown>;
  if (typeof errno === 'number') return `its files answer with error ${errno}`;
  if (typeof code === 'string') return `its files answer with ${code}`;
  return typeof name === 'string' && name !== '' ? name : String(error);
}
