// What pressing remedies comes to, over random bad coops: how many first remedies bring anything as bad as what they
// mend, and whether pressing the first of the worst finding, again and again, leaves no harm and no shortage.
//   node --import tsx scripts/presses.ts [coops=500] [seed=2026]
import fc from 'fast-check';
import { type Assessment, createAssessor } from '@/core/assess';
import { highestOf, hopOf } from '@/core/birds/hops';
import type { Finding } from '@/core/kernel/finding';
import { dayNumber } from '@/core/kernel/units/day';
import type { Plan } from '@/core/model/schema';
import { leastBarZ } from '@/core/proposals/leastBar';
import type { Remedy } from '@/core/proposals/remedy';
import { OTHER_WISE } from '@/core/remedies/costs';
import { remedies } from '@/core/remedies/remedies';
import { fitM } from '@/core/rules/book';
import { ruled } from '@/core/rules/rules.data';
import { widthsOf } from '@/core/stations/roosts/widths';
import { badCoop, DAY } from '@/core/tests/plans';

const [coops = '500', seed = '2026', told = ''] = process.argv.slice(2);
const plans = fc.sample(badCoop, { numRuns: Number(coops), seed: Number(seed) });
const MOST_PRESSES = 30;

/** Whether a remedy takes birds out, or changes a school or the shell: such a press does not count. */
const otherWise = (r: Remedy): boolean =>
  r.steps.some((s) => OTHER_WISE.has(s.code) || s.code.startsWith('floor.to.'));

const bad = (f: Finding): boolean => f.severity !== 'awkward';

/** Shortages that no fit-out of this shell mends, by bounds in closed form. */
function forbidden(f: Finding, plan: Plan, a: Assessment): boolean {
  const { lengthM, widthM } = plan.shell;
  const needed = f.numbers.needed?.value ?? 0;
  if (f.code === 'floor.area.short' || f.code === 'floor.meat.dense') {
    // all of the floor, with nothing standing on it
    return f.code === 'floor.meat.dense'
      ? (f.numbers.missing?.value ?? 0) > 0 &&
          (f.numbers.density?.value ?? 0) * (a.figures.get('floor.have')?.value ?? 0) >
            20 * lengthM * widthM
      : needed > lengthM * widthM;
  }
  if (/^roosts\.(length|places|reach)\.short$/.test(f.code)) {
    const { metres, birds } = mostRoost(plan, a);
    // the day of the most is short too
    const most = Math.max(needed, a.figures.get('roosts.needed')?.value ?? 0);
    return most > metres || (f.numbers.present?.value ?? 0) > birds;
  }
  return f.code.startsWith('flock.');
}

/**
 * No bars of this shell are longer, or seat more: rows as close as birds bear them from wall to wall, less what a
 * feeder or drinker must have clear of the droppings.
 */
function mostRoost(plan: Plan, a: Assessment): { metres: number; birds: number } {
  const { lengthM, widthM } = plan.shell;
  const kg = a.flock.heaviestOnBarsKg ?? 2.2;
  const heights = a.chosen['roosts.height'];
  const roosters = a.flock.lots.filter((lot) => lot.kind !== 'duck');
  const lowest = leastBarZ({
    ...plan,
    litter: { ...plan.litter, finalM: a.litterFinalM },
    fixtures: [],
  });
  // by turns low and high only where some may sleep a rise higher, and hop farther than those who may not: what
  // one bird gets up to, every bird gets up to that hops as far
  const rise = ruled('roosts.stair.rise');
  const hops = a.chosen['roosts.hop'];
  const climbs = roosters.map((lot) => ({
    hop: hops ? hopOf(lot, hops) : 1,
    spare: (heights ? highestOf(lot, heights) : 2) + plan.litter.depthM - lowest,
  }));
  const held = Math.max(0, ...climbs.filter((c) => c.spare < rise - 1e-9).map((c) => c.hop));
  const stairs = climbs.some((c) => c.spare >= Math.max(rise, held) - 1e-9 && c.hop > held + 1e-9);
  const apart = fitM(stairs ? 'roosts.apart.stair' : 'roosts.apart.level', kg);
  const wall = fitM('roosts.wall', kg);
  const fouls = fitM('roosts.shadow', kg);
  const vessels = plan.fixtures.filter(
    (f) => (f.kind === 'feeder' || f.kind === 'drinker') && f.place === 'coop',
  );
  const foot = Math.min(
    ...vessels.map((f) => ('diameterM' in f ? f.diameterM : Number.POSITIVE_INFINITY)),
  );
  // those of the day that sets the roosts: `present` is told of it
  const setOn = a.staves.find((v) => v.station === 'roosts')?.setOn ?? DAY;
  const length = a.chosen['roosts.length'];
  if (!length) throw new Error('no school of lengths');
  const day = dayNumber(setOn) - a.flock.horizon.first;
  const widths = widthsOf(a.flock, length, day).filter((m, i) => {
    const here = (a.flock.columns[i]?.living[day] ?? 0) > 0;
    return m > 0 && here;
  });
  const narrowest = Math.min(...widths);
  const of = (across: number, room: number): { metres: number; birds: number } => {
    const along = Math.max(0, room - 2 * ruled('roosts.end.loss'));
    const rows = Math.max(0, Math.floor((across - 2 * wall) / apart + 1e-9) + 1);
    const clear = across - wall - (rows - 1) * apart - fouls;
    const lost = vessels.length > 0 && clear < foot ? Math.min(along, foot + fouls) : 0;
    const birds = Math.floor(along / narrowest + 1e-9);
    const fewer = lost > 0 ? birds - Math.floor((along - lost) / narrowest + 1e-9) : 0;
    return { metres: rows * along - lost, birds: rows * birds - fewer };
  };
  const [x, y] = [of(widthM, lengthM), of(lengthM, widthM)];
  return { metres: Math.max(x.metres, y.metres), birds: Math.max(x.birds, y.birds) };
}

