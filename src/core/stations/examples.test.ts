import { assess } from '@/core/assess';
import { classById } from '@/core/birds/size';
import { COVER_ROWS, freeOfMesh, SCREEN_FREE, TIMBERS } from '@/core/rules/materials.data';
import { bank, bar, bareCoop, DAY, hens, sample, sampleClimate } from '@/core/tests/plans';
import { grossM2, netM2 } from '../air/net';
import { droppingsKgDay } from '../birds/droppings';
import { bracketsNeeded, sectionShape, strengthOf, timberOf } from '../build/strength';
import { shareOut } from '../carrying/sharing';
import { newBoard } from '../edit/new/bars';
import { newFeeder } from '../edit/new/floorThings';
import { newVent } from '../edit/new/openings';
import { RULE_BOOK } from '../rules/book';
import { workClimate } from '../weather/climate';
import {
  chickM2,
  chickPlateM2,
  colderNightChance,
  LAMPS,
  lampToBuy,
  lampW,
  toleratedC,
} from './brooder/broods';
import { lightWeeks } from './door/light';
import { cleatPitchM } from './door/ramp';
import { shareOnLitter, topUpKg } from './litterCourse';
import { stripMDay } from './roosts/droppings';

/** Worked examples of the trade's own notes and of handbooks, one by one. */

describe('strength of a bar', () => {
  const flat = { shape: 'flat', widthM: 0.089, heightM: 0.038 } as const;
  const softwood = timberOf({ material: 'softwood' });
  if (!softwood) throw new Error('no softwood');
  const eight = (section: typeof flat | { shape: 'flat'; widthM: number; heightM: number }) =>
    strengthOf({ section, material: 'softwood' }, softwood, 8 * 3.1, 2.1, 0);

  test('eight hens of 3.1 kg on 2.1 m of 38 × 89 laid flat: 18.0 mm at 5.96 MPa, and 11.7 mm is allowed', () => {
    const s = eight(flat);
    expect(s.sagM * 1000).toBeCloseTo(18.0, 1);
    expect(s.sagAllowedM * 1000).toBeCloseTo(11.7, 1);
    expect(s.stressPa / 1e6).toBeCloseTo(5.96, 2);
    expect([s.sags, s.over, s.breaks]).toEqual([true, false, false]);
    expect(
      bracketsNeeded({ section: flat, material: 'softwood', lengthM: 2.1 }, softwood, 24.8),
    ).toBe(1);
  });

  test('the same on edge: 3.3 mm at 2.55 MPa', () => {
    const s = eight({ shape: 'flat', widthM: 0.038, heightM: 0.089 });
    expect(s.sagM * 1000).toBeCloseTo(3.3, 1);
    expect(s.stressPa / 1e6).toBeCloseTo(2.55, 2);
    expect(s.sags).toBe(false);
  });

  test('a round has π·d⁴/64, a culm what its wall leaves', () => {
    const round = { shape: 'round', widthM: 0.04, heightM: 0.04 } as const;
    expect(sectionShape(round, false).inertiaM4).toBeCloseTo(1.2566e-7, 11);
    // wall d/8: the inside is 0.75 d, and 1 − 0.75⁴ of the solid is left
    expect(sectionShape(round, true).inertiaM4 / sectionShape(round, false).inertiaM4).toBeCloseTo(
      1 - 0.75 ** 4,
      9,
    );
  });

  test('one bracket halves the span: a sixteenth of the sag, a quarter of the stress', () => {
    const none = eight(flat);
    const one = strengthOf({ section: flat, material: 'softwood' }, softwood, 24.8, 2.1, 1);
    expect(one.sagM / none.sagM).toBeCloseTo(1 / 16, 9);
    expect(one.stressPa / none.stressPa).toBeCloseTo(1 / 4, 9);
  });

  test('the timbers are as the tables have them, and pipes are not judged', () => {
    expect(
      TIMBERS.map((t) => [t.id, t.stiffnessPa / 1e9, t.allowedPa / 1e6, t.breaksPa / 1e6]),
    ).toEqual([
      ['softwood', 8, 7, 16],
      ['salvaged', 7, 4, 9],
      ['hardwood', 11, 12, 28],
      ['greenPole', 9, 8, 18],
      ['bamboo', 15, 20, 45],
    ]);
    expect(timberOf({ material: 'metalPipe' })).toBeNull();
  });
});

