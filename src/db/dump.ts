import { readdir } from 'node:fs/promises';

/** A dump that unpacks to more is refused before it fills the memory, bytes. A plan takes some thousands of them. */
export const MOST_UNPACKED = 512_000_000;

/** What a directory of the database has at its top. Source: postgresql, "Database File Layout" */
const OWN_FILES =
  /^(PG_VERSION|base|global|pg_[a-z_]+|pg_(hba|ident)\.conf|postgresql(\.auto)?\.conf|postmaster\.(pid|opts)|current_logfiles)$/;

const BLOCK = 512;
/** Where a header of POSIX's tar has the name, the size in octal digits, and what stands before the name. */
const NAME = [0, 100] as const;
const SIZE = [124, 136] as const;
const PREFIX = [345, 500] as const;

/**
 * The first file of an unpacked dump that no database has, or that would lie outside its directory; null where there
 * is none.
 * @param tar  as POSIX has it, ustar
 * @example foreignIn(new Uint8Array(1024)) // null
 */
export function foreignIn(tar: Uint8Array): string | null {
  const text = ([from, to]: readonly [number, number], at: number): string => {
    const bytes = tar.subarray(at + from, at + to);
    const end = bytes.indexOf(0);
    return new TextDecoder().decode(end < 0 ? bytes : bytes.subarray(0, end));
  };
  for (let at = 0; at + BLOCK <= tar.length; ) {
    const own = text(NAME, at);
    if (own === '') return null;
    const prefix = text(PREFIX, at);
    const name = (prefix === '' ? own : `${prefix}/${own}`).replace(/^(\.?\/)+/, '');
    const [top, ...rest] = name.split('/').filter((part) => part !== '' && part !== '.');
    if (top !== undefined && (rest.includes('..') || !OWN_FILES.test(top))) return name;
    const size = Number.parseInt(text(SIZE, at).trim() || '0', 8);
    if (!Number.isFinite(size) || size < 0) return name;
    at += BLOCK * (1 + Math.ceil(size / BLOCK));
  }
  return null;
}

/**
 * The files of a database's directory as one file: a gzipped tar, as the database itself makes and takes it.
 * @throws Error where the directory can't be read
 */
export async function packDirectory(dir: string): Promise<Uint8Array<ArrayBuffer>> {
  const { create } = await import('tar');
  // without what only this machine knows: owners, and times to the nanosecond
  const packed = create({ cwd: dir, gzip: true, portable: true, noPax: true }, await readdir(dir));
  return new Uint8Array(await packed.concat());
}
