import fc from 'fast-check';
import { newRain } from '../../edit/new/rain';
import { barrelAcrossM } from '../../model/barrelForm';
import { soundCoop } from '../../tests/plans';
import { pointsOf, type View } from '../shape';
import { rainBeside } from './beside';
import { rainElevation } from './elevation';

const plan = soundCoop();

test('the rain’s way is drawn for any roof and barrel, the barrel on its stand and the gutter under the eaves', () => {
  const roofs = [
    { kind: 'mono', lowM: 1.9, highM: 2.4, highSide: 'rear' },
    { kind: 'gable', lowM: 2, highM: 2.6, ridgeAxis: 'x' },
    { kind: 'gable', lowM: 2, highM: 2.6, ridgeAxis: 'y' },
    { kind: 'flat', lowM: 2.1, highM: 2.1 },
  ] as const;
  fc.assert(
    fc.property(
      fc.constantFrom(...roofs),
      fc.integer({ min: 20, max: 1000 }),
      fc.integer({ min: 0, max: 15 }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (roof, litres, standDm, today) => {
        const own = { ...plan, shell: { ...plan.shell, roof } };
        const rain = newRain(own);
        rain.barrel = { ...rain.barrel, litres, standM: standDm / 10, today };
        const { coop, parts, face } = rainElevation(own, rain, []);
        const shapes = [...coop, ...parts.flatMap((p) => p.shapes)];
        for (const [a, b] of shapes.flatMap(pointsOf)) {
          expect([a, b].every(Number.isFinite)).toBe(true);
          expect(a).toBeGreaterThanOrEqual(face.a0 - 1e-9);
          expect(a).toBeLessThanOrEqual(face.a1 + 1e-9);
          expect(b).toBeLessThanOrEqual(face.b1 + 1e-9);
        }
        const water = shapes.find((s) => s.pen === 'water');
        if (!water) throw new Error('water in the barrel');
        expect(Math.min(...pointsOf(water).map(([, b]) => b))).toBeGreaterThanOrEqual(standDm / 10);
        const named = parts.map((p) => p.what);
        expect(named).toContain('barrel');
        expect(named.includes('stand')).toBe(standDm > 0);
        expect(named).not.toContain('line');
      },
    ),
  );
});

test('a barrel stands outside the wall that it is set at, and is seen past the ends of a section alone', () => {
  const rain = newRain(plan);
  const seen = (side: 'front' | 'rear' | 'left' | 'right', view: View) =>
    rainBeside({ ...plan, rain: { ...rain, barrel: { ...rain.barrel, side, alongM: 0.2 } } }, view);
  const { lengthM, widthM } = plan.shell;
  expect(seen('right', 'front')?.face.a0).toBeGreaterThan(lengthM);
  expect(seen('left', 'front')?.face.a1).toBeLessThan(0);
  // from the rear all is the other way round
  expect(seen('right', 'rear')?.face.a1).toBeLessThan(0);
  expect(seen('front', 'front')).toBeNull();
  expect(seen('rear', 'front')).toBeNull();
  expect(seen('front', 'right')?.face.a1).toBeLessThan(0);
  expect(seen('rear', 'right')?.face.a0).toBeGreaterThan(widthM);
  for (const side of ['front', 'rear', 'left', 'right'] as const) {
    const shapes = seen(side, 'above')?.shapes ?? [];
    const round = shapes.find((s) => s.pen === 'thing' && s.kind === 'ellipse');
    if (round?.kind !== 'ellipse') throw new Error('a barrel');
    const [x, y] = round.middle;
    const out = { front: -y, rear: y - widthM, left: -x, right: x - lengthM }[side];
    expect(out).toBeGreaterThan(barrelAcrossM(rain.barrel) / 2);
    // gutters are drawn along the eaves that have them
    expect(shapes.filter((s) => s.pen === 'pipe')).toHaveLength(rain.eaves.length);
  }
  expect(rainBeside({ ...plan, rain: null }, 'above')).toBeNull();
});
