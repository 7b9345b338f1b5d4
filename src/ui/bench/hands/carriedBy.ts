import type { Projection } from '@/core/drawing/projection';
import { faceOf } from '@/core/drawing/view';
import { solidOf } from '@/core/geometry/solids';
import type { Fixture, Plan } from '@/core/model/schema';

/** Where a fixture is, and nothing of what it is like. */
const PLACE: ReadonlySet<string> = new Set([
  'x',
  'y',
  'z',
  'lipZ',
  'rimZ',
  'sillZ',
  'alongM',
] satisfies readonly string[]);

const likeness = (f: Fixture): string =>
  JSON.stringify(f, (key, value) => (PLACE.has(key) ? undefined : value));

/** What reaches from a fixture to the roof or the floor changes with its height. */
const reaches = (f: Fixture): boolean =>
  ('hung' in f && f.hung) || f.kind === 'drinker' || f.kind === 'feeder' || f.kind === 'nestBank';

/**
 * How far over the page things in hand have been carried, px, where they look as they did; null where they are to be
 * drawn anew.
 * @param then  as they stood
 * @param now   where they are
 */
export function carriedBy(
  then: readonly Fixture[],
  now: readonly Fixture[],
  plan: Plan,
  p: Projection,
): readonly [number, number] | null {
  let by: readonly [number, number] | null = null;
  for (const [i, f] of now.entries()) {
    const was = then[i];
    if (!was || was.id !== f.id || likeness(was) !== likeness(f)) return null;
    const [from, to] = [was, f].map((one) => faceOf(solidOf(one, plan), p.view, plan.shell));
    if (!from || !to) return null;
    const own = [(to.a0 - from.a0) * p.scale, (from.b0 - to.b0) * p.scale] as const;
    if (reaches(f) && p.view !== 'above' && Math.abs(own[1]) > 1e-6) return null;
    // one hung near the roof's slope has another chain wherever it goes
    if ('hung' in f && f.hung && p.view !== 'above') return null;
    if (by && (Math.abs(by[0] - own[0]) > 1e-6 || Math.abs(by[1] - own[1]) > 1e-6)) return null;
    by = own;
  }
  return by;
}
