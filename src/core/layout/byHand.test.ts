import fc from 'fast-check';
import { BREEDS } from '../model/breeds.data';
import type { Bar, Fixture, Opening, Plan, Side, Vessel } from '../model/schema';
import { anyBirdsInAnyShell } from '../tests/anyBirds';
import { DAY } from '../tests/plans';
import { fitted } from './fitted';
import { rough } from './rough';

// What a joiner would check with a tape, worked from the plan's own numbers: neither the judge nor its solids are asked.

const FLOCKS = 70;
/** A hair: sizes are kept to the tenth of a millimetre. */
const HAIR = 1e-4;

const made = fc
  .sample(anyBirdsInAnyShell, { numRuns: FLOCKS, seed: 61 })
  .map((plan) => fitted(plan, DAY))
  .filter((got) => got.kind === 'fits');

type Rect = readonly [x0: number, x1: number, y0: number, y1: number];

const of = <K extends Fixture['kind']>(plan: Plan, kind: K): Extract<Fixture, { kind: K }>[] =>
  plan.fixtures.filter((f): f is Extract<Fixture, { kind: K }> => f.kind === kind);
const vesselsIn = (plan: Plan): Vessel[] => [...of(plan, 'feeder'), ...of(plan, 'drinker')];
const holesIn = (plan: Plan): Opening[] =>
  plan.fixtures.filter((f): f is Opening => 'wall' in f && !('place' in f && f.place === 'ridge'));
const wallM = ({ shell }: Plan, wall: Side): number =>
  wall === 'front' || wall === 'rear' ? shell.lengthM : shell.widthM;
const endOf = (b: Bar): readonly [number, number] =>
  b.axis === 'x' ? [b.x + b.lengthM, b.y] : [b.x, b.y + b.lengthM];
const bathRect = (b: Extract<Fixture, { kind: 'dustBath' }>): Rect => [
  b.x,
  b.x + b.lengthM,
  b.y,
  b.y + b.depthM,
];
const kindOf = (breed: string): string | undefined => BREEDS.find((b) => b.id === breed)?.kind;
const countOf = (plan: Plan, kind: string): number =>
  plan.flock.reduce((n, g) => n + (kindOf(g.breed) === kind ? g.count : 0), 0);

/** Names each plan by what went in, so that a failure says whose coop it is. */
const each = (check: (plan: Plan) => readonly string[]): void => {
  const wrong = made.flatMap(({ plan }) => {
    const whose = `${plan.shell.lengthM} × ${plan.shell.widthM} × ${plan.shell.roof.lowM} m, ${plan.flock.map((g) => `${g.count} ${g.breed}`).join(', ')}`;
    return check(plan).map((w) => `${whose}: ${w}`);
  });
  expect(wrong).toEqual([]);
};

test('there are coops to check', () => {
  expect(made.length).toBeGreaterThan(FLOCKS / 3);
});

test('every bar ends inside the walls and hangs under the roof', () => {
  each((plan) =>
    of(plan, 'bar')
      .filter((b) => {
        const [x1, y1] = endOf(b);
        const { lengthM, widthM, roof } = plan.shell;
        return (
          b.x < -HAIR ||
          b.y < -HAIR ||
          x1 > lengthM + HAIR ||
          y1 > widthM + HAIR ||
          b.z <= plan.litter.depthM ||
          b.z >= roof.lowM
        );
      })
      .map((b) => `${b.name} leaves the room`),
  );
});

test('there is bar for every hen, and a box for every four or five', () => {
  each((plan) => {
    const chickens = countOf(plan, 'chicken');
    const barM = of(plan, 'bar')
      .filter((b) => b.use === 'sleeping')
      .reduce((m, b) => m + b.lengthM, 0);
    const boxes = of(plan, 'nestBank')
      .filter((b) => b.forWhom !== 'ducks')
      .reduce((n, b) => n + b.boxes, 0);
    return [
      ...(barM < chickens * 0.15 - HAIR ? [`${barM} m of bar for ${chickens}`] : []),
      ...(boxes * 4.5 < chickens - HAIR ? [`${boxes} boxes for ${chickens}`] : []),
    ];
  });
});

test('no bird sleeps lower than it could in a box', () => {
  each((plan) => {
    const lowest = Math.min(
      ...of(plan, 'bar')
        .filter((b) => b.use === 'sleeping')
        .map((b) => b.z),
    );
    return of(plan, 'nestBank')
      .filter((b) => b.forWhom !== 'ducks' && b.lipZ >= lowest - HAIR)
      .map((b) => `the lip of ${b.name} is at ${b.lipZ}, the lowest bar at ${lowest}`);
  });
});

