import { airDay } from '@/core/air/airDay';
import { flockByDay } from '@/core/birds/flock';
import { project } from '@/core/drawing/projection';
import type { Section } from '@/core/drawing/shape';
import { aired } from '@/core/tests/aired';
import { DAY, sample } from '@/core/tests/plans';
import { workClimate } from '@/core/weather/climate';
import { arrowsIn, dropsUnder } from './arrows';

const plan = aired('pell-garth');
const climate = workClimate(plan.climate);
if (!climate) throw new Error('it has a climate');
const FRAME = { width: 800, height: 600, left: 100, right: 40, top: 40, bottom: 60 };
const hour = (of: typeof plan, which: 'cold' | 'hot', h: number) => {
  const found = airDay(of, flockByDay(of, DAY), climate, which)[h];
  if (!found) throw new Error(`no hour ${h}`);
  return found;
};
const arrows = (view: Section, which: 'cold' | 'hot' = 'cold', h = 3, size = 1) =>
  arrowsIn(plan, view, hour(plan, which, h), project(view, plan.shell, FRAME), 60, size);

/** The places of an arrow's outline, px. */
const places = (path: string): [number, number][] =>
  [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map((m) => [Number(m[1]), Number(m[2])]);

describe('arrows of the air', () => {
  test.each(['front', 'right', 'rear', 'left'] as const)(
    'seen from the %s they carry what flows: as much in as out',
    (view) => {
      const all = arrows(view);
      const sum = (way: 'in' | 'out'): number =>
        all.filter((a) => a.way === way).reduce((total, a) => total + a.flowLS, 0);
      expect(sum('in')).toBeGreaterThan(0);
      expect(sum('in')).toBeCloseTo(sum('out'), 6);
      expect(all.filter((a) => a.isGap)).toHaveLength(2);
    },
  );

  test('what is seen edge on lies across its wall, at its height', () => {
    const p = project('right', plan.shell, FRAME);
    // the front is at the left, the rear at the right
    for (const a of arrows('right').filter((x) => !x.isGap)) {
      const xs = places(a.path).map(([x]) => x);
      const wall = Math.min(...xs) < p.u(0) ? p.u(0) : p.u(plan.shell.widthM);
      expect(Math.min(...xs)).toBeLessThan(wall);
      expect(Math.max(...xs)).toBeGreaterThan(wall);
    }
  });

  test('openings at one height of one wall are one arrow with the flow of both; no words lie on others', () => {
    const window = plan.fixtures.find((f) => f.kind === 'window');
    if (!window) throw new Error('it has a window');
    const wall = { ...window, wall: 'front', sillZ: 1.1, heightM: 0.4, widthM: 0.4 } as const;
    const both = {
      ...plan,
      fixtures: [
        ...plan.fixtures.filter((f) => f.kind !== 'window'),
        { ...wall, id: 'one', alongM: 0.3, opens: 'open' as const },
        { ...wall, id: 'two', alongM: 1.6, opens: 'open' as const },
      ],
    };
    const moment = hour(both, 'hot', 15);
    const all = arrowsIn(both, 'right', moment, project('right', both.shell, FRAME), 60);
    const flow = (id: string): number => {
      const f = moment.flows.find((x) => x.id === id);
      return (f?.inLS ?? 0) + (f?.outLS ?? 0);
    };
    const joint = all.filter((a) => a.key.startsWith('one+two'));
    expect(joint.length).toBeGreaterThan(0);
    expect(joint.reduce((sum, a) => sum + a.flowLS, 0)).toBeCloseTo(flow('one') + flow('two'), 9);
    const words = all.filter((a) => a.anchor !== 'middle');
    for (const a of words) {
      for (const b of words) {
        if (a === b || a.anchor !== b.anchor || (a.isGap && b.isGap)) continue;
        expect(Math.abs(a.at[1] - b.at[1])).toBeGreaterThanOrEqual(12.99);
      }
    }
  });

  test('what comes in points at the room, what goes out away from it', () => {
    for (const a of arrows('front').filter((x) => !x.isGap)) {
      // the tip is the fourth place of the outline
      const [first, , , tip] = places(a.path);
      const goesDown = (tip?.[1] ?? 0) > (first?.[1] ?? 0);
      expect(goesDown).toBe(a.way === 'in');
    }
  });

  test('more flow is a longer arrow, a small drawing has smaller ones', () => {
    const long = (list: ReturnType<typeof arrows>): number =>
      Math.max(
        ...list.map((a) => {
          const ys = places(a.path).map(([, y]) => y);
          return Math.max(...ys) - Math.min(...ys);
        }),
      );
    expect(long(arrows('front', 'hot', 15))).toBeGreaterThan(long(arrows('front', 'cold', 3)));
    expect(long(arrows('front', 'cold', 3, 0.6))).toBeLessThan(long(arrows('front', 'cold', 3)));
  });

  test('drops hang under the roof, from one side to the other', () => {
    const drops = dropsUnder(plan, 'right');
    const { lowM, highM } = plan.shell.roof;
    expect(drops).toHaveLength(14);
    for (const [a, b] of drops) {
      expect(a).toBeGreaterThan(0);
      expect(a).toBeLessThan(plan.shell.widthM);
      expect(b).toBeGreaterThanOrEqual(lowM - 1e-9);
      expect(b).toBeLessThanOrEqual(highM + 1e-9);
    }
    // Pell Garth is low in front
    expect(drops[0]?.[1]).toBeLessThan(drops.at(-1)?.[1] ?? 0);
  });

  test('a coop with nothing open has its gaps alone', () => {
    const bare = sample('pell-garth');
    const own = arrowsIn(
      bare,
      'front',
      hour(bare, 'cold', 3),
      project('front', bare.shell, FRAME),
      10,
    );
    expect(own.map((a) => a.isGap)).toEqual([true, true]);
  });
});
