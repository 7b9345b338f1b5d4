import type { Lot } from '../../birds/lots';
import type { FindingNumber } from '../../kernel/finding';
import { ASSUMED, ENTERED } from '../../kernel/working';
import { ruled } from '../../rules/rules.data';
import type { StationContext } from '../context';
import type { Sheet } from '../sheet';
import { FLOCK_WORKINGS as W } from './flock.working';

/** Chicks that come no older than this came sexed by eye, days. */
const SEXED_BEFORE = ruled('flock.sexed.before');
/** Cocks show themselves by this age, days. */
const TOLD_BY = ruled('flock.sexed.told');

/**
 * The chance that of so many chicks sold as hens one or more is a cock: 1 − (1 − e)^n.
 * @param wrong  share that is told wrong, 0…1
 * @param chicks how many were sold as hens
 * @throws RangeError outside those ranges
 * @example chanceOfCock(0.1, 6) // 0.468559
 */
export function chanceOfCock(wrong: number, chicks: number): number {
  if (!(wrong >= 0 && wrong <= 1)) throw new RangeError(`a share of ${wrong}`);
  if (!(chicks >= 0)) throw new RangeError(`${chicks} chicks`);
  return 1 - (1 - wrong) ** chicks;
}

/**
 * Whether a lot was sexed as chicks, and is not old enough on the first day for a cock among them to have shown.
 * @param firstDay  a day number
 * @example flock.lots.some((lot) => wasSexedByEye(lot, 0)) // false
 */
export function wasSexedByEye(lot: Lot, firstDay: number): boolean {
  const { group, hatchedOn } = lot;
  if (group.sex !== 'hen' || group.eggsSet !== null || lot.breed.kind === 'meat') return false;
  if (hatchedOn === null || firstDay - hatchedOn >= TOLD_BY) return false;
  return group.raisedHere || lot.arrivesOn - hatchedOn < SEXED_BEFORE;
}

/** One of the chicks sold as hens may be a cock: how likely that is, until it is said what is done with him. */
export function sexedWrong(s: Sheet, { flock }: StationContext): void {
  for (const lot of flock.lots) {
    if (!wasSexedByEye(lot, flock.horizon.first)) continue;
    s.explain(() => chanceFigure(s, lot));
    if (lot.group.ifCock !== null) continue;
    const numbers = {
      chance: chanceFigure(s, lot),
      chicks: s.worked(`flock.${lot.id}.sexed`, W['flock.chicks'], { value: lot.count }, ENTERED),
    };
    s.find('flock.cock.maybe', 'awkward', [], numbers, null, null, [lot.group.id]);
  }
}

function chanceFigure(s: Sheet, { id, group, count }: Lot): FindingNumber {
  const wrong = group.sexedWrong ?? ruled('flock.sexed.wrong');
  return s.worked(
    `flock.${id}.cockChance`,
    W['flock.cockChance'],
    { wrong, chicks: count, chance: chanceOfCock(wrong, count) },
    group.sexedWrong === null ? ASSUMED : ENTERED,
  );
}
