import { againstWall } from '../../../edit/new/nests';
import { clearPlace } from '../../../geometry/freeRoom';
import { roofOverM } from '../../../geometry/shell';
import { solidOf } from '../../../geometry/solids';
import { freeAlong, SIDES, wallTop } from '../../../geometry/walls';
import { moved } from '../../../model/moved';
import type { Fixture, Plan } from '../../../model/schema';
import { down, near, up } from '../../../model/tape';
import {
  metres,
  type Proposal,
  type ProposalContext,
  type Proposer,
  type Proposers,
} from '../../../proposals/remedy';
import { ruled } from '../../../rules/rules.data';
import { HANG_OUTSIDE } from '../../nests/remedies/outside';

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
  const roof = roofOverM(plan.shell, {
    x0: s.x0 + dx,
    x1: s.x1 + dx,
    y0: s.y0 + dy,
    y1: s.y1 + dy,
  });
  const dz = s.z0 < 0 ? -s.z0 : s.z1 > roof ? Math.max(-s.z0, roof - s.z1) : 0;
  // to the wall to the last digit; up and down to what a tape reads
  const z = (m: number): number => (dz < 0 ? down(plan, m + dz) : up(plan, m + dz));
  Object.assign(fixture, moved(fixture, dx, dy, dz === 0 ? undefined : z));
}

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
          const roof = roofOverM(draft.shell, s);
          if (s.z1 > roof) own.heightM = down(draft, own.heightM - (s.z1 - roof));
        }
        pushIn(own, draft);
      },
    },
  ];
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
      // two of a kind stay apart, where there is room for it
      const apartFrom = plan.fixtures.filter((o) => o.kind === f.kind && o.id !== f.id);
      const look = (apartM: number) =>
        clearPlace(plan, f, sizes.heaviestOnBarsKg, (m) => near(plan, m), { apartFrom, apartM });
      const at = look(ruled('feed.two.apart')) ?? look(0);
      return at && { ...f, ...at };
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

export const CLASH_REMEDIES: Proposers = {
  'shell.fixture.pastWall': [moveIn, cut],
  'shell.fixture.throughRoof': [moveIn, cut],
  'shell.fixture.belowFloor': [moveIn],
  'shell.things.clash': [moveThing, clearBar, HANG_OUTSIDE],
  'shell.bars.inOne': [takeOneOut],
  'shell.bars.cross': [takeOneOut, clearBar],
  'shell.openings.clash': [moveThing],
  'shell.door.blocked': [moveThing],
};
