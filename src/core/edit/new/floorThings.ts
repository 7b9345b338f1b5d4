import { type FlockSizes, flockSizes } from '../../birds/flockSizes';
import { clearPlace } from '../../geometry/freeRoom';
import { fixtureOf } from '../../model/fixtures.schema';
import type { OfKind, Plan } from '../../model/schema';
import { near } from '../../model/tape';
import { ruled } from '../../rules/rules.data';
import { named } from './named';
import { withDoorToCome } from './openings';
import { bathOf, drinkerOf, feederOf, turnedRound } from './parts';
import { barsToComeM } from './toCome';

/** Where a round thing of this plan stands clear: its middle, or the quarter given where there is no room. */
function standing<F extends OfKind<'feeder'> | OfKind<'drinker'> | OfKind<'dish'>>(
  plan: Plan,
  fixture: F,
  sizes: FlockSizes,
): F {
  const apartFrom = plan.fixtures.filter((f) => f.kind === fixture.kind);
  const look = (among: Plan, apartM: number, rearM = 0) =>
    clearPlace(among, fixture, sizes.heaviestOnBarsKg, (m) => near(plan, m), {
      apartFrom,
      apartM,
      only: (own) => own.y1 <= plan.shell.widthM - rearM,
    });
  const apart = fixture.kind === 'dish' ? 0 : ruled('feed.two.apart');
  const toCome = withDoorToCome(plan, sizes);
  const rearM = barsToComeM(plan, sizes);
  const at =
    look(toCome, apart, rearM) ?? look(plan, apart) ?? look(toCome, 0, rearM) ?? look(plan, 0);
  return { ...fixture, ...at };
}

/** A hanging tube feeder, its rim at the smallest bird's back, where nothing stands and nothing falls. */
export function newFeeder(
  plan: Plan,
  parts: Partial<OfKind<'feeder'>> = {},
  sizes = flockSizes(plan),
): OfKind<'feeder'> {
  const fixture = feederOf(
    { ...named(plan, 'feeder'), ...quarter(plan, 0.25), ...parts },
    plan,
    sizes,
  );
  return placedBy(parts) ? fixture : standing(plan, fixture, sizes);
}

/** Where a vessel is hung that finds no room: so far along the coop, and a third into it, m. */
const quarter = (plan: Plan, part: number): { x: number; y: number } => ({
  x: near(plan, plan.shell.lengthM * part),
  y: near(plan, plan.shell.widthM * 0.3),
});

const placedBy = (parts: { x?: number; y?: number; place?: string }): boolean =>
  parts.x !== undefined || parts.y !== undefined || parts.place === 'run';

/** A round fount on a tray, its rim at the smallest bird's back. */
export function newDrinker(
  plan: Plan,
  parts: Partial<OfKind<'drinker'>> = {},
  sizes = flockSizes(plan),
): OfKind<'drinker'> {
  const own = { ...named(plan, 'drinker'), ...quarter(plan, 0.75), ...parts };
  const fixture = drinkerOf(own, plan, sizes);
  return placedBy(parts) ? fixture : standing(plan, fixture, sizes);
}

/** A dish of shell or grit, where nothing falls on it. */
export function newDish(
  plan: Plan,
  holds: 'shell' | 'grit' = 'shell',
  sizes = flockSizes(plan),
): OfKind<'dish'> {
  const fixture = fixtureOf({
    ...named(plan, 'dish'),
    name: holds === 'shell' ? 'Shell dish' : 'Grit dish',
    holds,
    x: near(plan, plan.shell.lengthM * 0.5),
    y: near(plan, 0.15),
  });
  return standing(plan, fixture, sizes);
}

/** A dust bath as large as all birds of the plan ask for at once, where there is room for it. */
export function newDustBath(
  plan: Plan,
  parts: Partial<OfKind<'dustBath'>> = {},
  sizes = flockSizes(plan),
): OfKind<'dustBath'> {
  const made = {
    ...bathOf(named(plan, 'dustBath'), plan, sizes.birds, parts.depthM ?? null),
    ...parts,
  };
  const x = near(plan, Math.max(0, plan.shell.lengthM - made.lengthM - 0.05));
  const fixture = { ...made, x, y: near(plan, 0.05), ...parts };
  if (placedBy(parts)) return fixture;
  const look = (f: OfKind<'dustBath'>, among: Plan, rearM: number) =>
    clearPlace(among, f, sizes.heaviestOnBarsKg, (m) => near(plan, m), {
      only: (own) => own.y1 <= plan.shell.widthM - rearM,
    });
  for (const [among, rearM] of [
    [withDoorToCome(plan, sizes), barsToComeM(plan, sizes)],
    [plan, 0],
  ] as const) {
    for (const turned of [fixture, turnedRound(fixture)]) {
      const at = look(turned, among, rearM);
      if (at) return { ...turned, ...at };
    }
  }
  // no room indoors: it stands in the run where there is one
  return plan.run === null ? fixture : { ...fixture, place: 'run', roofed: true };
}
