import {
  bank,
  bar,
  bareCoop,
  DAY,
  fittedCoop,
  hens,
  sampleClimate,
  soundCoop,
} from '@/core/tests/plans';
import { assess } from './assess';
import { newBar } from './edit/new/bars';
import { newFeeder } from './edit/new/floorThings';
import { newPopDoor } from './edit/new/openings';
import type { Plan } from './model/schema';

const room = (lengthM: number, widthM: number, parts: Partial<Plan>): Plan => {
  const bare = bareCoop(parts);
  return { ...bare, shell: { ...bare.shell, lengthM, widthM } };
};
const staveOf = (plan: Plan, station: string) =>
  assess(plan, { on: DAY }).staves.find((s) => s.station === station);
const finding = (plan: Plan, code: string) =>
  assess(plan, { on: DAY }).findings.find((f) => f.code === code);

const nineThenBrahmas = (first: 'light' | 'heavy'): Plan => {
  const small = hens(9, { id: 'nine', massKg: 2.2 });
  const large = hens(5, { id: 'five', breed: 'brahma', massKg: 4.6 });
  const [now, later] = first === 'light' ? [small, large] : [large, small];
  return room(3, 2, {
    flock: [
      { ...now, leavesOn: '2027-03-01' },
      { ...later, arrivesOn: '2027-03-01' },
    ],
    fixtures: [
      bank({ boxes: 4, boxW: 0.25, boxD: 0.25, boxH: 0.4 }),
      newPopDoor(bareCoop(), { id: 'pop', wall: 'front', alongM: 2, widthM: 0.3, heightM: 0.35 }),
    ],
  });
};

test('nests and door too small for the Brahmas of March are short from that day, with their findings', () => {
  const plan = nineThenBrahmas('light');
  for (const [station, code] of [
    ['nests', 'nests.boxes.short'],
    ['door', 'door.size.small'],
  ] as const) {
    expect(staveOf(plan, station)).toMatchObject({ verdict: 'short', shortFrom: '2027-03-01' });
    expect([code, finding(plan, code)?.from]).toEqual([code, '2027-03-01']);
  }
});

test('the other way round they are short now', () => {
  const plan = nineThenBrahmas('heavy');
  for (const station of ['nests', 'door'] as const) {
    const stave = staveOf(plan, station);
    expect(stave?.verdict).toBe('short');
    expect((stave?.shortFrom ?? '9') <= DAY).toBe(true);
    expect(stave?.shortTill).toBe('2027-02-28');
  }
});

test('a bar is judged under the heaviest that ever fill it', () => {
  const plan = room(3, 2, {
    flock: [
      hens(9, { id: 'nine', massKg: 1.2, leavesOn: '2027-03-01' }),
      hens(5, { id: 'five', breed: 'brahma', massKg: 4.6, arrivesOn: '2027-03-01' }),
    ],
    fixtures: [
      bar({
        x: 0.3,
        y: 1.5,
        z: 0.48,
        lengthM: 2.4,
        section: { shape: 'flat', widthM: 0.089, heightM: 0.038 },
      }),
    ],
  });
  const weak = finding(plan, 'roosts.bar.weak');
  expect(weak?.severity).toBe('harm');
  // six of 4.6 kg: 6 × 4.6 × 9.80665 × 1.5 × 2.4 / 8 over 89 × 38² / 6 mm³, by hand
  expect((weak?.numbers.stress?.value ?? 0) / 1e6).toBeCloseTo(7.58, 1);
});

test('pullets too light for a pedal lid that is all there is are told, from their move until they can', () => {
  const plan = soundCoop((d) => {
    d.flock = [
      hens(6, { id: 'pullets', massKg: 2.2, hatchedOn: '2026-10-20', arrivesOn: '2026-12-15' }),
    ];
    d.fixtures = d.fixtures.filter((f) => f.kind !== 'feeder');
    d.fixtures.push(newFeeder(d, { id: 'pedal', type: 'pedal', outlets: 2, rimZ: 0.2 }));
  });
  const told = assess(plan, { on: DAY }).findings.filter((f) => f.station === 'feed');
  const shut = told.find((f) => f.severity === 'harm' && f.from !== undefined);
  expect([told.map((f) => f.code), shut?.from]).toEqual([told.map((f) => f.code), '2026-12-15']);
  expect(shut?.till ?? '').toMatch(/^202[67]-/);
  expect((shut?.till ?? '') > '2026-12-15').toBe(true);
});

