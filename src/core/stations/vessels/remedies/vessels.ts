import { freeNumber } from '../../../edit/freeNumber';
import { newDish, newFeeder } from '../../../edit/new/floorThings';
import { newRain } from '../../../edit/new/rain';
import { wholeUp } from '../../../kernel/units/number';
import { mostVesselL, vesselUp } from '../../../kernel/units/vesselSize';
import type { Fixture, Vessel } from '../../../model/schema';
import { near, up } from '../../../model/tape';
import { movingTo } from '../../../proposals/places';
import {
  MOST_ADDED,
  metres,
  type Proposal,
  type ProposalContext,
  type Proposer,
  type Proposers,
} from '../../../proposals/remedy';
import { adding, fixtureIn, planning, setting, told } from '../../../proposals/setting';
import { ruled } from '../../../rules/rules.data';
import { vesselKind } from '../../../rules/vesselKinds.data';
import { mixOf } from '../../../stores/ration';
import { capacityL } from '../vessels';
import { bought } from './bought';
import { allLarger, allOfMost, fillLess, fillOften, larger, reachedOf } from './capacity';
import { fewerPorts, holesAt, moreHoles, mouth, overHoles, taller, widerPan } from './homeMade';
import { makePorts, outlets, toFount, wider, withOutlets } from './outlets';
import { atBack, bringIn, freePlace, hangUp, moveOut } from './places';
import { soundLike } from './soundLike';
import { VESSELS, vesselIn } from './vesselIn';

/** As many more like it as are asked for, apart from one another: none copies what is wrong with the first. */
const another: Proposer = (finding, ctx): Proposal[] => {
  const { plan, heaviestKg } = ctx;
  const vessel = vesselIn(ctx, finding);
  if (!vessel) return [];
  // how many like it would serve those without a place, or hold what is missing
  const { needed, there, days, wanted } = finding.numbers;
  const own = reachedOf(ctx, finding, vessel.kind);
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
  for (let n = 1; n <= Math.min(MOST_ADDED.vessel, Math.max(1, count) + 1); n++) {
    const draft = { ...plan, fixtures: [...plan.fixtures, ...made] };
    const likes = draft.fixtures.filter((f) => f.kind === vessel.kind);
    const sound = soundLike(vessel, ctx);
    const at = freePlace(draft, sound, heaviestKg, likes) ?? freePlace(draft, sound, heaviestKg);
    if (!at) break;
    const number = freeNumber(vessel.kind, draft.fixtures);
    made.push({
      ...(each === undefined ? sound : { ...bought(sound), capacityL: each }),
      ...at,
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

const common = (station: 'feed' | 'water'): Proposers => ({
  [`${station}.access.short`]: [outlets, wider, another, withOutlets, makePorts, toFount],
  [`${station}.one.only`]: [another],
  [`${station}.vessel.high`]: [atBack, hangUp],
  [`${station}.vessel.low`]: [atBack, hangUp],
  [`${station}.vessel.underBars`]: [moveOut],
  [`${station}.vessel.hook`]: [bolt],
  [`${station}.vessel.perched`]: [cone],
  [`${station}.pan.narrow`]: [widerPan],
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

/** An open tube in place of a lid that is too heavy for some, taken in at dusk. */
const tubeInstead = setting('feed.tube', ['feeder'], (v) => {
  v.type = 'tube';
  v.takenInAtNight = true;
});

/** A rain barrel over a line that has no tank of its own. */
const beginRain: Proposer = (_finding, { plan }) => {
  const onLine = plan.fixtures.some(
    (f) => f.kind === 'drinker' && vesselKind(f).onLine && f.tankZ === null,
  );
  if (plan.rain !== null || !onLine || plan.climate === null) return [];
  const rain = newRain(plan);
  return [
    {
      code: 'rain.begin',
      fixtures: [],
      numbers: {},
      hours: 6,
      change: (d) => {
        d.rain = rain;
      },
    },
  ];
};

/** A tenth of scratch at the most, and as little of all else as brings the protein back. */
const lessBeside = planning('feed.lessBeside', (d, finding) => {
  const needed = finding.numbers.protein ? told(finding, 'needed') : ruled('ration.protein.least');
  for (const season of ['cold', 'warm'] as const) {
    const own = d.ration?.[season];
    if (!own) continue;
    own.scratch = Math.min(own.scratch, ruled('ration.scratch.most'));
    for (const food of ['scraps', 'scratch', 'sunflower'] as const) {
      while (own[food] > 0 && mixOf(own, d.fills.allFlock).protein < needed - 1e-9) {
        own[food] = Math.max(0, Math.round((own[food] - 0.01) * 100) / 100);
      }
    }
  }
});

export const VESSEL_REMEDIES: Proposers = {
  ...common('feed'),
  ...common('water'),
  'feed.ports.close': [fewerPorts],
  'feed.ports.meet': [fewerPorts],
  'feed.ration.scratch': [lessBeside],
  'feed.ration.protein': [lessBeside],
  'feed.hole.high': [overHoles],
  'feed.mouth.low': [mouth],
  'feed.mouth.high': [mouth],
  'feed.dead.much': [moreHoles, taller],
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
  'feed.pedal.small': [tubeInstead],
  'feed.lot.none': [tubeInstead, openFeeder],
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
  'water.days.short': [larger, allLarger, another, beginRain, allOfMost, fillOften('waterDays')],
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
  'water.bucket.hole': [holesAt],
  'water.bucket.floods': [holesAt],
  'water.bucket.deep': [holesAt],
  'water.bucket.clogs': [holesAt],
  'water.bucket.chicks': [
    setting('water.fount', ['drinker'], (v) => {
      v.type = 'fount';
    }),
  ],
};
