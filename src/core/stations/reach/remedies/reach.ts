import { newDoor, newHatch } from '../../../edit/new/openings';
import { clearPlace } from '../../../geometry/freeRoom';
import { reachMap, withinReach } from '../../../geometry/reach';
import { freeAlong, mm, SIDES, wallLength, wallTop } from '../../../geometry/walls';
import type { OfKind, Side } from '../../../model/schema';
import { down, near, up } from '../../../model/tape';
import { metres, type Proposal, type Proposer, type Proposers } from '../../../proposals/remedy';
import { adding, changing, fixtureIn, setting, told } from '../../../proposals/setting';
import { ruled } from '../../../rules/rules.data';

/** A hatch at the floor that is out of reach, in each wall that is near it. */
const addHatch: Proposer = (finding, { plan }) => {
  const zone = finding.zone;
  if (!zone) return [];
  const made: OfKind<'hatch'>[] = [];
  const at = (wall: Side): OfKind<'hatch'> => {
    const along =
      wall === 'front' || wall === 'rear' ? (zone.x0 + zone.x1) / 2 : (zone.y0 + zone.y1) / 2;
    const widthM = down(plan, Math.min(0.8, wallLength(plan, wall) - 0.1));
    const base = newHatch({ ...plan, fixtures: [...plan.fixtures, ...made] });
    const room = wallLength(plan, wall) - widthM;
    const alongM = down(plan, Math.max(0, Math.min(room, along - widthM / 2)));
    return { ...base, wall, widthM, alongM };
  };
  const one = SIDES.map((wall): Proposal => {
    const hatch = at(wall);
    return {
      code: 'reach.addHatch',
      fixtures: [],
      numbers: {},
      wall,
      change: (draft) => void draft.fixtures.push(hatch),
    };
  });
  for (const wall of SIDES) made.push(at(wall));
  const all: Proposal = {
    code: 'reach.addHatches',
    fixtures: [],
    numbers: {},
    change: (draft) => void draft.fixtures.push(...made),
  };
  const long = SIDES.flatMap((wall): Proposal[] => {
    const across = wall === 'front' || wall === 'rear';
    const [lo, hi] = across ? [zone.x0, zone.x1] : [zone.y0, zone.y1];
    const spare = plan.keeper.armM / 2;
    const from = up(plan, Math.max(0.05, lo + spare));
    const widthM = down(plan, Math.min(wallLength(plan, wall) - 0.05, hi - spare) - from);
    if (widthM < 0.5) return [];
    const hatch = { ...newHatch(plan), wall, alongM: from, widthM };
    return [
      {
        code: 'reach.addLongHatch',
        fixtures: [],
        numbers: { width: metres(widthM) },
        wall,
        change: (draft) => void draft.fixtures.push(hatch),
      },
    ];
  });
  return [...one, ...long, all];
};

/** A door to walk in by, where the roof lets a keeper stand. */
const addDoor = adding('reach.addDoor', (_, { plan }) => {
  if (plan.fixtures.some((f) => f.kind === 'door')) return [];
  return [newDoor(plan)];
});

/** A hatch made a door, where the wall is high enough to walk in by and nothing else stands in its place. */
const hatchToDoor: Proposer = (_, { plan, sizes }) => {
  if (plan.fixtures.some((f) => f.kind === 'door')) return [];
  return plan.fixtures.flatMap((hatch): Proposal[] => {
    if (hatch.kind !== 'hatch') return [];
    const without = { ...plan, fixtures: plan.fixtures.filter((f) => f !== hatch) };
    const made = newDoor(without, {}, sizes);
    const { wall, widthM } = hatch;
    if (wallTop(plan, wall) < made.heightM + 0.05) return [];
    const least = Math.min(hatch.alongM, wallLength(plan, wall) - made.widthM);
    const most = Math.min(hatch.alongM + widthM, wallLength(plan, wall)) - made.widthM;
    // where the hatch is; else wherever that wall has room for a door
    const along = [least, most, freeAlong(without, wall, made)].filter(
      (at): at is number => at !== null && at >= 0,
    );
    return along.map((at) => ({
      code: 'reach.hatchToDoor',
      fixtures: [hatch.id],
      numbers: { width: metres(made.widthM), height: metres(made.heightM) },
      wall,
      change: (draft) => {
        draft.fixtures = draft.fixtures.filter((f) => f.id !== hatch.id);
        draft.fixtures.push({ ...made, wall, alongM: down(plan, at) });
      },
    }));
  });
};

const outside = setting('reach.fillOutside', ['feeder', 'drinker'], (v) => {
  v.fillFrom = 'outside';
});