describe('droppings', () => {
  test('a hen of 2.2 kg leaves about 0.108 kg a day', () => {
    expect(droppingsKgDay(2.2)).toBeCloseTo(0.108, 3);
  });

  test.each([
    [1 / 3, 0.8, 19],
    [1 / 2, 1.2, 12],
    [0.6, 1.45, 10],
  ])('at a share of %d at night, %d mm a day and %d days to 15 mm', (share, mm, days) => {
    const thick = stripMDay(share, droppingsKgDay(2.2), 0.3);
    expect(thick * 1000).toBeCloseTo(mm, 1);
    expect(Math.round(0.015 / thick)).toBe(days);
  });
});

describe('litter', () => {
  const week = (share: number): number => 10 * 7 * droppingsKgDay(2.2) * share;

  test('ten hens out by day and no board: 17 L of shavings a week, 0.11 m settled a year on 3.3 m²', () => {
    const share = shareOnLitter(1 / 3, false);
    const kg = topUpKg(week(share), 450);
    expect(Math.round((kg / 110) * 1000)).toBe(17);
    const dryYear = (week(share) * 0.25 + kg) * (365 / 7);
    expect((dryYear * 0.65) / (250 * 3.3)).toBeCloseTo(0.11, 2);
  });

  test('with a board: 4 L', () => {
    expect(Math.round((topUpKg(week(shareOnLitter(1 / 3, true)), 450) / 110) * 1000)).toBe(4);
  });

  test('sand and bedding no richer than 30 to 1 top up nothing', () => {
    expect(topUpKg(5, null)).toBe(0);
    expect(topUpKg(5, 30)).toBe(0);
    expect(topUpKg(5, 31)).toBeGreaterThan(0);
  });

  test('a coop of its own: the panel’s figures are these', () => {
    const plan = {
      ...bareCoop({ flock: [hens(10, { massKg: 2.2 })] }),
      schools: { 'roosts.droppings': 'roosts.droppings.third' },
    };
    const floor = { ...plan, shell: { ...plan.shell, lengthM: 3.3, widthM: 1 } };
    const { figures } = assess(floor, { on: DAY });
    expect(figures.get('litter.weekly')?.value).toBeCloseTo(16.7, 1);
    expect(figures.get('litter.rise')?.value).toBeCloseTo(0.109, 3);
    const boarded = { ...floor, fixtures: [newBoard(floor)] };
    expect(assess(boarded, { on: DAY }).figures.get('litter.weekly')?.value).toBeLessThan(4);
  });
});

describe('openings', () => {
  test('welded mesh leaves ((p − d)/p)² free', () => {
    expect(freeOfMesh(0.013, 0.00107)).toBeCloseTo(0.842, 3);
    expect(freeOfMesh(0.00635, 0.00064)).toBeCloseTo(0.809, 3);
    expect(freeOfMesh(0.025, 0.00165)).toBeCloseTo(0.872, 3);
    expect(COVER_ROWS.find((c) => c.id === 'mesh13')?.free).toBeCloseTo(0.842, 3);
    expect(SCREEN_FREE).toEqual({ none: 1, louvre: 0.5, insect: 0.6, ridge: 0.6 });
  });

  test('factors multiply, and drilled holes are n·π·d²/4', () => {
    const vent = newVent(bareCoop(), {
      widthM: 0.6,
      heightM: 0.2,
      cover: 'mesh13',
      screenedBy: 'insect',
    });
    expect(netM2(vent)).toBeCloseTo(0.12 * 0.8422 * 0.6, 4);
    const holes = { ...vent, holes: { count: 100, diameterM: 0.025 } };
    expect(grossM2(holes)).toBeCloseTo(0.0491, 4);
  });
});

