import { DAY_MS } from '../kernel/units/day';
import type { Climate } from '../weather/climate';
import { YEAR_DAYS } from '../weather/yearCurve';
import { MOULT_DAYS } from './laying';
import type { Lot } from './lots';

/**
 * The moult lasts eight weeks of autumn, from the second autumn of a hen's life on. It begins on
 * 15 September north of the equator and on 15 March south of it (assumption).
 */
const NORTH = { month: 8, day: 15, yearDay: 257 } as const;
const SOUTH = { month: 2, day: 15, yearDay: 73 } as const;

type Hemisphere = Pick<Climate, 'latitudeDeg'> | null;

/** First day (a day number) of a hen's first moult: the autumn after the one she was hatched in or before. */
export function firstMoult(lot: Pick<Lot, 'bornOn' | 'arrivesOn'>, where: Hemisphere): number {
  const born = lot.bornOn ?? lot.arrivesOn;
  const firstAutumn = nextAutumn(born - MOULT_DAYS + 1, where);
  return nextAutumn(firstAutumn + 1, where);
}

/**
 * First days of a hen's moults that touch the days from `from` to `to`; none for birds that do not lay.
 * @param from  first day asked about, days since 1970
 * @param to  the day after the last
 * @example moultsOf({ bornOn: 0, arrivesOn: 0, laysFrom: 140 }, 0, 730, 'north').length // 1
 */
export function moultsOf(
  lot: Pick<Lot, 'bornOn' | 'arrivesOn' | 'laysFrom'>,
  from: number,
  to: number,
  where: Hemisphere,
): number[] {
  if (lot.laysFrom === null) return [];
  const starts: number[] = [];
  let start = firstMoult(lot, where);
  while (start <= to) {
    if (start + MOULT_DAYS > from) starts.push(start);
    start = nextAutumn(start + 1, where);
  }
  return starts;
}

/**
 * Whether a day of the year lies in the eight weeks.
 * @example inMoultSeason(300, 'north') // true
 */
export function inMoultSeason(yearDay: number, where: Hemisphere): boolean {
  return (yearDay - seasonOf(where).yearDay + YEAR_DAYS) % YEAR_DAYS < MOULT_DAYS;
}

const seasonOf = (where: Hemisphere) => (where !== null && where.latitudeDeg < 0 ? SOUTH : NORTH);

/** The first day on or after a day on which a moult begins. */
function nextAutumn(from: number, where: Hemisphere): number {
  const { month, day } = seasonOf(where);
  const year = new Date(from * DAY_MS).getUTCFullYear();
  const start = Date.UTC(year, month, day) / DAY_MS;
  return start >= from ? start : Date.UTC(year + 1, month, day) / DAY_MS;
}
