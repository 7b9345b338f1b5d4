import { freeNumber } from '../../../edit/defaults';
import { newDish, newFeeder } from '../../../edit/new/floorThings';
import { freeSpot } from '../../../geometry/freeRoom';
import { solidOf } from '../../../geometry/solids';
import type { Finding } from '../../../kernel/finding';
import { wholeUp } from '../../../kernel/units/number';
import { mostVesselL, vesselDown, vesselUp } from '../../../kernel/units/vesselSize';
import { litterEndM } from '../../../model/litter';
import type { Fixture, Plan, Vessel } from '../../../model/schema';
import { movingTo } from '../../../proposals/places';
import {
  metres,
  near,
  type Proposal,
  type ProposalContext,
  type Proposer,
  up,
} from '../../../proposals/remedy';
import { adding, changing, fixtureIn, planning, setting, told } from '../../../proposals/setting';
import { FACTS } from '../../../rules/singleRules.data';
import { capacityL } from '../vessels';

const VESSELS = ['feeder', 'drinker'] as const;

const vesselIn = (plan: Plan, finding: Finding): Vessel | null => fixtureIn(plan, finding, VESSELS);

/** A place on the floor for a vessel: out of the droppings, clear of what stands, apart from its like. */
function freePlace(
  plan: Plan,
  vessel: Vessel,
  heaviestKg: number,
  apartFrom: readonly Fixture[] = [],
): { x: number; y: number } | null {
  const halfY = vessel.diameterM / 2;
  const halfX = vessel.type === 'trough' ? vessel.lengthM / 2 : halfY;
  const spot = freeSpot(plan, heaviestKg, {
    id: vessel.id,
    at: (x, y) => solidOf({ ...vessel, x: x + halfX, y: y + halfY, place: 'coop' }, plan),
    apartFrom,
    apartM: FACTS['feed.two.apart'].value,
  });
  return spot && { x: near(plan, spot.x + halfX), y: near(plan, spot.y + halfY) };
}

/** Its like without what is wrong with it: the rim where the smallest bird wants it, a cone, a tray. */
function soundLike<V extends Vessel>(vessel: V, { plan, value }: ProposalContext): V {
  const station = vessel.kind === 'feeder' ? 'feed' : 'water';
  const wanted = value(`${station}.height.${vessel.type === 'nipple' ? 'pin' : 'back'}`);
  const from = vessel.onWall ? (plan.litter.depthM + litterEndM(plan)) / 2 : plan.litter.depthM;
  const rimZ = wanted === undefined ? vessel.rimZ : near(plan, wanted + from);
  const sound = {
    ...vessel,
    rimZ,
    place: 'coop' as const,
    flatTop: false,
    fixing: 'bolt' as const,
    capacityL: Math.min(mostVesselL(plan.units), capacityL(vessel)),
  };
  // nothing of the first one's faults is copied: open to rats overnight, or without a tray
  return vessel.kind === 'drinker' ? { ...sound, tray: true } : { ...sound, takenInAtNight: true };
}

/** Vessels added at once at most. */
const MOST_MORE = 6;

/** As many more like it as are asked for, apart from one another: none copies what is wrong with the first. */
const another: Proposer = (finding, ctx): Proposal[] => {
  const { plan, heaviestKg } = ctx;
  const vessel = vesselIn(plan, finding);
  if (!vessel) return [];
  // how many like it would serve those without a place, or hold what is missing
  const { needed, there, days, wanted } = finding.numbers;
  const own = plan.fixtures.filter(
    (f): f is Vessel => finding.fixtures.includes(f.id) && f.kind === vessel.kind,
  );
  const times =
    days && wanted
      ? wanted.value / Math.max(0.01, days.value)
      : needed && there
        ? needed.value / Math.max(1, there.value)
        : 1;
  const held = own.reduce((sum, v) => sum + capacityL(v), 0);
  const mostL = mostVesselL(plan.units);
  const each = days ? Math.min(mostL, vesselUp(held * (times - 1) * 1.02, plan.units)) : undefined;
  const count = days
    ? Math.ceil((held * (times - 1)) / (each ?? mostL) - 1e-9)
    : Math.ceil(own.length * (times - 1) - 1e-9);
  const made: Vessel[] = [];
  const proposals: Proposal[] = [];
  for (let n = 1; n <= Math.min(MOST_MORE, Math.max(1, count) + 1); n++) {
    const draft = { ...plan, fixtures: [...plan.fixtures, ...made] };
    const likes = draft.fixtures.filter((f) => f.kind === vessel.kind);
    const sound = soundLike(vessel, ctx);
    const at = freePlace(draft, sound, heaviestKg, likes) ?? freePlace(draft, sound, heaviestKg);
    if (!at) break;
    const number = freeNumber(vessel.kind, draft.fixtures);
    made.push({
      ...sound,
      ...at,
      ...(each === undefined ? {} : { capacityL: each }),
      id: `${vessel.kind}-${number}`,
      name: `${vessel.name.slice(0, 70)} ${number}`,
    });
    if (n < count - 1) continue;
    const all = [...made];
    proposals.push({
      code: each === undefined ? 'vessels.another' : 'vessels.anotherOf',
      fixtures: [vessel.id],
      numbers: {
        more: { value: n, unit: 'ratio' },
        ...(each === undefined ? {} : { litres: { value: each, unit: 'litres' as const } }),
      },
      more: n > 1,
      hours: n,
      change: (d) => void d.fixtures.push(...all),
    });
  }
  return proposals;
};