describe('vessels', () => {
  test('whole birds fill a vessel, those that take most first', () => {
    // a rim of 1 m: at 0.045 m each there is room for 22
    expect(shareOut([[0.045]], [30]).left).toEqual([8]);
    expect(shareOut([[0.25, 0.2]], [3, 3]).left).toEqual([0, 2]);
    expect(shareOut([[0.25], [0.5]], [7]).left).toEqual([1]);
    expect(shareOut([[Number.POSITIVE_INFINITY, 0.5]], [1, 2]).left).toEqual([1, 0]);
  });

  test('a tube of 0.30 m serves twenty-three hens of 2.2 kg, and days are contents over intake and waste', () => {
    const plan = bareCoop({ flock: [hens(23, { massKg: 2.2 })] });
    const tube = newFeeder(plan, { diameterM: 0.3, capacityL: 20 });
    const a = assess({ ...plan, fixtures: [tube] }, { on: DAY });
    // π·0.30/0.04
    expect(a.figures.get('feed.capacity')?.value).toBe(23);
    const intake = a.flock.peaks.coopFeedKg?.value ?? 0;
    expect(a.figures.get('feed.days')?.value).toBeCloseTo((20 * 0.65) / (intake * 1.1), 9);
  });
});

describe('brooder', () => {
  test('twenty-four chicks at 0 °C ask for 140 W, so 150; twelve at 20 °C for 30, so 60', () => {
    expect(lampW(24, 35, 0)).toBeCloseTo(140, 9);
    expect(lampToBuy(lampW(24, 35, 0))).toBe(150);
    expect(lampW(12, 35, 20)).toBeCloseTo(30, 9);
    expect(lampToBuy(30)).toBe(60);
    expect(lampToBuy(0)).toBe(0);
    expect(lampToBuy(251)).toBeNull();
    expect([...LAMPS]).toEqual([60, 100, 150, 175, 250]);
  });

  test('a plate of 0.35 × 0.25 serves thirteen at hatch and six at three weeks', () => {
    expect(Math.floor((0.35 * 0.25) / chickPlateM2(0))).toBe(13);
    expect(Math.floor((0.35 * 0.25) / chickPlateM2(21))).toBe(6);
    expect(chickPlateM2(40)).toBe(chickPlateM2(21));
  });

  test('room grows at 14, 28 and 42 days, with the breed; meat birds have steps of their own', () => {
    expect([14, 15, 28, 29, 42, 43].map((d) => chickM2(d, 2.2, false))).toEqual([
      0.0464, 0.09, 0.09, 0.1393, 0.1393, 0.1858,
    ]);
    expect(chickM2(14, 4.4, false)).toBeCloseTo(0.0464 * 2 ** (2 / 3), 9);
    expect([7, 8, 14, 21, 28, 29, 42, 43].map((d) => chickM2(d, 6, true))).toEqual([
      0.05, 0.07, 0.07, 0.09, 0.12, 0.15, 0.15, 0.19,
    ]);
  });

  test('what nights young birds bear, by age', () => {
    const weeks = [5, 6, 7, 8, 10, 14].map((w) => toleratedC(w * 7, false));
    expect(weeks).toEqual([Number.POSITIVE_INFINITY, 10, 5, 0, -5, Number.NEGATIVE_INFINITY]);
    expect(toleratedC(21, true)).toBe(10);
  });

  test('the chance of a colder night is none where none comes, and sure where all are', () => {
    const climate = workClimate(sampleClimate('cold-continental'));
    if (!climate) throw new Error('no climate');
    expect(colderNightChance(climate, 15, -60)).toBe(0);
    expect(colderNightChance(climate, 15, 30)).toBe(1);
    // a warmer limit is never safer
    const chances = [-40, -30, -20, -10, 0].map((c) => colderNightChance(climate, 15, c));
    expect([...chances].sort((a, b) => a - b)).toEqual(chances);
  });
});