test('a bar that nobody reaches does not count and is told of', () => {
  const near = newBar(bareCoop());
  const plan = room(4, 5, {
    flock: [hens(9, { massKg: 3 })],
    fixtures: [
      { ...near, id: 'low', x: 0.2, y: 0.6, z: 0.5, lengthM: 1.2 },
      { ...near, id: 'far', x: 0.2, y: 2.8, z: 1.25, lengthM: 3 },
    ],
  });
  const without = { ...plan, fixtures: plan.fixtures.filter((f) => f.id !== 'far') };
  expect(staveOf(plan, 'roosts')?.carries).toBe(staveOf(without, 'roosts')?.carries);
  expect(finding(plan, 'roosts.bar.unreached')?.fixtures).toContain('far');
});

test('a 9 m bar in a 2.4 m shed seats nobody', () => {
  const plan = room(2.4, 2.4, {
    flock: [hens(6, { massKg: 2.2 })],
    fixtures: [bar({ x: 0.2, y: 1.5, z: 0.6, lengthM: 9 })],
  });
  expect(staveOf(plan, 'roosts')?.carries).toBe(0);
  expect(finding(plan, 'shell.fixture.pastWall')).toBeDefined();
});

test('with half the area of a vent, air carries about half the flock', () => {
  const inClimate = (widthM: number): number => {
    const plan = soundCoop((d) => {
      d.climate = sampleClimate('cool-maritime');
      d.flock = [hens(20, { massKg: 2.2 })];
      d.fixtures = d.fixtures.filter((f) => f.kind !== 'window');
      for (const f of d.fixtures) if (f.kind === 'vent') f.widthM = widthM;
    });
    return staveOf(plan, 'air')?.carries ?? 0;
  };
  const whole = inClimate(3.6);
  expect(whole).toBeGreaterThanOrEqual(10);
  expect(Math.abs(inClimate(1.8) - whole / 2)).toBeLessThanOrEqual(1);
});

test('three hens on two bars of 0.55 m lack a place, and no length is told as missing', () => {
  const plan = fittedCoop({
    flock: [hens(3, { massKg: 2.2 })],
    fixtures: [
      bar({ id: 'a', x: 1, y: 2.5, z: 0.55, lengthM: 0.55 }),
      bar({ id: 'b', x: 1, y: 2, z: 0.55, lengthM: 0.55 }),
      bank(),
    ],
  });
  const places = finding(plan, 'roosts.places.short');
  expect(places).toBeDefined();
  for (const number of Object.values(places?.numbers ?? {}))
    expect(number.value).toBeGreaterThanOrEqual(0);
});

test('six hybrids of 52 weeks at 52° N lay 2.5 to 4 eggs a day in late November without a lamp', () => {
  const climate = sampleClimate('cool-maritime');
  const plan = fittedCoop({
    climate: { ...climate, latitudeDeg: 52 },
    flock: [hens(6, { breed: 'brown-hybrid', hatchedOn: '2025-11-24', arrivesOn: '2026-04-01' })],
  });
  const eggs = assess(plan, { on: DAY }).figures.get('demand.eggs.today');
  expect(eggs?.value).toBeGreaterThanOrEqual(2.5);
  expect(eggs?.value).toBeLessThanOrEqual(4);
});

