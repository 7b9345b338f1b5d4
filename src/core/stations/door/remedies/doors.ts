import { newPopDoor } from '../../../edit/new/openings';
import { OPPOSITE, SIDES, wallLength } from '../../../geometry/walls';
import { litterEndM } from '../../../model/litter';
import type { Plan, PopDoor } from '../../../model/schema';
import { down, up } from '../../../model/tape';
import {
  MOST_ADDED,
  metres,
  type Proposal,
  type Proposer,
  type Proposers,
} from '../../../proposals/remedy';
import { changing, fixtureIn, setting, told } from '../../../proposals/setting';
import { ruled } from '../../../rules/rules.data';

/** One door more, or as many as are missing, of the birds' own size, sound whatever is wrong with the first. */
const anotherDoor: Proposer = (finding, { plan, sizes }) => {
  const first = fixtureIn(plan, finding, ['popDoor']);
  if (!first) return [];
  const doors: PopDoor[] = [];
  const missing = told(finding, 'needed') - told(finding, 'there');
  // found short by their size alone, one more may do
  const least = Number.isFinite(missing) ? Math.max(1, missing) : 1;
  const proposals: Proposal[] = [];
  for (let n = 1; n <= Math.min(MOST_ADDED.popDoor, least + 1); n++) {
    const enlarged = { ...plan, fixtures: [...plan.fixtures, ...doors] };
    doors.push(newPopDoor(enlarged, {}, sizes));
    if (n < least) continue;
    const all = [...doors];
    proposals.push({
      code: 'door.another',
      fixtures: [],
      numbers: { more: { value: n, unit: 'doors' } },
      more: n > least,
      hours: 1.5 * n,
      change: (draft) => void draft.fixtures.push(...all),
    });
  }
  return proposals;
};

const enlargeDoor = setting(
  'door.enlarge',
  ['popDoor'],
  (d, f, draft) => {
    d.widthM = Math.max(d.widthM, up(draft, told(f, 'neededWidth')));
    d.heightM = Math.max(d.heightM, up(draft, told(f, 'neededHeight')));
    d.alongM = down(draft, Math.max(0, Math.min(d.alongM, wallLength(draft, d.wall) - d.widthM)));
  },
  (d, f, { plan }) => ({
    width: metres(Math.max(d.widthM, up(plan, told(f, 'neededWidth')))),
    height: metres(Math.max(d.heightM, up(plan, told(f, 'neededHeight')))),
  }),
);

const stepInside: Proposer = (finding, { plan }): Proposal[] => {
  const door = fixtureIn(plan, finding, ['popDoor']);
  if (!door) return [];
  const z = down(plan, (door.sillZ + plan.litter.depthM) / 2);
  return [
    {
      code: 'door.step',
      fixtures: [door.id],
      numbers: { height: metres(z - plan.litter.depthM) },
      change: changing(door, (d) => {
        d.stepZ = z;
      }),
    },
    {
      code: 'door.rampInside',
      fixtures: [door.id],
      numbers: {},
      hours: 1,
      change: changing(door, (d) => {
        d.rampInside = true;
      }),
    },
    {
      code: 'door.lowerSill',
      fixtures: [door.id],
      numbers: { sill: metres(up(plan, litterEndM(plan) + ruled('door.sill.above'))) },
      change: changing(door, (d) => {
        d.sillZ = up(plan, litterEndM(plan) + ruled('door.sill.above'));
      }),
    },
  ];
};

/** How steep a ramp is drawn at first, degrees. */
const EASY_DEG = 25;

const addRamp: Proposer = (finding, { plan, sizes }) => {
  const door = fixtureIn(plan, finding, ['popDoor']);
  if (!door) return [];
  const lengthM = up(
    plan,
    plan.shell.floorAboveGroundM / Math.sin((Math.min(EASY_DEG, sizes.rampM[0]) * Math.PI) / 180),
  );
  return [
    {
      code: 'door.addRamp',
      fixtures: [door.id],
      numbers: { length: metres(lengthM) },
      change: changing(door, (d) => {
        d.ramp = { lengthM, widthM: up(plan, sizes.rampM[1]), cleatM: down(plan, 0.14) };
      }),
    },
  ];
};

