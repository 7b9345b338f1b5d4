import { dayOf, type FlockByDay, livingOn, massThen } from '../../birds/flock';
import { demandOf } from '../../carrying/asked';
import { areaM2, coveredM2, type Flat, stripOf, within } from '../../geometry/flat';
import { inRun, solidOf } from '../../geometry/solids';
import { type Finding, findingKey } from '../../kernel/finding';
import { atMost, below } from '../../kernel/units/number';
import { ENTERED, type Figure, figure, KEEPERS } from '../../kernel/working';
import { litterEndM } from '../../model/litter';
import type { Fixture, Plan } from '../../model/schema';
import { type ChosenSchool, scaleToBird } from '../../rules/book';
import { FIT } from '../../rules/fit.data';
import { FACTS } from '../../rules/singleRules.data';

import {
  basisOf,
  byDay,
  type CarryingStation,
  capacityParts,
  type StationContext,
  thenId,
} from '../context';
import { scaledParts } from '../shared.working';
import { type Sheet, sheetOf } from '../sheet';
import { FLOOR_WORKINGS as W } from './floor.working';

/** Floor: every bird's area against the floor that fixtures leave free. */
export const floorStation: CarryingStation = {
  id: 'floor',
  topic: 'floor.area',
  entered: () => true,
  supply: (ctx) => [usableFloorM2(ctx.plan)],
  demand: (ctx, school) => {
    const usable = usableFloorM2(ctx.plan);
    const areasOn = byDay(ctx, `areas.${school.id}`, [school.value], (flock, d) =>
      areasOf(flock, school, d),
    );
    return {
      measure: school.scale === 'none' ? 'head' : 'area',
      perBird: areasOn,
      fits: (taken, { perBird }) => atMost(demandOf(taken, perBird), usable),
    };
  },
  assess: (ctx, carry, school, short) => {
    const figures = roomFigures(ctx.plan, ctx.zone);
    if (carry.state !== 'carries') {
      return { station: 'floor', carry, figures, findings: [] };
    }
    const basis = basisOf(school);
    const usable = usableFloorM2(ctx.plan);
    const askedOn = (d: number) => {
      const areas = areasOf(ctx.flock, school, d);
      const counts = livingOn(ctx.flock, d);
      return { counts, areas, needed: demandOf(counts, areas) };
    };
    const most = askedOn(carry.needOn);
    ctx.flock.lots.forEach((lot, i) => {
      const mass = massThen(ctx.flock, i, carry.needOn);
      const parts = scaledParts(school.value, mass, school.scale, most.areas[i] ?? 0);
      figures.push(
        figure(
          `floor.areaPerBird.${lot.id}`,
          'floor.areaOfBird',
          W['floor.areaOfBird'],
          parts,
          basis,
        ),
      );
    });
    const { counts, areas } = most;
    const birds = counts.reduce((x, y) => x + y, 0);
    const then = askedOn(carry.setOn);
    figures.push(
      figure(
        'floor.areaPerBird',
        'floor.areaPerBird',
        W['floor.areaPerBird'],
        { counts, areas, mean: most.needed / birds },
        basis,
      ),
      figure('floor.needed', 'floor.needed', W['floor.needed'], most, basis),
      figure(
        'floor.capacity',
        'floor.capacity',
        W['floor.capacity'],
        {
          ...capacityParts(ctx, carry),
          areas: then.areas,
          asked: demandOf(carry.taken, then.areas),
          usable,
        },
        basis,
      ),
    );
    const findings: Finding[] = [];
    if (carry.fitting < carry.present) {
      const neededId = thenId(carry, 'floor.needed');
      if (carry.setOn !== carry.needOn) {
        figures.push(figure(neededId, 'floor.needed', W['floor.needed'], then, basis));
      }
      const missing = then.needed - usable;
      figures.push(
        figure(
          'floor.missing',
          'floor.missing',
          W['floor.missing'],
          { needed: then.needed, there: usable, missing },
          basis,
        ),
      );
      findings.push({
        code: 'floor.area.short',
        key: findingKey('floor.area.short', []),
        station: 'floor',
        severity: 'short',
        fixtures: [],
        numbers: {
          missing: { value: missing, unit: 'm2', figure: 'floor.missing' },
          needed: { value: then.needed, unit: 'm2', figure: neededId },
          there: { value: usable, unit: 'm2', figure: 'floor.have' },
        },
        zone: null,
        ...short,
      });
    }
    const dense = meatDensity(ctx, usable);
    return {
      station: 'floor',
      carry,
      figures: [...figures, ...dense.figures],
      findings: [...findings, ...dense.findings],
    };
  },
};

