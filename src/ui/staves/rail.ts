/** Where the chalk line stands, and where a rail that runs on past the figure is broken off. */
export const CHALK_AT = 0.65;
const BREAK_AT = 1.5;

/** How a rail is filled, by its verdict. */
export const FILLS = {
  short: 'bg-oxide',
  tight: 'bg-ink/60',
  enough: 'bg-ink',
  ample: 'bg-verdigris',
} as const;

export interface Rail {
  /** Share of the width the rail takes, 0…1. */
  readonly length: number;
  /** Whether it carries more than is drawn. */
  readonly broken: boolean;
}

/** A rail as long as the birds it carries: `planned` of them reach the chalk line at 65 % of the width. */
export function railOf(carries: number, planned: number): Rail {
  if (planned <= 0) return { length: 0, broken: false };
  const share = carries / planned;
  return { length: Math.min(share, BREAK_AT) * CHALK_AT, broken: share > BREAK_AT };
}

/** Where today's fainter line stands, as a share of the width; null where it would be the same or none. */
export function todayAt(today: number, planned: number): number | null {
  return today > 0 && planned > 0 && today !== planned ? (today / planned) * CHALK_AT : null;
}