/** One so much wider, or longer, that all find a place along it. */
const wider: Proposer = (finding, { plan }) => {
  const vessel = vesselIn(plan, finding);
  if (!vessel || ['port', 'pedal', 'nipple', 'cup'].includes(vessel.type)) return [];
  const times = told(finding, 'needed') / Math.max(1, told(finding, 'there'));
  const trough = vessel.type === 'trough';
  const size = up(plan, (trough ? vessel.lengthM : vessel.diameterM) * times * 1.06);
  if (size > (trough ? 2.5 : 0.6)) return [];
  return [
    {
      code: trough ? 'vessels.longer' : 'vessels.wider',
      fixtures: [vessel.id],
      numbers: { size: metres(size) },
      change: changing(vessel, (v) => {
        if (trough) v.lengthM = size;
        else v.diameterM = size;
      }),
    },
  ];
};

/** More ports, boxes, nipples or cups on the same one. */
const outlets: Proposer = (finding, { plan }) => {
  const vessel = vesselIn(plan, finding);
  if (!vessel || !['port', 'pedal', 'nipple', 'cup'].includes(vessel.type)) return [];
  const there = Math.max(1, told(finding, 'there'));
  const more = Math.max(
    1,
    Math.ceil(vessel.outlets * (told(finding, 'needed') / there - 1) - 1e-9),
  );
  return [more, more + 1, more + 3, 2 * more, 3 * more, MOST_OUTLETS - vessel.outlets]
    .filter((n) => n > 0 && vessel.outlets + n <= MOST_OUTLETS)
    .filter((n, i, all) => all.indexOf(n) === i)
    .sort((a, b) => a - b)
    .map((n) => ({
      code: 'vessels.outlets',
      fixtures: [vessel.id],
      numbers: { outlets: { value: vessel.outlets + n, unit: 'outlets' as const } },
      more: n > more,
      hours: 0.3 + 0.2 * n,
      change: changing(vessel, (v) => {
        v.outlets += n;
      }),
    }));
};

/** One of another kind in its place, with as many ports or cups as all of them ask for: where no more would find room. */
const withOutlets: Proposer = (finding, { plan }) => {
  const vessel = vesselIn(plan, finding);
  const type = vessel?.kind === 'feeder' ? 'port' : 'cup';
  if (!vessel || vessel.type === type) return [];
  const needed = told(finding, 'needed');
  return [4, 3, 2]
    .map((birds) => Math.ceil(needed / birds))
    .filter((n, i, all) => n >= 1 && n <= MOST_OUTLETS && all.indexOf(n) === i)
    .map((outlets) => ({
      code: type === 'port' ? 'vessels.toPorts' : 'vessels.toCups',
      fixtures: [vessel.id],
      numbers: { outlets: { value: outlets, unit: 'outlets' as const } },
      hours: 2 + 0.2 * outlets,
      change: changing(vessel, (v) => {
        Object.assign(v, { type, outlets, hung: false, onWall: true });
      }),
    }));
};

