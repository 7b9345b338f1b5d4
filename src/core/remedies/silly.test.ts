// What nobody would press, over random bad coops: it must not come first, or not come at all.
import fc from 'fast-check';
import { type Assessment, createAssessor } from '../assess';
import { boxesPerTier } from '../geometry/solids';
import type { OfKind, Plan } from '../model/schema';
import type { Remedy } from '../proposals/remedy';
import { badCoop, DAY } from '../tests/plans';
import { TAKES_BIRDS } from './costs';
import { remedies } from './remedies';
import { BUILT_HOURS } from './worth';

interface Offered {
  readonly plan: Plan;
  readonly before: Assessment;
  readonly code: string;
  readonly all: readonly Remedy[];
  readonly first: Remedy;
}

const offers: Offered[] = [];
beforeAll(() => {
  for (const plan of fc.sample(badCoop, { numRuns: 22, seed: 11 })) {
    const assess = createAssessor();
    const before = assess(plan, { on: DAY });
    for (const finding of before.findings) {
      const all = remedies(plan, finding, before, assess);
      const [first] = all;
      if (first) offers.push({ plan, before, code: finding.code, all, first });
    }
  }
}, 120_000);

const codes = (r: Remedy): string[] => r.steps.map((s) => s.code);
const has = (list: readonly Remedy[], code: RegExp): boolean =>
  list.some((r) => codes(r).some((c) => code.test(c)) && r.brings.length + r.worsens.length === 0);
const of = <K extends Plan['fixtures'][number]['kind']>(plan: Plan, kind: K): OfKind<K>[] =>
  plan.fixtures.filter((f): f is OfKind<K> => f.kind === kind);
/** Fixtures of a kind that a remedy adds. */
const added = <K extends Plan['fixtures'][number]['kind']>(
  { plan }: Offered,
  r: Remedy,
  kind: K,
): OfKind<K>[] => {
  const had = new Set(plan.fixtures.map((f) => f.id));
  return of(r.plan, kind).filter((f) => !had.has(f.id));
};
/** Findings after a remedy that name one of these. */
const toldOf = (r: Remedy, ids: readonly string[]): string[] =>
  createAssessor()(r.plan, { on: DAY })
    .findings.filter((f) => f.fixtures.some((id) => ids.includes(id)))
    .map((f) => f.code);

test('there is enough to look at', () => {
  expect(offers.length).toBeGreaterThan(300);
  expect(new Set(offers.map((o) => o.code)).size).toBeGreaterThan(35);
});

test('no remedy is of more than four changes', () => {
  for (const { all } of offers) {
    for (const r of all) expect(r.steps.length).toBeLessThanOrEqual(4);
  }
});

test('a shell grows by a third at most, and never first where something else is', () => {
  for (const { plan, all, first } of offers) {
    for (const r of all) {
      expect(r.plan.shell.lengthM).toBeLessThanOrEqual((plan.shell.lengthM * 4) / 3 + 0.02);
    }
    // fewer birds come after everything
    const others = all.filter((r) => !codes(r).some((c) => TAKES_BIRDS.has(c)));
    if (others.length > 1) expect(first.code).not.toBe('shell.lengthen');
  }
});

test('nests come down before bars go up', () => {
  for (const { code, all, first } of offers) {
    if (!/belowNests|nearNests/.test(code) || first.code !== 'roosts.raise') continue;
    const lower = all.find((r) => r.code === 'nests.lower');
    if (lower && lower.brings.length + lower.worsens.length === 0) {
      expect(lower.lesser.length).toBeGreaterThan(first.lesser.length);
    }
  }
});

test('longer bars never come with harm, and new ones not before longer ones that do', () => {
  for (const { code, first, all } of offers) {
    if (!/^roosts\.(length|places)\.short$/.test(code)) continue;
    const bad = [...first.brings, ...first.lesser].filter((c) =>
      /bar\.weak|underBars|nearNests/.test(c),
    );
    if (first.code === 'roosts.lengthen' && first.brings.length === 0) expect(bad).toEqual([]);
    if (/layAnew|setAnew/.test(first.code)) {
      expect(has(all.slice(1), /^roosts\.(lengthen|addBar|addInFront)$/)).toBe(false);
    }
  }
});

