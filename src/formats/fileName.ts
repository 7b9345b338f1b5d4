/** A name as part of a file's: ASCII, safe on every system, the same for the same name. */
export function fileStem(name: string): string {
  const stem = name
    .normalize('NFKD')
    .replace(/[^A-Za-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase()
    .slice(0, 60);
  return stem || 'plan';
}