test('openings lie within their wall, and no two are cut into one another', () => {
  each((plan) => {
    const holes = holesIn(plan);
    const off = holes.filter(
      (h) =>
        h.alongM < -HAIR ||
        h.alongM + h.widthM > wallM(plan, h.wall) + HAIR ||
        h.sillZ + h.heightM > plan.shell.roof.highM + HAIR,
    );
    const cross = holes.flatMap((a, i) =>
      holes
        .slice(i + 1)
        .filter(
          (b) =>
            a.wall === b.wall &&
            a.alongM + a.widthM > b.alongM + HAIR &&
            b.alongM + b.widthM > a.alongM + HAIR &&
            a.sillZ + a.heightM > b.sillZ + HAIR &&
            b.sillZ + b.heightM > a.sillZ + HAIR,
        )
        .map((b) => `${a.name} is cut into ${b.name}`),
    );
    return [...off.map((h) => `${h.name} leaves its wall`), ...cross];
  });
});

test('what stands on the floor stands inside, apart, off the dust bath and not under a bar', () => {
  each((plan) => {
    const vessels = vesselsIn(plan).filter((v) => v.place === 'coop');
    const baths = of(plan, 'dustBath').map(bathRect);
    const bars = of(plan, 'bar').filter((b) => b.use === 'sleeping');
    return vessels.flatMap((v, i) => {
      const r = v.diameterM / 2;
      const { lengthM, widthM } = plan.shell;
      const isOut =
        v.x - r < -HAIR || v.y - r < -HAIR || v.x + r > lengthM + HAIR || v.y + r > widthM + HAIR;
      const touching = vessels
        .slice(i + 1)
        .filter((w) => Math.hypot(v.x - w.x, v.y - w.y) < r + w.diameterM / 2 - HAIR);
      const isInBath = baths.some(
        ([x0, x1, y0, y1]) => v.x > x0 && v.x < x1 && v.y > y0 && v.y < y1,
      );
      const over = bars.filter((b) => {
        const [x1, y1] = endOf(b);
        return v.x > b.x - r && v.x < x1 + r && v.y > b.y - r && v.y < y1 + r;
      });
      return [
        ...(isOut ? [`${v.name} stands in a wall`] : []),
        ...touching.map((w) => `${v.name} stands in ${w.name}`),
        ...(isInBath ? [`${v.name} stands in the dust`] : []),
        ...over.map((b) => `${v.name} stands under ${b.name}`),
      ];
    });
  });
});

test('somebody can get in, birds can get out, and air comes in behind mesh', () => {
  each((plan) => {
    const isWayIn = plan.fixtures.some((f) => f.kind === 'door' || f.kind === 'hatch');
    const bare = [...of(plan, 'window'), ...of(plan, 'vent')].filter((o) => o.cover === 'none');
    const birds = countOf(plan, 'chicken') + countOf(plan, 'duck');
    return [
      ...(isWayIn ? [] : ['no way in']),
      ...(of(plan, 'popDoor').length * 15 < birds ? ['too few pop doors'] : []),
      ...bare.map((o) => `${o.name} has no mesh`),
    ];
  });
});

test('each decision speaks of fixtures that stand there, in numbers that are numbers', () => {
  for (const { plan, why } of made) {
    const ids = new Set(plan.fixtures.map((f) => f.id));
    expect(why.flatMap((d) => d.fixtures).filter((id) => !ids.has(id))).toEqual([]);
    for (const d of why) {
      for (const n of Object.values(d.numbers)) {
        expect([
          d.code,
          Number.isFinite(n.value) && (n.unit === 'celsius' || n.value >= 0),
        ]).toEqual([d.code, true]);
      }
    }
  }
});

test.each([['metric', 0.3] as const, ['imperial', 0.3048] as const])(
  'asked how large (%s), the program never refuses and names a room in whole steps',
  (units, step) => {
    for (const { flock, climate } of fc.sample(anyBirdsInAnyShell, { numRuns: 10, seed: 8 })) {
      const birds = flock.map(({ breed, count, sex, hatchedOn, arrivesOn, name }) => ({
        breed,
        count,
        sex,
        hatchedOn,
        arrivesOn,
        raisedHere: false,
        name,
      }));
      const whose = birds.map((b) => `${b.count} ${b.breed}`).join(', ');
      const got = rough(
        { id: 'r', name: 'R', units, timeZone: 'UTC', birds, space: null, climate },
        DAY,
      );
      if (got.kind !== 'fits') throw new Error(`${whose} is refused`);
      const { lengthM, widthM } = got.plan.shell;
      for (const m of [lengthM, widthM]) {
        expect([whose, m, Math.abs(m / step - Math.round(m / step)) < 1e-3]).toEqual([
          whose,
          m,
          true,
        ]);
      }
      expect(lengthM).toBeLessThanOrEqual(2 * widthM + HAIR);
      expect(got.why[0]?.code).toBe('shell.size');
    }
  },
  120_000,
);
