import { figuresFor } from '@/core/kernel/units/numberWords';
import type { ThingKind } from '@/core/measure/things.data';

/** Things that stand in a coop, as a keeper names them. */
const NAMES: Readonly<Record<ThingKind, RegExp>> = {
  bar: /^(roost|roosting|perch|sleeping)?\s?(bar|roost|perch|perche|pole)s?$/,
  nests:
    /^(nest|nesting|egg|laying)?\s?(nest|nest box|nestbox|box|boxe|bank|bank of nests)(es|s)?$/,
  popDoor: /^(pop|chicken|hen|bird|birds’|birds')\s?(door|hole)s?$/,
  door: /^(person.s |people.s |keeper.s |big |my )?(door|hatch|hatche|lid|flap)s?$/,
  opening: /^(air |roof )?(window|vent|opening|air hole|hole)s?$/,
  feeder: /^(feed )?(feeder|trough|hopper)s?$/,
  drinker: /^(water )?(drinker|waterer|fount|fountain)s?$/,
  obstacle: /^(post|brace|pillar|obstacle)s?$/,
};

/** One thing of a kind; of nests how many boxes are in the bank. */
export interface NamedThing {
  readonly kind: ThingKind;
  readonly boxes?: number;
}

/** Things as they were read, and the words that were not. */
export interface ReadThings {
  readonly things: readonly NamedThing[];
  readonly unread: readonly string[];
}

/** More of one kind nobody measures one by one. */
const MOST = 12;

/**
 * What stands in a coop from a keeper's own words. Nests are counted in boxes: "4 nests" is one bank of four.
 * @example readThings('2 bars, 4 nests').things.length // 3
 */
export function readThings(text: string): ReadThings {
  const things: NamedThing[] = [];
  const unread: string[] = [];
  const parts = figuresFor(text.toLowerCase())
    .split(/,|;|\+|\n|\band\b|\bwith\b/)
    .map((p) => p.trim().replace(/\s+/g, ' '))
    .filter((p) => p !== '');
  for (const part of parts) {
    const [, count = '', name = ''] = part.match(/^(\d+|a|an)?\s*(.*?)\.?$/) ?? [];
    const kind = (Object.keys(NAMES) as ThingKind[]).find((k) => NAMES[k].test(name));
    const n = /^\d+$/.test(count) ? Number(count) : 1;
    if (kind === undefined || n < 1 || n > MOST) unread.push(part);
    else if (kind === 'nests') things.push({ kind, ...(/\d/.test(count) ? { boxes: n } : {}) });
    else for (let i = 0; i < n; i++) things.push({ kind });
  }
  return { things, unread };
}
