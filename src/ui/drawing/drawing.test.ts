import { type BirdLook, USUAL_HEN } from '@/core/drawing/birds/look';
import { birdExtent } from '@/core/drawing/birds/silhouettes';
import { pageRect, pastWalls, project } from '@/core/drawing/projection';
import { faceOf } from '@/core/drawing/view';
import { solidOf } from '@/core/geometry/solids';
import { bank, sample } from '@/core/tests/plans';
import { birdOnPage } from './silhouette';

const frame = { width: 800, height: 600, left: 100, right: 50, top: 20, bottom: 60 };
const solid = { x0: 0.5, x1: 1.5, y0: 0.2, y1: 0.9, z0: 0.4, z1: 0.45 };

describe('metres to pixels', () => {
  const { shell } = sample('pell-garth');

  test('one scale both ways, the coop within its frame', () => {
    for (const view of ['front', 'right', 'above'] as const) {
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
        faceOf(solidOf(hung, plan), 'above', shell),
        project('above', shell, frame, { past }),
      );
      expect(r.x).toBeGreaterThanOrEqual(frame.left - 1e-9);
      expect(r.x + r.width).toBeLessThanOrEqual(frame.width - frame.right + 1e-9);
      expect(r.y).toBeGreaterThanOrEqual(frame.top - 1e-9);
      expect(r.y + r.height).toBeLessThanOrEqual(frame.height - frame.bottom + 1e-9);
    }
  });

  test('a solid shows its breadth and height in front, its depth from the side, both from above', () => {
    const sides = (view: 'front' | 'right' | 'above') => {
      const p = project(view, shell, frame);
      const r = pageRect(faceOf(solid, view, shell), p);
      return [r.width / p.scale, r.height / p.scale];
    };
    expect(sides('front')).toEqual([expect.closeTo(1, 9), expect.closeTo(0.05, 9)]);
    expect(sides('right')).toEqual([expect.closeTo(0.7, 9), expect.closeTo(0.05, 9)]);
    expect(sides('above')).toEqual([expect.closeTo(1, 9), expect.closeTo(0.7, 9)]);
  });
});

describe('a bird on the page', () => {
  const rect = { x: 100, y: 50, width: 40, height: 90 };
  const looks = (['bantam', 'light', 'medium', 'heavy', 'giant', 'duck'] as const).flatMap(
    (build) => [false, true].map((cock): BirdLook => ({ build, cock, comb: 'single' })),
  );

  test.each(['profile', 'front', 'back', 'above', 'aboveAcross'] as const)(
    '%s touches all four sides of her rectangle, whatever she is',
    (aspect) => {
      for (const look of looks) {
        for (const turned of [false, true]) {
          const { a0, a1, b0, b1 } = birdExtent(birdOnPage(rect, look, aspect, turned));
          expect([a0, a1, -b1, -b0]).toEqual([100, 140, 50, 140].map((n) => expect.closeTo(n, 6)));
        }
      }
    },
  );

  test('turned, she looks the other way', () => {
    const eyeAt = (turned: boolean): number => {
      const eye = birdOnPage(rect, USUAL_HEN, 'profile', turned).find((s) => s.pen === 'birdEye');
      return birdExtent(eye ? [eye] : []).a0;
    };
    expect(eyeAt(false)).toBeGreaterThan(130);
    expect(eyeAt(true)).toBeLessThan(110);
  });
});
