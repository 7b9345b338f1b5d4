import { dayOf, type FlockByDay, livingOn, massThen } from '../../birds/flock';
import { demandOf } from '../../carrying/asked';
import type { Carries } from '../../carrying/carrying';
import {
  areaM2,
  birdsFloorM2,
  coveredM2,
  type Flat,
  ownStripOf,
  within,
} from '../../geometry/flat';
import { inRun, solidOf } from '../../geometry/solids';
import type { When } from '../../kernel/finding';
import { atMost, below } from '../../kernel/units/number';
import { ENTERED, KEEPERS } from '../../kernel/working';
import { litterEndM } from '../../model/litter';
import type { Fixture, Plan } from '../../model/schema';
import { floorOf, type Scoped } from '../../model/scope';
import { type ChosenSchool, scaleToBird } from '../../rules/book';
import { ruled } from '../../rules/rules.data';
import { isRound } from '../../rules/vesselKinds.data';
import {
  basisOf,
  byDay,
  type CarryingStation,
  capacityParts,
  type StationContext,
  thenId,
} from '../context';
import { scaledParts } from '../shared.working';
import type { Sheet } from '../sheet';
import { FLOOR_WORKINGS as W } from './floor.working';

/** Floor: every bird's area against the floor that fixtures leave free. */
export const floorStation: CarryingStation = {
  id: 'floor',
  topic: 'floor.area',
  entered: () => true,
  supply: (ctx) => [usableIn(ctx)],
  demand: (ctx, school) => {
    const usable = usableIn(ctx);
    const areasOn = byDay(ctx, `areas.${school.id}`, [school.value], (flock, d) =>
      areasOf(flock, school, d),
    );
    return {
      measure: school.scale === 'none' ? 'head' : 'area',
      perBird: areasOn,
      fits: (taken, { perBird }) => atMost(demandOf(taken, perBird), usable),
    };
  },
  judge: (s, ctx, { carry, school, short }) => {
    s.explain(() => roomFigures(s, ctx.plan));
    if (carry.state !== 'carries') return;
    s.explain(() => carryFigures(s, ctx, carry, school));
    areaShort(s, ctx, carry, school, short);
    meatDensity(s, ctx, usableIn(ctx));
  },
};

/** Floor that birds can use, worked anew only where something that stands on it is another. */
const usableIn = (ctx: StationContext): number => {
  const { plan, of } = ctx;
  const standing = [
    ...[of('nestBank'), of('feeder'), of('drinker'), of('dustBath'), of('board')],
    of('obstacle'),
  ];
  return ctx.kept('floor.usable', [plan.shell, plan.zone, plan.litter, ...standing], () =>
    usableFloorM2(plan),
  );
};

/** Area that the birds of a day ask for. */
function askedOn(ctx: StationContext, school: ChosenSchool, d: number) {
  const areas = areasOf(ctx.flock, school, d);
  const counts = livingOn(ctx.flock, d);
  return { counts, areas, needed: demandOf(counts, areas) };
}

/** What the flock asks for and what the floor carries. */
function carryFigures(s: Sheet, ctx: StationContext, carry: Carries, school: ChosenSchool): void {
  const basis = basisOf(school);
  const usable = usableIn(ctx);
  const most = askedOn(ctx, school, carry.needOn);
  ctx.flock.lots.forEach((lot, i) => {
    const mass = massThen(ctx.flock, i, carry.needOn);
    const parts = scaledParts(school.value, mass, school.scale, most.areas[i] ?? 0);
    const id = `floor.areaPerBird.${lot.id}`;
    s.worked(id, W['floor.areaOfBird'], parts, basis);
  });
  const { counts, areas } = most;
  const birds = counts.reduce((x, y) => x + y, 0);
  const then = askedOn(ctx, school, carry.setOn);
  s.worked(
    'floor.areaPerBird',
    W['floor.areaPerBird'],
    { counts, areas, mean: most.needed / birds },
    basis,
  );
  s.worked('floor.needed', W['floor.needed'], most, basis);
  s.worked(
    'floor.capacity',
    W['floor.capacity'],
    {
      ...capacityParts(ctx, carry),
      areas: then.areas,
      asked: demandOf(carry.taken, then.areas),
      usable,
    },
    basis,
  );
}

/** Less floor than the birds of the setting day ask for. */
function areaShort(
  s: Sheet,
  ctx: StationContext,
  carry: Carries,
  school: ChosenSchool,
  short: When | null,
): void {
  if (carry.fitting >= carry.present) return;
  const basis = basisOf(school);
  const there = usableIn(ctx);
  const then = askedOn(ctx, school, carry.setOn);
  const missing = s.worked(
    'floor.missing',
    W['floor.missing'],
    { needed: then.needed, there, missing: then.needed - there },
    basis,
  );
  const neededId = thenId(carry, 'floor.needed');
  const needed = s.worked(neededId, W['floor.needed'], then, basis);
  s.find(
    'floor.area.short',
    'short',
    [],
    { missing, needed, there: { value: there, unit: 'm2', figure: 'floor.have' } },
    null,
    short,
  );
}

