import fc from 'fast-check';
import { assess, createAssessor } from '@/core/assess';
import { FAULTS } from '@/core/tests/faults';
import { badCoop, bar, DAY, hens, soundCoop } from '@/core/tests/plans';
import { solidOf } from '../geometry/solids';
import { barrelAcrossM } from '../model/barrelForm';
import type { Fixture, Plan, Rain, Side } from '../model/schema';
import { RULE_BOOK, selectableRows } from '../rules/book';
import { runs } from '../tests/runs';

const on = DAY;
const NEEDS = [
  'floor.needed',
  'roosts.needed',
  'nests.needed',
  'air.needed',
  'air.winter.needed',
  'feed.needed',
  'water.needed',
  'door.needed',
  'litter.droppings',
  'shell.dustBath.needed',
];

/** One more of every group. */
const withMore = (plan: Plan, more: number): Plan => ({
  ...plan,
  flock: plan.flock.map((g) => ({ ...g, count: g.count + more })),
});

test('more birds never lower a need', () => {
  fc.assert(
    fc.property(badCoop, fc.integer({ min: 1, max: 6 }), (plan, more) => {
      const before = assess(plan, { on }).figures;
      const after = assess(withMore(plan, more), { on }).figures;
      for (const id of NEEDS) {
        if (!before.get(id)) continue;
        expect([id, (after.get(id)?.value ?? -1) >= (before.get(id)?.value ?? 0) - 1e-9]).toEqual([
          id,
          true,
        ]);
      }
    }),
    { numRuns: runs(12, 25) },
  );
});

test('units never change a verdict, a carry or a finding', () => {
  fc.assert(
    fc.property(badCoop, (plan) => {
      const told = (p: Plan) => {
        const a = assess(p, { on });
        return [a.staves, a.findings, a.carries, a.sentence];
      };
      expect(told({ ...plan, units: 'imperial' })).toEqual(told({ ...plan, units: 'metric' }));
    }),
    { numRuns: 20 },
  );
});

test('a school that asks more of a bird never carries more', () => {
  const denser = (topic: string, param: string): string[] =>
    selectableRows(RULE_BOOK, topic)
      .filter((r) => r.params[param] !== undefined)
      .sort((a, b) => (a.params[param] ?? 0) - (b.params[param] ?? 0))
      .map((r) => r.id);
  fc.assert(
    fc.property(badCoop, (plan) => {
      const assessor = createAssessor();
      for (const [station, topic, param] of [
        ['floor', 'floor.area', 'areaM2'],
        ['roosts', 'roosts.length', 'widthM'],
      ] as const) {
        const carries = denser(topic, param).map(
          (id) =>
            assessor({ ...plan, schools: { [topic]: id } }, { on }).staves.find(
              (s) => s.station === station,
            )?.carries ?? 0,
        );
        expect([...carries].sort((a, b) => b - a)).toEqual(carries);
      }
    }),
    { numRuns: 20 },
  );
});

const OPPOSITE: Readonly<Record<Side, Side>> = {
  left: 'right',
  right: 'left',
  front: 'front',
  rear: 'rear',
};

/** A fixture as it stands in the mirror, left for right. */
function mirrored(f: Fixture, plan: Plan): Fixture {
  const { lengthM } = plan.shell;
  if ('wall' in f) {
    const across = f.wall === 'front' || f.wall === 'rear';
    return {
      ...f,
      wall: OPPOSITE[f.wall],
      alongM: across ? lengthM - f.alongM - f.widthM : f.alongM,
    };
  }
  const s = solidOf(f, plan);
  if (f.kind === 'bar' && f.axis === 'y') return { ...f, x: lengthM - f.x };
  if (f.kind === 'feeder' || f.kind === 'drinker' || f.kind === 'dish') {
    return { ...f, x: lengthM - f.x };
  }
  const moved = { ...f, x: lengthM - s.x1 };
  return moved.kind === 'nestBank' ? { ...moved, faces: OPPOSITE[moved.faces] } : moved;
}

/** Barrels and gutters in the mirror. */
const rainMirrored = (rain: Rain, lengthM: number): Rain => {
  const { side, alongM, count } = rain.barrel;
  const acrossM = barrelAcrossM(rain.barrel);
  const wide = acrossM * count + 0.05 * (count - 1);
  const across = side === 'front' || side === 'rear';
  return {
    ...rain,
    eaves: rain.eaves.map((e) => OPPOSITE[e]),
    barrel: {
      ...rain.barrel,
      side: OPPOSITE[side],
      alongM: across ? lengthM - alongM - wide : alongM,
    },
  };
};

const mirror = (plan: Plan): Plan => {
  const { windFrom } = plan.site;
  return {
    ...plan,
    site: { ...plan.site, windFrom: windFrom === null ? null : OPPOSITE[windFrom] },
    run:
      plan.run === null
        ? null
        : { ...plan.run, solidSides: plan.run.solidSides.map((s) => OPPOSITE[s]) },
    rain: plan.rain && rainMirrored(plan.rain, plan.shell.lengthM),
    fixtures: plan.fixtures.map((f) => mirrored(f, plan)),
  };
};

