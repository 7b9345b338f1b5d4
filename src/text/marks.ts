import type { StickMark } from '@/core/geometry/stick';

/** What each mark of the story stick is called; what does not say from where is measured from the litter. */
export const MARK_NAMES: Readonly<Record<StickMark['kind'] | 'along', string>> = {
  litter: 'top of the litter',
  bar: 'bar',
  lip: 'nest lip',
  sill: 'sill, from the floor',
  head: 'top, from the floor',
  feederRim: 'feeder rim',
  drinkerRim: 'drinker rim',
  board: 'droppings board',
  ledge: 'ledge',
  ceiling: 'ceiling',
  eaves: 'low side, from the floor',
  roofHigh: 'roof, from the floor',
  along: 'along the foot',
};