/** A round fount in place of nipples or cups, which ducks cannot drink from: the smallest that serves all of them. */
const toFount: Proposer = (finding, { plan }) => {
  const vessel = fixtureIn(plan, finding, ['drinker']);
  if (!vessel || vessel.type === 'fount') return [];
  return [0.3, 0.4, 0.5, 0.6].map((m, i) => {
    const diameterM = up(plan, m);
    return {
      code: 'vessels.toFount',
      fixtures: [vessel.id],
      numbers: { size: metres(diameterM) },
      more: i > 0,
      hours: 1,
      change: changing(vessel, (v) => {
        Object.assign(v, { type: 'fount', diameterM, tray: true, hung: false, onWall: false });
      }),
    };
  });
};

/** More ports, nipples or cups than this are another line. */
export const MOST_OUTLETS = 24;

/** The rim set where the smallest bird wants it, at both levels of the litter. */
const atBack: Proposer = (finding, { plan }) => {
  const vessel = vesselIn(plan, finding);
  if (!vessel) return [];
  const wanted = told(finding, 'wanted');
  const rimZ = near(plan, wanted + levelOf(vessel, plan));
  return [
    {
      code: vessel.onWall ? 'vessels.heightOnWall' : 'vessels.height',
      fixtures: [vessel.id],
      numbers: { height: metres(rimZ - (vessel.place === 'run' ? 0 : plan.litter.depthM)) },
      change: changing(vessel, (v) => {
        v.rimZ = rimZ;
      }),
    },
  ];
};

/** What is fixed to the wall over litter that rises too far for any one height, hung instead and raised with it. */
const hangUp: Proposer = (finding, { plan }) => {
  const vessel = vesselIn(plan, finding);
  if (!vessel?.onWall) return [];
  const rimZ = near(plan, told(finding, 'wanted') + plan.litter.depthM);
  return [
    {
      code: 'vessels.hangUp',
      fixtures: [vessel.id],
      numbers: { height: metres(rimZ - plan.litter.depthM) },
      hours: 0.5,
      change: changing(vessel, (v) => {
        v.onWall = false;
        v.hung = true;
        v.rimZ = rimZ;
      }),
    },
  ];
};

/** The level that a rim is set over: the run's ground, the litter as it starts, or between both for what stays on the wall. */
const levelOf = (v: Vessel, plan: Plan): number =>
  v.place === 'run'
    ? 0
    : v.onWall
      ? (plan.litter.depthM + litterEndM(plan)) / 2
      : plan.litter.depthM;

const moveOut: Proposer = (finding, ctx) => {
  const vessel = vesselIn(ctx.plan, finding);
  const at = vessel && freePlace(ctx.plan, vessel, ctx.heaviestKg);
  if (!vessel || !at) return [];
  return [
    {
      code: 'vessels.move',
      fixtures: [vessel.id],
      numbers: { left: metres(at.x), front: metres(at.y) },
      change: changing(vessel, (v) => {
        v.x = at.x;
        v.y = at.y;
      }),
    },
  ];
};

/** A vessel of the run set up in the coop. */
const bringIn: Proposer = (finding, ctx) => {
  const vessel = vesselIn(ctx.plan, finding);
  const at = vessel && freePlace(ctx.plan, vessel, ctx.heaviestKg);
  if (!vessel || !at) return [];
  return [
    {
      code: 'vessels.bringIn',
      fixtures: [vessel.id],
      numbers: {},
      change: changing(vessel, (v, draft) => {
        Object.assign(v, at, { place: 'coop', rimZ: near(draft, v.rimZ + draft.litter.depthM) });
      }),
    },
  ];
};

/** A larger one of its kind: so much as the days between fills ask for beside what the others hold. */
const larger: Proposer = (finding, { plan }) => {
  const vessel = vesselIn(plan, finding);
  if (!vessel) return [];
  const all = plan.fixtures.filter(
    (f): f is Vessel => f.kind === vessel.kind && finding.fixtures.includes(f.id),
  );
  const held = all.reduce((sum, v) => sum + capacityL(v), 0);
  const times = told(finding, 'wanted') / told(finding, 'days');
  const litres = vesselUp((held * times - (held - capacityL(vessel))) * 1.02, plan.units);
  return litres > mostVesselL(plan.units) ? [] : [sized(vessel, litres, 'vessels.larger')];
};

