import fc from 'fast-check';
import { assess } from '@/core/assess';
import { bar, bareCoop, DAY, hens, sampleClimate, soundCoop } from '@/core/tests/plans';
import { isHigh } from '../../air/high';
import { freeShare, grossM2, netM2 } from '../../air/net';
import { newVent } from '../../edit/new/openings';
import { fixtureOf } from '../../model/fixtures.schema';
import type { AirOpening, Plan } from '../../model/schema';
import { COVER_ROWS, SCREEN_FREE } from '../../rules/materials.data';

const bare = bareCoop();
const vent = (parts: Parameters<typeof newVent>[1] = {}) => newVent(bare, parts);
const window = (parts: Partial<AirOpening> = {}) =>
  fixtureOf({
    kind: 'window',
    id: 'window',
    name: 'Window',
    wall: 'front',
    alongM: 0.5,
    sillZ: 0.8,
    widthM: 1,
    heightM: 0.6,
    opens: 'closable',
    ...(parts as object),
  });
const coop = (fixtures: Plan['fixtures'], parts: Partial<Plan> = {}): Plan =>
  bareCoop({ flock: [hens(6, { massKg: 2.2 })], fixtures, ...parts });
const figures = (plan: Plan) => assess(plan, { on: DAY }).figures;
const carries = (plan: Plan) =>
  assess(plan, { on: DAY }).staves.find((s) => s.station === 'air')?.carries;

describe('net free area', () => {
  test('never more than the opening, and less with whatever covers it besides', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...COVER_ROWS.map((c) => c.id)),
        fc.constantFrom(...(Object.keys(SCREEN_FREE) as (keyof typeof SCREEN_FREE)[])),
        fc.integer({ min: 5, max: 200 }),
        fc.integer({ min: 5, max: 200 }),
        (cover, screenedBy, w, h) => {
          const o = vent({ cover, screenedBy, widthM: w / 100, heightM: h / 100 });
          expect(grossM2(o)).toBeCloseTo((w * h) / 10_000, 9);
          expect(netM2(o)).toBeLessThanOrEqual(grossM2(o));
          expect(freeShare(o)).toBeLessThanOrEqual(freeShare({ ...o, screenedBy: 'none' }));
          expect(freeShare(o)).toBeGreaterThan(0.3);
        },
      ),
    );
  });

  test('what is shut for good lets nothing through; high and low, closable and open add up', () => {
    const f = figures(
      coop([
        vent({
          id: 'high',
          wall: 'front',
          alongM: 1,
          widthM: 0.6,
          heightM: 0.15,
          sillZ: 1.7,
          opens: 'open',
          cover: 'mesh13',
        }),
        vent({
          id: 'low',
          wall: 'rear',
          alongM: 1,
          widthM: 0.6,
          heightM: 0.15,
          sillZ: 0.2,
          opens: 'closable',
          cover: 'mesh13',
        }),
        window({ id: 'shut', opens: 'shut' } as never),
      ]),
    );
    const value = (id: string) => f.get(id)?.value ?? Number.NaN;
    const each = 0.6 * 0.15 * 0.8422;
    expect(value('air.high')).toBeCloseTo(each, 4);
    expect(value('air.low')).toBeCloseTo(each, 4);
    expect(value('air.closable')).toBeCloseTo(each, 4);
    expect(value('air.always')).toBeCloseTo(each, 4);
    expect(value('air.have')).toBeCloseTo(2 * each, 4);
    expect(f.get('air.opening.shut')).toBeUndefined();
  });

  test('high is the upper third of the wall where it stands, and the ridge', () => {
    expect(isHigh(vent({ sillZ: 1.25, heightM: 0.15 }), bare)).toBe(false);
    expect(isHigh(vent({ sillZ: 1.26, heightM: 0.15 }), bare)).toBe(true);
    expect(isHigh(vent({ place: 'ridge', sillZ: 0 }), bare)).toBe(true);
    const mono = { kind: 'mono', lowM: 1.2, highM: 2.4, highSide: 'rear' } as const;
    const slope = { ...bare, shell: { ...bare.shell, roof: mono } };
    expect(isHigh(vent({ wall: 'front', sillZ: 0.9 }), slope)).toBe(true);
    expect(isHigh(vent({ wall: 'rear', sillZ: 0.9 }), slope)).toBe(false);
  });
});

