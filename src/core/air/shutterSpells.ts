/** How often a keeper agrees to change her openings. */
export type Often = 'season' | 'month' | 'day';

/** Hours that have one state: some months, by day, at night, or both. */
export interface ShutterSpell {
  /** 0…11. */
  readonly months: readonly number[];
  readonly part: 'all' | 'day' | 'night';
}

export interface ShutterChoice extends ShutterSpell {
  /** Share of each opening that can be shut, in the order asked. */
  readonly shares: readonly number[];
  /** Bad hours of the spell, as hours of damp. */
  readonly bad: number;
}

/** Bad hours of a spell with the openings at some shares. */
export type BadWith = (spell: ShutterSpell, shares: readonly number[]) => number;

/** Shares that an opening is set to. */
export const SHARES = [0, 0.25, 0.5, 1] as const;
const SEASONS = [
  [11, 0, 1],
  [2, 3, 4],
  [5, 6, 7],
  [8, 9, 10],
] as const;

/** The spells of a year by how often openings may be changed. */
export function spellsOf(often: Often): readonly ShutterSpell[] {
  const months = Array.from({ length: 12 }, (_, m) => m);
  if (often === 'season') return SEASONS.map((own) => ({ months: own, part: 'all' }));
  if (often === 'month') return months.map((m) => ({ months: [m], part: 'all' }));
  return months.flatMap((m) => (['day', 'night'] as const).map((part) => ({ months: [m], part })));
}
