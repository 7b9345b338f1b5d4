import { parsePlan } from '../edit/parse';
import { zoneOf } from '../edit/zones';
import { solidOf } from '../geometry/solids';
import type { Plan } from '../model/schema';
import { bareCoop, DAY, hens } from '../tests/plans';
import type { ArrangeStep } from './arrange';
import { arrangeZone } from './arrangeZone';
import { partedFit } from './parted';

const room = bareCoop({
  flock: [
    hens(8, { id: 'hens', breed: 'sussex' }),
    hens(3, { id: 'ducks', name: 'Ducks', breed: 'khaki-campbell' }),
  ],
  shell: {
    ...bareCoop().shell,
    lengthM: 4.2,
    widthM: 2.4,
    roof: { kind: 'mono', lowM: 1.9, highM: 2.2, highSide: 'front' },
  },
});
const parted = partedFit(room, DAY)?.plan;
if (!parted?.partition) throw new Error('they are not kept apart');
const { atM } = parted.partition;

const last = (plan: Plan, zone: 'near' | 'beyond', pinned: readonly string[] = []) => {
  let end: ArrangeStep | null = null;
  for (const step of arrangeZone(plan, zone, { on: DAY, seed: 1, pinned })) end = step;
  return end;
};

describe.each(['near', 'beyond'] as const)('the zone %s of a parted coop, arranged', (zone) => {
  const end = last(parted, zone);

  test('the other zone stays as it is, every id is its own, and the whole is a plan', () => {
    expect(end?.best.length).toBeGreaterThan(0);
    for (const { plan } of end?.best ?? []) {
      const others = parted.fixtures.filter((f) => zoneOf(parted, f) !== zone);
      for (const f of others) expect(plan.fixtures).toContainEqual(f);
      const ids = plan.fixtures.map((f) => f.id);
      expect(new Set(ids).size).toBe(ids.length);
      expect(ids).not.toContain('mesh-wall');
      expect(parsePlan(plan).ok).toBe(true);
    }
  });

  test('nothing is cut into the mesh, and nothing reaches through it', () => {
    for (const { plan } of end?.best ?? []) {
      for (const f of plan.fixtures.filter((g) => zoneOf(plan, g) === zone)) {
        const s = solidOf(f, plan);
        if (zone === 'near') expect(s.x1).toBeLessThanOrEqual(atM + 1e-6);
        else expect(s.x0).toBeGreaterThanOrEqual(atM - 1e-6);
        if ('wall' in f) expect(f.wall).not.toBe(zone === 'near' ? 'right' : 'left');
      }
    }
  });
});

test('nobody to arrange for: no steps', () => {
  expect(last({ ...parted, flock: [] }, 'near')).toBeNull();
  const empty = { ...parted, flock: parted.flock.filter((g) => g.id === 'hens') };
  expect(last(empty, 'beyond')).toBeNull();
});
