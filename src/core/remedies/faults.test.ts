import fc from 'fast-check';
import { assess, createAssessor } from '@/core/assess';
import { FAULTS } from '@/core/tests/faults';
import { badCoop, DAY, sample } from '@/core/tests/plans';
import { parsePlan } from '../edit/parse';
import { SEVERITIES } from '../kernel/finding';
import { PROPOSERS, remedies } from './remedies';

const MENDABLE = FAULTS.filter((f) => f.code in PROPOSERS);

test.each(MENDABLE.map((f) => [f.code, f] as const))(
  '%s is mended by its first remedy, and what comes of it is said',
  (code, fault) => {
    const before = assess(fault.broken, { on: DAY });
    const finding = before.findings.find((f) => f.code === code);
    if (!finding) throw new Error(`no ${code}`);
    const [first] = remedies(fault.broken, finding, before);
    if (!first) throw new Error(`no remedy for ${code}`);
    expect(parsePlan(first.plan)).toMatchObject({ ok: true });
    const after = assess(first.plan, { on: DAY });
    expect(after.findings.map((f) => f.code)).not.toContain(code);
    // the plan had this one fault: whatever is told of it now that is as bad, the remedy brought
    const rank = SEVERITIES.indexOf(finding.severity);
    const asBad = after.findings.filter((f) => SEVERITIES.indexOf(f.severity) <= rank);
    expect([...first.brings].sort()).toEqual([...new Set(asBad.map((f) => f.code))].sort());
    if (code !== 'roosts.bar.headroom') expect(first.brings).toEqual([]);
    for (const [station, carries] of Object.entries(first.rails)) {
      expect(after.staves.find((s) => s.station === station)?.carries).toBe(carries);
    }
  },
);

test('of what is wrong with random bad coops and the samples, at least four in five findings have a remedy', () => {
  let all = 0;
  let mended = 0;
  const plans = [
    sample('pell-garth'),
    sample('tamar-flats'),
    sample('osk-landing'),
    ...fc.sample(badCoop, { numRuns: 12, seed: 2026 }),
  ];
  for (const plan of plans) {
    const assessor = createAssessor();
    const before = assessor(plan, { on: DAY });
    for (const finding of before.findings) {
      all++;
      if (remedies(plan, finding, before, assessor).length > 0) mended++;
    }
  }
  expect(all).toBeGreaterThan(200);
  expect(mended / all).toBeGreaterThanOrEqual(0.8);
});
