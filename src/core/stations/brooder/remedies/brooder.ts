import type { RemedyCode } from '../../../kernel/codes.data';
import { wholeUp } from '../../../kernel/units/number';
import type { Brooder, Plan } from '../../../model/schema';
import { up } from '../../../model/tape';
import { metres, type Proposal, type Proposer, type Proposers } from '../../../proposals/remedy';
import { planning, told } from '../../../proposals/setting';
import { ruled } from '../../../rules/rules.data';
import { hatchOf, lampToBuy } from '../broods';
import { moveLater, moveSooner } from './moveOut';
import { sidesFor } from './sides';

/** A remedy that sets something of the brooder. */
const set = (
  code: RemedyCode,
  change: (b: Brooder, finding: Parameters<Proposer>[0], plan: Plan) => void,
  numbers: Parameters<typeof planning>[2] = () => ({}),
): Proposer =>
  planning(
    code,
    (d, finding) => {
      if (d.brooder) change(d.brooder, finding, d);
    },
    numbers,
  );

const lamp = (b: Brooder): Extract<Brooder['heat'], { kind: 'lamp' }> | null =>
  b.heat.kind === 'lamp' ? b.heat : null;

/** As large a plate as the chicks ask for by three weeks, twice as wide as deep. */
function plateFor(plan: Plan, chicks: number): Brooder['heat'] {
  const area = chicks * ruled('brooder.plate.threeWeeks');
  const depthM = up(plan, Math.sqrt(area / 2));
  return { kind: 'plate', widthM: up(plan, area / depthM), depthM };
}

const chicksOf: Parameters<typeof planning>[2] = (_, { value }) => ({
  chicks: { value: value('brooder.chicks') ?? 0, unit: 'chicks' },
});

const plate: Proposer = (finding, ctx) =>
  set(
    'brooder.plate',
    (b) => {
      b.heat = plateFor(ctx.plan, ctx.value('brooder.chicks') ?? 1);
    },
    chicksOf,
  )(finding, ctx);

const indoors = set(
  'brooder.indoors',
  (b) => {
    b.airC = 18;
  },
  () => ({ air: { value: 18, unit: 'celsius' } }),
);

/** Two lamps as sold that together give what is asked for. */
const lamps: Proposer = (_finding, { plan, value }) => {
  const watts = value('brooder.lamp.needed') ?? 0;
  const each = lampToBuy(watts / 2);
  if (plan.brooder?.heat.kind !== 'lamp' || each === null) return [];
  const buy = Math.max(60, each);
  return [
    {
      code: 'brooder.lamps',
      fixtures: [],
      numbers: { watts: { value: buy, unit: 'watts' } },
      change: (d) => {
        const own = d.brooder && lamp(d.brooder);
        if (own) {
          own.watts = buy;
          own.count = 2;
        }
      },
    },
  ];
};

/** The box larger in its own shape, or only longer where that is not by much. */
const larger: Proposer = (finding, { plan }) => {
  const { brooder } = plan;
  const sides = sidesFor(plan, finding, 1);
  if (!brooder || !sides) return [];
  const { lengthM, widthM } = sides;
  const longer = up(plan, brooder.lengthM * (told(finding, 'needed') / told(finding, 'there')));
  const whole: Proposal = {
    code: 'brooder.enlarge',
    fixtures: [],
    numbers: { length: metres(lengthM), width: metres(widthM) },
    change: (d) => {
      if (d.brooder) Object.assign(d.brooder, { lengthM, widthM });
    },
  };
  const lengthened: Proposal = {
    code: 'brooder.lengthen',
    fixtures: [],
    numbers: { length: metres(longer) },
    change: (d) => {
      if (d.brooder) d.brooder.lengthM = longer;
    },
  };
  return longer <= 1.5 * brooder.lengthM ? [lengthened, whole] : [whole];
};

/** So many eggs that as many as are counted on may be expected. */
const moreEggs: Proposer = (finding, { plan }) => {
  const group = plan.flock.find((g) => finding.fixtures.includes(g.id));
  const hatch = group && hatchOf(group);
  if (!group || !hatch) return [];
  const eggs = wholeUp(wholeUp(group.count / hatch.share) / hatch.rate);
  return [
    {
      code: 'brooder.moreEggs',
      fixtures: [group.id],
      numbers: { eggs: { value: eggs, unit: 'eggs' } },
      change: (d) => {
        const own = d.flock.find((g) => g.id === group.id);
        if (own?.eggsSet) own.eggsSet.eggs = eggs;
      },
    },
  ];
};

export const BROODER_REMEDIES: Proposers = {
  'brooder.eggs.few': [moreEggs],
  'brooder.space.short': [moveSooner, larger],
  'brooder.lid.heavy': [
    set('brooder.halfLids', (b) => {
      b.lidKg /= Math.ceil(b.lidKg / ruled('brooder.lid.most'));
    }),
  ],
  'brooder.floor.fixed': [
    set('brooder.drawer', (b) => {
      b.drawer = true;
    }),
  ],
  'brooder.lamp.strong': [lamps, plate],
  'brooder.feed.short': [
    set(
      'brooder.feedEdge',
      (b, f, plan) => {
        b.feedEdgeM = up(plan, told(f, 'needed'));
      },
      (f, { plan }) => ({ edge: metres(up(plan, told(f, 'needed'))) }),
    ),
  ],
  'brooder.water.short': [
    set(
      'brooder.waterRim',
      (b, f, plan) => {
        b.waterRimM = up(plan, told(f, 'needed'));
      },
      (f, { plan }) => ({ edge: metres(up(plan, told(f, 'needed'))) }),
    ),
  ],
  'brooder.wall.low': [
    set(
      'brooder.wall',
      (b, f, plan) => {
        b.wallM = up(plan, told(f, 'needed'));
      },
      (f, { plan }) => ({ wall: metres(up(plan, told(f, 'needed'))) }),
    ),
  ],
  'brooder.lid.none': [
    set('brooder.lid', (b) => {
      b.lid = true;
    }),
  ],
  'brooder.corners.open': [
    set('brooder.corners', (b) => {
      b.cornersFilled = true;
    }),
  ],
  'brooder.vent.small': [
    set(
      'brooder.vent',
      (b, f) => {
        b.ventM2 = Math.ceil(told(f, 'needed') * 1000) / 1000;
      },
      (f) => ({ area: { value: told(f, 'needed'), unit: 'm2' } }),
    ),
  ],
  'brooder.heat.none': [plate],
  'brooder.plate.cold': [indoors],
  'brooder.heat.short': [plate],
  'brooder.lamp.tooCold': [indoors, lamps, plate],
  'brooder.lamp.weak': [lamps, plate],
  'brooder.lamp.one': [lamps, plate],
  'brooder.lamp.low': [
    set(
      'brooder.raiseLamp',
      (b, _, plan) => {
        const own = lamp(b);
        if (own) own.aboveM = up(plan, ruled('brooder.lamp.above'));
      },
      (_, { plan }) => ({ above: metres(up(plan, ruled('brooder.lamp.above'))) }),
    ),
    plate,
  ],
  'brooder.lamp.coated': [
    set('brooder.plainBulb', (b) => {
      const own = lamp(b);
      if (own) own.coated = false;
    }),
  ],
  'brooder.lamp.fixing': [
    set('brooder.secondFixing', (b) => {
      const own = lamp(b);
      if (own) own.secondFixing = true;
    }),
  ],
  'brooder.out.early': [moveLater],
  'brooder.out.cold': [moveLater],
};
