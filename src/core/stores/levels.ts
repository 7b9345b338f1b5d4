/** One vessel as it empties: what is in it when it is full, and a share of what all of them give. */
export interface Emptying {
  readonly id: string;
  readonly full: number;
  /** Put out for each part that is eaten or drunk. */
  readonly waste: number;
}

/**
 * Levels of several vessels at the end of each day, all filled on the same days; they empty together, each by its
 * share of what all of them hold, and what one cannot give the others give.
 * @param daily     taken by the birds on each day
 * @param everyDays days from fill to fill
 * @returns a level a day for each vessel, and the days on which the birds found none left
 * @example levelsOf([{ id: 'a', full: 10, waste: 1 }], [4, 4, 4], 7).levels[0] // [6, 2, 0]
 */
export function levelsOf(
  vessels: readonly Emptying[],
  daily: readonly number[],
  everyDays: number,
): { readonly levels: readonly (readonly number[])[]; readonly emptyOn: readonly number[] } {
  const left = vessels.map((v) => v.full);
  const levels: number[][] = vessels.map(() => []);
  const emptyOn: number[] = [];
  daily.forEach((taken, d) => {
    if (d > 0 && d % Math.max(1, Math.round(everyDays)) === 0)
      vessels.forEach((v, i) => {
        left[i] = v.full;
      });
    const eatable = vessels.map((v, i) => (left[i] ?? 0) / v.waste);
    const all = eatable.reduce((a, b) => a + b, 0);
    const given = Math.min(taken, all);
    if (taken - given > 1e-9) emptyOn.push(d);
    vessels.forEach((v, i) => {
      const share = all === 0 ? 0 : (eatable[i] ?? 0) / all;
      left[i] = Math.max(0, (left[i] ?? 0) - given * share * v.waste);
      levels[i]?.push(left[i] ?? 0);
    });
  });
  return { levels, emptyOn };
}