/** Meat birds grow until the floor is full of them: live mass to the square metre, at its most. */
function meatDensity(s: Sheet, ctx: StationContext, usableM2: number): void {
  const { most, day } = ctx.kept('floor.meat', [ctx.flock], () => mostMeat(ctx.flock));
  if (most === 0 || usableM2 === 0) return;
  const density = s.worked(
    'floor.meat.density',
    W['floor.density'],
    { mass: most, usable: usableM2, density: most / usableM2 },
    KEEPERS,
  );
  const allowed = ruled('floor.meat.most');
  if (!below(allowed, density.value)) return;
  s.find(
    'floor.meat.dense',
    'short',
    [],
    {
      density,
      allowed: s.fact('floor.meat.most'),
      missing: s.found('floor.meat.missing', 'm2', most / allowed - usableM2, KEEPERS),
    },
    null,
    dayOf(ctx.flock, day),
  );
}

/** The greatest live mass of meat birds, kg, and the day of the horizon on which they weigh it. */
function mostMeat({ lots, columns, horizon }: FlockByDay): { most: number; day: number } {
  const meat = columns.filter((_, i) => lots[i]?.breed.kind === 'meat');
  let most = 0;
  let day = 0;
  for (let d = 0; meat.length > 0 && d < horizon.length; d++) {
    const kg = meat.reduce((sum, c) => sum + (c.living[d] ?? 0) * (c.massKg[d] ?? 0), 0);
    if (kg > most) {
      most = kg;
      day = d;
    }
  }
  return { most, day };
}

/**
 * Floor inside the walls less what stands on it, m².
 * A fixture raised at least 0.45 m above the litter as it is cleaned out leaves the floor under it usable; where
 * footprints overlap, or lie in the keeper's strip, the floor is taken once.
 * @source keepers (domain notes, "Floor and run")
 */
export function usableFloorM2(plan: Scoped): number {
  const taken = floorTakers(plan).reduce((sum, t) => sum + t.takenM2, 0);
  return Math.max(0, birdsFloorM2(plan) - taken);
}

/**
 * Fixtures that take floor, with how much of it none of the others has taken already, m²: square ones first and
 * the larger first. Of a round one that meets others it is the free share of the square about it (assumption).
 */
export function floorTakers(plan: Scoped): { fixture: Fixture; takenM2: number }[] {
  const floor = floorOf(plan);
  const standing = plan.fixtures
    .filter((f) => standsOnFloor(f, plan))
    .map((fixture) => ({
      fixture,
      box: within(solidOf(fixture, plan), floor),
      round: roundAbove(fixture),
    }))
    .filter((t) => areaM2(t.box) > 0)
    .sort(
      (a, b) =>
        Number(a.round) - Number(b.round) ||
        areaM2(b.box) - areaM2(a.box) ||
        (a.fixture.id < b.fixture.id ? -1 : 1),
    );
  const strip = ownStripOf(plan);
  const taken: Flat[] = strip === null ? [] : [strip];
  return standing
    .map(({ fixture, box, round }) => {
      const free = areaM2(box) - coveredM2(box, taken);
      taken.push(box);
      return { fixture, takenM2: Math.max(0, free) * (round ? Math.PI / 4 : 1) };
    })
    .filter((t) => t.takenM2 > DUST_M2);
}

/** Less than this is arithmetic's dust, m². */
const DUST_M2 = 1e-9;

function standsOnFloor(fixture: Fixture, plan: Plan): boolean {
  if (!STANDING.has(fixture.kind) || inRun(fixture)) return false;
  return below(solidOf(fixture, plan).z0 - litterEndM(plan), ruled('floor.raised'));
}

/** Kinds of fixture that can stand on the floor and take some of it. */
const STANDING: ReadonlySet<Fixture['kind']> = new Set([
  'nestBank',
  'feeder',
  'drinker',
  'dustBath',
  'board',
  'obstacle',
]);

const roundAbove = (f: Fixture): boolean =>
  (f.kind === 'feeder' || f.kind === 'drinker') && isRound(f);

const areasOf = (flock: FlockByDay, school: ChosenSchool, d: number): number[] =>
  flock.lots.map((_, i) => scaleToBird(school.value, massThen(flock, i, d), school.scale));

/** What the room gives, whoever lives in it. */
function roomFigures(s: Sheet, plan: Scoped): void {
  const floor = floorOf(plan);
  const [length, width] = [floor.x1 - floor.x0, floor.y1 - floor.y0];
  const inside = length * width;
  const strip = ownStripOf(plan);
  const storage = strip === null ? 0 : areaM2(strip);
  const takers = floorTakers(plan);
  const taken = takers.map((t) => t.takenM2);
  s.worked('floor.inside', W['floor.inside'], { length, width, inside }, ENTERED);
  s.worked('floor.storage', W['floor.taken'], { value: storage }, ENTERED);
  for (const t of takers) {
    const parts = { value: t.takenM2 };
    s.worked(`floor.taken.${t.fixture.id}`, W['floor.taken'], parts, ENTERED);
  }
  const usable = usableFloorM2(plan);
  const parts = { inside, storage, taken, usable };
  s.worked('floor.have', W['floor.have'], parts, KEEPERS);
}
