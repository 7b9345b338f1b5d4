// What is offered where the plain change brings something as bad as it mends.
import { createAssessor } from '../assess';
import { newDrinker } from '../edit/new/floorThings';
import { newHatch, newVent } from '../edit/new/openings';
import { gapInPlan } from '../geometry/segments';
import { solidOf } from '../geometry/solids';
import { wallLength } from '../geometry/walls';
import type { OfKind, Plan } from '../model/schema';
import { bank, bareCoop, change, DAY, hens, sampleClimate, soundCoop } from '../tests/plans';
import { contextFor } from '../tests/proposals';
import { PROPOSERS, remedies } from './remedies';

const offered = (plan: Plan, code: string) => {
  const assess = createAssessor();
  const before = assess(plan, { on: DAY });
  const finding = before.findings.find((f) => f.code === code);
  if (!finding) throw new Error(before.findings.map((f) => f.code).join());
  return { finding, before, all: remedies(plan, finding, before, assess) };
};
const proposed = (plan: Plan, code: string, told: string) => {
  const { ctx, before } = contextFor(plan);
  const finding = before.findings.find((f) => f.code === code);
  if (!finding) throw new Error(before.findings.map((f) => f.code).join());
  for (const propose of PROPOSERS[finding.code] ?? []) {
    for (const p of propose(finding, ctx)) {
      if (p.code !== told) continue;
      const draft = structuredClone(plan);
      p.change(draft);
      return { proposal: p, plan: draft };
    }
  }
  throw new Error(`no ${told}`);
};
const windows = (plan: Plan): OfKind<'window'>[] =>
  plan.fixtures.filter((f): f is OfKind<'window'> => f.kind === 'window');

test('litter that is deepened under bars takes bars, nests and vessels up with it', () => {
  const plan = soundCoop((d) => {
    d.litter.depthM = 0.04;
    for (const f of d.fixtures) {
      if (f.kind === 'bar' && f.use === 'sleeping') f.z = 0.46;
      if (f.kind === 'bar' && f.use === 'step') f.z = 0.3;
      if (f.kind === 'feeder' || f.kind === 'drinker') f.rimZ -= 0.06;
    }
  });
  const made = proposed(plan, 'litter.depth.shallow', 'litter.deepenAll');
  const rise = made.plan.litter.depthM - plan.litter.depthM;
  expect(rise).toBeGreaterThan(0.01);
  expect(made.proposal.numbers.rise?.value).toBeCloseTo(rise, 9);
  for (const f of made.plan.fixtures) {
    const was = plan.fixtures.find((o) => o.id === f.id);
    if (f.kind === 'bar' && was?.kind === 'bar') expect(f.z - was.z).toBeCloseTo(rise, 9);
    if (f.kind === 'popDoor' && was?.kind === 'popDoor') expect(f.sillZ).toBe(was.sillZ);
  }
});

test('a door whose raised sill would stand before nests is moved to another wall', () => {
  const plan = soundCoop((d) => {
    change(d, 'popDoor', 'pop', { wall: 'left', alongM: 0.3, sillZ: 0.1, heightM: 0.4 });
    d.fixtures = d.fixtures.filter((f) => f.kind !== 'nestBank');
    d.fixtures.push(bank({ id: 'bank', x: 0, y: 0.1, lipZ: 0.66, boxes: 2 }));
  });
  const made = proposed(plan, 'door.sill.low', 'door.moveRaised');
  const door = made.plan.fixtures.find((f) => f.id === 'pop');
  if (door?.kind !== 'popDoor') throw new Error('no door');
  expect(door.sillZ).toBe(made.proposal.numbers.sill?.value);
  expect(door.sillZ).toBeGreaterThan(0.1);
  const { all } = offered(plan, 'door.sill.low');
  expect(all.map((r) => r.code)).toContain('door.moveRaised');
});

