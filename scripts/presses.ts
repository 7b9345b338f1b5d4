// What pressing remedies comes to, over random bad coops: how many first remedies bring anything as bad as what they
// mend, and whether pressing the first of the worst finding, again and again, leaves no harm and no shortage.
//   node --import tsx scripts/presses.ts [coops=500] [seed=2026]
import fc from 'fast-check';
import { type Assessment, createAssessor } from '@/core/assess';
import type { Finding } from '@/core/finding';
import type { Plan } from '@/core/plan/schema';
import { OTHER_WISE } from '@/core/remedies/costs';
import { remedies } from '@/core/remedies/remedies';
import type { Remedy } from '@/core/remedies/remedy';
import { fitM } from '@/core/rules/book';
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
    // rows as close as birds bear them, wall to wall
    const kg = a.flock.heaviestOnBarsKg ?? 2.2;
    const rows = (across: number): number =>
      Math.max(
        0,
        Math.floor((across - 2 * fitM('roosts.wall', kg)) / fitM('roosts.apart.stair', kg) + 1e-9) +
          1,
      );
    return needed > Math.max(rows(widthM) * lengthM, rows(lengthM) * widthM);
  }
  return f.code.startsWith('flock.');
}

let firsts = 0;
let asBad = 0;
let ended = 0;
let setApart = 0;
let presses = 0;
const left = new Map<string, number>();
const dirty = new Map<string, number>();
for (const [i, start] of plans.entries()) {
  const assess = createAssessor();
  let plan = start;
  let a = assess(plan, { on: DAY });
  for (const f of a.findings) {
    const [first] = remedies(plan, f, a, assess);
    if (!first) continue;
    firsts++;
    if (first.brings.length + first.worsens.length > 0) {
      asBad++;
      const key = `${f.code} <- ${first.steps.map((s) => s.code).join('+')} brings ${[...first.brings, ...first.worsens].join()}`;
      dirty.set(key, (dirty.get(key) ?? 0) + 1);
    }
  }
  for (let n = 0; n < MOST_PRESSES; n++) {
    const press = a.findings
      .filter((f) => bad(f) && !forbidden(f, plan, a))
      .map((f) => remedies(plan, f, a, assess).find((r) => !otherWise(r)))
      .find((r) => r !== undefined);
    if (!press) break;
    presses++;
    plan = press.plan;
    a = assess(plan, { on: DAY });
  }
  const rest = a.findings.filter(bad);
  const still = rest.filter((f) => !forbidden(f, plan, a));
  setApart += rest.length - still.length;
  if (still.length === 0) ended++;
  else {
    for (const f of still) left.set(f.code, (left.get(f.code) ?? 0) + 1);
    if (told) console.log(i, still.map((f) => f.code).join(' '));
  }
}

console.log(
  `${firsts} first remedies, ${asBad} bring anything as bad: ${((100 * asBad) / firsts).toFixed(2)} %`,
);
console.log(
  `${plans.length} coops, ${ended} end within ${MOST_PRESSES} presses without harm or shortage: ${((100 * ended) / plans.length).toFixed(1)} % (${presses} presses; ${setApart} shortages that the shell forbids to mend set apart)`,
);
for (const [code, n] of [...left].sort((x, y) => y[1] - x[1])) console.log(`left ${n}\t${code}`);
for (const [key, n] of [...dirty].sort((x, y) => y[1] - x[1]).slice(0, 25))
  console.log(`as bad ${n}\t${key}`);
