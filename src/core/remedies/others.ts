import type { Solid } from '../finding';
import { freeSpot } from '../geometry/freeRoom';
import { roofHeightM } from '../geometry/shell';
import { solidOf } from '../geometry/solids';
import { freeAlong, SIDES, wallTop } from '../geometry/walls';
import { againstWall } from '../plan/newFixtures';
import type { Fixture, Plan } from '../plan/schema';
import { createWebster } from '../stations/webster';
import { dayNumber, isoDay } from '../units/day';
import { HANG_OUTSIDE } from './nestsOutside';
import {
  down,
  metres,
  near,
  type Proposal,
  type ProposalContext,
  type Proposer,
  up,
} from './remedy';

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
  // to the wall to the last digit; up and down to what a tape reads
  const z = (m: number): number => (dz < 0 ? down(plan, m + dz) : up(plan, m + dz));
  shift(fixture, dx, dy, dz === 0 ? (m) => m : z);
}

/** Dust of binary arithmetic taken off, m. */
const tidied = (m: number): number => Math.round(m * 1e7) / 1e7;

function shift(f: Fixture, dx: number, dy: number, z: (m: number) => number): void {
  switch (f.kind) {
    case 'bar':
      f.x = tidied(f.x + dx);
      f.y = tidied(f.y + dy);
      f.z = z(f.z);
      break;
    case 'nestBank':
      f.x = tidied(f.x + dx);
      f.y = tidied(f.y + dy);
      f.lipZ = z(f.lipZ);
      break;
    case 'window':
    case 'vent':
    case 'door':
    case 'hatch':
    case 'popDoor':
      f.alongM = tidied(f.alongM + (f.wall === 'front' || f.wall === 'rear' ? dx : dy));
      f.sillZ = z(f.sillZ);
      break;
    case 'feeder':
    case 'drinker':
      f.x = tidied(f.x + dx);
      f.y = tidied(f.y + dy);
      f.rimZ = z(f.rimZ);
      break;
    case 'board':
    case 'ledge':
    case 'ceiling':
      f.x = tidied(f.x + dx);
      f.y = tidied(f.y + dy);
      f.z = z(f.z);
      break;
    case 'dish':
    case 'dustBath':
      f.x = tidied(f.x + dx);
      f.y = tidied(f.y + dy);
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

/** One feed that suits all of them, and shell in a dish apart. */
const allFlock: Proposer = () => [
  {
    code: 'flock.allFlock',
    fixtures: [],
    numbers: {},
    change: (draft) => {
      draft.fills.allFlock = true;
    },
  },
];

/** More cocks than this are a flock of their own. */
const MOST_COCKS = 4;

/** No more cocks than one to ten hens, the last groups' first to go. */
const keepCocks: Proposer = (finding, { plan }) => {
  const cocks = plan.flock.filter((g) => g.sex === 'cock');
  const there = cocks.reduce((n, g) => n + g.count, 0);
  const ratio = finding.numbers.ratio?.value ?? 0;
  const least = finding.numbers.least?.value ?? 8;
  // one to ten hens, and no more than anybody tells apart
  const keep = Math.max(1, Math.min(MOST_COCKS, Math.floor((ratio * there) / Math.max(10, least))));
  if (cocks.length === 0) return [];
  return [keep, 0]
    .filter((n) => n < there)
    .map((n) => ({
      code: n === 0 ? 'flock.noCocks' : 'flock.keepCocks',
      fixtures: [],
      numbers: { cocks: { value: n, unit: 'ratio' as const } },
      change: (draft: Plan) => {
        let left = n;
        draft.flock = draft.flock.flatMap((g) => {
          if (g.sex !== 'cock') return [g];
          const stay = Math.min(left, g.count);
          left -= stay;
          return stay === 0 ? [] : [{ ...g, count: stay }];
        });
      },
    }));
};

/** A shell grows by a third at most. */
const MOST_LONGER = 4 / 3 + 1e-9;

/** The coop built longer, where it is still to be built; what stood at its right wall goes along. */
const lengthenCoop: Proposer = (finding, { plan }) => {
  const missing = finding.numbers.missing?.value ?? 0;
  const lengthM = up(plan, plan.shell.lengthM + missing / plan.shell.widthM);
  // a coop half as long again is another coop
  if (!(lengthM <= plan.shell.lengthM * MOST_LONGER)) return [];
  return [
    {
      code: 'shell.lengthen',
      fixtures: [],
      numbers: { length: { value: lengthM, unit: 'm' as const } },
      change: (draft) => {
        const by = lengthM - draft.shell.lengthM;
        for (const f of draft.fixtures) {
          const s = solidOf(f, draft);
          if ('x' in f && s.x1 > draft.shell.lengthM - AT_THE_WALL_M && s.x0 > AT_THE_WALL_M) {
            f.x = tidied(f.x + by);
          }
        }
        draft.shell.lengthM = lengthM;
      },
    },
  ];
};
const AT_THE_WALL_M = 0.03;

/** The keeper's own strip made narrower by what the birds are short of. */
export const narrowStrip: Proposer = (finding, { plan }) => {
  const { storage, lengthM, widthM } = plan.shell;
  if (storage === null) return [];
  const along = storage.wall === 'front' || storage.wall === 'rear' ? lengthM : widthM;
  const less = (finding.numbers.missing?.value ?? 0) / along;
  const depthM = down(plan, storage.depthM - less);
  if (depthM < 0.005) return [];
  return [
    {
      code: STRIP_REMEDY,
      fixtures: [],
      numbers: { depth: { value: depthM, unit: 'm' as const } },
      change: (draft) => {
        if (draft.shell.storage) draft.shell.storage.depthM = depthM;
      },
    },
  ];
};
/** Of no use in a zone: what is not its own is not the keeper's strip. */
export const STRIP_REMEDY = 'floor.narrowStrip';

/** A fixture longer than its coop, cut to fit. */
const cut: Proposer = (finding, { plan }) => {
  const fixture = plan.fixtures.find((f) => f.id === finding.fixtures[0]);
  if (!fixture) return [];
  const { lengthM, widthM } = plan.shell;
  return [
    {
      code: 'shell.cut',
      fixtures: [fixture.id],
      numbers: {},
      change: (draft) => {
        const own = draft.fixtures.find((f) => f.id === fixture.id);
        if (!own) return;
        if (own.kind === 'bar')
          own.lengthM = Math.min(own.lengthM, own.axis === 'x' ? lengthM : widthM);
        else if (own.kind === 'nestBank') {
          const room = own.faces === 'front' || own.faces === 'rear' ? lengthM : widthM;
          own.boxes = Math.max(
            1,
            Math.min(own.boxes, own.rows * Math.floor(room / own.boxW + 1e-9)),
          );
        } else if ('wall' in own) {
          const room = own.wall === 'front' || own.wall === 'rear' ? lengthM : widthM;
          own.widthM = Math.min(own.widthM, room);
        } else if ('depthM' in own) {
          own.lengthM = Math.min(own.lengthM, lengthM);
          own.depthM = Math.min(own.depthM, widthM);
        }
        if ('heightM' in own) {
          const s = solidOf(own, draft);
          const roof = roofOver(s, draft);
          if (s.z1 > roof) own.heightM = down(draft, own.heightM - (s.z1 - roof));
        }
        pushIn(own, draft);
      },
    },
  ];
};

/** The roof over a solid, at its lowest, m. */
const roofOver = (s: Solid, plan: Plan): number =>
  Math.min(...[s.x0, s.x1].flatMap((x) => [s.y0, s.y1].map((y) => roofHeightM(plan.shell, x, y))));

/** As many birds as the station carries; the others want a second house. */
export const FEWER_BIRDS: Proposer = (finding, { plan, value }) => {
  const carries = value(`${finding.station}.capacity`);
  const counts = plan.flock.map((g) => g.count);
  const birds = counts.reduce((a, b) => a + b, 0);
  if (carries === undefined || carries < 1 || carries >= birds) return [];
  const order = plan.flock.map((_, i) => i);
  return [carries, carries - 1, carries - 2]
    .filter((n) => n >= 1)
    .map((n): Proposal => {
      const kept = createWebster(counts, order).of(n);
      return {
        code: 'flock.fewer',
        fixtures: [],
        numbers: { birds: { value: n, unit: 'birds' } },
        more: n < carries,
        change: (draft) => {
          draft.flock = draft.flock.flatMap((g, i) => {
            const count = kept[i] ?? 0;
            return count === 0 ? [] : [{ ...g, count }];
          });
        },
      };
    });
};

/** The floor sized by a school that asks for less, with what it counts on. */
export const OTHER_FLOOR_SCHOOL: Proposer = (_finding, { plan }) => {
  const chosen = plan.schools['floor.area'] ?? 'floor.area.threeToFourFeet';
  const less =
    chosen === 'floor.area.shutInWinters'
      ? (['threeToFourFeet', 'sleepingOnly'] as const)
      : chosen === 'floor.area.sleepingOnly'
        ? []
        : (['sleepingOnly'] as const);
  return less.map((school) => ({
    code: `floor.to.${school}`,
    fixtures: [],
    numbers: {},
    hours: 6,
    change: (draft) => {
      draft.schools['floor.area'] = `floor.area.${school}`;
    },
  }));
};

/** What is in another's way moved to where there is room; a bar that lies in another taken out. */
const moveThing: Proposer = (finding, ctx) => {
  const { plan } = ctx;
  const things = finding.fixtures.flatMap((id) => plan.fixtures.filter((f) => f.id === id));
  return things.flatMap((f): Proposal[] => {
    const moved = elsewhere(f, ctx);
    if (moved === null) return [];
    return [
      {
        ...movedTo(f, moved),
        change: (draft) => {
          const at = draft.fixtures.findIndex((one) => one.id === f.id);
          if (at >= 0) draft.fixtures[at] = moved;
        },
      },
    ];
  });
};

/** Where a thing goes, as it is told: from the left and the front wall, or along its wall. */
function movedTo(f: Fixture, to: Fixture): Omit<Proposal, 'change'> {
  if ('wall' in to && 'alongM' in to) {
    const numbers = { along: metres(to.alongM) };
    return { code: 'shell.moveAlong', fixtures: [f.id], numbers, wall: to.wall };
  }
  if (!('x' in to)) throw new Error(`${f.id} cannot be moved`);
  const numbers = { left: metres(Math.max(0, to.x)), front: metres(Math.max(0, to.y)) };
  return { code: 'shell.moveThing', fixtures: [f.id], numbers };
}

/** A fixture where there is room for it; null where there is none. */
function elsewhere(f: Fixture, { plan, sizes }: ProposalContext): Fixture | null {
  switch (f.kind) {
    case 'feeder':
    case 'drinker':
    case 'dish':
    case 'dustBath': {
      const corner = solidOf(f, plan);
      const [offX, offY] = [f.x - corner.x0, f.y - corner.y0];
      const spot = freeSpot(plan, sizes.heaviestOnBarsKg, {
        id: f.id,
        at: (x, y) => solidOf({ ...f, x: x + offX, y: y + offY }, plan),
      });
      return spot && { ...f, x: near(plan, spot.x + offX), y: near(plan, spot.y + offY) };
    }
    case 'nestBank':
      return againstWall(plan, f, sizes);
    case 'window':
    case 'vent':
    case 'door':
    case 'hatch':
    case 'popDoor': {
      const others = { ...plan, fixtures: plan.fixtures.filter((o) => o.id !== f.id) };
      for (const wall of [f.wall, ...SIDES]) {
        if (wallTop(plan, wall) < f.sillZ + f.heightM) continue;
        const at = freeAlong(others, wall, f);
        if (at !== null) return { ...f, wall, alongM: down(plan, at) };
      }
      return null;
    }
    default:
      return null;
  }
}

/** The later of two bars in one place, or across one another, taken out. */
const takeOneOut: Proposer = (finding, { plan }) =>
  finding.fixtures.flatMap((id): Proposal[] => {
    const bar = plan.fixtures.find((f) => f.id === id && f.kind === 'bar');
    if (!bar) return [];
    return [
      {
        code: 'shell.takeOut',
        fixtures: [id],
        numbers: {},
        change: (draft) => {
          draft.fixtures = draft.fixtures.filter((f) => f.id !== id);
        },
      },
    ];
  });

/** A bar lifted or lowered clear of what it runs into. */
const clearBar: Proposer = (finding, { plan }) => {
  const bar = plan.fixtures.find((f) => finding.fixtures.includes(f.id) && f.kind === 'bar');
  const other = plan.fixtures.find((f) => finding.fixtures.includes(f.id) && f.id !== bar?.id);
  if (bar?.kind !== 'bar' || !other) return [];
  const s = solidOf(other, plan);
  const z = up(plan, s.z1 + bar.section.heightM);
  return [
    {
      code: 'roosts.raise',
      fixtures: [bar.id],
      numbers: { height: metres(z - plan.litter.depthM) },
      change: (draft) => {
        const own = draft.fixtures.find((f) => f.id === bar.id);
        if (own?.kind === 'bar') own.z = z;
      },
    },
  ];
};

export const LENGTHEN_COOP = lengthenCoop;

export const OTHER_REMEDIES: Readonly<Record<string, readonly Proposer[]>> = {
  'flock.feed.mixed': [allFlock],
  'flock.cocks.tooMany': [keepCocks],
  'shell.fixture.pastWall': [moveIn, cut],
  'shell.fixture.throughRoof': [moveIn, cut],
  'shell.fixture.belowFloor': [moveIn],
  'shell.things.clash': [moveThing, clearBar, HANG_OUTSIDE],
  'shell.bars.inOne': [takeOneOut],
  'shell.bars.cross': [takeOneOut, clearBar],
  'shell.openings.clash': [moveThing],
  'shell.door.blocked': [moveThing],
  'flock.cocks.undecided': [sortCocks],
  'flock.limit.housing': [sizeForShutIn],
};
