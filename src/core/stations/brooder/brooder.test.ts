import fc from 'fast-check';
import { assess } from '@/core/assess';
import { BREEDS } from '@/core/model/breeds.data';
import { bareCoop, DAY, hens, sampleClimate, soundCoop } from '@/core/tests/plans';
import { dayOfYear, workClimate } from '@/core/weather/climate';
import { newBrooder } from '../../edit/defaults';
import type { Brooder, Group, Plan } from '../../model/schema';
import {
  chickEdgeM,
  chickM2,
  chickPlateM2,
  chickRimM,
  hatchOf,
  lampToBuy,
  lampW,
  meanNightC,
} from './broods';

const chicks = (count: number, parts: Partial<Group> = {}): Group =>
  hens(count, {
    id: 'chicks',
    name: 'Chicks',
    massKg: 2.2,
    hatchedOn: '2027-04-15',
    arrivesOn: '2027-06-14',
    raisedHere: true,
    ifCock: 'leaves',
    ...parts,
  });
const brooderOf = (parts: Partial<Brooder>, group: Group = chicks(10)): Plan =>
  soundCoop((d) => {
    d.brooder = { ...newBrooder(), lengthM: 4, widthM: 2, feedEdgeM: 3, waterRimM: 3, ...parts };
    d.flock.push(group);
  });
const worked = (plan: Plan) => assess(plan, { on: DAY });

describe('what one chick asks for', () => {
  test('never less as it grows, but for the plate it needs from three weeks on', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 100 }),
        fc.integer({ min: 0, max: 20 }),
        fc.boolean(),
        (day, more, meat) => {
          expect(chickM2(day + more, 2.2, meat)).toBeGreaterThanOrEqual(chickM2(day, 2.2, meat));
          expect(chickEdgeM(day + more)).toBeGreaterThanOrEqual(chickEdgeM(day));
          expect(chickRimM(day + more)).toBeGreaterThanOrEqual(chickRimM(day));
          expect(chickPlateM2(day + more)).toBeGreaterThanOrEqual(chickPlateM2(day));
        },
      ),
    );
    expect(chickPlateM2(21)).toBeCloseTo(0.0128, 9);
    expect(chickPlateM2(60)).toBeCloseTo(0.0128, 9);
  });

  test('a day decides a step: day fourteen is of the first, day fifteen of the second', () => {
    expect([14, 15, 28, 29, 42, 43].map((d) => chickM2(d, 2.2, false))).toEqual([
      0.0464, 0.09, 0.09, 0.1393, 0.1393, 0.1858,
    ]);
  });
});

describe('eggs set', () => {
  test('three in four of one’s own hatch, half of those by post, and half are hens', () => {
    const set = (eggs: number, posted: boolean, sex: Group['sex'] = 'hen') =>
      hatchOf({ eggsSet: { eggs, posted }, sex });
    expect(set(40, false)).toMatchObject({ hatched: 30, forGroup: 15 });
    expect(set(40, true)).toMatchObject({ hatched: 20, forGroup: 10 });
    expect(set(41, false)).toMatchObject({ hatched: 30, forGroup: 15 });
    expect(set(40, false, 'unsexed')).toMatchObject({ hatched: 30, forGroup: 30 });
    expect(hatchOf({ eggsSet: null, sex: 'hen' })).toBeNull();
  });

  test('the brooder holds all that hatch, the coop those that are kept', () => {
    const plan = brooderOf({}, chicks(6, { eggsSet: { eggs: 24, posted: false } }));
    const a = worked(plan);
    expect(a.brooder.chicks).toBe(18);
    expect(a.planned).toBe(12);
    expect(a.findings.map((f) => f.code)).not.toContain('brooder.eggs.few');
    const few = worked(brooderOf({}, chicks(10, { eggsSet: { eggs: 24, posted: false } })));
    expect(few.findings.map((f) => f.code)).toContain('brooder.eggs.few');
  });
});

