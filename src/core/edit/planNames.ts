import { PLAN_LIMITS } from '../model/limits';

/** Names that a keeper would take for one another. @example nameKey(' Pell  garth') // 'pell garth' */
export const nameKey = (name: string): string =>
  name.normalize('NFKC').trim().replace(/\s+/g, ' ').toLowerCase();

/** Whether another plan has the name already. @example isNameTaken('pell garth', ['Pell Garth']) // true */
export const isNameTaken = (name: string, taken: Iterable<string>): boolean =>
  [...taken].some((other) => nameKey(other) === nameKey(name));

/**
 * The name itself where it is free, else with the first number that is.
 * @example freeName('Shed', ['Shed', 'Shed (2)']) // 'Shed (3)'
 */
export function freeName(name: string, taken: Iterable<string>): string {
  const keys = new Set([...taken].map(nameKey));
  if (!keys.has(nameKey(name))) return name;
  return firstFree(name.replace(/ \(\d+\)$/, ''), 2, (n) => ` (${n})`, keys);
}

/**
 * The name of a copy: a copy of a copy is numbered, not called a copy twice.
 * @example copyName('Shed', ['Shed', 'Shed (copy)']) // 'Shed (copy 2)'
 */
export function copyName(name: string, taken: Iterable<string>): string {
  const keys = new Set([...taken].map(nameKey));
  const stem = name.replace(/ \(copy(?: \d+)?\)$/, '');
  return firstFree(stem, 1, (n) => (n === 1 ? ' (copy)' : ` (copy ${n})`), keys);
}

function firstFree(
  stem: string,
  from: number,
  suffix: (n: number) => string,
  keys: ReadonlySet<string>,
): string {
  for (let n = from; ; n++) {
    const name = cut(stem, PLAN_LIMITS.name - suffix(n).length) + suffix(n);
    if (!keys.has(nameKey(name))) return name;
  }
}

/** A text's first letters, no letter halved. */
function cut(text: string, most: number): string {
  const short = text.slice(0, most);
  return short.isWellFormed() ? short : short.slice(0, -1);
}
