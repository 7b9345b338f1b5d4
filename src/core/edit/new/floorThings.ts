import { type FlockSizes, flockSizes } from '../../birds/flockSizes';
import { rimZFor } from '../../birds/vesselReach';
import { clearPlace } from '../../geometry/freeRoom';
import { fixtureOf } from '../../model/fixtures.schema';
import type { OfKind, Plan } from '../../model/schema';
import { tape } from '../../model/tape';
import { ruled } from '../../rules/rules.data';
import { DRINKER_KINDS, FEEDER_KINDS } from '../../rules/vesselKinds.data';
import { named } from './named';
import { withDoorToCome } from './openings';
import { barsToComeM } from './toCome';

/** Where a round thing of this plan stands clear: its middle, or the quarter given where there is no room. */
function standing<F extends OfKind<'feeder'> | OfKind<'drinker'> | OfKind<'dish'>>(
  plan: Plan,
  fixture: F,
  sizes: FlockSizes,
): F {
  const apartFrom = plan.fixtures.filter((f) => f.kind === fixture.kind);
  const { near } = tape(plan);
  const look = (among: Plan, apartM: number, rearM = 0) =>
    clearPlace(among, fixture, sizes.heaviestOnBarsKg, near, {
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
  const { near, up } = tape(plan);
  const { lengthM, widthM } = plan.shell;
  const { onWall, open } = FEEDER_KINDS[parts.type ?? 'tube'];
  const fixture = fixtureOf({
    ...named(plan, 'feeder'),
    type: 'tube',
    x: near(lengthM * 0.25),
    y: near(widthM * 0.3),
    rimZ: rimZFor(plan, { kind: 'feeder', type: parts.type ?? 'tube', onWall }, sizes),
    diameterM: up(0.3),
    lengthM: up(0.6),
    heightM: up(0.45),
    hung: true,
    onWall,
    takenInAtNight: open,
    ...parts,
  });
  return placedBy(parts) ? fixture : standing(plan, fixture, sizes);
}

const placedBy = (parts: { x?: number; y?: number; place?: string }): boolean =>
  parts.x !== undefined || parts.y !== undefined || parts.place === 'run';

/** A round fount on a tray, its rim at the smallest bird's back. */
export function newDrinker(
  plan: Plan,
  parts: Partial<OfKind<'drinker'>> = {},
  sizes = flockSizes(plan),
): OfKind<'drinker'> {
  const { near, up } = tape(plan);
  const { lengthM, widthM } = plan.shell;
  const { onWall } = DRINKER_KINDS[parts.type ?? 'fount'];
  const fixture = fixtureOf({
    ...named(plan, 'drinker'),
    type: 'fount',
    x: near(lengthM * 0.75),
    y: near(widthM * 0.3),
    rimZ: rimZFor(plan, { kind: 'drinker', type: parts.type ?? 'fount', onWall }, sizes),
    diameterM: up(0.3),
    lengthM: up(0.6),
    heightM: up(0.35),
    hung: false,
    onWall,
    ...parts,
  });
  return placedBy(parts) ? fixture : standing(plan, fixture, sizes);
}

/** A dish of shell or grit, where nothing falls on it. */
export function newDish(
  plan: Plan,
  holds: 'shell' | 'grit' = 'shell',
  sizes = flockSizes(plan),
): OfKind<'dish'> {
  const { near } = tape(plan);
  const fixture = fixtureOf({
    ...named(plan, 'dish'),
    name: holds === 'shell' ? 'Shell dish' : 'Grit dish',
    holds,
    x: near(plan.shell.lengthM * 0.5),
    y: near(0.15),
  });
  return standing(plan, fixture, sizes);
}

/** A dust bath as large as all birds of the plan ask for at once, where there is room for it. */
export function newDustBath(
  plan: Plan,
  parts: Partial<OfKind<'dustBath'>> = {},
  sizes = flockSizes(plan),
): OfKind<'dustBath'> {
  const { up, near } = tape(plan);
  const area = Math.max(ruled('dustBath.least'), sizes.birds * ruled('dustBath.hen'));
  const depthM = parts.depthM ?? up(area <= 0.24 ? 0.4 : 0.6);
  const lengthM = parts.lengthM ?? up(area / depthM);
  const fixture = fixtureOf({
    ...named(plan, 'dustBath'),
    x: near(Math.max(0, plan.shell.lengthM - lengthM - 0.05)),
    y: near(0.05),
    lengthM,
    depthM,
    fillM: up(ruled('dustBath.deep')),
    ...parts,
  });
  if (placedBy(parts)) return fixture;
  const look = (f: OfKind<'dustBath'>, among: Plan, rearM: number) =>
    clearPlace(among, f, sizes.heaviestOnBarsKg, near, {
      only: (own) => own.y1 <= plan.shell.widthM - rearM,
    });
  for (const [among, rearM] of [
    [withDoorToCome(plan, sizes), barsToComeM(plan, sizes)],
    [plan, 0],
  ] as const) {
    for (const turned of [fixture, { ...fixture, lengthM: depthM, depthM: lengthM }]) {
      const at = look(turned, among, rearM);
      if (at) return { ...turned, ...at };
    }
  }
  // no room indoors: it stands in the run where there is one
  return plan.run === null ? fixture : { ...fixture, place: 'run', roofed: true };
}
