import { FROM_FLOOR, type StickMark } from '@/core/geometry/stick';

type Kind = StickMark['kind'];

/** What each mark of the story stick is called. */
export const MARK_NAMES: Readonly<Record<Kind | 'along', string>> = {
  litter: 'litter',
  bar: 'bar',
  lip: 'nest lip',
  sill: 'sill',
  head: 'top',
  feederRim: 'feeder rim',
  drinkerRim: 'drinker rim',
  board: 'droppings board',
  ledge: 'ledge',
  ceiling: 'ceiling',
  eaves: 'low side',
  roofHigh: 'roof',
  along: 'along the foot',
};

/** From where the heights on the stick are measured. */
export const MEASURED_FROM = 'Heights from the litter; roof and openings from the floor';

/** A mark as it is read aloud: its name, and from where its height is measured. */
export const markLabel = (kind: Kind): string =>
  `${MARK_NAMES[kind]} above the ${FROM_FLOOR.has(kind) ? 'floor' : 'litter'}`;
