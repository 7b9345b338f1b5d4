import { roofHeightM } from '../geometry/shell';
import { solidOf } from '../geometry/solids';
import type { Fixture, Plan } from '../plan/schema';
import { dayNumber, isoDay } from '../units/day';
import type { Proposer } from './remedy';

/** Cocks show themselves by fourteen weeks. */
const SORT_AT_DAYS = 98;

/** A fixture pushed back between the walls, onto the floor and under the roof. */
const moveIn: Proposer = (finding, { plan }) => {
  const fixture = plan.fixtures.find((f) => f.id === finding.fixtures[0]);
  if (!fixture) return [];
  return [
    {
      code: 'shell.moveIn',
      fixtures: [fixture.id],
      numbers: {},
      change: (draft) => {
        const own = draft.fixtures.find((f) => f.id === fixture.id);
        if (own) pushIn(own, draft);
      },
    },
  ];
};

function pushIn(fixture: Fixture, plan: Plan): void {
  const s = solidOf(fixture, plan);
  const { lengthM, widthM } = plan.shell;
  const along = (lo: number, hi: number, room: number): number =>
    lo < 0 ? -lo : hi > room ? Math.max(-lo, room - hi) : 0;
  const dx = along(s.x0, s.x1, lengthM);
  const dy = along(s.y0, s.y1, widthM);
  const roof = Math.min(
    ...[s.x0 + dx, s.x1 + dx].flatMap((x) =>
      [s.y0 + dy, s.y1 + dy].map((y) => roofHeightM(plan.shell, x, y)),
    ),
  );
  const dz = s.z0 < 0 ? -s.z0 : s.z1 > roof ? Math.max(-s.z0, roof - s.z1) : 0;
  shift(fixture, mm(dx), mm(dy), mm(dz));
}

const mm = (m: number): number => Math.round(m * 1000) / 1000;

function shift(f: Fixture, dx: number, dy: number, dz: number): void {
  switch (f.kind) {
    case 'bar':
      f.x += dx;
      f.y += dy;
      f.z += dz;
      break;
    case 'nestBank':
      f.x += dx;
      f.y += dy;
      f.lipZ += dz;
      break;
    case 'window':
    case 'vent':
    case 'door':
    case 'hatch':
    case 'popDoor':
      f.alongM += f.wall === 'front' || f.wall === 'rear' ? dx : dy;
      f.sillZ += dz;
      break;
    case 'feeder':
    case 'drinker':
      f.x += dx;
      f.y += dy;
      f.rimZ += dz;
      break;
    case 'board':
    case 'ledge':
      f.x += dx;
      f.y += dy;
      f.z += dz;
      break;
    case 'dish':
    case 'dustBath':
      f.x += dx;
      f.y += dy;
      break;
  }
}

/** The cocks of unsexed groups taken out once they can be told. */
const sortCocks: Proposer = (_, { plan }) => {
  const groups = plan.flock.filter((g) => g.sex === 'unsexed' && g.sorted === null);
  const first = groups[0];
  if (!first) return [];
  return [
    {
      code: 'flock.sortCocks',
      fixtures: [],
      numbers: { weeks: { value: SORT_AT_DAYS / 7, unit: 'weeks' } },
      change: (draft) => {
        for (const g of draft.flock) {
          if (g.sex !== 'unsexed' || g.sorted !== null) continue;
          const from = g.hatchedOn ?? g.arrivesOn;
          g.sorted = { on: isoDay(dayNumber(from) + SORT_AT_DAYS), cocksKept: 0 };
        }
      },
    },
  ];
};

/** The floor sized for birds that are shut in. */
const sizeForShutIn: Proposer = () => [
  {
    code: 'floor.shutIn',
    fixtures: [],
    numbers: {},
    change: (draft: Plan) => {
      draft.schools['floor.area'] = 'floor.area.shutInWinters';
    },
  },
];

export const OTHER_REMEDIES: Readonly<Record<string, readonly Proposer[]>> = {
  'shell.fixture.pastWall': [moveIn],
  'shell.fixture.throughRoof': [moveIn],
  'shell.fixture.belowFloor': [moveIn],
  'flock.cocks.undecided': [sortCocks],
  'flock.limit.housing': [sizeForShutIn],
};
