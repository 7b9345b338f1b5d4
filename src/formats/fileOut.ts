/** A file for somebody to keep. */
export interface FileOut {
  /** ASCII, safe on every system. */
  readonly name: string;
  /** Its kind, as browsers and servers say it. */
  readonly type: string;
  readonly text: string;
}

/** A plan's name as part of a file's: the same for the same name. @example fileStem('Pell Garth') // 'pell-garth' */
export function fileStem(name: string): string {
  const stem = name
    .normalize('NFKD')
    .replace(/[^A-Za-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase()
    .slice(0, 60);
  return stem || 'plan';
}
