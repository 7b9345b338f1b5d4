import { type FlockByDay, livingOn } from '../birds/flock';
import { wholeDown } from '../kernel/units/number';
import { type AskedDay, askedDays, askedOn } from './asked';
import { fittingUpTo, type StationDemand } from './fitting';
import { isIn, shortSpells } from './spells';

/** A station is asked about no more birds than this, or twice those that live there, whichever is more. */
export const MOST_ASKED = 500;

export interface Carries {
  readonly state: 'carries';
  readonly carries: number;
  /** Whether no end was found: it carries that many or more. */
  readonly orMore: boolean;
  /** The day of the horizon that sets the station, its flock and the largest flock of it that fits. */
  readonly setOn: number;
  readonly flock: readonly number[];
  readonly taken: readonly number[];
  /** Birds in the largest flock that fits, and birds living there on the setting day. */
  readonly fitting: number;
  readonly present: number;
  /** The day of the largest demand: what the station needs is shown for it. */
  readonly needOn: number;
}

export type Carry = { readonly state: 'notApplicable' } | Carries;

/**
 * What a station carries: on every day that is looked at, how many of the birds living then find what they ask
 * for, drawn in Webster's order. The day with the least share of them sets it (ties: where some find no place the
 * earlier spell of it, then greatest demand, most birds, the first), and the planned flock is brought down in that
 * share.
 * @source domain notes, "Every day counts"; "Settled", 57
 */
export function carryOf(flock: FlockByDay, demand: StationDemand): Carry {
  let best: { day: AskedDay; fitting: number } | null = null;
  /** Days with the least share so far. */
  let even: AskedDay[] = [];
  for (const day of askedDays(flock, demand.perBird).days) {
    const { d, present, asked } = day;
    const cap = Math.max(MOST_ASKED, 2 * present);
    if (best === null) {
      best = { day, fitting: fittingUpTo(day, demand, cap) };
      even = [day];
      continue;
    }
    // a day on which more than this fit has a greater share, and does not set the station
    const most = Math.floor((best.fitting * present) / best.day.present);
    const fitting = fittingUpTo(day, demand, Math.min(cap, most + 1));
    if (fitting > most) continue;
    const worse = best.fitting * present - fitting * best.day.present;
    if (worse < 0) continue;
    even = worse > 0 ? [day] : [...even, day];
    const ahead = worse || asked - best.day.asked || present - best.day.present || best.day.d - d;
    if (ahead > 0) best = { day, fitting };
  }
  if (best === null) return { state: 'notApplicable' };
  if (even.length > 1 && best.fitting < best.day.present) best = ofFirstSpell(flock, demand, even);
  const { day, fitting } = best;
  const { d: setOn, present } = day;
  const taken = [...day.seq.of(fitting)];
  return {
    state: 'carries',
    carries: wholeDown((fitting * flock.planned) / present),
    orMore: fitting >= Math.max(MOST_ASKED, 2 * present),
    setOn,
    flock: livingOn(flock, setOn),
    taken,
    fitting,
    present,
    needOn: flock.peaks[demand.measure]?.d ?? setOn,
  };
}

/** Of days that serve the same share, short of it, that of the earliest spell: in it the one that asks for most. */
function ofFirstSpell(
  flock: FlockByDay,
  demand: StationDemand,
  even: readonly AskedDay[],
): { day: AskedDay; fitting: number } {
  const spells = shortSpells(flock, demand);
  const at = (day: AskedDay): number => spells.findIndex((spell) => isIn(spell, day.d));
  const [day] = [...even].sort(
    (a, b) => at(a) - at(b) || b.asked - a.asked || b.present - a.present || a.d - b.d,
  ) as [AskedDay];
  return { day, fitting: fittingUpTo(day, demand, day.present) };
}

/**
 * The largest flock of the birds living on one day that fits, and how many they are.
 * @example fittingOn(flock, { measure: 'length', perBird: () => [0.3], fits: ([n]) => n <= 4 }, 0).fitting // 4
 */
export function fittingOn(
  flock: FlockByDay,
  demand: StationDemand,
  d: number,
): { readonly taken: readonly number[]; readonly fitting: number; readonly orMore: boolean } {
  const day = askedOn(flock, d, demand.perBird);
  const cap = Math.max(MOST_ASKED, 2 * day.present);
  const fitting = fittingUpTo(day, demand, cap);
  return { taken: day.seq.of(fitting), fitting, orMore: fitting >= cap };
}