/** All of them larger, each as large as their like. */
const allLarger: Proposer = (finding, { plan }) => {
  const own = plan.fixtures.filter(
    (f): f is Vessel =>
      (f.kind === 'feeder' || f.kind === 'drinker') && finding.fixtures.includes(f.id),
  );
  if (own.length < 2) return [];
  const held = own.reduce((sum, v) => sum + capacityL(v), 0);
  const times = told(finding, 'wanted') / told(finding, 'days');
  const litres = vesselUp(((held * times) / own.length) * 1.02, plan.units);
  if (litres > mostVesselL(plan.units)) return [];
  return [
    {
      code: 'vessels.allLarger',
      fixtures: own.map((v) => v.id),
      numbers: { litres: { value: litres, unit: 'litres' } },
      hours: 0.8 * own.length,
      change: (draft) => {
        for (const f of draft.fixtures) {
          if ((f.kind === 'feeder' || f.kind === 'drinker') && finding.fixtures.includes(f.id)) {
            f.capacityL = Math.max(capacityL(f), litres);
          }
        }
      },
    },
  ];
};

/** Each as large as a vessel may be, and as many more of that size as are still missing. */
const allOfMost: Proposer = (finding, ctx) => {
  const { plan, heaviestKg } = ctx;
  const vessel = vesselIn(plan, finding);
  if (!vessel) return [];
  const own = plan.fixtures.filter(
    (f): f is Vessel => finding.fixtures.includes(f.id) && f.kind === vessel.kind,
  );
  const held = own.reduce((sum, v) => sum + capacityL(v), 0);
  const asked = (held * told(finding, 'wanted') * 1.02) / Math.max(0.01, told(finding, 'days'));
  const mostL = mostVesselL(plan.units);
  const more = Math.ceil(asked / mostL - 1e-9) - own.length;
  if (more < 1 || more > MOST_MORE) return [];
  const made: Vessel[] = [];
  for (let n = 0; n < more; n++) {
    const draft = { ...plan, fixtures: [...plan.fixtures, ...made] };
    const sound = soundLike(vessel, ctx);
    const at = freePlace(draft, sound, heaviestKg);
    if (!at) return [];
    const number = freeNumber(vessel.kind, draft.fixtures);
    made.push({
      ...sound,
      ...at,
      capacityL: mostL,
      id: `${vessel.kind}-${number}`,
      name: `${vessel.name.slice(0, 70)} ${number}`,
    });
  }
  return [
    {
      code: 'vessels.largerAndMore',
      fixtures: own.map((v) => v.id),
      numbers: {
        litres: { value: mostL, unit: 'litres' },
        more: { value: more, unit: 'ratio' },
      },
      hours: 0.8 * own.length + more,
      change: (draft) => {
        for (const f of draft.fixtures) {
          if ((f.kind === 'feeder' || f.kind === 'drinker') && finding.fixtures.includes(f.id)) {
            f.capacityL = mostL;
          }
        }
        draft.fixtures.push(...made);
      },
    },
  ];
};

const sized = (vessel: Vessel, litres: number, code: string): Proposal => ({
  code,
  fixtures: [vessel.id],
  numbers: { litres: { value: litres, unit: 'litres' } },
  change: changing(vessel, (v) => {
    v.capacityL = litres;
  }),
});

const fillLess: Proposer = (finding, { plan }) => {
  const vessel = vesselIn(plan, finding);
  if (!vessel) return [];
  const raw = capacityL(vessel) * (told(finding, 'fresh') / told(finding, 'days'));
  const litres = vesselDown(raw, plan.units);
  return litres < 0.1 ? [] : [sized(vessel, litres, 'vessels.fillLess')];
};

/** Filled more often than it was planned. */
const fillOften = (of: 'feedDays' | 'waterDays'): Proposer =>
  planning(
    'vessels.fillOften',
    (d, finding) => {
      d.fills[of] = Math.max(1, Math.floor(told(finding, 'days')));
    },
    (finding) => ({
      days: { value: Math.max(1, Math.floor(told(finding, 'days'))), unit: 'days' },
    }),
  );

const bolt = setting('vessels.bolt', VESSELS, (v) => {
  v.fixing = 'bolt';
});
const cone = setting('vessels.cone', VESSELS, (v) => {
  v.flatTop = false;
});

const dishes = (holds: 'shell' | 'grit'): Proposer =>
  adding(
    holds === 'shell' ? 'feed.addShell' : 'feed.addGrit',
    (finding, { plan, sizes }: ProposalContext) => {
      const n = holds === 'grit' ? 1 : wholeUp(told(finding, 'needed') - told(finding, 'there'));
      const made: Fixture[] = [];
      for (let k = 0; k < n; k++) {
        made.push(newDish({ ...plan, fixtures: [...plan.fixtures, ...made] }, holds, sizes));
      }
      return made;
    },
    (finding) => ({
      dishes: {
        value: holds === 'grit' ? 1 : told(finding, 'needed') - told(finding, 'there'),
        unit: 'dishes',
      },
    }),
  );