test('what is added copies no fault of the first', () => {
  let looked = 0;
  for (const o of offers) {
    for (const r of o.all) {
      if (!/another|outlets|addBank|addOutside|anotherOf/.test(codes(r).join())) continue;
      const vessels = [...added(o, r, 'feeder'), ...added(o, r, 'drinker')].map((f) => f.id);
      const doors = added(o, r, 'popDoor').map((f) => f.id);
      const banks = added(o, r, 'nestBank').map((f) => f.id);
      if (vessels.length + doors.length + banks.length === 0) continue;
      looked++;
      const told = toldOf(r, [...vessels, ...doors, ...banks]);
      expect(told.filter((c) => /vessel\.(hook|perched)|latch\.weak|box\.small/.test(c))).toEqual(
        [],
      );
      expect(toldOf(r, vessels).filter((c) => /open\.night|overLitter/.test(c))).toEqual([]);
    }
  }
  expect(looked).toBeGreaterThan(20);
});

test('a vessel is filled from outside before each wall has a hatch', () => {
  for (const { all } of offers) {
    const at = (code: string) => all.findIndex((r) => r.code === code);
    if (at('reach.addHatches') >= 0 && at('reach.fillOutside') >= 0) {
      expect(at('reach.fillOutside')).toBeLessThan(at('reach.addHatches'));
    }
  }
});

test('boxes never become smaller than hens want, and no lip is lower than hens or litter bear', () => {
  for (const { plan, all } of offers) {
    for (const r of all) {
      for (const bank of of(r.plan, 'nestBank')) {
        const was = of(plan, 'nestBank').find((b) => b.id === bank.id);
        if (!was) continue;
        if (bank.boxW < was.boxW - 1e-9 || bank.boxD < was.boxD - 1e-9) {
          // a box for two is divided, never below what a hen wants
          expect(codes(r)).toContain('nests.divide');
          expect([...r.brings, ...r.lesser]).not.toContain('nests.box.small');
        }
        expect(boxesPerTier(bank)).toBeGreaterThan(0);
        if (bank.lipZ < was.lipZ - 1e-9 && bank.forWhom !== 'ducks') {
          expect(bank.lipZ - r.plan.litter.depthM).toBeGreaterThan(0.1);
        }
      }
    }
  }
});

test('no vessel is larger than anybody lifts, no number of outlets is a fraction', () => {
  for (const { plan, all } of offers) {
    for (const r of all) {
      for (const v of [...of(r.plan, 'feeder'), ...of(r.plan, 'drinker')]) {
        const was = plan.fixtures.find((f) => f.id === v.id);
        // one that is only moved, wrapped or heated holds what it held
        const held = was?.kind === v.kind ? was.capacityL : null;
        if (v.capacityL !== null && held !== v.capacityL) {
          expect(v.capacityL).toBeLessThanOrEqual(50);
        }
        expect(Number.isInteger(v.outlets)).toBe(true);
      }
      for (const step of r.steps) {
        const { more } = step.numbers;
        if (more) expect(Number.isInteger(more.value)).toBe(true);
      }
    }
  }
});

test('no more than two steps lead up to a bar', () => {
  for (const { all } of offers) {
    for (const r of all) {
      for (const step of r.steps) {
        if (/^roosts\.(addSteps|lowerWithStep)/.test(step.code)) {
          expect(step.numbers.steps?.value).toBeLessThanOrEqual(2);
        }
      }
    }
  }
});

test('nobody is told to keep more cocks than four, or to leave windows open before a vent is made', () => {
  for (const { all, first } of offers) {
    for (const r of all) {
      if (r.code === 'flock.keepCocks') expect(r.numbers.cocks?.value).toBeLessThanOrEqual(4);
    }
    if (first.code === 'air.leaveOpen') expect(has(all.slice(1), /^air\.addVent/)).toBe(false);
  }
});

test('a deep bed is cleaned out once in half a year at the soonest', () => {
  for (const { all } of offers) {
    for (const r of all) {
      for (const step of r.steps) {
        const { days } = step.numbers;
        if (step.code.startsWith('litter.') && days) expect(days.value).toBeGreaterThan(150);
      }
    }
  }
});