describe('the box', () => {
  test('it carries what its least measure carries', () => {
    const carries = (parts: Partial<Brooder>) => worked(brooderOf(parts)).brooder.carries;
    // to day 59: 0.1858 m² of floor, 4 cm of feed, 1.5 cm of water, 0.0128 m² of plate
    const plate = { kind: 'plate', widthM: 1, depthM: 1 } as const;
    expect(carries({ lengthM: 1.858, widthM: 1, heat: plate })).toBe(10);
    expect(carries({ lengthM: 1.857, widthM: 1, heat: plate })).toBe(9);
    // a tub of the same length and width has π/4 of its floor
    expect(carries({ lengthM: 1.9, widthM: 1, shape: 'oval', heat: plate })).toBe(8);
    expect(carries({ feedEdgeM: 0.48, heat: plate })).toBe(12);
    expect(carries({ waterRimM: 0.3, heat: plate })).toBe(20);
    expect(carries({ heat: { kind: 'plate', widthM: 0.256, depthM: 0.5 } })).toBe(10);
    expect(carries({ heat: { kind: 'hen', hens: 1 } })).toBe(12);
  });

  test('room from the start asks for half as much again', () => {
    const needed = (schools: Plan['schools']) =>
      worked({ ...brooderOf({}), schools }).figures.get('brooder.needed')?.value ?? Number.NaN;
    const byAge = needed({});
    expect(byAge).toBeCloseTo(1.858, 6);
    expect(needed({ 'brooder.space': 'brooder.space.fromTheStart' })).toBeCloseTo(1.5 * byAge, 6);
  });

  test('week by week the heat falls by 2.8 K to 21 °C, and rims rise with the back', () => {
    const [brood] = worked(brooderOf({})).brooder.broods;
    if (!brood) throw new Error('no brood');
    expect(brood.weeks.slice(0, 6).map((w) => Math.round(w.comfortC * 10) / 10)).toEqual([
      35, 32.2, 29.4, 26.6, 23.8, 21,
    ]);
    for (let i = 1; i < brood.weeks.length; i++) {
      expect(brood.weeks[i]?.backM).toBeGreaterThan(brood.weeks[i - 1]?.backM ?? 0);
    }
    expect(brood.weeks.map((w) => w.wallM).slice(0, 3)).toEqual([0.3, 0.45, 0.45]);
  });
});

describe('the day out', () => {
  const out = (hatchedOn: string, place: string, breed = 'marans') => {
    const born = Date.parse(`${hatchedOn}T00:00:00Z`);
    const arrivesOn = new Date(born + 100 * 86_400_000).toISOString().slice(0, 10);
    const plan = {
      ...bareCoop({ flock: [chicks(6, { breed, massKg: null, hatchedOn, arrivesOn })] }),
      climate: sampleClimate(place),
    };
    return worked(plan).brooder.broods[0]?.out;
  };

  test('never before they are feathered, and the first on which the mean night is mild enough', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 360 }),
        fc.constantFrom('wet-upland', 'cold-continental', 'hot-desert', 'tropical-wet'),
        (days, place) => {
          const hatched = new Date(Date.UTC(2027, 0, 5) + days * 86_400_000);
          const found = out(hatched.toISOString().slice(0, 10), place);
          if (!found) throw new Error('no brood');
          expect(found.ageDays).toBeGreaterThanOrEqual(42);
          expect(found.ageDays).toBeLessThanOrEqual(98);
          const climate = workClimate(sampleClimate(place));
          const night = (day: string): number =>
            climate ? meanNightC(climate, dayOfYear(day)) : Number.NaN;
          if (found.ageDays < 98) {
            expect(night(found.day)).toBeGreaterThanOrEqual(found.toleratedC);
          }
          expect(found.chance ?? 0).toBeGreaterThanOrEqual(0);
          expect(found.chance ?? 0).toBeLessThanOrEqual(1);
        },
      ),
      { numRuns: 30 },
    );
  });

  test('where nights are warm they go at six weeks; hatched into the cold they wait', () => {
    expect(out('2027-04-15', 'tropical-wet')).toMatchObject({ ageDays: 42, chance: 0 });
    expect(out('2027-10-15', 'cold-continental')?.ageDays).toBe(98);
  });

  test('fast meat birds go to grass from three weeks', () => {
    const meat = BREEDS.find((b) => b.growth === 'fastMeat');
    if (!meat) throw new Error('no meat bird');
    expect(out('2027-07-01', 'tropical-wet', meat.id)?.ageDays).toBe(21);
  });
});

test('fast meat birds ask for 0.15 m² from four to six weeks and 0.19 after; air as warm as chicks ask needs no lamp', () => {
  expect([28, 29, 42, 43].map((d) => chickM2(d, 3, true))).toEqual([0.12, 0.15, 0.15, 0.19]);
  expect(lampW(24, 35, 36)).toBe(0);
  expect(lampToBuy(lampW(24, 35, 36))).toBe(0);
  expect(lampW(24, 35, 30)).toBeGreaterThan(0);
});
