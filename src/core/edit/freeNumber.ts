/** The least positive number that gives a free `<stem>-<n>`. @example freeNumber('bar', [{ id: 'bar-1' }]) // 2 */
export function freeNumber(stem: string, taken: readonly { readonly id: string }[]): number {
  const ids = new Set(taken.map((t) => t.id));
  let n = 1;
  while (ids.has(`${stem}-${n}`)) n++;
  return n;
}
