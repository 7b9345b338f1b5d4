import type { Solid } from '../kernel/finding';
import type { Bar, Fixture, Opening, Plan } from '../model/schema';
import { ruled } from '../rules/rules.data';
import { formsMeet, meet } from './forms';
import { type OutsideCode, outsideCode } from './outside';
import { formOf, inRun, solidOf } from './solids';
import { floorInside } from './walls';

/** Two things that cannot both be where they are. */
export interface Clash {
  readonly kind: 'things' | 'bars' | 'openings' | 'doorway';
  /** The one to move is named first: the smaller, or the one in the way. */
  readonly first: Fixture;
  readonly second: Fixture;
  readonly zone: Solid;
}

/** Kinds that fill room of their own; a ledge is part of the house, and bars rest on it. */
const THINGS: ReadonlySet<Fixture['kind']> = new Set([
  'bar',
  'nestBank',
  'feeder',
  'drinker',
  'dish',
  'dustBath',
  'board',
  'obstacle',
]);
const OPENINGS: ReadonlySet<Fixture['kind']> = new Set([
  'window',
  'vent',
  'door',
  'hatch',
  'popDoor',
]);

const isOpening = (f: Fixture): f is Opening => OPENINGS.has(f.kind);

/** A fixture with the room it fills. */
interface Placed {
  readonly fixture: Fixture;
  readonly solid: Solid;
}

/**
 * Everything in a plan that is in another's way: two things in one place, bars that cross or coincide, two openings
 * in one hole, a thing in a doorway or in the swing of a door. What lies outside the shell is told by itself.
 */
export function clashesOf(
  plan: Plan,
  solid: (f: Fixture) => Solid = (f) => solidOf(f, plan),
  outside: (f: Fixture) => OutsideCode | null = (f) => outsideCode(f, plan),
): Clash[] {
  const placed = plan.fixtures
    .filter((f) => !inRun(f) && outside(f) === null)
    .map((fixture): Placed => ({ fixture, solid: solid(fixture) }));
  const things = placed.filter((p) => THINGS.has(p.fixture.kind));
  const openings = placed.filter((p) => isOpening(p.fixture));
  const clashes: Clash[] = [];
  things.forEach((a, i) => {
    for (let j = i + 1; j < things.length; j++) {
      const b = things[j] as Placed;
      // two boxes that do not meet are not looked at more closely
      if (!meet(a.solid, b.solid)) continue;
      if (!formsMeet(formOf(a.fixture, plan), formOf(b.fixture, plan))) continue;
      const [first, second] = smallerFirst(a, b);
      const kind = a.fixture.kind === 'bar' && b.fixture.kind === 'bar' ? 'bars' : 'things';
      clashes.push({ kind, first: first.fixture, second: second.fixture, zone: first.solid });
    }
  });
  openings.forEach((a, i) => {
    for (let j = i + 1; j < openings.length; j++) {
      const b = openings[j] as Placed;
      if (!sameHole(a, b)) continue;
      const [first, second] = smallerFirst(a, b);
      clashes.push({
        kind: 'openings',
        first: first.fixture,
        second: second.fixture,
        zone: first.solid,
      });
    }
    const way = doorway(a.fixture as Opening, plan);
    if (way === null) return;
    for (const thing of things) {
      if (meet(way, thing.solid)) {
        clashes.push({ kind: 'doorway', first: thing.fixture, second: a.fixture, zone: way });
      }
    }
  });
  return clashes;
}

const volume = ({ solid: s }: Placed): number =>
  Math.max(0.01, s.x1 - s.x0) * Math.max(0.01, s.y1 - s.y0) * Math.max(0.01, s.z1 - s.z0);

const smallerFirst = (a: Placed, b: Placed): readonly [Placed, Placed] => {
  const [va, vb] = [volume(a), volume(b)];
  return va < vb || (va === vb && a.fixture.id > b.fixture.id) ? [a, b] : [b, a];
};

/** Whether two openings are cut into the same part of one wall. */
function sameHole(a: Placed, b: Placed): boolean {
  const [one, other] = [a.fixture as Opening, b.fixture as Opening];
  if (wallOf(one) !== wallOf(other)) return false;
  const thick = (s: Solid): Solid => ({
    ...s,
    x1: s.x0 === s.x1 ? s.x1 + 1 : s.x1,
    y1: s.y0 === s.y1 ? s.y1 + 1 : s.y1,
  });
  return meet(thick(a.solid), thick(b.solid));
}

const wallOf = (o: Opening): string =>
  o.kind === 'vent' && o.place === 'ridge' ? 'ridge' : o.wall;

/** Room inside a door that has to be free: what it swings through, or a step in; null for what nobody goes through. */
function doorway(o: Opening, { shell }: Plan): Solid | null {
  if (o.kind !== 'door' && o.kind !== 'popDoor') return null;
  const deep = o.kind === 'door' && o.opensIn ? o.widthM : ruled('shell.doorway');
  return floorInside(shell, o, deep);
}

/** The room inside every door that has to be free. */
export const doorways = (plan: Plan): Solid[] =>
  plan.fixtures.flatMap((f) => {
    const way = isOpening(f) ? doorway(f, plan) : null;
    return way === null ? [] : [way];
  });

/** Whether bars that clash run the same way: then they lie in one place; else they cross. */
export const runAlike = (a: Bar, b: Bar): boolean => a.axis === b.axis;
