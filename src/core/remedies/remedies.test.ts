import fc from 'fast-check';
import {
  anyPlan,
  bank,
  bar,
  bareCoop,
  change,
  DAY,
  fittedCoop,
  hens,
  sample,
  sampleClimate,
  soundCoop,
} from '@/core/tests/plans';
import { type Assessment, assess, createAssessor } from '../assess';
import { parsePlan } from '../edit/parse';
import { type Finding, SEVERITIES } from '../kernel/finding';
import type { Plan } from '../model/schema';
import { remedies } from './remedies';
import { WITHOUT_REMEDY } from './without';

const on = DAY;

const offered = (plan: Plan, code: string) => {
  const before = assess(plan, { on });
  const finding = before.findings.find((f) => f.code === code);
  if (!finding) throw new Error(`no ${code}: ${before.findings.map((f) => f.code)}`);
  return remedies(plan, finding, before);
};

const codesOf = (plan: Plan): string[] => assess(plan, { on }).findings.map((f) => f.code);

describe('what is offered does what it says', () => {
  test('too little roost: longer bars, or one more, or all laid anew', () => {
    const plan = fittedCoop({
      flock: [hens(9)],
      fixtures: [bar({ lengthM: 1, y: 2.5, z: 0.6 }), bank({ boxes: 3 })],
    });
    const all = offered(plan, 'roosts.length.short');
    expect(all[0]?.code).toBe('roosts.lengthen');
    expect(all[0]?.numbers.length?.value).toBeCloseTo(3.7, 9);
    expect(codesOf(all[0]?.plan as Plan)).not.toContain('roosts.length.short');
    // a bar that nobody gets up to seats nobody, however long it is
    const high = fittedCoop({
      flock: [hens(9)],
      fixtures: [bar({ lengthM: 1, y: 2.5, z: 0.9 }), bank({ boxes: 3 })],
    });
    expect(codesOf(high)).toContain('roosts.hop.high');
    expect(offered(high, 'roosts.length.short').map((r) => r.code)).not.toContain(
      'roosts.lengthen',
    );
  });

  test('a bar near the wall is moved off it; two rows too close are spread', () => {
    const near = fittedCoop({
      fixtures: [bar({ y: 2.9, z: 0.9, lengthM: 3 }), bank({ boxes: 2 })],
    });
    const [moved] = offered(near, 'roosts.bar.nearWall');
    // no closer than any hen bears: what is asked for the reference hen
    expect(moved?.numbers.wall?.value).toBeCloseTo(0.38, 9);
    const close = fittedCoop({
      fixtures: [
        bar({ id: 'a', name: 'A', y: 2.4, z: 0.9, lengthM: 3 }),
        bar({ id: 'b', name: 'B', y: 2.0, z: 0.9, lengthM: 3 }),
        bank({ boxes: 2 }),
      ],
    });
    const [spread] = offered(close, 'roosts.bars.tooClose');
    expect(spread?.numbers.apart?.value).toBeCloseTo(0.46, 9);
    const [a, b] = (spread?.plan.fixtures ?? []).filter((f) => f.kind === 'bar');
    expect(Math.abs((a?.y ?? 0) - (b?.y ?? 0))).toBeGreaterThan(0.457);
  });

  test('boxes are added, nests moved from under the bars, lips set', () => {
    const few = fittedCoop({
      flock: [hens(9)],
      fixtures: [bar({ lengthM: 3.5, z: 0.9 }), bank({ boxes: 1 })],
    });
    expect(offered(few, 'nests.boxes.short')[0]?.numbers.boxes?.value).toBe(2);
    const under = fittedCoop({
      fixtures: [bar({ y: 2.4, z: 1, lengthM: 3 }), bank({ x: 1.2, y: 2.3, faces: 'front' })],
    });
    const [away] = offered(under, 'nests.bank.underBars');
    expect(away?.brings).toEqual([]);
    const low = fittedCoop({ fixtures: [bar({ z: 0.9, lengthM: 3 }), bank({ lipZ: 0.2 })] });
    const [raised] = offered(low, 'nests.lip.low');
    expect(raised?.numbers.height?.value).toBeCloseTo(0.3, 9);
  });

  test('a narrow bar in hard frost is made wide, a fixture through the wall is moved in', () => {
    const round = { shape: 'round', widthM: 0.045, heightM: 0.045 } as const;
    const cold = fittedCoop({
      climate: sampleClimate('far-north'),
      fixtures: [bar({ section: round, lengthM: 3 }), bank()],
    });
    expect(offered(cold, 'roosts.bar.narrowInCold')[0]?.code).toBe('roosts.widen');
    const out = fittedCoop({ fixtures: [bar({ lengthM: 2 }), bank({ x: -0.2 })] });
    expect(offered(out, 'shell.fixture.pastWall')[0]?.plan.fixtures[1]).toMatchObject({ x: 0 });
  });

  test('cocks not spoken of are taken out at fourteen weeks; a housing order asks for more floor', () => {
    const chicks = hens(8, { sex: 'unsexed', hatchedOn: '2027-04-15', arrivesOn: '2027-06-10' });
    const [sorted] = offered(bareCoop({ flock: [chicks] }), 'flock.cocks.undecided');
    expect(sorted?.plan.flock[0]?.sorted).toEqual({ on: '2027-07-22', cocksKept: 0 });
    const plan = bareCoop({ flock: [hens(4)] });
    const held = { ...plan, limits: { ...plan.limits, housingOrder: true } };
    expect(offered(held, 'flock.limit.housing')[0]?.code).toBe('floor.shutIn');
  });

  test('whatever is offered for any coop removes its finding, keeps the plan good, and says what it brings', () => {
    let raised = 0;
    let mended = 0;
    fc.assert(
      fc.property(anyPlan, (plan) => {
        const assessor = createAssessor();
        const before = assessor(plan, { on });
        for (const finding of before.findings) {
          if (finding.code in WITHOUT_REMEDY) continue;
          raised++;
          const all = remedies(plan, finding, before, assessor);
          if (all.length > 0) mended++;
          for (const r of all) {
            expect(parsePlan(r.plan).ok).toBe(true);
            const after = assessor(r.plan, { on });
            expect(after.findings.map((f) => f.key)).not.toContain(finding.key);
            expect(after.carries ?? 0).toBeGreaterThanOrEqual(
              Math.min(before.carries ?? 0, after.planned),
            );
            if (r.brings.length === 0)
              expect(worse(before.findings, after.findings, finding)).toEqual([]);
            expect(r.worsens).toEqual(
              expect.arrayContaining(shorter(before.findings, after.findings, finding)),
            );
          }
        }
      }),
      { numRuns: 20 },
    );
    expect(raised).toBeGreaterThan(30);
    expect(mended / raised).toBeGreaterThan(0.5);
  });
});