/** Meat birds grow until the floor is full of them: live mass to the square metre, at its most. */
function meatDensity(ctx: StationContext, usableM2: number): Sheet {
  const s = sheetOf('floor');
  const { lots, columns, horizon } = ctx.flock;
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
  if (most === 0 || usableM2 === 0) return s;
  const density = s.worked(
    'floor.meat.density',
    'floor.density',
    W['floor.density'],
    { mass: most, usable: usableM2, density: most / usableM2 },
    KEEPERS,
  );
  const allowed = FACTS['floor.meat.most'].value;
  if (!below(allowed, density.value)) return s;
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
  return s;
}

/**
 * Floor inside the walls less what stands on it, m².
 * A fixture raised at least 0.45 m above the litter as it is cleaned out leaves the floor under it usable; where
 * footprints overlap, or lie in the keeper's strip, the floor is taken once.
 * @source keepers (domain notes, "Floor and run")
 */
export function usableFloorM2(plan: Plan): number {
  const taken = floorTakers(plan).reduce((sum, t) => sum + t.takenM2, 0);
  const { lengthM, widthM } = plan.shell;
  return Math.max(0, lengthM * widthM - storageM2(plan.shell) - taken);
}

/**
 * Fixtures that take floor, with how much of it none of the others has taken already, m²: square ones first and
 * the larger first. Of a round one that meets others it is the free share of the square about it (assumption).
 */
export function floorTakers(plan: Plan): { fixture: Fixture; takenM2: number }[] {
  const standing = plan.fixtures
    .filter((f) => standsOnFloor(f, plan))
    .map((fixture) => ({
      fixture,
      box: within(solidOf(fixture, plan), plan.shell),
      round: roundAbove(fixture),
    }))
    .filter((t) => areaM2(t.box) > 0)
    .sort(
      (a, b) =>
        Number(a.round) - Number(b.round) ||
        areaM2(b.box) - areaM2(a.box) ||
        (a.fixture.id < b.fixture.id ? -1 : 1),
    );
  const strip = stripOf(plan.shell);
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
  return below(solidOf(fixture, plan).z0 - litterEndM(plan), FIT['floor.raised'].valueM);
}

/** Kinds of fixture that can stand on the floor and take some of it. */
const STANDING: ReadonlySet<Fixture['kind']> = new Set([
  'nestBank',
  'feeder',
  'drinker',
  'dustBath',
  'board',
]);

const roundAbove = (f: Fixture): boolean =>
  (f.kind === 'feeder' || f.kind === 'drinker') && f.type !== 'trough';

/** Floor of the strip that is the keeper's own, m². */
export function storageM2(shell: Plan['shell']): number {
  const strip = stripOf(shell);
  return strip === null ? 0 : areaM2(strip);
}

const areasOf = (flock: FlockByDay, school: ChosenSchool, d: number): number[] =>
  flock.lots.map((_, i) => scaleToBird(school.value, massThen(flock, i, d), school.scale));

/** What the room gives, whoever lives in it. */
function roomFigures(plan: Plan, zone: boolean): Figure[] {
  const { lengthM: length, widthM: width } = plan.shell;
  const inside = length * width;
  const storage = storageM2(plan.shell);
  const takers = floorTakers(plan);
  const taken = takers.map((t) => t.takenM2);
  return [
    figure('floor.inside', 'floor.inside', W['floor.inside'], { length, width, inside }, ENTERED),
    // of a zone it is what lies beyond the mesh as well: worked, not entered
    zone
      ? figure('floor.storage', 'floor.beyond', W['floor.beyond'], { value: storage }, KEEPERS)
      : figure('floor.storage', 'floor.taken', W['floor.taken'], { value: storage }, ENTERED),
    ...takers.map((t) =>
      figure(
        `floor.taken.${t.fixture.id}`,
        'floor.taken',
        W['floor.taken'],
        { value: t.takenM2 },
        ENTERED,
      ),
    ),
    figure(
      'floor.have',
      'floor.have',
      W['floor.have'],
      { inside, storage, taken, usable: usableFloorM2(plan) },
      KEEPERS,
    ),
  ];
}