/** A coop pressed until nothing is left to press. */
function pressed(start: Plan, assess: ReturnType<typeof createAssessor>, any: boolean) {
  let plan = start;
  let a = assess(plan, { on: DAY });
  let n = 0;
  while (n < MOST_PRESSES) {
    const press = a.findings
      .filter((f) => bad(f) && (any || !forbidden(f, plan, a)))
      .map((f) => remedies(plan, f, a, assess).find((r) => any || !otherWise(r)))
      .find((r) => r !== undefined);
    if (!press) break;
    n++;
    plan = press.plan;
    a = assess(plan, { on: DAY });
  }
  return { plan, a, n };
}

let firsts = 0;
let asBad = 0;
let ended = 0;
let setApart = 0;
let presses = 0;
const byAny = { clean: 0, presses: 0 };
const floorDoes = { coops: 0, clean: 0 };
const left = new Map<string, number>();
const dirty = new Map<string, number>();
for (const [i, start] of plans.entries()) {
  const assess = createAssessor();
  const before = assess(start, { on: DAY });
  for (const f of before.findings) {
    const [first] = remedies(start, f, before, assess);
    if (!first) continue;
    firsts++;
    if (first.brings.length + first.worsens.length > 0) {
      asBad++;
      const key = `${f.code} <- ${first.steps.map((s) => s.code).join('+')} brings ${[...first.brings, ...first.worsens].join()}`;
      dirty.set(key, (dirty.get(key) ?? 0) + 1);
    }
  }
  // whatever the first remedy is
  const any = pressed(start, assess, true);
  byAny.presses += any.n;
  if (!any.a.findings.some(bad)) byAny.clean++;
  // without taking birds out, changing a school or the shell
  const { plan, a, n } = pressed(start, assess, false);
  presses += n;
  const rest = a.findings.filter(bad);
  const still = rest.filter((f) => !forbidden(f, plan, a));
  setApart += rest.length - still.length;
  if (before.staves.some((v) => v.station === 'floor' && (v.carries ?? 0) >= before.planned)) {
    floorDoes.coops++;
    if (rest.length === 0) floorDoes.clean++;
  }
  if (still.length === 0) ended++;
  else {
    for (const f of still) left.set(f.code, (left.get(f.code) ?? 0) + 1);
    if (told) console.log(i, still.map((f) => f.code).join(' '));
  }
}

const percent = (n: number, of: number): string => `${((100 * n) / of).toFixed(1)} %`;
console.log(
  `${plans.length} coops, ${byAny.clean} clean in ${MOST_PRESSES} presses of the first remedy: ${percent(byAny.clean, plans.length)} (${byAny.presses} presses)`,
);
console.log(
  `${floorDoes.coops} whose floor carries their birds, ${floorDoes.clean} clean without taking birds out or changing school or shell: ${percent(floorDoes.clean, floorDoes.coops)}`,
);
console.log(
  `${firsts} first remedies, ${asBad} bring anything as bad: ${((100 * asBad) / firsts).toFixed(2)} %`,
);
console.log(
  `${plans.length} coops, ${ended} end within ${MOST_PRESSES} presses without harm or shortage: ${((100 * ended) / plans.length).toFixed(1)} % (${presses} presses; ${setApart} shortages that the shell forbids to mend set apart)`,
);
for (const [code, n] of [...left].sort((x, y) => y[1] - x[1])) console.log(`left ${n}\t${code}`);
for (const [key, n] of [...dirty].sort((x, y) => y[1] - x[1]).slice(0, 25))
  console.log(`as bad ${n}\t${key}`);
