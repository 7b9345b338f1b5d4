import { assess } from '../assess';
import { bareCoop, DAY, hens } from '../tests/plans';
import { fitted } from './fitted';

const shed = (lengthM: number, birds: number) =>
  bareCoop({
    flock: [hens(birds)],
    shell: {
      ...bareCoop().shell,
      lengthM,
      widthM: 3,
      roof: { kind: 'mono', lowM: 2, highM: 2.3, highSide: 'front' },
    },
  });

test('where there is floor to spare its keeper has a strip of it, and nothing is found that was not before', () => {
  const withStrip = fitted(shed(4.8, 6), DAY);
  const without = fitted(shed(4.8, 6), DAY, undefined, { strip: false });
  if (withStrip.kind !== 'fits' || without.kind !== 'fits') throw new Error('they do not fit');
  expect(withStrip.plan.shell.storage).toMatchObject({ depthM: 0.4 });
  expect(withStrip.why.map((d) => d.code)).toContain('shell.strip');
  expect(without.plan.shell.storage).toBeNull();
  expect(withStrip.findings.length).toBeLessThanOrEqual(without.findings.length);
  // nothing stands in it, and birds go in and out elsewhere
  const wall = withStrip.plan.shell.storage?.wall;
  expect(withStrip.plan.fixtures.some((f) => f.kind === 'popDoor' && f.wall === wall)).toBe(false);
  const floor = (plan: typeof withStrip.plan) =>
    assess(plan, { on: DAY }).figures.get('floor.storage')?.value ?? 0;
  expect(floor(withStrip.plan)).toBeGreaterThan(1);
});

test('where the birds need the floor, all of it is theirs', () => {
  const full = fitted(shed(2.4, 14), DAY);
  expect(full.kind === 'fits' ? full.plan.shell.storage : null).toBeNull();
});