/** Codes of the same or a higher severity that there are more of; too few bars, or boxes, is one fault under its names. */
function worse(before: readonly Finding[], after: readonly Finding[], finding: Finding): string[] {
  const rank = SEVERITIES.indexOf(finding.severity);
  const fault = (code: string): string =>
    code
      .replace(/^roosts\.(places\.short|reach\.short|hop\.high)$/, 'roosts.length.short')
      .replace('nests.boxes.sizeShort', 'nests.boxes.short');
  const count = (all: readonly Finding[], code: string): number =>
    all.filter((f) => fault(f.code) === code && SEVERITIES.indexOf(f.severity) <= rank).length;
  return after.map((f) => fault(f.code)).filter((c) => count(after, c) > count(before, c));
}

/** Codes of the same or a higher severity that miss more than they did. */
function shorter(
  before: readonly Finding[],
  after: readonly Finding[],
  finding: Finding,
): string[] {
  const rank = SEVERITIES.indexOf(finding.severity);
  return after
    .filter((f) => SEVERITIES.indexOf(f.severity) <= rank)
    .filter((f) => {
      const was = before.find((b) => b.key === f.key)?.numbers.missing?.value;
      const least = 0.01 * (f.numbers.needed?.value ?? 0) + 1e-6;
      return was !== undefined && (f.numbers.missing?.value ?? 0) > was + least;
    })
    .map((f) => f.code);
}

test('what takes floor from birds who have too little of it wins it back elsewhere, or is not offered', () => {
  const crowded = sample('osk-landing');
  const before = assess(crowded, { on });
  const missing = (a: Assessment) =>
    a.findings.find((f) => f.code === 'floor.area.short')?.numbers.missing?.value ?? 0;
  expect(missing(before)).toBeGreaterThan(0);
  const finding = before.findings.find((f) => f.code === 'shell.dustBath.none');
  if (!finding) throw new Error('no finding');
  const all = remedies(crowded, finding, before);
  expect(all[0]?.steps.map((s) => s.code)).toEqual(['shell.addBath', 'nests.hangOutside']);
  for (const r of all) {
    const least = 0.01 * (before.figures.get('floor.needed')?.value ?? 0);
    expect(missing(assess(r.plan, { on }))).toBeLessThanOrEqual(missing(before) + least);
  }
});

test('Pell Garth is mended by remedies alone, within its shell, until no harm and nothing short is left', () => {
  let plan = sample('pell-garth');
  const done: string[] = [];
  for (let step = 0; step < 12; step++) {
    const a = assess(plan, { on });
    const worst = a.findings.filter((f) => f.severity !== 'awkward');
    if (worst.length === 0) break;
    const choice = worst
      .flatMap((f) => remedies(plan, f, a))
      .filter((r) => r.plan.shell === plan.shell)
      .sort((x, y) => x.brings.length + x.worsens.length - y.brings.length - y.worsens.length)[0];
    if (!choice) throw new Error(`no remedy for ${worst.map((f) => f.code)} after ${done}`);
    done.push(choice.code);
    plan = choice.plan;
  }
  const end = assess(plan, { on });
  expect([done, end.findings.filter((f) => f.severity !== 'awkward').map((f) => f.code)]).toEqual([
    done,
    [],
  ]);
  expect(end.carries).toBeGreaterThanOrEqual(14);
  expect(plan.shell).toEqual(sample('pell-garth').shell);
});

test('one more of a size that is enough is offered, and never two where one does', () => {
  for (const [capacityL, litres] of [
    [6, 2],
    [3, 5],
  ] as const) {
    const hungry = soundCoop((d) => {
      change(d, 'feeder', 'feeder', { capacityL });
    });
    const before = assess(hungry, { on });
    const finding = before.findings.find((f) => f.code === 'feed.days.short');
    if (!finding) throw new Error('no finding');
    const more = remedies(hungry, finding, before).filter((r) => r.code === 'vessels.anotherOf');
    // 1.05 L a day: seven days want 7.36 L
    expect(more.map((r) => [r.numbers.more?.value, r.numbers.litres?.value])).toEqual([
      [1, litres],
    ]);
  }
});
