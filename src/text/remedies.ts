import type { Plan } from '@/core/plan/schema';
import type { Remedy } from '@/core/remedies/remedy';
import { FINDING_WORDS } from './findings';
import { formatBare, formatValue } from './format';

/** `{name}` is a number, `{name|bare}` without its noun, `{fixtures}` the fixtures' names, `{wall}` a wall. */
export const REMEDY_WORDS: Readonly<Record<string, string>> = {
  'roosts.lengthen': 'Lengthen {fixtures} to {length}',
  'roosts.addInFront': 'Add a {length} bar {apart} in front of {fixtures}',
  'roosts.addFirst': 'Add a {length} bar {apart} from the rear wall',
  'roosts.layOne': 'Lay one bar of {length}, {wall} from the rear wall',
  'roosts.layAnew':
    'Lay {rows} of {length}, the first {wall} from the rear wall, then {apart} apart',
  'roosts.offTheWall': 'Move {fixtures} to {wall} from the wall',
  'roosts.allOffTheWall': 'Move the bars until {fixtures} stands {wall} from the wall',
  'roosts.spread': 'Move {fixtures} so that they stand {apart} apart',
  'roosts.raise': 'Raise {fixtures} to {height} above the litter',
  'roosts.widen': 'Make {fixtures} a flat bar {width} wide',
  'nests.widen': 'Make {fixtures} a bank of {boxes}',
  'nests.addBank': 'Add a bank of {boxes} on the {wall} wall',
  'nests.move': 'Move {fixtures} to the {wall} wall',
  'nests.setLip': 'Set the lip of {fixtures} {height} above the litter',
  'nests.hang': 'Hang {fixtures} with the lip {height} above the litter: the floor under it counts',
  'nests.enlarge': 'Make the boxes of {fixtures} {width} wide, {depth} deep, {height} high',
  'floor.shutIn': 'Size the floor by shut-in winters',
  'shell.moveIn': 'Move {fixtures} inside',
  'flock.sortCocks': 'Take the cocks out at {weeks}, keeping none',
};

/** What a remedy does, as its button says it. */
export function remedyText(remedy: Remedy, plan: Plan): string {
  const words = REMEDY_WORDS[remedy.code];
  if (words === undefined) throw new Error(`no words for the remedy ${remedy.code}`);
  return words.replace(/\{(\w+)(\|bare)?\}/g, (_, name: string, bare?: string) => {
    if (name === 'fixtures') return namesOf(remedy.fixtures, plan);
    if (name === 'wall' && remedy.wall !== undefined) return remedy.wall;
    const number = remedy.numbers[name];
    if (!number) throw new Error(`the remedy ${remedy.code} has no ${name}`);
    return (bare ? formatBare : formatValue)(number.value, number.unit, plan.units);
  });
}

/** What a remedy brings that is as bad as what it mends, in words; null for most. */
export function bringsText({ brings }: Pick<Remedy, 'brings'>): string | null {
  if (brings.length === 0) return null;
  const titles = brings.map((code) => FINDING_WORDS[code]?.title.toLowerCase() ?? code);
  return `It brings: ${titles.join(', ')}.`;
}

function namesOf(ids: readonly string[], plan: Plan): string {
  const names = ids.map((id) => plan.fixtures.find((f) => f.id === id)?.name ?? id);
  const last = names.pop();
  return names.length === 0 ? (last ?? '') : `${names.join(', ')} and ${last}`;
}
