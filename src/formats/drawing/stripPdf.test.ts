import { newFeeder } from '@/core/edit/new/floorThings';
import { newMade } from '@/core/edit/new/homeMade';
import type { Feeder, Made, Plan } from '@/core/model/schema';
import { developed } from '@/core/stores/vessels/strip';
import { DAY, soundCoop } from '@/core/tests/plans';
import { fonts, PX_MM, pageOf } from '../tests/renderedPage';
import { drawnFile } from './drawn';
import { EDGE_MM, PAPERS, type PaperId } from './paper';
import { stripOf } from './stripOf';

function withPorts(body: Made['body'], outlets: number, units: 'metric' | 'imperial'): Plan {
  const plan = { ...soundCoop(), units };
  const vessel: Feeder = { ...newFeeder(plan, { type: 'port', outlets }), id: 'ports' };
  const made = newMade(vessel, units);
  if (made === null) throw new Error('ports are made at home');
  return { ...plan, fixtures: [...plan.fixtures, { ...vessel, made: { ...made, body } }] };
}

const stripped = (plan: Plan, paper: PaperId): Promise<Uint8Array> =>
  drawnFile(
    plan,
    { view: 'strip', format: 'pdf', scale: null, paper, on: DAY, fixture: 'ports' },
    fonts,
  );

/** Middle of the dark dot near a place of a page, mm; null where there is none. */
function dotNear(
  page: ReturnType<typeof pageOf>,
  xMm: number,
  yMm: number,
): [number, number] | null {
  let [n, sx, sy] = [0, 0, 0];
  for (let i = -8; i <= 8; i++) {
    for (let k = -8; k <= 8; k++) {
      const [x, y] = [xMm + i / PX_MM, yMm + k / PX_MM];
      if (page.at(x, y) > 110) continue;
      [n, sx, sy] = [n + 1, sx + x, sy + y];
    }
  }
  return n < 60 ? null : [sx / n, sy / n];
}

/** Sheets lie: what one prints, mm, over its title block of 16 mm. */
const roomOf = (paper: PaperId): readonly [number, number] => [
  PAPERS[paper].heightMm - 2 * EDGE_MM,
  PAPERS[paper].widthMm - 2 * EDGE_MM - 16,
];

test.each([
  ['a4', 'metric', 0.4, 6],
  ['letter', 'imperial', 23 * 0.0254, 7],
] as const)(
  'on %s every middle of the strip round a can is where it belongs, to 0.2 mm',
  async (paper, units, acrossM, holes) => {
    const plan = withPorts({ shape: 'can', acrossM, highM: 0.6 }, holes, units);
    const pdf = await stripped(plan, paper);
    // by π and a division alone: lengths 4 mm off both edges that share 10 mm, row under row
    const aroundMm = Math.PI * acrossM * 1000;
    const [wide, tall] = roomOf(paper);
    const long = wide - 8;
    const rows = Math.floor(tall / 34);
    let seen = 0;
    for (let i = 0; i < holes; i++) {
      const s = (aroundMm / holes) * i;
      for (let n = 0; n * (long - 10) <= s && n < 9; n++) {
        const on = s - n * (long - 10);
        if (on > long) continue;
        const page = pageOf(pdf, Math.floor(n / rows) + 1);
        const [x, y] = [EDGE_MM + 4 + on, EDGE_MM + ((n % rows) + 0.5) * (tall / rows)];
        const dot = dotNear(page, x, y);
        if (dot === null) throw new Error(`no middle of hole ${i + 1} in length ${n + 1}`);
        expect(Math.hypot(dot[0] - x, dot[1] - y)).toBeLessThan(0.2);
        seen++;
      }
    }
    expect(seen).toBeGreaterThanOrEqual(holes);
  },
);

test('a pail’s strip is an arc as long as the pail is round, and its middles lie at equal parts of it', () => {
  const body: Made['body'] = { shape: 'pail', footM: 0.26, topM: 0.3, highM: 0.36 };
  const { at, radiusM } = developed(body, 0.1);
  const across = 0.26 + 0.04 * (0.1 / 0.36);
  // the cone: the slant from its tip to the holes, by likeness of triangles
  const slant = Math.hypot(0.36, 0.02);
  expect(radiusM).toBeCloseTo((across / 2 / 0.02) * slant, 9);
  const parts = 1000;
  let long = 0;
  for (let i = 0; i < parts; i++) {
    const [a, b] = [
      at((Math.PI * across * i) / parts, 0),
      at((Math.PI * across * (i + 1)) / parts, 0),
    ];
    long += Math.hypot(a[0] - b[0], a[1] - b[1]);
  }
  expect(long).toBeCloseTo(Math.PI * across, 6);
  // up the wall is up the paper, by the same length
  const [low, high] = [at(0.3, 0), at(0.3, 0.01)];
  expect(Math.hypot(high[0] - low[0], high[1] - low[1])).toBeCloseTo(0.01, 12);
  // a straight strip would climb: the arc is four centimetres off it at its ends
  expect(at(0, 0)[1] - at((Math.PI * across) / 2, 0)[1]).toBeGreaterThan(0.03);
});

test('a strip asked of what has no holes round it is refused with the way to have one', () => {
  const plan = soundCoop();
  expect(stripOf(plan, null)).toMatch(/fixture is its id/);
  expect(stripOf(plan, 'bar')).toMatch(/fixture is its id|no holes/);
  expect(stripOf(plan, 'feeder')).toMatch(/no holes round it/);
  const box = withPorts({ shape: 'box', longM: 0.5, deepM: 0.3, highM: 0.5 }, 3, 'metric');
  expect(stripOf(box, 'ports')).toMatch(/from a can or a pail/);
});
