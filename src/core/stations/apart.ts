import { dayOf, type FlockByDay } from '../birds/flock';
import { type AskedDay, askedOn } from '../carrying/asked';
import { fittingUpTo, type StationDemand } from '../carrying/fitting';
import { createWebster } from '../carrying/webster';
import type { Apart, Kind } from '../kernel/sentence';
import type { Asked, CarryingStation, StationContext } from './context';

/** A station of those that carry, with what it was asked. */
interface Weighed {
  readonly station: CarryingStation;
  readonly asked: Asked;
}

/**
 * Who of the birds of the day that sets a station finds nothing there at all, and how many of the others the coop
 * carries; null where everybody's kind is served, or where nobody of the others is.
 * A lot finds nothing where one bird of it alone does not fit.
 * @param all  every station, in the order of the rails
 * @source     domain notes, "What carries N birds means"; the sentence for 0
 */
export function apartAt(
  ctx: StationContext,
  { station, asked: { carry, school } }: Weighed,
  all: readonly Weighed[],
): Apart | null {
  if (carry.state !== 'carries' || carry.fitting >= carry.present) return null;
  const { flock } = ctx;
  const demand = station.demand(ctx, school);
  const day = askedOn(flock, carry.setOn, demand.perBird);
  const isNone = day.counts.map((n, i) => n > 0 && !isServed(demand, day, i));
  if (!isNone.includes(true)) return null;
  const none = day.counts.map((n, i) => (isNone[i] ? n : 0));
  const others = day.counts.map((n, i) => (isNone[i] ? 0 : n));
  const left = sum(others);
  const at = all.flatMap((w): number[] => {
    if (w.asked.carry.state !== 'carries') return [];
    const own = w.station === station ? demand : w.station.demand(ctx, w.asked.school);
    return [left === 0 ? 0 : fittingOf(flock, own, carry.setOn, others, left)];
  });
  const carried = Math.min(...at);
  if (left > 0 && carried === 0) return null;
  return {
    station: station.id,
    lack: station.lack?.(ctx, isNone.indexOf(true)) ?? 'room',
    none: kindsOf(flock, none),
    others: kindsOf(flock, others),
    counts: none,
    carried,
    at,
    from: carry.setOn === 0 ? null : dayOf(flock, carry.setOn),
  };
}

/** Whether one bird of a lot alone finds what she asks for. */
function isServed(demand: StationDemand, day: AskedDay, lot: number): boolean {
  if (!((day.perBird[lot] ?? 0) > 0)) return true;
  const one = day.counts.map((_, i) => (i === lot ? 1 : 0));
  return demand.fits(one, { ...day, counts: one, present: 1, asked: day.perBird[lot] ?? 0 });
}

/** The largest flock of some of the birds living on a day that fits. */
function fittingOf(
  flock: FlockByDay,
  demand: StationDemand,
  d: number,
  counts: readonly number[],
  present: number,
): number {
  const day = askedOn(flock, d, demand.perBird);
  const asked = counts.reduce((a, n, i) => a + n * (day.perBird[i] ?? 0), 0);
  if (!(asked > 0)) return present;
  const own = { ...day, counts, present, asked, seq: createWebster(counts, day.order) };
  return fittingUpTo(own, demand, present);
}

/** Birds by breed and sex, in the order of the plan. */
function kindsOf({ lots }: FlockByDay, counts: readonly number[]): Kind[] {
  const kinds = new Map<string, Kind>();
  counts.forEach((birds, i) => {
    const lot = lots[i];
    if (!lot || birds === 0) return;
    const { breed, kind, sex } = lot;
    const key = `${breed.name} ${kind} ${sex}`;
    kinds.set(key, { breed: breed.name, kind, sex, birds: birds + (kinds.get(key)?.birds ?? 0) });
  });
  return [...kinds.values()];
}

const sum = (counts: readonly number[]): number => counts.reduce((a, b) => a + b, 0);
