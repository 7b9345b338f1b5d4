import { assess, createAssessor } from '@/core/assess';
import { remedies } from '@/core/remedies/remedies';
import { change, DAY, hens, soundCoop } from '@/core/tests/plans';
import { reachM } from '../../birds/vesselReach';
import type { Plan } from '../../model/schema';

/** Twenty hens, a tube with its rim at their back, and a second one so high. */
const twoTubes = (rimZ: number, parts: (d: Plan) => void = () => undefined): Plan =>
  soundCoop((d) => {
    d.flock = [hens(20, { massKg: 2.2 })];
    d.fixtures = d.fixtures.filter((f) => f.kind !== 'feeder');
    const feeder = soundCoop().fixtures.find((f) => f.kind === 'feeder');
    if (feeder?.kind !== 'feeder') throw new Error('no feeder');
    const tube = { ...feeder, type: 'tube' as const, diameterM: 0.35, made: null, hung: true };
    d.fixtures.push(
      { ...tube, id: 'low', name: 'Low tube', rimZ: d.litter.depthM + 0.24 },
      { ...tube, id: 'high', name: 'High tube', x: tube.x + 0.5, rimZ: d.litter.depthM + rimZ },
    );
    parts(d);
  });
const of = (plan: Plan) => {
  const { findings, staves } = assess(plan, { on: DAY });
  return {
    carries: staves.find((s) => s.station === 'feed')?.carries,
    high: findings.filter((f) => f.code === 'feed.vessel.high').map((f) => f.fixtures),
    short: findings.filter((f) => f.code === 'feed.access.short').length,
  };
};

test('reach is the head of a standing bird or a little over her back; a pin is reached with the head lifted', () => {
  const tube = { kind: 'feeder', type: 'tube' } as const;
  // 0.42·(m/2.2)^⅓ and 0.185·m^⅓ + 0.12 by hand
  expect(reachM(tube, 2.2)).toBeCloseTo(0.42, 9);
  expect(reachM(tube, 0.5)).toBeCloseTo(0.2668, 3);
  expect(reachM(tube, 4.5)).toBeCloseTo(0.5331, 3);
  expect(reachM({ kind: 'drinker', type: 'nipple' }, 2.2)).toBeCloseTo(0.582, 9);
});

test('a feeder that nobody reaches serves nobody and is told by itself, also beside one that all reach', () => {
  const both = of(twoTubes(0.24));
  const one = of(twoTubes(1.2));
  expect(both.high).toEqual([]);
  expect(one.high).toEqual([['high']]);
  // half the edge serves half the birds
  expect(one.carries).toBe(Math.floor((both.carries ?? 0) / 2));
});

test('just within reach it counts and is told as ever; a finger above it does not', () => {
  expect(of(twoTubes(0.42)).carries).toBe(of(twoTubes(0.24)).carries);
  expect(of(twoTubes(0.43)).carries).toBeLessThan(of(twoTubes(0.42)).carries ?? 0);
});

test('a high one counts for those who are tall enough, and is no fault where the small have another', () => {
  const mixed = of(
    twoTubes(0.5, (d) => {
      d.flock = [hens(8, { massKg: 4.5 }), hens(6, { id: 'small', massKg: 0.9 })];
      for (const f of d.fixtures)
        if (f.kind === 'feeder' && f.id === 'low') f.rimZ = d.litter.depthM + 0.18;
    }),
  );
  expect(mixed.high).toEqual([]);
  expect(mixed.carries).toBeGreaterThanOrEqual(14);
});

test('lowering it is the first remedy, and mends it', () => {
  const plan = twoTubes(1.2);
  const assessor = createAssessor();
  const judged = assessor(plan, { on: DAY });
  const finding = judged.findings.find((f) => f.code === 'feed.vessel.high');
  if (!finding) throw new Error('not told');
  const [first] = remedies(plan, finding, judged, assessor);
  expect(first?.code).toBe('vessels.height');
  expect(of(first?.plan ?? plan)).toEqual(of(twoTubes(0.24)));
});

test('drinkers keep the same rule', () => {
  const high = soundCoop((d) => {
    change(d, 'drinker', 'drinker', { type: 'fount', rimZ: 1.2 });
  });
  const { findings, staves } = assess(high, { on: DAY });
  expect(findings.map((f) => f.code)).toContain('water.vessel.high');
  expect(findings.map((f) => f.code)).not.toContain('water.access.short');
  expect(staves.find((s) => s.station === 'water')?.carries).toBe(0);
});