describe('door and light', () => {
  test('cleats stand 0.20 m apart to 20° and close evenly to 0.14 m at 35°', () => {
    expect([0, 20, 27.5, 35, 40].map((deg) => Number(cleatPitchM(deg).toFixed(4)))).toEqual([
      0.2, 0.2, 0.17, 0.14, 0.14,
    ]);
  });

  test('a lamp brings every week of the year to the hours asked for, and burns in none that has them', () => {
    const plan = {
      ...bareCoop({ climate: sampleClimate('cool-maritime') }),
      schools: { 'light.laying': 'light.laying.bothEnds' },
    };
    const a = assess(plan, { on: DAY });
    const school = a.chosen['light.laying'];
    if (!school) throw new Error('no school');
    const weeks = lightWeeks(a.flock, school);
    expect(weeks).toHaveLength(52);
    for (const w of weeks ?? []) {
      const all = w.daylightH + w.morningH + w.eveningH;
      expect(all).toBeGreaterThanOrEqual(14.5 - 1e-9);
      expect(w.morningH).toBeCloseTo(w.eveningH, 9);
      if (w.daylightH >= 14.5) expect(w.morningH).toBe(0);
      else expect(all).toBeCloseTo(14.5, 9);
    }
  });
});

describe('limits of the classes', () => {
  test.each([
    ['bantam', 1, 0.9, 1.8, 0.25, 0.3],
    ['lightLayer', 1, 0.75, 1.6, 0.3, 0.35],
    ['medium', 0.75, 0.5, 1.2, 0.3, 0.35],
    ['heavy', 0.62, 0.4, 0.9, 0.35, 0.4],
    ['giant', 0.4, 0.3, 0.6, 0.4, 0.45],
  ] as const)(
    '%s: hop %d, gently %d, highest bar %d, pop door %d × %d',
    (id, able, gentle, highest, w, h) => {
      const hop = (school: string) =>
        RULE_BOOK.rows.find((r) => r.id === `roosts.hop.${school}`)?.params[id];
      expect([hop('able'), hop('gentle')]).toEqual([able, gentle]);
      expect(classById(id)).toMatchObject({ highestBarM: highest, popDoorM: [w, h] });
    },
  );

  test('headroom over a bar: bantam 0.37, medium 0.49, giant 0.59 m', () => {
    const needed = (massKg: number): number | undefined => {
      const plan = bareCoop({
        flock: [hens(1, { massKg })],
        fixtures: [bar({ z: 1.9 }), bank()],
      });
      return assess(plan, { on: DAY }).figures.get('roosts.headroom.needed')?.value;
    };
    // birds of 0.75, 2.2 and 4.5 kg
    expect(needed(0.75)).toBeCloseTo(0.37, 2);
    expect(needed(2.2)).toBeCloseTo(0.485, 3);
    expect(needed(4.5)).toBeCloseTo(0.59, 2);
  });
});

test('mesh is cut with its lap: 0.60 × 0.40 m of opening takes 0.70 × 0.50 m', () => {
  const plan = bareCoop();
  const vents = [
    newVent(plan, { id: 'a', widthM: 0.6, heightM: 0.4, cover: 'mesh13' }),
    newVent(plan, { id: 'b', wall: 'rear', widthM: 1, heightM: 0.2, cover: 'mesh13' }),
    newVent(plan, { id: 'c', wall: 'left', widthM: 1, heightM: 0.2, cover: 'netting' }),
  ];
  const { figures } = assess({ ...plan, fixtures: vents }, { on: DAY });
  expect(figures.get('shell.mesh.mesh13')?.value).toBeCloseTo(0.35 + 1.1 * 0.3, 9);
  expect(figures.get('shell.mesh.netting')).toBeUndefined();
});

test('the samples keep what they are about', () => {
  const osk = assess(sample('osk-landing'), { on: DAY });
  const codes = osk.findings.map((f) => f.code);
  // the floor, the Brahmas' hops; damp and frost wait for the air to be worked
  expect(codes).toEqual(expect.arrayContaining(['floor.area.short', 'roosts.hop.high']));
  // of forty eggs thirty hatch, and fifteen of those are pullets
  expect(osk.brooder.chicks).toBe(30);
  expect(osk.figures.get('brooder.pullets.forGroup')?.value).toBe(15);
});
