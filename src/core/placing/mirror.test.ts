import { draw } from '../drawing/draw';
import type { Face, Section, View } from '../drawing/shape';
import { faceOf, lieToCut, roomOf } from '../drawing/view';
import type { Plan } from '../model/schema';
import { everything } from '../tests/everything';
import { bank, bar, sample, soundCoop } from '../tests/plans';
import { mirrored, mirroredPlan } from './mirror';

/** A room of 4 × 3 m with medium hens, one bar across it and nothing else. */
const room = (units: Plan['units'] = 'metric'): Plan =>
  soundCoop((d) => {
    d.units = units;
    d.fixtures = [bar({ id: 'a', x: 1, y: 2.2, z: 0.9, lengthM: 1.8 })];
  });

const VIEWS: readonly View[] = ['front', 'right', 'rear', 'left', 'above'];
const OTHER: Readonly<Record<View, View>> = {
  front: 'front',
  rear: 'rear',
  right: 'left',
  left: 'right',
  above: 'above',
};

describe('a mirror', () => {
  test('twice is as it was', () => {
    for (const plan of [everything('lamp'), sample('pell-garth'), sample('osk-landing')]) {
      for (const axis of ['x', 'y'] as const) {
        expect(mirroredPlan(mirroredPlan(plan, axis), axis)).toEqual(plan);
      }
    }
  });

  test('a coop left and right exchanged is drawn the other way round from the front, and from the left as from the right', () => {
    for (const plan of [everything('lamp'), sample('osk-landing')]) {
      const other = mirroredPlan(plan, 'x');
      for (const view of VIEWS) {
        const across = roomOf(view, plan.shell).acrossM;
        const isTurned = view === 'front' || view === 'rear' || view === 'above';
        const faces = new Map(draw(plan, view).map((i) => [i.key, i.face]));
        const turned = new Map(draw(other, OTHER[view]).map((i) => [i.key, i.face]));
        for (const [key, face] of faces) {
          const found = turned.get(key) as Face;
          // seen from the left what is near the front stands at the right
          const [a0, a1] =
            isTurned || view !== OTHER[view]
              ? [across - face.a1, across - face.a0]
              : [face.a0, face.a1];
          expect([key, view, found.a0, found.a1, found.b0, found.b1]).toEqual([
            key,
            view,
            ...[a0, a1, face.b0, face.b1].map((m) => expect.closeTo(m, 6)),
          ]);
        }
      }
    }
  });

  test('a bank that looks to the left looks to the right', () => {
    const plan = room();
    const own = bank({ x: 3.6, y: 0.5, boxes: 2, rows: 1, boxW: 0.3, boxD: 0.4, faces: 'left' });
    expect(mirrored(own, plan, 'x')).toMatchObject({ x: 0, y: 0.5, faces: 'right' });
    expect(mirrored(own, plan, 'y')).toMatchObject({ x: 3.6, y: 1.9, faces: 'left' });
  });
});

describe('views, worked by hand in a room of 4 × 3 m', () => {
  const { shell } = room();
  const solid = { x0: 0.5, x1: 1.7, y0: 0.2, y1: 0.9, z0: 0.4, z1: 0.45 };

  test('each shows a solid where it stands on the page', () => {
    const across = (view: View): number[] => {
      const f = faceOf(solid, view, shell);
      return [f.a0, f.a1].map((m) => Math.round(m * 1e6) / 1e6);
    };
    expect(across('front')).toEqual([0.5, 1.7]);
    expect(across('rear')).toEqual([2.3, 3.5]);
    expect(across('right')).toEqual([0.2, 0.9]);
    expect(across('left')).toEqual([2.1, 2.8]);
    expect(faceOf(solid, 'above', shell)).toEqual({ a0: 0.5, a1: 1.7, b0: 0.2, b1: 0.9 });
  });

  test('a cut takes away what lies before it, goes through what it meets and leaves the rest', () => {
    const lie = (view: Section, at: readonly number[]) =>
      at.map((m) => lieToCut(solid, view, shell, m));
    expect(lie('front', [0.2, 0.5, 0.9])).toEqual(['behind', 'through', 'before']);
    expect(lie('rear', [2.1, 2.5, 2.8])).toEqual(['behind', 'through', 'before']);
    expect(lie('left', [0.5, 1, 1.7])).toEqual(['behind', 'through', 'before']);
    expect(lie('right', [2.3, 3, 3.5])).toEqual(['behind', 'through', 'before']);
  });

  test('what a cut has taken away is not drawn, and what it meets is told to be cut', () => {
    const plan = sample('osk-landing');
    const all = draw(plan, 'right').filter((i) => i.what === 'fixture');
    const cut = draw(plan, 'right', { cutM: plan.shell.lengthM / 2 }).filter(
      (i) => i.what === 'fixture',
    );
    expect(all.every((i) => i.what === 'fixture' && !i.isCut)).toBe(true);
    expect(cut.length).toBeLessThanOrEqual(all.length);
    const bars = cut.filter((i) => i.what === 'fixture' && i.fixture.kind === 'bar');
    expect(bars.map((i) => i.what === 'fixture' && i.isCut)).toEqual([true, true, true]);
  });
});
