import { freeSpot } from '../geometry/freeRoom';
import { inRun, solidOf } from '../geometry/solids';
import { freeAlong } from '../geometry/walls';
import { gridNear, gridUp } from '../kernel/units/grid';
import { REFERENCE_HEN_KG } from '../model/classes.data';
import { moved } from '../model/moved';
import type { Bar, Fixture, Plan } from '../model/schema';
import { fitM } from '../rules/book';
import { inTheWay } from './inTheWay';
import type { PlacingFor } from './lines';
import { spanOf } from './lines';

/**
 * A second one of a fixture, as near to it as it can stand without being in anything's way: a bar by the rule's own
 * distance, an opening along its wall, what stands on the floor where there is room. Pressed again it makes a row.
 * @param id    the copy's
 * @param name  the copy's
 * @returns     null where there is no room for another
 */
export function copied(fixture: Fixture, id: string, name: string, to: PlacingFor): Fixture | null {
  const { plan } = to;
  const copy = { ...fixture, id, name } as Fixture;
  if (inRun(fixture)) return copy;
  for (const there of placesOf(copy, fixture, to)) {
    const after: Plan = { ...plan, fixtures: [...plan.fixtures, there] };
    if (inTheWay(plan, after, id).length === 0) return there;
  }
  return null;
}

function* placesOf(copy: Fixture, of: Fixture, to: PlacingFor): Iterable<Fixture> {
  const { plan, sizes } = to;
  if ('wall' in copy) {
    const near = (m: number): number => gridNear(m, plan.units);
    const alongM = freeAlong(plan, copy.wall, copy, () => true, near);
    if (alongM !== null) yield { ...copy, alongM };
    return;
  }
  if (copy.kind === 'bar') {
    yield* barPlaces(copy, to);
    return;
  }
  const solid = solidOf(of, plan);
  const low = { x: solid.x0, y: solid.y0 };
  const spot = freeSpot(plan, sizes.heaviestOnBarsKg, {
    id: copy.id,
    at: (x, y) => solidOf(moved(copy, x - low.x, y - low.y), plan),
  });
  if (copy.kind === 'nestBank' || spot === null) yield* besides(copy, plan);
  if (spot !== null) {
    yield moved(copy, gridNear(spot.x - low.x, plan.units), gridNear(spot.y - low.y, plan.units));
  }
}

/** Beside it by the rule: into the room first, then towards its wall, then end to end. */
function* barPlaces(bar: Bar, { plan, sizes }: PlacingFor): Iterable<Fixture> {
  const kg = sizes.heaviestOnBarsKg ?? REFERENCE_HEN_KG;
  const apart = gridUp(fitM('roosts.apart.level', kg), plan.units);
  const far = bar.axis === 'x' ? plan.shell.widthM : plan.shell.lengthM;
  const at = bar.axis === 'x' ? bar.y : bar.x;
  const inward = at > far / 2 ? -1 : 1;
  for (const times of [1, 2, 3, 4, 5, 6]) {
    for (const way of [inward, -inward]) {
      const by = way * apart * times;
      yield bar.axis === 'x' ? moved(bar, 0, by) : moved(bar, by, 0);
    }
  }
  yield* besides(bar, plan);
}

/** Side by side with it, on either side of it, along the walls and away from them. */
function* besides(copy: Fixture, plan: Plan): Iterable<Fixture> {
  const solid = solidOf(copy, plan);
  for (const axis of ['x', 'y'] as const) {
    const [low, high] = spanOf(solid, axis);
    for (const way of [1, -1]) {
      const by = way * gridUp(high - low, plan.units);
      yield axis === 'x' ? moved(copy, by, 0) : moved(copy, 0, by);
    }
  }
}