test('heavy hens go up to a first bar two feet high by the able school, and not by the gentle one', () => {
  const plan = fittedCoop({
    flock: [hens(4, { massKg: 3.4 })],
    fixtures: [bar({ x: 0.8, y: 2.5, z: 0.71, lengthM: 2 }), bank({ boxes: 2 })],
  });
  expect(finding(plan, 'roosts.hop.high')).toBeUndefined();
  const gentle = { ...plan, schools: { 'roosts.hop': 'roosts.hop.gentle' } };
  expect(finding(gentle, 'roosts.hop.high')?.numbers.hop?.value).toBeCloseTo(0.4, 9);
  expect(staveOf(gentle, 'roosts')?.carries).toBe(0);
});

test('cord wound round a thin round bar counts as bar', () => {
  const thin = (wrapM: number): Plan =>
    fittedCoop({
      fixtures: [
        bar({
          x: 0.8,
          y: 2.5,
          z: 0.7,
          lengthM: 2,
          wrapM,
          section: { shape: 'round', widthM: 0.03, heightM: 0.03 },
        }),
        bank(),
      ],
    });
  const codes = (plan: Plan): string[] =>
    assess(plan, { on: DAY })
      .findings.filter((f) => f.code.startsWith('roosts.bar.thin'))
      .map((f) => f.code);
  expect(codes(thin(0))).toHaveLength(1);
  expect(codes(thin(0.005))).toEqual([]);
});

test('a flock of more than five hundred is never called short by the cap: a shortage has its finding, plenty has none', () => {
  for (const birds of [501, 640, 900]) {
    const large = (lengthM: number, widthM: number): Plan =>
      room(lengthM, widthM, { flock: [hens(birds, { massKg: 2.2 })] });
    const tight = assess(large(3, 2), { on: DAY });
    const wide = assess(large(30, 30), { on: DAY });
    const of = (a: typeof wide) => a.staves.find((s) => s.station === 'floor');
    expect(of(tight)).toMatchObject({ state: 'carries', verdict: 'short', orMore: false });
    expect(tight.findings.map((f) => f.code)).toContain('floor.area.short');
    expect(of(wide)?.verdict).not.toBe('short');
    expect(of(wide)?.carries).toBeGreaterThanOrEqual(birds);
    expect(wide.findings.map((f) => f.code)).not.toContain('floor.area.short');
    for (const a of [tight, wide]) {
      for (const { station, verdict } of a.staves) {
        if (verdict !== 'short') continue;
        const told = a.findings.filter((f) => f.station === station && f.severity !== 'awkward');
        expect([birds, station, told.length > 0]).toEqual([birds, station, true]);
      }
    }
  }
});

test('a bar sags, is over what is allowed, or breaks: one of them at a time, the worst', () => {
  const told = (side: number, material: 'softwood' | 'bamboo' = 'softwood') =>
    assess(
      room(3, 2, {
        flock: [hens(7, { id: 'seven', massKg: 2.2 })],
        fixtures: [
          bar({
            x: 0.3,
            y: 1.5,
            z: 0.48,
            lengthM: 2.3,
            material,
            section: { shape: 'square', widthM: side, heightM: side },
          }),
        ],
      }),
      { on: DAY },
    ).findings.filter((f) => /^roosts\.bar\.(sags|weak|breaks)/.test(f.code));
  // seven of 2.2 kg on 2.3 m: 7 × 2.2 × 9.80665 × 2 × 2.3 / 8 over the side cubed by six, by hand
  const stress = (side: number): number =>
    (7 * 2.2 * 9.80665 * 2 * 2.3) / 8 / (side ** 3 / 6) / 1e6;
  const each = [0.045, 0.038, 0.03].map((side) => {
    const [f, ...rest] = told(side);
    expect(rest).toEqual([]);
    expect((f?.numbers.stress?.value ?? 0) / 1e6).toBeCloseTo(stress(side), 6);
    return [f?.code, f?.severity];
  });
  expect([0.045, 0.038, 0.03].map((side) => Math.round(stress(side) * 10) / 10)).toEqual([
    5.7, 9.5, 19.3,
  ]);
  expect(each).toEqual([
    ['roosts.bar.sags', 'awkward'],
    ['roosts.bar.weak', 'harm'],
    ['roosts.bar.breaks', 'harm'],
  ]);
});
