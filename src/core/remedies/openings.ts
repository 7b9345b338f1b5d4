import { barsOf } from '../geometry/bars';
import { roofHeightM } from '../geometry/shell';
import { freeNumber } from '../plan/defaults';
import { fixtureOf } from '../plan/fixtures.schema';
import { litterEndM } from '../plan/litter';
import { newDoor, newHatch, newVent } from '../plan/newFixtures';
import type { AirOpening, OfKind, Opening, Plan, PopDoor, Side } from '../plan/schema';
import { FACTS } from '../rules/facts.data';
import { freeShare } from '../stations/air';
import { cmDown, cmUp, metres, type Proposal, type Proposer } from './remedy';
import { adding, changing, fixtureIn, planning, setting, told } from './setting';
import { boardForBars } from './ways';

const mm = (m: number): number => Math.round(m * 1000) / 1000;
const SIDES: readonly Side[] = ['front', 'rear', 'left', 'right'];
const OPPOSITE: Readonly<Record<Side, Side>> = {
  front: 'rear',
  rear: 'front',
  left: 'right',
  right: 'left',
};

const wallLength = (plan: Plan, wall: Side): number =>
  wall === 'front' || wall === 'rear' ? plan.shell.lengthM : plan.shell.widthM;

/** The roof over the middle and the ends of a wall, at its lowest, m. */
function wallTop(plan: Plan, wall: Side): number {
  const { lengthM, widthM } = plan.shell;
  const at = (t: number): number =>
    wall === 'front'
      ? roofHeightM(plan.shell, t * lengthM, 0)
      : wall === 'rear'
        ? roofHeightM(plan.shell, t * lengthM, widthM)
        : wall === 'left'
          ? roofHeightM(plan.shell, 0, t * widthM)
          : roofHeightM(plan.shell, lengthM, t * widthM);
  return Math.min(at(0), at(0.5), at(1));
}

/** Where along a wall a hole of this size is clear of all others, the middle first; null where nowhere. */
function freeAlong(
  plan: Plan,
  wall: Side,
  hole: { readonly widthM: number; readonly heightM: number; readonly sillZ: number },
): number | null {
  const room = wallLength(plan, wall) - hole.widthM;
  if (room < 0) return null;
  const others = plan.fixtures.filter((f): f is Opening => 'wall' in f && f.wall === wall);
  const clear = (at: number): boolean =>
    others.every(
      (o) =>
        at + hole.widthM <= o.alongM ||
        o.alongM + o.widthM <= at ||
        hole.sillZ + hole.heightM <= o.sillZ ||
        o.sillZ + o.heightM <= hole.sillZ,
    );
  const middle = room / 2;
  for (let off = 0; off <= middle + 1e-9; off += 0.05) {
    for (const at of [mm(middle - off), mm(middle + off)]) {
      if (at >= 0 && at <= room + 1e-9 && clear(at)) return Math.max(0, at);
    }
  }
  return null;
}

/** Top of the band in which nothing may blow, m; 0 without bars. */
const bandTop = (plan: Plan): number =>
  Math.max(
    0,
    ...barsOf(plan)
      .filter((b) => b.use === 'sleeping')
      .map((b) => b.z + FACTS['air.band.above'].value),
  );

/** A vent of so much net area under the eaves of a wall, over the heads of sleeping birds. */
function ventOn(plan: Plan, wall: Side, netM2: number): OfKind<'vent'> | null {
  const room = wallLength(plan, wall) - 0.1;
  const top = wallTop(plan, wall);
  const sill = Math.max(bandTop(plan), top * FACTS['air.high.share'].value);
  const most = top - sill - 0.01;
  const gross = netM2 / freeShare(newVent(plan));
  const height = Math.min(most, Math.max(0.1, gross / room));
  const width = gross / height;
  if (most < 0.04 || width > room) return null;
  const hole = { widthM: cmUp(width), heightM: mm(height), sillZ: mm(top - height - 0.01) };
  const alongM = freeAlong(plan, wall, hole);
  return alongM === null ? null : newVent(plan, { wall, alongM, ...hole });
}

