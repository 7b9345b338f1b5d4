import { mm, OPPOSITE, SIDES, wallLength } from '../geometry/walls';
import { freeNumber } from '../plan/defaults';
import { litterEndM } from '../plan/litter';
import type { PopDoor, Side } from '../plan/schema';
import { FACTS } from '../rules/facts.data';
import { cmDown, cmUp, metres, type Proposal, type Proposer } from './remedy';
import { changing, fixtureIn, setting, told } from './setting';

const anotherDoor: Proposer = (finding, { plan }) => {
  const first = fixtureIn(plan, finding, ['popDoor']);
  if (!first) return [];
  const doors: PopDoor[] = [];
  const proposals: Proposal[] = [];
  const spots: { wall: Side; alongM: number }[] = SIDES.flatMap((wall) => [
    { wall, alongM: 0.1 },
    { wall, alongM: mm(wallLength(plan, wall) - first.widthM - 0.1) },
  ]).filter(
    (s) =>
      s.alongM >= 0 &&
      !(s.wall === first.wall && Math.abs(s.alongM - first.alongM) < first.widthM + 0.2),
  );
  for (const spot of spots.slice(0, 6)) {
    const number = freeNumber('pop-door', [...plan.fixtures, ...doors]);
    doors.push({ ...first, ...spot, id: `pop-door-${number}`, name: `Pop door ${number}` });
    const all = [...doors];
    proposals.push({
      code: 'door.another',
      fixtures: [],
      numbers: { more: { value: all.length, unit: 'doors' } },
      more: all.length > 1,
      change: (draft) => void draft.fixtures.push(...all),
    });
  }
  return proposals;
};

const enlargeDoor = setting(
  'door.enlarge',
  ['popDoor'],
  (d, f, draft) => {
    d.widthM = Math.max(d.widthM, told(f, 'neededWidth'));
    d.heightM = Math.max(d.heightM, told(f, 'neededHeight'));
    d.alongM = mm(Math.max(0, Math.min(d.alongM, wallLength(draft, d.wall) - d.widthM)));
  },
  (d, f) => ({
    width: metres(Math.max(d.widthM, told(f, 'neededWidth'))),
    height: metres(Math.max(d.heightM, told(f, 'neededHeight'))),
  }),
);

const stepInside: Proposer = (finding, { plan }): Proposal[] => {
  const door = fixtureIn(plan, finding, ['popDoor']);
  if (!door) return [];
  const z = cmDown((door.sillZ + plan.litter.depthM) / 2);
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
      code: 'door.lowerSill',
      fixtures: [door.id],
      numbers: { sill: metres(litterEndM(plan) + FACTS['door.sill.above'].value) },
      change: changing(door, (d) => {
        d.sillZ = mm(litterEndM(plan) + FACTS['door.sill.above'].value);
      }),
    },
  ];
};

/** How steep a ramp is drawn at first, degrees. */
const EASY_DEG = 25;

const addRamp: Proposer = (finding, { plan }) => {
  const door = fixtureIn(plan, finding, ['popDoor']);
  if (!door) return [];
  const lengthM = cmUp(plan.shell.floorAboveGroundM / Math.sin((EASY_DEG * Math.PI) / 180));
  return [
    {
      code: 'door.addRamp',
      fixtures: [door.id],
      numbers: { length: metres(lengthM) },
      change: changing(door, (d) => {
        d.ramp = { lengthM, widthM: 0.3, cleatM: 0.14 };
      }),
    },
  ];
};

const lengthenRamp: Proposer = (finding, { plan }) => {
  const door = fixtureIn(plan, finding, ['popDoor']);
  if (!door) return [];
  const lengthM = cmUp(
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
  if (!door) return [];
  const lee = plan.site.windFrom === null ? 'front' : OPPOSITE[plan.site.windFrom];
  const walls = [lee, ...SIDES.filter((w) => w !== lee && w !== plan.site.windFrom)];
  return walls.flatMap((wall) =>
    [0.1, mm(wallLength(plan, wall) - door.widthM - 0.1)]
      .filter((alongM) => alongM >= 0)
      .map((alongM) => ({
        code: 'door.move',
        fixtures: [door.id],
        numbers: {},
        wall,
        change: changing(door, (d) => {
          d.wall = wall;
          d.alongM = alongM;
        }),
      })),
  );
};

export const DOOR_REMEDIES: Readonly<Record<string, readonly Proposer[]>> = {
  'door.count.short': [anotherDoor],
  'door.size.small': [enlargeDoor],
  'door.sill.high': [stepInside],
  'door.sill.low': [
    setting(
      'door.raiseSill',
      ['popDoor'],
      (d, f) => {
        d.sillZ = mm(told(f, 'needed'));
      },
      (_, f) => ({ sill: metres(told(f, 'needed')) }),
    ),
  ],
  'door.ramp.none': [addRamp],
  'door.ramp.steep': [lengthenRamp],
  'door.ramp.narrow': [
    setting(
      'door.widenRamp',
      ['popDoor'],
      (d, f) => {
        if (d.ramp) d.ramp.widthM = told(f, 'needed');
      },
      (_, f) => ({ width: metres(told(f, 'needed')) }),
    ),
  ],
  'door.ramp.cleats': [
    setting(
      'door.cleats',
      ['popDoor'],
      (d, f) => {
        if (d.ramp) d.ramp.cleatM = cmDown(told(f, 'allowed'));
      },
      (_, f) => ({ cleats: metres(cmDown(told(f, 'allowed'))) }),
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
        d.closesAfterMin = FACTS['door.margin.usual'].value;
      },
      () => ({ margin: { value: FACTS['door.margin.usual'].value, unit: 'minutes' } }),
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
