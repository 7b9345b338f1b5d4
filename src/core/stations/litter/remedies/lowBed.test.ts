import { assess } from '../../../assess';
import { litterEndM } from '../../../model/litter';
import type { Plan } from '../../../model/schema';
import { remedies } from '../../../remedies/remedies';
import { bank, bareCoop, DAY, hens } from '../../../tests/plans';
import { lowBed } from './lowBed';

const on = DAY;

/** Silkies, which hop a hand's breadth, over a deep bed that rises, with a bank they do not get into. */
function silkies(): Plan {
  const bare = bareCoop({
    flock: [
      hens(24, { breed: 'silkie', massKg: 4.2, hatchedOn: '2025-03-01', arrivesOn: '2025-08-01' }),
    ],
  });
  return {
    ...bare,
    litter: { ...bare.litter, depthM: 0.05 },
    shell: { ...bare.shell, lengthM: 3, widthM: 2 },
    fixtures: [bank({ boxes: 6, lipZ: 0.5, boxW: 0.41, boxD: 0.46, boxH: 0.46 })],
  };
}

test('a bed is kept so low that one step leads to the nests and two to the bars, and no lower', () => {
  const plan = { ...silkies(), litter: { ...silkies().litter, finalM: 0.3 } };
  const low = lowBed(plan, 0.16);
  // nests: 2 × 0.16 − 0.18 = 0.14 over the start; bars: 3 × 0.16 − 0.25 = 0.23
  expect(low && litterEndM(low)).toBeCloseTo(0.19, 9);
  // birds that hop far need none of it, and for some no bed is low enough
  expect(lowBed(plan, 0.6)).toBeNull();
  expect(lowBed(plan, 0.05)).toBeNull();
});

test('where a step alone does not do, it is offered with the lip that it makes possible', () => {
  const plan = silkies();
  const before = assess(plan, { on });
  const finding = before.findings.find((f) => f.code === 'nests.lip.unreached');
  if (!finding) throw new Error('they get in');
  const all = remedies(plan, finding, before);
  const kept = all.find((r) => r.code === 'litter.keepTo');
  if (!kept) throw new Error(`not offered: ${all.map((r) => r.code)}`);
  expect(kept.steps.map((s) => s.code)).toEqual(
    expect.arrayContaining(['litter.keepTo', 'nests.lowerWithStep']),
  );
  const after = assess(kept.plan, { on });
  expect(after.findings.map((f) => f.code)).not.toContain('nests.lip.unreached');
  expect(kept.plan.litter.finalM).toBeLessThan(before.litterFinalM);
});