/** High vents that stay open, one in a wall or one in each of two. */
const addVent: Proposer = (finding, { plan }) => {
  const missing = told(finding, 'missing');
  const proposals: Proposal[] = [];
  const make = (walls: readonly Side[]): void => {
    const made: OfKind<'vent'>[] = [];
    for (const wall of walls) {
      const vent = ventOn(
        { ...plan, fixtures: [...plan.fixtures, ...made] },
        wall,
        missing / walls.length,
      );
      if (!vent) return;
      made.push(vent);
    }
    const first = made[0];
    if (!first) return;
    proposals.push({
      code: made.length === 1 ? 'air.addVent' : 'air.addVents',
      fixtures: [],
      numbers: { width: metres(first.widthM), height: metres(first.heightM) },
      wall: first.wall,
      change: (draft) => void draft.fixtures.push(...made),
    });
  };
  make(['front', 'rear']);
  for (const wall of SIDES) make([wall]);
  make(['left', 'right']);
  return proposals;
};

/** A vent along the ridge. */
const addRidge: Proposer = (finding, { plan }) => {
  const net = told(finding, 'missing');
  const { roof, lengthM, widthM } = plan.shell;
  const alongX = roof.kind === 'gable' ? roof.ridgeAxis === 'x' : true;
  const length = mm((alongX ? lengthM : widthM) - 0.1);
  const vent = newVent(plan, {
    place: 'ridge',
    screenedBy: 'ridge',
    alongM: 0.05,
    widthM: length,
    heightM: 0.05,
    sillZ: mm(roof.highM - 0.05),
  });
  const height = net / (length * freeShare(vent));
  if (height > 0.3 || roof.kind === 'flat') return [];
  const heightM = cmUp(height);
  return [
    {
      code: 'air.addRidge',
      fixtures: [],
      numbers: { length: metres(length), width: metres(heightM) },
      change: (draft) =>
        void draft.fixtures.push({ ...vent, heightM, sillZ: mm(roof.highM - heightM) }),
    },
  ];
};

/** High openings that can be shut are left open for good. */
const leaveOpen: Proposer = (_, { plan }) => {
  const shut = plan.fixtures.filter(
    (f): f is AirOpening => (f.kind === 'vent' || f.kind === 'window') && f.opens === 'closable',
  );
  if (shut.length === 0) return [];
  return [
    {
      code: 'air.leaveOpen',
      fixtures: shut.map((o) => o.id),
      numbers: {},
      change: (draft) => {
        for (const f of draft.fixtures) {
          if ((f.kind === 'vent' || f.kind === 'window') && f.opens === 'closable')
            f.opens = 'open';
        }
      },
    },
  ];
};

/** Windows that are shut for good made to open. */
const makeOpen: Proposer = (_, { plan }) => {
  const shut = plan.fixtures.filter(
    (f): f is OfKind<'window'> => f.kind === 'window' && f.opens === 'shut',
  );
  if (shut.length === 0) return [];
  return [
    {
      code: 'air.makeOpen',
      fixtures: shut.map((o) => o.id),
      numbers: {},
      change: (draft) => {
        for (const f of draft.fixtures) {
          if (f.kind === 'window' && f.opens === 'shut') {
            f.opens = 'closable';
            f.cover = 'mesh13';
          }
        }
      },
    },
  ];
};

/** A hole of this size under the eaves of a wall, lower where others are in the way; null where none fits. */
function placeUnder(
  plan: Plan,
  wall: Side,
  widthM: number,
  heightM: number,
): { widthM: number; heightM: number; sillZ: number; alongM: number } | null {
  const lowest = litterEndM(plan) + 0.1;
  for (let sillZ = wallTop(plan, wall) - heightM - 0.1; sillZ >= lowest; sillZ -= 0.1) {
    const hole = { widthM, heightM, sillZ: mm(sillZ) };
    const alongM = freeAlong(plan, wall, hole);
    if (alongM !== null) return { ...hole, alongM };
  }
  return null;
}

