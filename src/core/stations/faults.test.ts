import { assess } from '@/core/assess';
import { parsePlan } from '@/core/edit/parse';
import { FAULTS } from '@/core/tests/faults';
import { DAY, soundCoop } from '@/core/tests/plans';

const codes = (plan: ReturnType<typeof soundCoop>): string[] =>
  assess(plan, { on: DAY }).findings.map((f) => f.code);

test('a coop in which everything is entered and nothing is wrong has no findings', () => {
  const a = assess(soundCoop(), { on: DAY });
  expect(a.findings).toEqual([]);
  expect(a.staves.filter((s) => s.state === 'notEntered')).toEqual([]);
});

test.each(FAULTS.map((f) => [f.code, f] as const))('%s is raised alone', (code, fault) => {
  expect(parsePlan(fault.broken)).toMatchObject({ ok: true });
  expect(codes(fault.broken)).toEqual([code]);
});

test.each(FAULTS.map((f) => [f.code, f] as const))(
  '%s is not raised by a near miss',
  (_, fault) => {
    expect(parsePlan(fault.near)).toMatchObject({ ok: true });
    expect(codes(fault.near)).toEqual([]);
  },
);