const common = (station: 'feed' | 'water'): Record<string, readonly Proposer[]> => ({
  [`${station}.access.short`]: [outlets, wider, another, withOutlets, toFount],
  [`${station}.one.only`]: [another],
  [`${station}.vessel.high`]: [atBack, hangUp],
  [`${station}.vessel.low`]: [atBack, hangUp],
  [`${station}.vessel.underBars`]: [moveOut],
  [`${station}.vessel.hook`]: [bolt],
  [`${station}.vessel.perched`]: [cone],
});

/** One more feeder, at the tall birds' back. */
const tallFeeder: Proposer = (finding, ctx) => {
  const { plan, heaviestKg } = ctx;
  const vessel = fixtureIn(plan, finding, ['feeder']);
  const at = vessel && freePlace(plan, vessel, heaviestKg);
  if (!vessel || !at) return [];
  const number = freeNumber('feeder', plan.fixtures);
  const rim = told(finding, 'back');
  const made: Vessel = {
    ...soundLike(vessel, ctx),
    ...at,
    rimZ: near(plan, rim + plan.litter.depthM),
    id: `feeder-${number}`,
    name: `Tall feeder ${number}`,
  };
  return [
    {
      code: 'feed.addTall',
      fixtures: [],
      numbers: { height: metres(near(plan, rim + plan.litter.depthM) - plan.litter.depthM) },
      change: (d) => void d.fixtures.push(made),
    },
  ];
};

/** An open feeder beside the pedal lid, taken in at dusk, until every bird was seen to eat alone. */
const openFeeder: Proposer = (_finding, { plan, sizes }) => {
  const made = newFeeder(plan, {}, sizes);
  return [
    {
      code: 'feed.addOpen',
      fixtures: [],
      numbers: {},
      change: (d) => void d.fixtures.push(made),
    },
  ];
};

export const VESSEL_REMEDIES: Readonly<Record<string, readonly Proposer[]>> = {
  ...common('feed'),
  ...common('water'),
  'feed.tall.none': [tallFeeder],
  'feed.vessel.rain': [
    bringIn,
    planning('shell.roofRun', (d) => {
      if (d.run) d.run.roof = 'full';
    }),
  ],
  'feed.open.night': [
    setting('feed.takeIn', ['feeder'], (v) => {
      v.takenInAtNight = true;
    }),
  ],
  'feed.pedal.small': [
    setting('feed.tube', ['feeder'], (v) => {
      v.type = 'tube';
      v.takenInAtNight = true;
    }),
  ],
  'feed.lot.none': [openFeeder],
  'feed.days.short': [larger, allLarger, another, allOfMost, fillOften('feedDays')],
  'feed.fill.stale': [fillLess],
  'feed.bag.stale': [
    planning(
      'feed.bag',
      (d, finding) => {
        d.fills.bagKg = told(finding, 'fits');
      },
      (finding) => ({ bag: { value: told(finding, 'fits'), unit: 'kg' } }),
    ),
  ],
  'feed.shell.few': [dishes('shell')],
  'feed.grit.none': [dishes('grit')],
  'feed.dish.underBars': [movingTo('vessels.move', 'dish')],
  'water.vessel.overLitter': [
    setting('water.tray', ['drinker'], (v) => {
      v.tray = true;
    }),
  ],
  'water.days.short': [larger, allLarger, another, allOfMost, fillOften('waterDays')],
  'water.line.low': [
    setting(
      'water.raiseTank',
      ['drinker'],
      (v, f, draft) => {
        v.tankZ = up(draft, v.rimZ + told(f, 'needed'));
      },
      (v, f, { plan }) => ({ above: metres(up(plan, v.rimZ + told(f, 'needed')) - v.rimZ) }),
    ),
  ],
  'water.line.narrow': [
    setting(
      'water.widenLine',
      ['drinker'],
      (v, f) => {
        v.boreM = told(f, 'needed');
      },
      (_, f) => ({ bore: metres(told(f, 'needed')) }),
    ),
  ],
  'water.bucket.chicks': [
    setting('water.fount', ['drinker'], (v) => {
      v.type = 'fount';
    }),
  ],
};
