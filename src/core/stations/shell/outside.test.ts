import { assess } from '@/core/assess';
import { change, DAY, hens, soundCoop } from '@/core/tests/plans';
import type { Plan } from '../../model/schema';

const told = (recipe: (d: Plan) => void) => {
  const { findings, staves } = assess(soundCoop(recipe), { on: DAY });
  return {
    short: findings.filter((f) => f.severity === 'short').map((f) => f.code),
    carries: (station: string) => staves.find((s) => s.station === station)?.carries,
  };
};

describe('what lies outside the shell serves nobody, and that is the one fault told', () => {
  test('a drinker past a wall, a feeder below the floor', () => {
    const drinker = told((d) => change(d, 'drinker', 'drinker', { x: -0.1 }));
    expect(drinker.short).toEqual(['shell.fixture.pastWall']);
    expect(drinker.carries('water')).toBe(0);
    const feeder = told((d) => change(d, 'feeder', 'feeder', { x: d.shell.lengthM }));
    expect(feeder.short).toEqual(['shell.fixture.pastWall']);
    expect(feeder.carries('feed')).toBe(0);
  });

  test('the nests through the roof', () => {
    const nests = told((d) => change(d, 'nestBank', 'bank', { lipZ: 3 }));
    expect(nests.short).toContain('shell.fixture.throughRoof');
    expect(nests.short.filter((c) => c.startsWith('nests.boxes'))).toEqual([]);
    expect(nests.carries('nests')).toBe(0);
  });

  test('a bar past the wall, a door past the end of its wall', () => {
    const bar = told((d) => change(d, 'bar', 'bar', { x: d.shell.lengthM - 0.5 }));
    expect(bar.short).toEqual(['shell.fixture.pastWall']);
    const door = told((d) => change(d, 'popDoor', 'pop', { alongM: d.shell.lengthM - 0.1 }));
    expect(door.short).toEqual(['shell.fixture.pastWall']);
    expect(door.carries('door')).toBe(0);
  });

  test('where they would be too few inside as well, that is told too', () => {
    const few = told((d) => {
      d.flock = [hens(40, { massKg: 2.2 })];
      change(d, 'drinker', 'drinker', { x: -0.1, type: 'fount', diameterM: 0.2 });
    });
    expect(few.short).toContain('water.access.short');
  });

  test('a bank hung outside is past its own wall and no other', () => {
    const hung = (x: number) =>
      told((d) =>
        change(d, 'nestBank', 'bank', {
          hungOutside: true,
          faces: 'rear',
          x,
          y: -0.35,
          boxD: 0.35,
        }),
      );
    expect(hung(0.5).short).not.toContain('shell.fixture.pastWall');
    expect(hung(-0.4).short).toContain('shell.fixture.pastWall');
  });
});
