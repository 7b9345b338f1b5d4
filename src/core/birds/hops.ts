import type { ChosenSchool } from '../rules/book';
import { ruled } from '../rules/rules.data';
import type { Lot } from './lots';

/**
 * One hop up of a lot's birds, m: by class and school; poor fliers less.
 * @param school  of `roosts.hop`
 * @source        wide-rafter (assumption, after what keepers see)
 */
export function hopOf(lot: Lot, school: ChosenSchool): number {
  const hopM = school.params[lot.class.id];
  if (hopM === undefined) throw new Error(`${school.id} has no hop for ${lot.class.id}`);
  return lot.kind === 'chicken' && lot.breed.flight === 'poor'
    ? Math.min(ruled('roosts.poorFlier.hop') * hopM, ruled('roosts.poorFlier.most'))
    : hopM;
}

/** Highest bar of a lot's birds, m above the litter: by class, or by the school of heights for the middling ones. */
export function highestOf(lot: Lot, school: ChosenSchool): number {
  if (lot.breed.flight === 'poor') return ruled('roosts.poorFlier.highest');
  const { mostM } = school.params;
  const { highestBarM, id } = lot.class;
  if (mostM === undefined) return highestBarM;
  const dualPurpose = id === 'medium' || id === 'heavy';
  return dualPurpose ? mostM : Math.min(highestBarM, mostM);
}
