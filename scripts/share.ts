// Measures which share of findings has a proved remedy, over random bad coops and the samples.
//   node --import tsx scripts/share.ts [coops=500] [seed=2026]
import fc from 'fast-check';
import { createAssessor } from '@/core/assess';
import { remedies } from '@/core/remedies/remedies';
import { badCoop, DAY, sample } from '@/core/tests/plans';

const [coops = '500', seed = '2026'] = process.argv.slice(2);
const plans = [
  sample('pell-garth'),
  sample('tamar-flats'),
  sample('osk-landing'),
  ...fc.sample(badCoop, { numRuns: Number(coops), seed: Number(seed) }),
];

let all = 0;
let mended = 0;
const left = new Map<string, number>();
for (const plan of plans) {
  const assessor = createAssessor();
  const before = assessor(plan, { on: DAY });
  for (const finding of before.findings) {
    all++;
    if (remedies(plan, finding, before, assessor).length > 0) mended++;
    else left.set(finding.code, (left.get(finding.code) ?? 0) + 1);
  }
}

console.log(
  `${plans.length} plans, ${all} findings, ${mended} with a remedy: ${(mended / all).toFixed(3)}`,
);
for (const [code, n] of [...left].sort((a, b) => b[1] - a[1])) console.log(`${n}\t${code}`);
