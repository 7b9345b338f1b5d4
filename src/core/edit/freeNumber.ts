/** The least positive number that gives a free `<stem>-<n>`. @example freeNumber('bar', [{ id: 'bar-1' }]) // 2 */
export function freeNumber(stem: string, taken: readonly { readonly id: string }[]): number {
  const ids = new Set(taken.map((t) => t.id));
  let n = 1;
  while (ids.has(`${stem}-${n}`)) n++;
  return n;
}

/**
 * The id itself, or with the first number that is free.
 * @example freeId('bar-1', [{ id: 'bar-1' }]) // 'bar-2'
 */
export function freeId(id: string, taken: readonly { readonly id: string }[]): string {
  if (!taken.some((t) => t.id === id)) return id;
  const stem = id.replace(/-\d+$/, '');
  return `${stem}-${freeNumber(stem, taken)}`;
}