/** Windows for the summer, meshed, that shut in winter. */
const addWindows: Proposer = (finding, { plan }) => {
  const missing = told(finding, 'missing');
  const proposals: Proposal[] = [];
  const make = (walls: readonly Side[]): void => {
    const made: OfKind<'window'>[] = [];
    for (const wall of walls) {
      const number = freeNumber('window', [...plan.fixtures, ...made]);
      const base = fixtureOf({
        kind: 'window',
        id: `window-${number}`,
        name: `Window ${number}`,
        wall,
        alongM: 0,
        sillZ: 0,
        widthM: 0.5,
        heightM: 0.5,
        opens: 'closable',
        cover: 'mesh13',
      });
      const room = wallLength(plan, wall) - 0.2;
      const most = wallTop(plan, wall) - litterEndM(plan) - 0.3;
      const gross = missing / walls.length / freeShare(base);
      const height = Math.min(most, Math.max(0.3, gross / room));
      const width = gross / height;
      if (most < 0.2 || width > room) return;
      const draft = { ...plan, fixtures: [...plan.fixtures, ...made] };
      const hole = placeUnder(draft, wall, cmUp(width), mm(height));
      if (!hole) return;
      made.push({ ...base, ...hole });
    }
    const first = made[0];
    if (!first) return;
    proposals.push({
      code:
        made.length === 1
          ? 'air.addWindow'
          : made.length === 2
            ? 'air.addWindows'
            : 'air.addWindowsAll',
      fixtures: [],
      numbers: { width: metres(first.widthM), height: metres(first.heightM) },
      wall: first.wall,
      change: (draft) => void draft.fixtures.push(...made),
    });
  };
  for (const wall of SIDES) make([wall]);
  make(['front', 'rear']);
  make(SIDES);
  return proposals;
};

const shutInWinter = setting('air.closable', ['window', 'vent'], (o) => {
  o.opens = 'closable';
  o.stay = true;
});
const baffle = setting('air.baffle', ['window', 'vent'], (o) => {
  o.baffle = true;
});
const raiseVent: Proposer = (finding, { plan }) => {
  const o = fixtureIn(plan, finding, ['window', 'vent']);
  if (!o) return [];
  const sillZ = cmUp(bandTop(plan));
  if (sillZ + o.heightM > wallTop(plan, o.wall) - 0.005) return [];
  return [
    {
      code: 'air.raise',
      fixtures: [o.id],
      numbers: { sill: metres(sillZ) },
      change: changing(o, (own) => {
        own.sillZ = sillZ;
      }),
    },
  ];
};

// pop doors

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

// reach

