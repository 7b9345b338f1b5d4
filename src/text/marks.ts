import type { StickMark } from '@/core/geometry/stick';

/** What each mark of the story stick is called. */
export const MARK_NAMES: Readonly<Record<StickMark['kind'] | 'along', string>> = {
  litter: 'litter',
  bar: 'bar',
  lip: 'nest lip',
  sill: 'sill',
  head: 'head',
  feederRim: 'feeder rim',
  drinkerRim: 'drinker rim',
  board: 'droppings board',
  ledge: 'ledge',
  ceiling: 'ceiling',
  eaves: 'low side',
  roofHigh: 'roof',
  along: 'along the foot',
};
