import { assess } from '../../assess';
import { newCeiling, newLedge } from '../../edit/new/bars';
import type { OfKind, Plan } from '../../model/schema';
import { remedies } from '../../remedies/remedies';
import { bank, bar, DAY, fittedCoop } from '../../tests/plans';

const on = DAY;
const codes = (plan: Plan): string[] => assess(plan, { on }).findings.map((f) => f.code);

/** A coop with a rafter as wide as a hand over the bars. */
function raftered(): { plan: Plan; ledge: OfKind<'ledge'> } {
  const plan = fittedCoop({ fixtures: [bar({ lengthM: 3, z: 0.6 }), bank({ boxes: 2 })] });
  const ledge = { ...newLedge(plan), z: 1.6, depthM: 0.1 };
  return { plan: { ...plan, fixtures: [...plan.fixtures, ledge] }, ledge };
}

const withCeiling = (plan: Plan, parts: Partial<OfKind<'ceiling'>> = {}): Plan => ({
  ...plan,
  fixtures: [...plan.fixtures, { ...newCeiling(plan), ...parts }],
});

test('mesh under a rafter keeps birds off it, where it lies under the whole of it', () => {
  const { plan, ledge } = raftered();
  expect(codes(plan)).toContain('roosts.ledge.roosted');
  expect(codes(withCeiling(plan))).not.toContain('roosts.ledge.roosted');
  expect(codes(withCeiling(plan, { z: 1.6 }))).not.toContain('roosts.ledge.roosted');
  expect(codes(withCeiling(plan, { z: 1.601 }))).toContain('roosts.ledge.roosted');
  const short = plan.shell.lengthM - 0.001;
  expect(codes(withCeiling(plan, { lengthM: short }))).toContain('roosts.ledge.roosted');
  // a new one hangs under what birds would sleep on
  expect(newCeiling(plan).z).toBeLessThan(ledge.z);
});

test('it is offered after a sloped top, and mends all rafters above it at once', () => {
  const { plan } = raftered();
  const before = assess(plan, { on });
  const finding = before.findings.find((f) => f.code === 'roosts.ledge.roosted');
  if (!finding) throw new Error('nobody roosts on the ledge');
  const all = remedies(plan, finding, before);
  expect(all.map((r) => r.code)).toEqual(['roosts.slope', 'roosts.ceiling']);
  expect(codes(all[1]?.plan as Plan)).not.toContain('roosts.ledge.roosted');
});

test('its area is mesh to cut, with a lap on each edge', () => {
  const { plan } = raftered();
  const cut = (p: Plan): number => assess(p, { on }).figures.get('shell.mesh.mesh25')?.value ?? 0;
  const { lengthM, widthM } = plan.shell;
  const piece = (lengthM + 0.1) * (widthM + 0.1);
  expect(cut(withCeiling(plan)) - cut(plan)).toBeCloseTo(piece, 9);
  expect(cut(withCeiling(plan, { cover: 'mesh13' }))).toBe(cut(plan));
});

test('birds on a bar want their room under it as under a roof', () => {
  const { plan } = raftered();
  expect(codes(withCeiling(plan, { z: 1.4 }))).not.toContain('roosts.bar.headroom');
  expect(codes(withCeiling(plan, { z: 0.8 }))).toContain('roosts.bar.headroom');
  // below the bar it is no roof of hers
  expect(codes(withCeiling(plan, { z: 0.5 }))).not.toContain('roosts.bar.headroom');
});
