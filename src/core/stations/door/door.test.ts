import fc from 'fast-check';
import { assess } from '@/core/assess';
import { BREEDS } from '@/core/model/breeds.data';
import { CLASSES } from '@/core/model/classes.data';
import { bareCoop, change, DAY, hens, soundCoop } from '@/core/tests/plans';
import { newPopDoor } from '../../edit/new/openings';
import type { Plan, PopDoor } from '../../model/schema';
import { cleatPitchM } from './ramp';

const coop = (parts: Partial<PopDoor>, recipe: (d: Plan) => void = () => {}): Plan =>
  soundCoop((d) => {
    change(d, 'popDoor', 'pop', parts);
    recipe(d);
  });
const doorFindings = (plan: Plan) =>
  assess(plan, { on: DAY }).findings.filter((f) => f.station === 'door');
const codes = (plan: Plan) => doorFindings(plan).map((f) => f.code);
const carries = (plan: Plan) =>
  assess(plan, { on: DAY }).staves.find((s) => s.station === 'door')?.carries;

test('fifteen birds go through one door, thirty through two', () => {
  const one = coop({});
  expect(carries(one)).toBe(15);
  const two = coop({}, (d) => void d.fixtures.push(newPopDoor(d, { id: 'other', wall: 'left' })));
  expect(carries(two)).toBe(30);
});

test('a door too small for a bird serves those it fits, and says what the others ask for', () => {
  const small = coop({ widthM: 0.3, heightM: 0.35 }, (d) => {
    d.flock.push(hens(4, { id: 'ducks', name: 'Ducks', breed: 'indian-runner' }));
    d.flock.push(hens(4, { id: 'brahma', name: 'Brahma', breed: 'sussex' }));
  });
  const finding = doorFindings(small).find((f) => f.code === 'door.size.small');
  // the ducks want the width, and nobody here more height than they do
  expect(finding?.numbers.neededWidth?.value).toBe(0.4);
  expect(finding?.numbers.neededHeight?.value).toBe(0.45);
  const wide = coop({ widthM: 0.4, heightM: 0.45 }, (d) => {
    d.flock = small.flock;
  });
  expect(codes(wide)).not.toContain('door.size.small');
});

test('every class goes through a door of its own size, and not through one a millimetre smaller', () => {
  for (const { id, popDoorM } of CLASSES) {
    if (id === 'meat' || id.endsWith('Duck')) continue;
    const mass = { bantam: 0.8, lightLayer: 1.6, medium: 2.2, heavy: 3.2, giant: 4.2 }[
      id as 'bantam'
    ];
    const through = (widthM: number, heightM: number): boolean =>
      !codes(
        coop({ widthM, heightM }, (d) => {
          d.flock = [hens(4, { massKg: mass })];
        }),
      ).includes('door.size.small');
    expect([id, through(popDoorM[0], popDoorM[1])]).toEqual([id, true]);
    expect([id, through(popDoorM[0] - 0.001, popDoorM[1])]).toEqual([id, false]);
    expect([id, through(popDoorM[0], popDoorM[1] - 0.001)]).toEqual([id, false]);
  }
});

test('a ramp is as long as its rise and slope ask: 0.40 m at 35° is 0.70 m of board', () => {
  const ramp = (lengthM: number): Plan =>
    coop({ ramp: { lengthM, widthM: 0.3, cleatM: 0.14 } }, (d) => {
      d.shell.floorAboveGroundM = 0.4;
    });
  const least = 0.4 / Math.sin((35 * Math.PI) / 180);
  expect(least).toBeCloseTo(0.697, 3);
  expect(codes(ramp(least + 0.001))).not.toContain('door.ramp.steep');
  expect(codes(ramp(least - 0.001))).toContain('door.ramp.steep');
  const slope = assess(ramp(0.8), { on: DAY }).figures.get('door.pop.slope')?.value;
  expect(slope).toBeCloseTo(30, 6);
  // told to whoever builds it, right or wrong: 0.2 m to 20°, 0.14 m at 35°
  const { figures } = assess(ramp(0.8), { on: DAY });
  expect(figures.get('door.pop.ramp.pitch')?.value).toBeCloseTo(0.16, 9);
  expect(figures.get('fact.door.cleat.size')?.value).toBe(0.02);
});

test('cleats never stand closer than 0.14 m nor wider than 0.20, and closer the steeper', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 900 }),
      fc.integer({ min: 0, max: 100 }),
      (tenths, more) => {
        const [easy, steep] = [cleatPitchM(tenths / 10), cleatPitchM((tenths + more) / 10)];
        expect(steep).toBeLessThanOrEqual(easy + 1e-12);
        expect(steep).toBeGreaterThanOrEqual(0.14 - 1e-12);
        expect(easy).toBeLessThanOrEqual(0.2 + 1e-12);
      },
    ),
  );
  expect(cleatPitchM(27.5)).toBeCloseTo(0.17, 9);
});

test('the sill holds the final litter in, and a step inside helps those that hop less', () => {
  const sill = (sillZ: number, recipe?: (d: Plan) => void) => codes(coop({ sillZ }, recipe));
  const grown = (d: Plan): void => {
    d.litter.finalM = 0.12;
  };
  expect(sill(0.17, grown)).toEqual([]);
  expect(sill(0.169, grown)).toEqual(['door.sill.low']);
  const deep = (d: Plan): void => {
    d.litter.finalM = 0.5;
  };
  // three quarters of a metre are a medium hen’s hop from the litter as it is started
  expect(sill(0.85, deep)).not.toContain('door.sill.high');
  expect(sill(0.851, deep)).toContain('door.sill.high');
  const stepped = coop({ sillZ: 0.9, stepZ: 0.4 }, deep);
  expect(codes(stepped)).not.toContain('door.sill.high');
});

test('a new pop door is large enough for the largest birds planned, and never smaller than a medium hen’s', () => {
  for (const { id } of BREEDS) {
    const plan = bareCoop({ flock: [hens(4), hens(4, { id: 'more', name: 'More', breed: id })] });
    const fitted = { ...plan, fixtures: [newPopDoor(plan)] };
    expect([id, codes(fitted).includes('door.size.small')]).toEqual([id, false]);
  }
  expect(newPopDoor(bareCoop({ flock: [] }))).toMatchObject({ widthM: 0.3, heightM: 0.35 });
});
