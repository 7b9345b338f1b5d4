import { clearPlace } from '../geometry/freeRoom';
import { mostVesselL, vesselUp } from '../kernel/units/vesselSize';
import type { Fixture, Plan, Vessel } from '../model/schema';
import { near, up } from '../model/tape';
import type { Told } from '../proposals/remedy';
import { MOST_OUTLETS } from '../stations/vessels/remedies/outlets';
import { capacityL } from '../stations/vessels/vessels';

/** What is moved out from under the bars. */
export type Floor = Extract<Fixture, { kind: 'feeder' | 'drinker' | 'dish' | 'dustBath' }>;

export const isOnFloor = (f: Fixture): boolean =>
  f.kind === 'dish' ||
  ((f.kind === 'feeder' || f.kind === 'drinker' || f.kind === 'dustBath') && f.place !== 'run');

/**
 * Things set one after another where nothing falls on them; what finds no such place stays where it is.
 * @example stand({ ...plan, fixtures: [] }, [drinker], null).left // 0
 */
export function stand(
  plan: Plan,
  things: readonly Floor[],
  heaviestKg: number | null,
): { readonly things: readonly Floor[]; readonly left: number } {
  const stood: Floor[] = [];
  let left = 0;
  for (const thing of things) {
    const own = clearOf({ ...plan, fixtures: [...plan.fixtures, ...stood] }, thing, heaviestKg);
    if (own === null) left++;
    stood.push(own ?? thing);
  }
  return { things: stood, left };
}

/** Birds that a port or a cup is tried for (wide-rafter, assumption): proving tells whether it is enough. */
const BIRDS_EACH = 3;

/**
 * Each kind of vessel as one on the wall, with as many outlets as all birds ask for; null where there is but one.
 * @example asOne(plan, [], 6) // null
 */
export function asOne(
  plan: Plan,
  onFloor: readonly Floor[],
  birds: number,
): readonly Floor[] | null {
  const vessels = onFloor.filter((f): f is Vessel => f.kind === 'feeder' || f.kind === 'drinker');
  const outlets = Math.min(MOST_OUTLETS, Math.max(1, Math.ceil(birds / BIRDS_EACH)));
  const ones = (['feeder', 'drinker'] as const).flatMap((kind): Floor[] => {
    const own = vessels.filter((v) => v.kind === kind);
    const [first] = own;
    if (!first || own.length < 2) return own;
    const litres = own.reduce((sum, v) => sum + capacityL(v), 0);
    const type = kind === 'feeder' ? 'port' : 'cup';
    const diameterM = Math.min(first.diameterM, up(plan, 0.25));
    const one = { ...first, type, outlets, diameterM, hung: false, onWall: true };
    return [
      {
        ...one,
        capacityL: Math.min(mostVesselL(plan.units), vesselUp(litres, plan.units)),
      } as Floor,
    ];
  });
  const others = onFloor.filter((f) => f.kind !== 'feeder' && f.kind !== 'drinker');
  return ones.length < vessels.length ? [...ones, ...others] : null;
}

export function linesOfOne(before: readonly Floor[], after: readonly Floor[]): Told[] {
  return after.flatMap((one): Told[] => {
    if ((one.kind !== 'feeder' && one.kind !== 'drinker') || before.includes(one)) return [];
    return [
      {
        code: one.kind === 'feeder' ? 'vessels.toPorts' : 'vessels.toCups',
        fixtures: before.filter((f) => f.kind === one.kind).map((f) => f.id),
        numbers: { outlets: { value: one.outlets, unit: 'outlets' } },
      },
    ];
  });
}

/** A thing on the floor where nothing falls on it; where it stands already, if that will do. */
function clearOf<F extends Floor>(plan: Plan, thing: F, heaviestKg: number | null): F | null {
  const at = clearPlace(plan, thing, heaviestKg, (m) => near(plan, m));
  return at && { ...thing, ...at };
}
