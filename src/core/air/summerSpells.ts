import { monthMeansC } from '../weather/hours';
import { type BadWith, SHARES, type ShutterChoice } from './shutterSpells';
import type { YearModel } from './year';

const MONTHS = 12;
/** A spell is no shorter, and no longer, months. */
const [LEAST_SPELL, MOST_SPELL] = [2, 10];
/** A change of one opening must save so many bad hours, or it is not worth the way. */
const WORTH_A_CHANGE = 40;

/** How one opening is kept: its share in the cold, its larger share in the warm, and which months are that. */
interface Kept {
  readonly cold: number;
  readonly warm: number;
  readonly warmMonths: ReadonlySet<number>;
}

/**
 * Each opening with one spell in the warm part of the year in which it is open wider, or the same all year: what is
 * open in the cold is open in the warm too, and nothing is turned for a month. The openings are turned to their best
 * one after another, from all open and from all shut, until none gets better.
 * @param openings    how many
 * @param isPanelled  whether one is shut by a panel: all of it or nothing
 * @returns         steps that tell how much is done, 0…1, and at the end a choice a month
 * @example         summerSpells(model, 1, () => 0).next().done // false
 */
export function* summerSpells(
  model: YearModel,
  openings: number,
  bad: BadWith,
  isPanelled: (k: number) => boolean = () => false,
): Generator<number, readonly ShutterChoice[]> {
  const runs = warmRuns(model);
  const all = optionsOf(runs, SHARES);
  const panelled = optionsOf(runs, [0, 1]);
  const known = new Map<string, number>();
  const badAt = (month: number, shares: readonly number[]): number => {
    const key = `${month} ${shares.join()}`;
    const made = known.get(key) ?? bad({ months: [month], part: 'all' }, shares);
    known.set(key, made);
    return made;
  };
  const cost = (kept: readonly Kept[]): number => {
    let sum = 0;
    for (let m = 0; m < MONTHS; m++) sum += badAt(m, sharesIn(kept, m));
    return sum + 2 * WORTH_A_CHANGE * kept.filter((k) => k.cold !== k.warm).length;
  };
  let found: { readonly kept: readonly Kept[]; readonly cost: number } | null = null;
  for (const share of [1, 0]) {
    let kept: readonly Kept[] = Array.from({ length: openings }, () => always(share));
    let least = cost(kept);
    for (let better = true; better; ) {
      better = false;
      for (let k = 0; k < openings; k++) {
        for (const option of isPanelled(k) ? panelled : all) {
          const next = kept.with(k, option);
          const own = cost(next);
          if (own < least - 1e-9) [kept, least, better] = [next, own, true];
        }
        yield share === 1 ? 0.5 * ((k + 1) / openings) : 0.5 + 0.5 * ((k + 1) / openings);
      }
    }
    if (found === null || least < found.cost) found = { kept, cost: least };
  }
  const { kept } = found as { readonly kept: readonly Kept[] };
  return Array.from({ length: MONTHS }, (_, m): ShutterChoice => {
    const shares = sharesIn(kept, m);
    return { months: [m], part: 'all', shares, bad: badAt(m, shares) };
  });
}

const always = (share: number): Kept => ({ cold: share, warm: share, warmMonths: new Set() });

const sharesIn = (kept: readonly Kept[], month: number): number[] =>
  kept.map((k) => (k.warmMonths.has(month) ? k.warm : k.cold));

/** Every way to keep one opening. */
const optionsOf = (runs: readonly ReadonlySet<number>[], shares: readonly number[]): Kept[] => [
  ...shares.map(always),
  ...runs.flatMap((warmMonths) =>
    shares.flatMap((cold) =>
      shares.filter((warm) => warm > cold).map((warm) => ({ cold, warm, warmMonths })),
    ),
  ),
];

/** The warmest months on end, of each length. */
function warmRuns({ weather }: YearModel): ReadonlySet<number>[] {
  const means = monthMeansC(weather);
  const run = (from: number, length: number): number[] =>
    Array.from({ length }, (_, i) => (from + i) % MONTHS);
  const warmth = (months: readonly number[]): number =>
    months.reduce((sum, m) => sum + (means[m] ?? 0), 0);
  return Array.from({ length: MOST_SPELL - LEAST_SPELL + 1 }, (_, i) => {
    const runs = Array.from({ length: MONTHS }, (_, from) => run(from, LEAST_SPELL + i));
    const [warmest = []] = runs.sort((a, b) => warmth(b) - warmth(a));
    return new Set(warmest);
  });
}