/** A hatch at the floor that is out of reach, in each wall that is near it. */
const addHatch: Proposer = (finding, { plan }) => {
  const zone = finding.zone;
  if (!zone) return [];
  const made: OfKind<'hatch'>[] = [];
  const at = (wall: Side): OfKind<'hatch'> => {
    const along =
      wall === 'front' || wall === 'rear' ? (zone.x0 + zone.x1) / 2 : (zone.y0 + zone.y1) / 2;
    const widthM = Math.min(0.8, mm(wallLength(plan, wall) - 0.1));
    const base = newHatch({ ...plan, fixtures: [...plan.fixtures, ...made] });
    const room = wallLength(plan, wall) - widthM;
    return { ...base, wall, widthM, alongM: mm(Math.max(0, Math.min(room, along - widthM / 2))) };
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
    const from = mm(Math.max(0.05, lo + spare));
    const widthM = mm(Math.min(wallLength(plan, wall) - 0.05, hi - spare) - from);
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

const outside = setting('reach.fillOutside', ['feeder', 'drinker'], (v) => {
  v.fillFrom = 'outside';
});

export const OPENING_REMEDIES: Readonly<Record<string, readonly Proposer[]>> = {
  'air.winter.short': [leaveOpen, addVent, addRidge],
  'air.summer.short': [makeOpen, addWindows],
  'air.opening.inDraught': [raiseVent, baffle, shutInWinter],
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
  'reach.floor.unreached': [addDoor, addHatch],
  'reach.cleanOut.narrow': [
    setting(
      'reach.widen',
      ['hatch'],
      (h, f, draft) => {
        h.widthM = told(f, 'needed');
        h.alongM = mm(Math.max(0, Math.min(h.alongM, wallLength(draft, h.wall) - h.widthM)));
      },
      (_, f) => ({ width: metres(told(f, 'needed')) }),
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
        h.sillZ = mm(told(f, 'wanted') - draft.shell.floorAboveGroundM);
      },
      (_, f) => ({ sill: metres(told(f, 'wanted')) }),
    ),
  ],
  'reach.flap.blocked': [
    setting(
      'reach.narrowFlap',
      ['hatch'],
      (h) => {
        if (h.frontM !== null) h.flapM = cmDown(h.frontM - 2 * FACTS['reach.flap.clear'].value);
      },
      (h) => ({ width: metres(cmDown((h.frontM ?? 0) - 2 * FACTS['reach.flap.clear'].value)) }),
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
  'reach.nests.low': [
    setting(
      'nests.raiseLip',
      ['nestBank'],
      (b, _, draft) => {
        const from = b.collect === 'inside' ? 0 : draft.shell.floorAboveGroundM;
        b.lipZ = cmUp(FACTS['reach.bend'].value - from);
        for (const f of draft.fixtures) {
          const least = b.lipZ + 0.15;
          if (f.kind === 'bar' && f.use === 'sleeping' && f.z < least) f.z = cmUp(least);
        }
      },
      () => ({ height: metres(FACTS['reach.bend'].value) }),
    ),
  ],
  'litter.depth.shallow': [
    planning(
      'litter.deepen',
      (d, f) => {
        d.litter.depthM = told(f, 'needed');
      },
      (f) => ({ depth: metres(told(f, 'needed')) }),
    ),
  ],
  'litter.depth.deep': [
    planning(
      'litter.level',
      (d, f) => {
        d.litter.depthM = told(f, 'allowed');
      },
      (f) => ({ depth: metres(told(f, 'allowed')) }),
    ),
  ],
  'litter.depth.outgrows': [
    planning(
      'litter.sooner',
      (d, f, { value }) => {
        const rise = value('litter.rise') ?? 0;
        const days = ((told(f, 'final') + 0.01 - d.litter.depthM) / rise) * 365;
        d.schools['litter.cleanOut'] = { custom: Math.max(7, Math.floor(days)) };
      },
      (f, { plan, value }) => ({
        days: {
          value: Math.max(
            7,
            Math.floor(
              ((told(f, 'final') + 0.01 - plan.litter.depthM) / (value('litter.rise') ?? 1)) * 365,
            ),
          ),
          unit: 'days',
        },
      }),
    ),
    planning(
      'litter.planFor',
      (d, f) => {
        d.litter.finalM = cmUp(told(f, 'grows'));
      },
      (f) => ({ depth: metres(cmUp(told(f, 'grows'))) }),
    ),
  ],
  'litter.board.low': [
    planning(
      'litter.board',
      (d, f) => {
        d.litter.retainingM = cmUp(told(f, 'needed'));
      },
      (f) => ({ height: metres(cmUp(told(f, 'needed'))) }),
    ),
  ],
  'litter.bed.unturned': [
    planning('litter.turn', (d) => {
      d.litter.turned = true;
    }),
  ],
  'litter.floor.seams': [
    planning('litter.seal', (d) => {
      d.shell.floorBuild = 'sealed';
    }),
  ],
  'litter.mesh.noTray': [
    adding('litter.addTray', (_, { plan }) => [boardForBars(plan)]),
    planning('litter.deepSchool', (d) => {
      d.litter.school = 'deep';
      d.litter.depthM = Math.max(d.litter.depthM, 0.1);
    }),
  ],
};
