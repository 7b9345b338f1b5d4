import { flockByDay } from '../../birds/flock';
import { newDrinker, newFeeder } from '../../edit/new/floorThings';
import { bodiesFor, newMade, startBody } from '../../edit/new/homeMade';
import type { Made, Vessel } from '../../model/schema';
import { takesUp } from '../../rules/vesselKinds.data';
import { DAY, soundCoop } from '../../tests/plans';
import { type Point, pointsOf, type Shape } from '../shape';
import { madeBody } from '../things/madeBody';
import { vesselSection } from './section';

const plan = soundCoop();
const flock = flockByDay(plan, DAY);
const lot = flock.lots[0];
if (!lot) throw new Error('a flock');
const bird = { class: lot.class, sex: lot.sex, breed: lot.breed, massKg: 2.2 };

/** Every kind of vessel that is made at home, from each of its bodies, in both systems. */
const MADE: readonly [string, Vessel, Made][] = (['metric', 'imperial'] as const).flatMap((units) =>
  [
    ...(['tube', 'trough', 'port', 'pedal', 'holes'] as const).map((type) =>
      newFeeder(plan, { type, outlets: 4 }),
    ),
    ...(['bucket', 'cup', 'nipple'] as const).map((type) => newDrinker(plan, { type, outlets: 3 })),
  ].flatMap((v) =>
    bodiesFor(v).map((shape): [string, Vessel, Made] => {
      const start = newMade(v, units);
      if (!start) throw new Error(v.type);
      const made: Made = { ...start, body: startBody(shape, units) };
      return [`${v.type} of a ${shape}, ${units}`, { ...v, made } as Vessel, made];
    }),
  ),
);

const sound = (shapes: readonly Shape[]): Point[] => {
  const points = shapes.flatMap(pointsOf);
  for (const p of points) expect(p.every(Number.isFinite)).toBe(true);
  return points;
};

test.each(MADE)(
  '%s is cut open within its picture, and every measure lies between its ends',
  (_, v, made) => {
    const { shapes, face, measures } = vesselSection(v, made, plan, bird);
    for (const [a, b] of sound(shapes)) {
      expect(a).toBeGreaterThanOrEqual(face.a0 - 1e-9);
      expect(a).toBeLessThanOrEqual(face.a1 + 1e-9);
      expect(b).toBeGreaterThanOrEqual(face.b0 - 1e-9);
      expect(b).toBeLessThanOrEqual(face.b1 + 1e-9);
    }
    for (const { m, from, to, what } of measures) {
      expect([what, Math.hypot(to[0] - from[0], to[1] - from[1])]).toEqual([
        what,
        expect.closeTo(m, 6),
      ]);
    }
    if (v.kind === 'feeder') expect(shapes.some((s) => s.pen === 'deadFeed')).toBe(true);
  },
);

test('feed and heap lie inside the vessel’s walls', () => {
  for (const [name, v, made] of MADE) {
    if (v.kind !== 'feeder' || made.body.shape === 'pipe') continue;
    const { shapes } = vesselSection(v, made, plan, null);
    const half = takesUp(v).round
      ? Math.max(takesUp(v).longM, takesUp(v).deepM) / 2
      : made.body.shape === 'box'
        ? made.body.deepM / 2
        : 9;
    for (const s of shapes.filter((s) => s.pen === 'deadFeed')) {
      for (const [a] of pointsOf(s))
        expect([name, Math.abs(a) <= half + 1e-9]).toEqual([name, true]);
    }
  }
});

test('from its side on the bench it stays in its box', () => {
  for (const [name, v, made] of MADE) {
    const { longM, deepM, highM } = takesUp(v);
    for (const [view, wide] of [
      ['front', longM],
      ['right', deepM],
    ] as const) {
      const face = { a0: 1, a1: 1 + wide, b0: 0.2, b1: 0.2 + highM };
      for (const [a, b] of sound(madeBody(v, made, face, view))) {
        expect([name, view, a >= 1 - 0.06 && a <= 1 + wide + 0.06]).toEqual([name, view, true]);
        expect([name, view, b >= 0.2 - 0.06 && b <= 0.2 + highM + 0.06]).toEqual([
          name,
          view,
          true,
        ]);
      }
    }
  }
});