const lengthenRamp: Proposer = (finding, { plan }) => {
  const door = fixtureIn(plan, finding, ['popDoor']);
  if (!door) return [];
  const lengthM = up(
    plan,
    told(finding, 'rise') / Math.sin((told(finding, 'allowed') * Math.PI) / 180),
  );
  return [
    {
      code: 'door.lengthenRamp',
      fixtures: [door.id],
      numbers: { length: metres(lengthM) },
      change: changing(door, (d) => {
        if (d.ramp) d.ramp.lengthM = lengthM;
      }),
    },
  ];
};

/** The door moved to each wall's ends, those away from the wind first. */
const moveDoor: Proposer = (finding, { plan }) => {
  const door = fixtureIn(plan, finding, ['popDoor']);
  return door ? movedDoors(plan, door, null) : [];
};

/** A door whose sill cannot be raised where it is, moved and its sill raised in one. */
const moveRaised: Proposer = (finding, { plan }) => {
  const door = fixtureIn(plan, finding, ['popDoor']);
  return door ? movedDoors(plan, door, up(plan, told(finding, 'needed'))) : [];
};

/** @param sillZ  where its sill is set too, m; null where it stays */
function movedDoors(plan: Plan, door: PopDoor, sillZ: number | null): Proposal[] {
  const numbers: Proposal['numbers'] = sillZ === null ? {} : { sill: metres(sillZ) };
  const lee = plan.site.windFrom === null ? 'front' : OPPOSITE[plan.site.windFrom];
  const walls = [lee, ...SIDES.filter((w) => w !== lee && w !== plan.site.windFrom)];
  return walls.flatMap((wall) =>
    [
      up(plan, 0.1),
      down(plan, (wallLength(plan, wall) - door.widthM) / 2),
      down(plan, wallLength(plan, wall) - door.widthM - 0.1),
    ]
      .filter((alongM) => alongM >= 0)
      .map((alongM) => ({
        code: sillZ === null ? 'door.move' : 'door.moveRaised',
        fixtures: [door.id],
        numbers,
        wall,
        change: changing(door, (d) => {
          d.wall = wall;
          d.alongM = alongM;
          if (sillZ !== null) d.sillZ = sillZ;
        }),
      })),
  );
}

export const DOOR_REMEDIES: Proposers = {
  'door.count.short': [anotherDoor],
  'door.size.small': [enlargeDoor],
  'door.sill.high': [stepInside],
  'door.sill.low': [
    setting(
      'door.raiseSill',
      ['popDoor'],
      (d, f, draft) => {
        d.sillZ = up(draft, told(f, 'needed'));
      },
      (_, f, { plan }) => ({ sill: metres(up(plan, told(f, 'needed'))) }),
    ),
    moveRaised,
  ],
  'door.ramp.none': [addRamp],
  'door.ramp.steep': [lengthenRamp],
  'door.ramp.narrow': [
    setting(
      'door.widenRamp',
      ['popDoor'],
      (d, f, draft) => {
        if (d.ramp) d.ramp.widthM = up(draft, told(f, 'needed'));
      },
      (_, f, { plan }) => ({ width: metres(up(plan, told(f, 'needed'))) }),
    ),
  ],
  'door.ramp.cleats': [
    setting(
      'door.cleats',
      ['popDoor'],
      (d, f, draft) => {
        if (d.ramp) d.ramp.cleatM = down(draft, told(f, 'allowed'));
      },
      (_, f, { plan }) => ({ cleats: metres(down(plan, told(f, 'allowed'))) }),
    ),
  ],
  'door.place.byBars': [moveDoor],
  'door.place.windward': [moveDoor],
  'door.sensor.lamp': [
    setting('door.byClock', ['popDoor'], (d) => {
      d.works = 'clock';
    }),
    setting('door.shadeEye', ['popDoor'], (d) => {
      d.lampInView = false;
    }),
  ],
  'door.margin.long': [
    setting(
      'door.margin',
      ['popDoor'],
      (d) => {
        d.closesAfterMin = ruled('door.margin.usual');
      },
      () => ({ margin: { value: ruled('door.margin.usual'), unit: 'minutes' } }),
    ),
  ],
  'door.override.none': [
    setting('door.override', ['popDoor'], (d) => {
      d.override = true;
    }),
  ],
  'door.track.open': [
    setting('door.guard', ['popDoor'], (d) => {
      d.guarded = true;
    }),
  ],
};
