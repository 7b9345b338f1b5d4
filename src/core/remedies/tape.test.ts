// What is made, added or moved can be read off the plan's own tape: whole centimetres, or whole half inches.

import fc from 'fast-check';
import { produce } from 'immer';
import * as bars from '../edit/new/bars';
import * as things from '../edit/new/floorThings';
import * as nests from '../edit/new/nests';
import * as openings from '../edit/new/openings';
import { solidOf } from '../geometry/solids';
import { gridNear, onGrid } from '../kernel/units/grid';
import type { UnitSystem } from '../kernel/units/length';
import { vesselDown, vesselUp } from '../kernel/units/vesselSize';
import type { Fixture, Plan } from '../model/schema';
import { badCoop } from '../tests/plans';
import { allTold, contextFor } from '../tests/proposals';
import { runs } from '../tests/runs';
import { PROPOSERS } from './remedies';
import { setAnew } from './setAnew';

/** Lengths of a fixture that a tape is held to. */
const LENGTHS = new Set(
  (
    'x y z lengthM widthM depthM heightM alongM sillZ lipZ stepZ rimZ diameterM boxW boxD boxH frontM flapM fillM ' +
    'tankZ apronM eavesM skirtingM wrapM upturnM cleatM'
  ).split(' '),
);
/** Sizes that cannot be nothing. */
const SIZES = new Set('lengthM widthM heightM depthM diameterM boxW boxD boxH'.split(' '));

/** Every length of a thing brought to the tape. */
function snapped<T>(thing: T, units: UnitSystem): T {
  if (Array.isArray(thing)) return thing.map((one) => snapped(one, units)) as T;
  if (thing === null || typeof thing !== 'object') return thing;
  return Object.fromEntries(
    Object.entries(thing).map(([key, value]) => {
      if (key === 'section') return [key, value];
      if (typeof value !== 'number' || !LENGTHS.has(key)) return [key, snapped(value, units)];
      const near = gridNear(value, units);
      return [key, SIZES.has(key) ? Math.max(near, gridNear(0.02, units)) : near];
    }),
  ) as T;
}

const onTape = (coop: Plan, units: UnitSystem): Plan => ({
  ...coop,
  units,
  shell: snapped(coop.shell, units),
  litter: { ...coop.litter, depthM: gridNear(coop.litter.depthM, units) },
  fixtures: snapped(coop.fixtures, units),
});

/** Lengths of a fixture that are new, or no longer what they were, and not on the tape. */
function off(now: Fixture, was: Fixture | undefined, plan: Plan): string[] {
  const { units, shell } = plan;
  const found: string[] = [];
  const walk = (a: object, b: object | undefined, path: string): void => {
    for (const [key, value] of Object.entries(a)) {
      const before = (b as Record<string, unknown> | undefined)?.[key];
      if (key === 'section' || value === before) continue;
      if (value !== null && typeof value === 'object') {
        walk(value, before as object | undefined, `${path}${key}.`);
      } else if (typeof value === 'number' && LENGTHS.has(key) && !onGrid(value, units)) {
        found.push(`${now.kind}.${path}${key} ${value}`);
      }
    }
  };
  walk(now, was, '');
  // a round thing moved to a wall touches it to the last digit, wherever its middle then is
  const round = now.kind === 'feeder' || now.kind === 'drinker';
  if (!round) return found;
  const s = solidOf(now, plan);
  const gaps = [s.x0, s.y0, shell.lengthM - s.x1, shell.widthM - s.y1];
  const touches = gaps.some((gap) => Math.abs(gap) < 1e-6);
  return touches ? found.filter((text) => !/\.[xy] /.test(text)) : found;
}

/** Whether a vessel of so many litres is sold, or can be filled by a jug, in these units. */
const isSold = (litres: number, units: Plan['units']): boolean =>
  [vesselUp, vesselDown].some((round) => Math.abs(round(litres, units) - litres) < 1e-4);

/** Told in a size that lumber is sold by, not measured. */
const LUMBER = new Set(['roosts.widen', 'roosts.thicken', 'water.widenLine']);

test('everything that a proposal makes or moves, and every length it speaks of', () => {
  let [changed, told] = [0, 0];
  const bad = new Set<string>();
  for (const units of ['imperial', 'metric'] as const) {
    const coops = fc.sample(badCoop, {
      numRuns: units === 'imperial' ? runs(30, 100) : runs(10, 20),
      seed: 2026,
    });
    for (const [i, coop] of coops.entries()) {
      const given = onTape(coop, units);
      const { ctx, before } = contextFor(given);
      for (const finding of before.findings) {
        for (const propose of PROPOSERS[finding.code] ?? []) {
          // laying all anew has a test of its own
          if (propose === setAnew && i % 20 > 0) continue;
          for (const p of propose(finding, ctx)) {
            const next = produce(ctx.plan, (d) => p.change(d));
            for (const f of next.fixtures) {
              const was = ctx.plan.fixtures.find((o) => o.id === f.id);
              if (was === f) continue;
              changed++;
              for (const text of off(f, was, next)) bad.add(`${units} ${p.code} ${text}`);
            }
            if (LUMBER.has(p.code)) continue;
            for (const line of allTold(p)) {
              for (const [name, n] of Object.entries(line.numbers)) {
                if (n.unit === 'litres' && !isSold(n.value, units)) {
                  bad.add(`${units} ${line.code} ${n.value} L`);
                }
                if (n.unit !== 'm' || !Number.isFinite(n.value)) continue;
                told++;
                if (!onGrid(n.value, units)) bad.add(`${units} ${line.code}.${name} ${n.value}`);
              }
            }
          }
        }
      }
    }
  }
  expect([...bad].slice(0, 30)).toEqual([]);
  expect(changed).toBeGreaterThan(runs(1500, 5000));
  expect(told).toBeGreaterThan(runs(1500, 5000));
});

test('every new thing', () => {
  const makers = [
    bars.newBar,
    bars.newBoard,
    bars.newCeiling,
    things.newDish,
    openings.newDoor,
    things.newDrinker,
    things.newDustBath,
    things.newFeeder,
    openings.newHatch,
    bars.newLedge,
    nests.newNestBank,
    openings.newPopDoor,
    openings.newVent,
  ] as readonly ((plan: Plan) => Fixture)[];
  const bad = new Set<string>();
  for (const coop of fc.sample(badCoop, { numRuns: 100, seed: 5 })) {
    const given = onTape(coop, 'imperial');
    for (const make of makers) {
      for (const text of off(make(given), undefined, given)) bad.add(text);
    }
  }
  expect([...bad].slice(0, 30)).toEqual([]);
});