test.each(FAULTS.map((f) => [f.code, f] as const))('%s is told in a mirror too', (_, fault) => {
  const keys = (plan: Plan): string[] => assess(plan, { on }).findings.map((f) => f.key);
  expect(keys(mirror(fault.broken))).toEqual(keys(fault.broken));
});

test('any coop has the findings of its mirror', () => {
  fc.assert(
    fc.property(badCoop, (plan) => {
      const told = (p: Plan) => assess(p, { on }).findings.map((f) => [f.key, f.severity]);
      expect(told(mirror(plan))).toEqual(told(plan));
    }),
    { numRuns: runs(12, 25) },
  );
});

/** A coop of whole hand's breadths, where everything touches something. */
function onGrid(plan: Plan): Plan {
  const whole = (m: number): number => Math.max(1, Math.round(m / GRID_M)) / (1 / GRID_M);
  const snapped = (o: unknown): unknown => {
    if (typeof o === 'number') return Number.isInteger(o) ? o : whole(o);
    if (Array.isArray(o)) return o.map(snapped);
    return typeof o === 'object' && o !== null
      ? Object.fromEntries(Object.entries(o).map(([key, v]) => [key, snapped(v)]))
      : o;
  };
  const { lengthM, widthM } = plan.shell;
  return {
    ...plan,
    shell: { ...plan.shell, lengthM: whole(lengthM), widthM: whole(widthM) },
    fixtures: snapped(plan.fixtures) as Fixture[],
  };
}
const GRID_M = 0.05;

test('what only touches is no fault, on whichever side the arithmetic leaves its dust', () => {
  fc.assert(
    fc.property(badCoop.map(onGrid), (plan) => {
      const told = (p: Plan) => assess(p, { on }).findings.map((f) => [f.key, f.severity]);
      expect(told(mirror(plan))).toEqual(told(plan));
    }),
    { numRuns: runs(25, 60) },
  );
});

test('a feeder that ends where the droppings of a bar begin is clear of them', () => {
  const plan = (x: number, barX: number): Plan => ({
    ...soundCoop(),
    fixtures: soundCoop().fixtures.flatMap((f): Fixture[] => {
      if (f.kind === 'bar') return [{ ...f, axis: 'x' as const, x: barX, lengthM: 0.331, y: 0.2 }];
      return f.kind === 'feeder' ? [{ ...f, x, y: 0.2, diameterM: 0.242 }] : [];
    }),
  });
  const under = (p: Plan): boolean =>
    assess(p, { on }).findings.some((f) => f.code === 'feed.vessel.underBars');
  // the same coop from both sides of its middle: 0.337 + 0.121 is not quite 0.458 in binary
  expect(under(plan(0.542, 0.663))).toBe(false);
  expect(under(plan(1 - 0.542, 1 - 0.663 - 0.331))).toBe(false);
  expect(under(plan(0.544, 0.663))).toBe(true);
});

test('a sound coop stays sound in the mirror', () => {
  expect(assess(mirror(soundCoop()), { on }).findings).toEqual([]);
});

test('the order of groups and of fixtures changes nothing: no carry, no verdict, no finding', () => {
  fc.assert(
    fc.property(badCoop, (plan) => {
      const told = (p: Plan) => {
        const a = assess(p, { on });
        const staves = a.staves.map(({ station, carries, verdict }) => [station, carries, verdict]);
        const findings = a.findings
          .map((f) => `${f.severity} ${f.key} ${f.from ?? ''} ${f.till ?? ''}`)
          .sort();
        return { carries: a.carries, held: [...a.heldBackBy].sort(), staves, findings };
      };
      const turned = {
        ...plan,
        flock: [...plan.flock].reverse(),
        fixtures: [...plan.fixtures].reverse(),
      };
      expect(told(turned)).toEqual(told(plan));
    }),
    { numRuns: runs(18, 40) },
  );
});

test('of bars as low as one another the same is told whichever was entered first', () => {
  const coop = soundCoop((d) => {
    d.flock = [hens(4, { breed: 'pekin-bantam', massKg: 0.7 })];
    d.fixtures = [
      ...d.fixtures.filter((f) => f.kind !== 'bar'),
      bar({ id: 'low-b', y: 2.5, z: 1.5 }),
      bar({ id: 'low-a', y: 2, z: 1.5 }),
    ];
  });
  const keys = (plan: Plan): string[] => assess(plan, { on }).findings.map((f) => f.key);
  const found = keys(coop);
  expect(found).toContain('roosts.hop.high|low-a');
  expect(keys({ ...coop, fixtures: [...coop.fixtures].reverse() }).sort()).toEqual(
    [...found].sort(),
  );
});
