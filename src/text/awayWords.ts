import type { UnitSystem } from '@/core/kernel/units/length';
import type { Away, AwayLimit, Lasts } from '@/core/stores/away/away';
import { formatValue } from './format';

/** What ends the days that birds can be left, and what is done about it. */
const WORDS: Readonly<Record<AwayLimit, { readonly name: string; readonly mend: string }>> = {
  feed: { name: 'Feed', mend: 'Put out {more} more feed, in another feeder or a larger one.' },
  water: {
    name: 'Water',
    mend: 'Have {more} more water there, or somebody who fills the drinkers.',
  },
  frost: {
    name: 'Frost',
    mend: 'A heated drinker stays open. Or somebody carries water every day.',
  },
  eggs: {
    name: 'Eggs',
    mend: 'Somebody gathers the eggs: cracked ones are eaten, and hens go broody.',
  },
  droppings: { name: 'Droppings', mend: 'Somebody scrapes the board, or rakes under the bars.' },
  door: { name: 'Pop door', mend: 'Fit a powered door, or somebody opens and shuts it every day.' },
};

export const limitName = (limit: AwayLimit): string => WORDS[limit].name;

/** How long one thing lasts, in words. @example lastsText({ limit: 'door', days: 0, more: null }, 9) // 'not a day' */
export function lastsText({ days }: Lasts, wanted: number): string {
  if (days >= wanted) return 'all of the time';
  if (days < 1) return 'not a day';
  return days === 1 ? '1 day' : `${days} days`;
}

/** What would lengthen it. */
export function mendText({ limit, more }: Lasts, units: UnitSystem): string {
  const { mend } = WORDS[limit];
  if (limit === 'eggs' && more !== null && more > MOST_MORE_BOXES) return mend;
  if (limit === 'eggs' && more !== null) {
    return `${more} more ${more === 1 ? 'box' : 'boxes'} would do. Or somebody gathers the eggs.`;
  }
  if (more === null) return mend.replace(' {more}', '');
  const unit = limit === 'feed' ? 'kg' : 'litres';
  return mend.replace('{more}', formatValue(Math.ceil(more * 10) / 10, unit, units));
}

/** More boxes than this nobody builds to be away: somebody gathers the eggs (assumption). */
const MOST_MORE_BOXES = 2;

/** Who fills the drinkers from a barrel that none of them hangs on; nothing where one does. */
export const fillsText = ({ fillEvery }: Away): readonly string[] =>
  fillEvery === null
    ? []
    : [
        fillEvery.days < 1
          ? `No drinker hangs on the rain barrel: ${namesText(fillEvery.names)} must be filled from it more than once a day.`
          : `No drinker hangs on the rain barrel: fill ${namesText(fillEvery.names)} from it every ${fillEvery.days === 1 ? 'day' : `${fillEvery.days} days`}.`,
      ];

const namesText = (names: readonly string[]): string =>
  names.length < 3 ? names.join(' and ') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;

/** The sentence over it all. */
export function awaySentence(days: number, wanted: number, first: Lasts | undefined): string {
  if (days >= wanted) return `All of it lasts the ${wanted} days.`;
  const what = first ? limitName(first.limit) : '';
  const left =
    days < 1
      ? 'They cannot be left a day alone.'
      : `They can be left ${days} of the ${wanted} days.`;
  const ends = first?.limit === 'eggs' || first?.limit === 'droppings' ? 'end' : 'ends';
  return `${left} ${what} ${ends} it first.`;
}

/** The caution that stands with every answer. */
export const LOOK_IN =
  'Somebody must look in every day all the same: a hurt bird, a fox, a stuck door.';