describe('the schools of area', () => {
  const open = (m2: number, parts: Parameters<typeof newVent>[1] = {}) =>
    vent({
      sillZ: 1.35,
      alongM: 0.05,
      widthM: m2 / 0.62,
      heightM: 0.62,
      opens: 'open',
      cover: 'none',
      ...parts,
    });

  test('a foot a bird: 0.0929 m² a medium hen, of which half cannot be shut', () => {
    const schools = { 'air.area': 'air.area.aFootABird' };
    expect(carries(coop([open(0.929)], { schools }))).toBe(10);
    expect(carries(coop([open(0.928)], { schools }))).toBe(9);
    const half = [open(0.465), open(0.465, { id: 'b', wall: 'rear', opens: 'closable' })];
    expect(carries(coop(half, { schools }))).toBe(10);
    const closable = [open(0.93, { opens: 'closable' })];
    expect(carries(coop(closable, { schools }))).toBe(0);
    expect(carries(coop(closable, { schools: { 'air.area': 'air.area.allClosable' } }))).toBe(10);
  });

  test('a tenth of the floor asks the same of any flock; part of it carries that part of the flock', () => {
    const schools = { 'air.area': 'air.area.tenthOfFloor' };
    const plan = (m2: number, more: number) =>
      coop([open(m2), open(more, { id: 'b', wall: 'rear', sillZ: 0.5, opens: 'closable' })], {
        schools,
      });
    // 12 m² of floor: 1.2 m² high and open, 1.2 that can be opened
    expect(carries(plan(1.2, 1.2))).toBe(6);
    expect(carries(plan(1.199, 1.3))).toBe(5);
    expect(carries(plan(1.2, 1.199))).toBe(5);
    expect(carries(plan(0.6, 1.8))).toBe(3);
    expect(carries(plan(0.01, 2.3))).toBe(0);
    expect(carries(plan(1.8, 1.8))).toBe(9);
  });

  test('in a hot place a fifth more of the floor is to be opened', () => {
    const plan = (all: number): Plan =>
      coop([open(1.2), open(all - 1.2, { id: 'b', wall: 'rear', sillZ: 0.5, opens: 'closable' })], {
        climate: sampleClimate('hot-desert'),
        schools: { 'air.area': 'air.area.tenthOfFloor' },
      });
    expect(carries(plan(3.6))).toBe(6);
    expect(carries(plan(3.599))).toBe(5);
  });

  test('worked for birds and place: a drier or warmer place, more birds and a thin roof each move the need', () => {
    const need = (id: string, parts: Partial<Plan> = {}): readonly [number, number] => {
      const { figures } = assess(coop([open(0.5)], { climate: sampleClimate(id), ...parts }), {
        on: DAY,
      });
      const of = (key: string): number => figures.get(key)?.value ?? Number.NaN;
      return [of('air.winter.needed'), of('air.needed')];
    };
    const [cold, hot] = [need('cold-continental'), need('hot-desert')];
    expect(cold[1]).toBeLessThan(hot[1]);
    expect(cold[0]).toBeGreaterThan(0.05);
    const many = need('cold-continental', { flock: [hens(14)] });
    expect(many[0]).toBeGreaterThan(cold[0]);
    const foam = need('hot-desert', { shell: { ...coop([]).shell, roofBuild: 'foam50' } });
    expect(foam[1]).toBeLessThan(0.8 * hot[1]);
  });

  test('worked for birds and place, and no place is known: a foot a bird', () => {
    const foot = { schools: { 'air.area': 'air.area.aFootABird' }, climate: null };
    for (const m2 of [0.4, 0.93])
      expect(carries(coop([open(m2)], { climate: null }))).toBe(carries(coop([open(m2)], foot)));
  });

  test('more mesh never carries fewer, and a heavier hen asks for more air', () => {
    const schools = { 'air.area': 'air.area.aFootABird' };
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 150 }),
        fc.integer({ min: 0, max: 90 }),
        (cm2, more) => {
          const few = carries(coop([open(cm2 / 100)], { schools })) ?? 0;
          const many = carries(coop([open((cm2 + more) / 100)], { schools })) ?? 0;
          expect(many).toBeGreaterThanOrEqual(few);
        },
      ),
      { numRuns: 20 },
    );
    const heavy = coop([open(0.93)], { schools, flock: [hens(6, { massKg: 4 })] });
    expect(carries(heavy)).toBeLessThan(10);
  });
});

describe('the draught band', () => {
  const draught = (parts: Parameters<typeof newVent>[1]): boolean =>
    assess(
      coop([bar({ z: 1, y: 2.5, lengthM: 2 }), vent({ opens: 'open', heightM: 0.1, ...parts })]),
      { on: DAY },
    ).findings.some((f) => f.code === 'air.opening.inDraught');

  test('runs from 0.10 m below a bar to 0.50 m above it', () => {
    expect(draught({ sillZ: 0.8 })).toBe(false);
    expect(draught({ sillZ: 0.801 })).toBe(true);
    expect(draught({ sillZ: 1.499 })).toBe(true);
    expect(draught({ sillZ: 1.5 })).toBe(false);
  });

  test('matters only for what cannot be shut and has no baffle', () => {
    expect(draught({ sillZ: 1.1 })).toBe(true);
    expect(draught({ sillZ: 1.1, opens: 'closable' })).toBe(false);
    expect(draught({ sillZ: 1.1, baffle: true })).toBe(false);
    expect(draught({ place: 'ridge' })).toBe(false);
  });
});

describe('openings that do not open', () => {
  const shut = (d: Plan, only?: 'window'): void => {
    d.fixtures = d.fixtures.filter((f) => f.kind !== 'vent' || only === undefined);
    for (const f of d.fixtures) if (f.kind === 'window' || f.kind === 'vent') f.opens = 'shut';
  };
  const airOf = (plan: Plan) => {
    const { staves, findings } = assess(plan, { on: DAY });
    const stave = staves.find((s) => s.station === 'air');
    return {
      state: stave?.state,
      carries: stave?.carries,
      told: findings.filter((f) => f.station === 'air').map((f) => [f.code, f.severity]),
    };
  };

  test('all entered as shut carry nobody, in the far north too, and that is one harm', () => {
    for (const climate of [null, sampleClimate('far-north')]) {
      const plan = soundCoop((d) => {
        d.climate = climate;
        shut(d);
      });
      expect(airOf(plan)).toEqual({ state: 'carries', carries: 0, told: [['air.shut', 'harm']] });
    }
  });

  test('one window entered as shut is entered; no opening at all is not', () => {
    const one = soundCoop((d) => shut(d, 'window'));
    expect(airOf(one).state).toBe('carries');
    const none = soundCoop((d) => {
      d.fixtures = d.fixtures.filter((f) => f.kind !== 'window' && f.kind !== 'vent');
    });
    expect(airOf(none)).toMatchObject({ state: 'notEntered', told: [] });
  });
});
