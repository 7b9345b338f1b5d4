import { newRun } from '../../../edit/defaults';
import { newDustBath } from '../../../edit/new/floorThings';
import type { Side } from '../../../model/schema';
import { up } from '../../../model/tape';
import { movingTo } from '../../../proposals/places';
import { metres, type Proposer, type Proposers } from '../../../proposals/remedy';
import { adding, fixtureIn, planning, setting, told } from '../../../proposals/setting';
import { ruled } from '../../../rules/rules.data';

const meshed = setting('shell.mesh', ['window', 'vent'], (o) => {
  o.cover = 'mesh13';
});

const fineMesh = setting('shell.fineMesh', ['window', 'vent'], (o) => {
  o.cover = 'mesh6';
});

/** A run as long as the coop, as wide as the flock asks for. */
const layRun: Proposer = (_, { plan, value }) => {
  const run = newRun(plan);
  const birds = value('coop.planned') ?? 0;
  const area = Math.max(4, birds * 1.5);
  const made = { ...run, widthM: up(plan, Math.max(1.5, area / run.lengthM)) };
  return [
    {
      code: 'shell.addRun',
      fixtures: [],
      numbers: { length: metres(made.lengthM), width: metres(made.widthM) },
      change: (draft) => {
        draft.run = made;
      },
    },
  ];
};

const widenRun: Proposer = (finding, { plan }) => {
  const { run } = plan;
  if (run === null) return [];
  const widthM = up(plan, told(finding, 'needed') / run.lengthM);
  return [
    {
      code: 'shell.widenRun',
      fixtures: [],
      numbers: { width: metres(widthM) },
      change: (draft) => {
        if (draft.run) draft.run.widthM = widthM;
      },
    },
  ];
};

const roofRun = planning('shell.roofRun', (d) => {
  if (d.run) d.run.roof = 'full';
});

const otherFloor = planning('shell.earthRun', (d) => {
  d.schools['run.floor'] = 'run.floor.earth';
});

const solidSide: Proposer = (_, { plan }) => {
  const side: Side = plan.site.windFrom ?? 'rear';
  return [
    {
      code: 'shell.solidSide',
      fixtures: [],
      numbers: {},
      wall: side,
      change: (d) => {
        if (d.run && !d.run.solidSides.includes(side)) d.run.solidSides.push(side);
      },
    },
  ];
};

/** A bath large enough, in the run where there is one, else where no droppings fall. */
const addBath = adding(
  'shell.addBath',
  (finding, { plan, sizes }) => {
    const area = told(finding, 'needed');
    const depthM = up(plan, 0.6);
    const lengthM = up(plan, Math.max(0.4, area / depthM));
    return plan.run === null
      ? [newDustBath(plan, { lengthM, depthM }, sizes)]
      : [newDustBath(plan, { lengthM, depthM, place: 'run', x: 0, y: 0 }, sizes)];
  },
  (finding) => ({ area: { value: told(finding, 'needed'), unit: 'm2' } }),
);

const enlargeBath: Proposer = (finding, { plan }) => {
  const bath = fixtureIn(plan, finding, ['dustBath']);
  if (!bath) return [];
  const more = told(finding, 'needed') - told(finding, 'there');
  const lengthM = up(plan, bath.lengthM + more / bath.depthM);
  return [
    {
      code: 'shell.enlargeBath',
      fixtures: [bath.id],
      numbers: { length: metres(lengthM) },
      change: (draft) => {
        const own = draft.fixtures.find((f) => f.id === bath.id);
        if (own?.kind !== 'dustBath') return;
        own.lengthM = lengthM;
        own.x = Math.max(0, Math.min(own.x, draft.shell.lengthM - lengthM));
      },
    },
  ];
};

export const SHELL_REMEDIES: Proposers = {
  'shell.mesh.stapled': [
    planning('shell.battens', (d) => {
      d.shell.meshFixedBy = 'battens';
    }),
  ],
  'shell.boards.thin': [
    planning(
      'shell.boardOver',
      (d) => {
        d.shell.boardM = up(d, ruled('shell.board.least'));
      },
      (_, { plan }) => ({ thick: metres(up(plan, ruled('shell.board.least'))) }),
    ),
  ],
  'shell.floor.mesh': [
    planning('shell.boardFloor', (d) => {
      d.shell.floorBuild = 'boards';
    }),
  ],
  'shell.opening.unmeshed': [meshed],
  'shell.opening.netting': [meshed],
  'shell.opening.wideMesh': [meshed, fineMesh],
  'shell.opening.strongMesh': [meshed],
  'shell.opening.smallMesh': [fineMesh],
  'shell.run.strongMesh': [
    planning('shell.runMesh', (d) => {
      if (d.run) d.run.cover = 'mesh13';
    }),
  ],
  'shell.glass.breaks': [
    setting('shell.acrylic', ['window'], (w) => {
      w.pane = 'acrylic';
    }),
  ],
  'shell.stay.none': [
    setting('shell.stay', ['window', 'vent'], (w) => {
      w.stay = true;
    }),
  ],
  'shell.latch.weak': [
    setting('shell.latch', ['door', 'hatch', 'popDoor'], (d) => {
      d.latch = 'double';
    }),
  ],
  'shell.floor.diggers': [
    planning(
      'shell.apron',
      (d) => {
        d.shell.apronM = up(d, ruled('mesh.apron'));
      },
      (_, { plan }) => ({ apron: metres(up(plan, ruled('mesh.apron'))) }),
    ),
  ],
  'shell.run.none': [layRun],
  'shell.run.small': [widenRun],
  'shell.run.open': [roofRun, otherFloor],
  'shell.run.wildBirds': [roofRun],
  'shell.run.eaves': [
    planning(
      'shell.eaves',
      (d) => {
        if (d.run) d.run.eavesM = up(d, ruled('run.eaves'));
      },
      (_, { plan }) => ({ eaves: metres(up(plan, ruled('run.eaves'))) }),
    ),
  ],
  'shell.run.skirting': [
    planning(
      'shell.skirting',
      (d) => {
        if (d.run) d.run.skirtingM = up(d, ruled('run.skirting'));
      },
      (_, { plan }) => ({ skirting: metres(up(plan, ruled('run.skirting'))) }),
    ),
  ],
  'shell.run.windward': [solidSide],
  'shell.run.lee': [solidSide],
  'shell.run.mesh': [
    planning('shell.runMesh', (d) => {
      if (d.run) d.run.cover = 'mesh13';
    }),
  ],
  'shell.run.idle': [
    planning(
      'shell.pastimes',
      (d, finding) => {
        if (d.run) d.run.pastimes = told(finding, 'needed');
      },
      (finding) => ({ pastimes: { value: told(finding, 'needed'), unit: 'things' } }),
    ),
  ],
  'shell.dustBath.none': [addBath],
  'shell.dustBath.underBars': [movingTo('vessels.move', 'dustBath')],
  'shell.dustBath.small': [enlargeBath],
  'shell.dustBath.shallow': [
    setting(
      'shell.fillBath',
      ['dustBath'],
      (b, _, draft) => {
        b.fillM = up(draft, ruled('dustBath.deep'));
      },
      (_b, _f, { plan }) => ({ depth: metres(up(plan, ruled('dustBath.deep'))) }),
    ),
  ],
  'shell.dustBath.wet': [
    setting('shell.roofBath', ['dustBath'], (b) => {
      b.roofed = true;
    }),
  ],
};