test('windows for a crowd are of one size, apart, and none wider than one person hangs', () => {
  const bare = bareCoop();
  const plan: Plan = {
    ...bare,
    climate: sampleClimate('hot-desert'),
    flock: [hens(40, { massKg: 2.4 })],
    shell: { ...bare.shell, lengthM: 1.4, widthM: 3 },
    fixtures: [
      newVent(bare, { wall: 'rear', alongM: 0.2, widthM: 0.3, heightM: 0.1, sillZ: 1.85 }),
    ],
  };
  const made = proposed(plan, 'air.summer.short', 'air.addWindowsAround');
  const added = windows(made.plan);
  expect(made.proposal.numbers.windows?.value).toBe(added.length);
  expect(new Set(added.map((w) => `${w.widthM} ${w.heightM}`)).size).toBe(1);
  for (const [i, w] of added.entries()) {
    expect(w.widthM).toBeLessThanOrEqual(1.5);
    expect(w.alongM + w.widthM).toBeLessThanOrEqual(wallLength(plan, w.wall) + 1e-9);
    for (const o of added.slice(i + 1)) {
      const apart =
        o.wall !== w.wall ||
        o.alongM >= w.alongM + w.widthM ||
        w.alongM >= o.alongM + o.widthM ||
        o.sillZ >= w.sillZ + w.heightM ||
        w.sillZ >= o.sillZ + o.heightM;
      expect([w.id, o.id, apart]).toEqual([w.id, o.id, true]);
    }
  }
});

const HEATED = { kind: 'heated', watts: 1000, by: 'water', immersed: false, cutOut: true } as const;

test('a fount in place of a line of cups stands apart from the other drinker', () => {
  const plan = soundCoop((d) => {
    d.climate = sampleClimate('cold-continental');
    d.flock = [hens(12, { massKg: 2.2 })];
    d.fixtures = d.fixtures.filter((f) => f.kind !== 'drinker');
    d.fixtures.push(
      newDrinker(d, { id: 'fount', type: 'fount', x: 3.4, y: 0.25, winter: HEATED }),
      newDrinker(d, { id: 'cups', type: 'cup', outlets: 4, x: 3.6, y: 0.3, tankZ: 1 }),
    );
  });
  const made = proposed(plan, 'water.frost.ice', 'frost.fount');
  const [a, b] = made.plan.fixtures.filter((f) => f.kind === 'drinker');
  if (!a || !b) throw new Error('two drinkers');
  expect(gapInPlan(solidOf(a, plan), solidOf(b, plan))).toBeGreaterThan(1);
});

test('eggs are gathered from inside only where somebody walks in and stands', () => {
  const hung = (recipe: (d: Plan) => void = () => {}): Plan =>
    soundCoop((d) => {
      d.shell.floorAboveGroundM = 0.9;
      change(d, 'nestBank', 'bank', { collect: 'lid', hungOutside: true, x: 0, y: -0.4 });
      recipe(d);
    });
  const inside = (plan: Plan): boolean => {
    const { ctx, before } = contextFor(plan);
    const finding = before.findings.find((f) => f.code === 'nests.collect.height');
    if (!finding) throw new Error(before.findings.map((f) => f.code).join());
    return (PROPOSERS[finding.code] ?? []).some((propose) =>
      [...propose(finding, ctx)].some((p) => p.code === 'nests.collectInside'),
    );
  };
  expect(inside(hung())).toBe(true);
  const tooTall = hung((d) => {
    d.keeper.statureM = 2.05;
  });
  const noDoor = hung((d) => {
    d.fixtures = d.fixtures.filter((f) => f.kind !== 'door');
  });
  expect([inside(tooTall), inside(noDoor)]).toEqual([false, false]);
});

test('where a hatch leaves floor out of reach it is made a door, in its place', () => {
  const plan = soundCoop((d) => {
    d.fixtures = d.fixtures.filter((f) => f.kind !== 'door');
    d.fixtures.push({ ...newHatch(d), id: 'hatch', wall: 'front', alongM: 1.6, widthM: 0.6 });
  });
  const code = 'reach.vessel.far';
  const made = proposed(plan, code, 'reach.hatchToDoor');
  const door = made.plan.fixtures.find((f) => f.kind === 'door');
  if (door?.kind !== 'door') throw new Error('no door');
  expect(made.plan.fixtures.some((f) => f.kind === 'hatch')).toBe(false);
  expect(door.wall).toBe('front');
  expect(door.alongM).toBeLessThanOrEqual(1.6);
  expect(door.alongM + door.widthM).toBeGreaterThanOrEqual(2.2);
  const after = createAssessor()(made.plan, { on: DAY });
  expect(after.findings.map((f) => f.code)).not.toContain(code);
});
