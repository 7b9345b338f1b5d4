import type { Aspect } from '@/core/drawing/birds';
import { faceOf } from '@/core/drawing/view';
import { solidOf } from '@/core/geometry/solids';
import { bank, sample } from '@/core/tests/plans';
import { pageRect, pastWalls, project } from './bench/projection';
import { silhouettePath } from './bench/silhouette';
import { railOf, todayAt } from './staves/rail';

const frame = { width: 800, height: 600, left: 100, right: 50, top: 20, bottom: 60 };
const solid = { x0: 0.5, x1: 1.5, y0: 0.2, y1: 0.9, z0: 0.4, z1: 0.45 };

describe('metres to pixels', () => {
  const { shell } = sample('pell-garth');

  test('one scale both ways, the coop within its frame', () => {
    for (const view of ['front', 'side', 'above'] as const) {
      const p = project(view, shell, frame);
      expect(p.u(1) - p.u(0)).toBeCloseTo(p.scale, 9);
      expect(p.v(0) - p.v(1)).toBeCloseTo(p.scale, 9);
      expect(p.u(0)).toBeGreaterThanOrEqual(frame.left);
      expect(p.u(p.acrossM)).toBeLessThanOrEqual(frame.width - frame.right);
      expect(p.v(p.upM)).toBeGreaterThanOrEqual(frame.top);
      expect(p.v(0)).toBeLessThanOrEqual(frame.height - frame.bottom);
    }
  });

  test('boxes hung outside stay within the frame', () => {
    for (const [at, edge] of [
      [{ x: 0.2, y: -0.4, faces: 'rear' }, 'below'],
      [{ x: 0.2, y: shell.widthM, faces: 'front' }, 'above'],
      [{ x: -0.4, y: 0.2, faces: 'right' }, 'left'],
      [{ x: shell.lengthM, y: 0.2, faces: 'left' }, 'right'],
    ] as const) {
      const hung = bank({ ...at, boxes: 1, boxW: 0.3, boxD: 0.4, hungOutside: true });
      const plan = { ...sample('pell-garth'), fixtures: [hung] };
      const past = pastWalls('above', plan);
      expect([edge, past[edge]]).toEqual([edge, expect.closeTo(0.4, 9)]);
      const r = pageRect(
        faceOf(solidOf(hung, plan), 'above'),
        project('above', shell, frame, { past }),
      );
      expect(r.x).toBeGreaterThanOrEqual(frame.left - 1e-9);
      expect(r.x + r.width).toBeLessThanOrEqual(frame.width - frame.right + 1e-9);
      expect(r.y).toBeGreaterThanOrEqual(frame.top - 1e-9);
      expect(r.y + r.height).toBeLessThanOrEqual(frame.height - frame.bottom + 1e-9);
    }
  });

  test('a solid shows its breadth and height in front, its depth from the side, both from above', () => {
    const sides = (view: 'front' | 'side' | 'above') => {
      const p = project(view, shell, frame);
      const r = pageRect(faceOf(solid, view), p);
      return [r.width / p.scale, r.height / p.scale];
    };
    expect(sides('front')).toEqual([expect.closeTo(1, 9), expect.closeTo(0.05, 9)]);
    expect(sides('side')).toEqual([expect.closeTo(0.7, 9), expect.closeTo(0.05, 9)]);
    expect(sides('above')).toEqual([expect.closeTo(1, 9), expect.closeTo(0.7, 9)]);
  });
});

describe('a silhouette', () => {
  const rect = { x: 100, y: 50, width: 40, height: 90 };
  const points = (aspect: Aspect, turned: boolean) =>
    [...silhouettePath(aspect, rect, turned).matchAll(/-?\d+\.\d+/g)].map((m) => Number(m[0]));

  test.each(['profile', 'front', 'above', 'aboveAcross'] as const)(
    '%s touches all four sides of its rectangle',
    (aspect) => {
      for (const turned of [false, true]) {
        const all = points(aspect, turned);
        const xs = all.filter((_, i) => i % 2 === 0);
        const ys = all.filter((_, i) => i % 2 === 1);
        expect([Math.min(...xs), Math.max(...xs)]).toEqual([100, 140]);
        expect([Math.min(...ys), Math.max(...ys)]).toEqual([50, 140]);
      }
    },
  );

  test('turned, she looks the other way', () => {
    expect(points('profile', false)[0]).toBe(140);
    expect(points('profile', true)[0]).toBe(100);
  });
});

describe('a rail', () => {
  test('is as long as the birds it carries: the planned flock reaches 65 % of the width', () => {
    expect(railOf(14, 14)).toEqual({ length: 0.65, broken: false });
    expect(railOf(7, 14).length).toBeCloseTo(0.325, 9);
    expect(railOf(0, 14).length).toBe(0);
    expect(railOf(5, 0).length).toBe(0);
  });

  test('past one and a half times the plan it ends in a break', () => {
    expect(railOf(21, 14)).toEqual({ length: expect.closeTo(0.975, 9), broken: false });
    expect(railOf(22, 14)).toEqual({ length: expect.closeTo(0.975, 9), broken: true });
  });

  test("today's line stands apart only where today differs from the plan", () => {
    expect(todayAt(8, 14)).toBeCloseTo(0.3714, 4);
    expect(todayAt(14, 14)).toBeNull();
    expect(todayAt(0, 14)).toBeNull();
  });
});