test('all is set anew only where nothing less mends it', () => {
  for (const { all } of offers) {
    const at = all.findIndex((r) => r.code.startsWith('roosts.setAnew'));
    if (at < 0) continue;
    const others = all.filter((r, i) => i !== at && r.brings.length + r.worsens.length === 0);
    // beside it only what takes birds out, or changes the shell or a school
    for (const r of others) {
      expect(r.code).toMatch(/setAnew|flock\.|otherSchool|shell\.lengthen|floor\./);
    }
  }
});

test('as bad as what it mends comes first only where nothing else is', () => {
  for (const { first, all } of offers) {
    if (first.brings.length + first.worsens.length > 0) expect(all).toHaveLength(1);
  }
});

test('birds are taken out only where nothing else mends it', () => {
  let looked = 0;
  for (const { all, first } of offers) {
    const takes = (r: Remedy): boolean => codes(r).some((c) => TAKES_BIRDS.has(c));
    const others = all.filter((r) => !takes(r) && r.brings.length + r.worsens.length === 0);
    if (others.length > 0 && all.some(takes)) looked++;
    if (takes(first)) expect([first.code, others.map((r) => r.code)]).toEqual([first.code, []]);
  }
  expect(looked).toBeGreaterThan(0);
});

test('no press raises one bar or bank and lowers another, but where all are laid anew', () => {
  for (const { plan, all, code } of offers) {
    for (const r of all) {
      if (/[aA]new|roosts\.lay|roosts\.spread/.test(codes(r).join())) continue;
      for (const kind of ['bar', 'nestBank'] as const) {
        const ways = of(plan, kind).flatMap((f) => {
          const now = r.plan.fixtures.find((other) => other.id === f.id);
          const height = (x: Plan['fixtures'][number] | undefined): number | null =>
            x?.kind === 'bar' ? x.z : x?.kind === 'nestBank' ? x.lipZ : null;
          const by = (height(now) ?? 0) - (height(f) ?? 0);
          return now === undefined || Math.abs(by) < 0.01 ? [] : [Math.sign(by)];
        });
        // a proposal of its own may lay one beside another: what is joined to it never goes the other way
        if (r.steps.length > 1)
          expect([code, codes(r), new Set(ways).size]).toEqual([
            code,
            codes(r),
            Math.min(1, ways.length),
          ]);
      }
    }
  }
});

test('no lip goes under the litter, no window is wider than one person hangs where a usual one would do', () => {
  let windows = 0;
  for (const o of offers) {
    const isWide = (r: Remedy): boolean => added(o, r, 'window').some((w) => w.widthM > 1.5 + 1e-9);
    const usual = o.all.some((r) => added(o, r, 'window').length > 0 && !isWide(r));
    if (o.first.code.startsWith('air.addWindow') && usual) expect(isWide(o.first)).toBe(false);
    for (const r of o.all) {
      for (const bank of of(r.plan, 'nestBank')) {
        const was = of(o.plan, 'nestBank').find((b) => b.id === bank.id);
        const lip = bank.lipZ - r.plan.litter.depthM;
        const before = was ? was.lipZ - o.plan.litter.depthM : 0;
        if (lip < before - 0.006) expect(lip).toBeGreaterThanOrEqual(-0.005);
      }
      windows += added(o, r, 'window').length;
    }
  }
  expect(windows).toBeGreaterThan(10);
});

test('an open feeder is not added beside one that is changed to an open one', () => {
  for (const { all } of offers) {
    for (const r of all) {
      const own = codes(r);
      expect(own.includes('feed.addOpen') && own.includes('feed.tube')).toBe(false);
    }
  }
});

test('nothing is built for what is awkward that leaves as many findings', () => {
  for (const { before, code, all } of offers) {
    const severity = before.findings.find((f) => f.code === code)?.severity;
    for (const r of all) {
      if (severity !== 'awkward' || r.hours < BUILT_HOURS) continue;
      if (r.brings.length + r.worsens.length === 0) continue;
      const after = createAssessor()(r.plan, { on: DAY });
      expect([code, after.findings.length < before.findings.length]).toEqual([code, true]);
    }
  }
});
