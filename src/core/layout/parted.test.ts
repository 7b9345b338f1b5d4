import fc from 'fast-check';
import { assess } from '../assess';
import { parsePlan } from '../edit/parse';
import { zoneOf } from '../edit/zones';
import { inRun } from '../geometry/solids';
import { createJudge } from '../judge';
import { anyBirdsInAnyShell } from '../tests/anyBirds';
import { bareCoop, DAY, hens } from '../tests/plans';
import { runs } from '../tests/runs';
import { isOfTheCoop } from './fitOut';
import { asksForTwo, partedFit } from './parted';
import { fitOf, roughOut } from './roughOut';

const flock = [
  hens(8, { id: 'hens', breed: 'sussex' }),
  hens(3, { id: 'ducks', name: 'Ducks', breed: 'khaki-campbell' }),
];
const room = bareCoop({
  flock,
  shell: {
    ...bareCoop().shell,
    lengthM: 4.2,
    widthM: 2.4,
    roof: { kind: 'mono', lowM: 1.9, highM: 2.2, highSide: 'front' },
  },
});

test('ducks beside hens get a zone of their own, with all that they need', () => {
  const fit = partedFit(room, DAY);
  if (!fit) throw new Error('they are not kept apart');
  expect(fit.plan.partition).toMatchObject({ axis: 'x', beyond: ['ducks'] });
  const kinds = (zone: 'near' | 'beyond'): Set<string> =>
    new Set(fit.plan.fixtures.filter((f) => zoneOf(fit.plan, f) === zone).map((f) => f.kind));
  for (const kind of ['door', 'popDoor', 'feeder', 'drinker', 'vent', 'nestBank']) {
    expect([kind, kinds('near').has(kind as never), kinds('beyond').has(kind as never)]).toEqual([
      kind,
      true,
      true,
    ]);
  }
  // ducks sleep on the floor
  expect(kinds('beyond').has('bar')).toBe(false);
  const { birds, findings, zones } = assess(fit.plan, { on: DAY });
  expect(findings.filter(isOfTheCoop)).toEqual([]);
  expect(findings.map((f) => f.code)).not.toContain('flock.ducks.withHens');
  expect(zones?.beyond.planned).toBe(3);
  // hens sit on their side of the mesh, and no duck on a bar
  expect(
    birds.map((b) => [b.lotId.startsWith('hens'), b.x < (fit.plan.partition?.atM ?? 0)]),
  ).toEqual(Array.from({ length: 8 }, () => [true, true]));
  expect(fit.why.map((d) => d.code)).toEqual(
    expect.arrayContaining(['shell.parted', 'shell.beyond', 'nests.ducks']),
  );
});

test('names and ids are each one thing’s own', () => {
  const fixtures = partedFit(room, DAY)?.plan.fixtures ?? [];
  expect(new Set(fixtures.map((f) => f.id)).size).toBe(fixtures.length);
  expect(new Set(fixtures.map((f) => f.name)).size).toBe(fixtures.length);
});

test('one room for all may be chosen; and where there is no room for two, that is told', () => {
  const one = fitOf(room, DAY, createJudge(), { parted: false });
  expect(one.kind === 'fits' && [one.plan.partition, one.why[0]?.code]).toEqual([
    null,
    'shell.together',
  ]);
  const small = { ...room, shell: { ...room.shell, lengthM: 2.7, widthM: 1.8 } };
  expect(
    partedFit(
      { ...small, flock: [hens(6, { id: 'hens' }), hens(5, { id: 'ducks', breed: 'muscovy' })] },
      DAY,
    ),
  ).toBeNull();
});

test('nobody asks for two where all are hens, or all are ducks', () => {
  expect(asksForTwo({ ...room, flock: [flock[0] as never] })).toBe(false);
  expect(asksForTwo({ ...room, flock: [flock[1] as never] })).toBe(false);
  expect(asksForTwo(room)).toBe(true);
});

test('of many flocks with ducks: what is kept apart has no harm and nothing short, in either zone', () => {
  let parted = 0;
  const mixed = fc
    .sample(anyBirdsInAnyShell, { numRuns: runs(160, 400), seed: 7 })
    .filter(asksForTwo)
    .slice(0, runs(16, 40));
  for (const plan of mixed) {
    const fit = roughOut(plan, DAY);
    if (fit.kind !== 'fits' || !fit.parted) continue;
    parted++;
    expect(parsePlan(fit.plan).ok).toBe(true);
    const { findings } = assess(fit.plan, { on: DAY });
    expect(findings.filter(isOfTheCoop).map((f) => f.key)).toEqual([]);
    // nothing stands in the mesh
    const at = fit.plan.partition?.atM ?? 0;
    for (const f of fit.plan.fixtures) {
      if (inRun(f) || !('lengthM' in f) || !('x' in f) || f.kind !== 'bar' || f.axis !== 'x')
        continue;
      expect(f.x + f.lengthM <= at + 1e-9 || f.x >= at - 1e-9).toBe(true);
    }
  }
  expect(parted).toBeGreaterThan(runs(2, 5));
}, 300_000);