/** A vessel moved to the nearest floor that an arm gets to. */
const nearer: Proposer = (finding, ctx) => {
  const { plan, heaviestKg, value } = ctx;
  const vessel = fixtureIn(plan, finding, ['feeder', 'drinker']);
  const headroomM = value('reach.headroom');
  if (!vessel || headroomM === undefined) return [];
  const map = reachMap(plan, headroomM);
  const at = clearPlace(plan, vessel, heaviestKg, (m) => near(plan, m), {
    only: (s) => withinReach(map, (s.x0 + s.x1) / 2, (s.y0 + s.y1) / 2),
  });
  if (!at) return [];
  return [
    {
      code: 'vessels.move',
      fixtures: [vessel.id],
      numbers: { left: metres(at.x), front: metres(at.y) },
      change: changing(vessel, (v) => void Object.assign(v, at)),
    },
  ];
};

/** A person's door moved along its wall, or to another, to where nobody sleeps over the way in. */
const moveDoor: Proposer = (finding, { plan }) => {
  const door = fixtureIn(plan, finding, ['door']);
  if (!door) return [];
  const walls = [door.wall, ...SIDES.filter((w) => w !== door.wall)];
  return walls.flatMap((wall): Proposal[] => {
    const room = mm(wallLength(plan, wall) - door.widthM);
    if (room < 0 || wallTop(plan, wall) < door.sillZ + door.heightM) return [];
    const free = freeAlong(
      { ...plan, fixtures: plan.fixtures.filter((f) => f !== door) },
      wall,
      door,
    );
    const spots = [up(plan, 0.05), room / 2, room - 0.05, ...(free === null ? [] : [free])];
    return spots
      .map((at) => down(plan, at))
      .filter((alongM) => alongM >= 0 && alongM <= room)
      .map((alongM) => ({
        code: 'reach.moveDoor',
        fixtures: [door.id],
        numbers: { along: metres(alongM) },
        wall,
        change: changing(door, (d) => {
          d.wall = wall;
          d.alongM = alongM;
        }),
      }));
  });
};

export const REACH_REMEDIES: Proposers = {
  'reach.floor.unreached': [addDoor, addHatch, hatchToDoor],
  'reach.cleanOut.narrow': [
    setting(
      'reach.widen',
      ['hatch'],
      (h, f, draft) => {
        h.widthM = up(draft, told(f, 'needed'));
        h.alongM = down(
          draft,
          Math.max(0, Math.min(h.alongM, wallLength(draft, h.wall) - h.widthM)),
        );
      },
      (_, f, { plan }) => ({ width: metres(up(plan, told(f, 'needed'))) }),
    ),
  ],
  'reach.cleanOut.sill': [
    setting('reach.levelSill', ['hatch'], (h) => {
      h.sillZ = 0;
    }),
    setting(
      'reach.barrowSill',
      ['hatch'],
      (h, f, draft) => {
        h.sillZ = up(draft, told(f, 'wanted') - draft.shell.floorAboveGroundM);
      },
      (_, f, { plan }) => ({ sill: metres(up(plan, told(f, 'wanted'))) }),
    ),
  ],
  'reach.flap.blocked': [
    setting(
      'reach.narrowFlap',
      ['hatch'],
      (h, _, draft) => {
        if (h.frontM !== null) h.flapM = down(draft, h.frontM - 2 * ruled('reach.flap.clear'));
      },
      (h, _, { plan }) => ({
        width: metres(down(plan, (h.frontM ?? 0) - 2 * ruled('reach.flap.clear'))),
      }),
    ),
  ],
  'reach.door.shutIn': [
    setting('reach.insideLatch', ['door'], (d) => {
      d.insideLatch = true;
    }),
  ],
  'reach.lid.heavy': [
    setting('shell.stay', ['nestBank', 'hatch'], (l) => {
      l.stay = true;
    }),
  ],
  'reach.fill.high': [outside],
  'reach.vessel.far': [addDoor, addHatch, nearer, outside, hatchToDoor],
  'reach.path.underBars': [moveDoor],
  'reach.nests.low': [
    setting(
      'nests.raiseLip',
      ['nestBank'],
      (b, _, draft) => {
        const from = b.collect === 'inside' ? 0 : draft.shell.floorAboveGroundM;
        b.lipZ = up(draft, ruled('reach.bend') - from);
        for (const f of draft.fixtures) {
          const least = b.lipZ + 0.15;
          if (f.kind === 'bar' && f.use === 'sleeping' && f.z < least) f.z = up(draft, least);
        }
      },
      (_b, _f, { plan }) => ({ height: metres(up(plan, ruled('reach.bend'))) }),
    ),
  ],
};
