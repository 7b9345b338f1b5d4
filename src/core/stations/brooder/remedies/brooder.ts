import { breedById } from '../../../birds/size';
import type { Finding } from '../../../kernel/finding';
import { dayNumber, isoDay } from '../../../kernel/units/day';
import { wholeUp } from '../../../kernel/units/number';
import { REFERENCE_HEN_KG } from '../../../model/classes.data';
import type { Brooder, Plan } from '../../../model/schema';
import { metres, type Proposal, type Proposer, up } from '../../../proposals/remedy';
import { planning, told } from '../../../proposals/setting';
import { FACTS } from '../../../rules/singleRules.data';
import { dayOfYear, workClimate } from '../../../weather/climate';
import { chickM2, colderNightChance, hatchOf, lampToBuy, toleratedC } from '../broods';

/** A remedy that sets something of the brooder. */
const set = (
  code: string,
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
  const area = chicks * FACTS['brooder.plate.threeWeeks'].value;
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

/** Longest side of a brooder that is still a box, m. */
const MOST_BOX_M = 2.4;

/** Sides of a box of the same shape that has a part of what is asked for; null where it would fill a room. */
function sidesFor(
  plan: Plan,
  finding: Finding,
  part: number,
): { lengthM: number; widthM: number } | null {
  const { brooder } = plan;
  if (!brooder) return null;
  const times = Math.max(1, (part * told(finding, 'needed')) / told(finding, 'there'));
  const square = Math.min(MOST_BOX_M, brooder.lengthM * Math.sqrt(times));
  const lengthM = up(plan, Math.max(brooder.lengthM, square));
  const widthM = up(plan, (times * brooder.lengthM * brooder.widthM) / lengthM);
  return lengthM > MOST_BOX_M + 0.01 || widthM > MOST_BOX_M ? null : { lengthM, widthM };
}

/** Chicks that stay past feathering moved out on the first day on which they bear the nights: they need less room. */
const moveSooner: Proposer = (finding, { plan }) =>
  plan.flock.flatMap((group): Proposal[] => {
    if (!group.raisedHere || !group.hatchedOn) return [];
    const own = plan.ownBreeds.find((b) => b.id === group.breed) ?? breedById(group.breed);
    const meat = own?.kind === 'meat';
    const hatched = dayNumber(group.hatchedOn);
    const now = dayNumber(group.arrivesOn) - hatched;
    const age = firstOut(plan, hatched, meat, FACTS['brooder.out.feathered'].value, now - 1);
    if (age === null) return [];
    const out = (d: Plan): void => {
      const g = d.flock.find((one) => one.id === group.id);
      if (g) g.arrivesOn = isoDay(hatched + age);
    };
    const sooner: Proposal = {
      code: 'brooder.moveOn',
      fixtures: [group.id],
      numbers: { age: { value: age, unit: 'days' } },
      change: out,
    };
    const kg = group.massKg ?? REFERENCE_HEN_KG;
    const part = chickM2(age - 1, kg, meat) / chickM2(told(finding, 'age'), kg, meat);
    const sides = sidesFor(plan, finding, part);
    if (sides === null) return [sooner];
    return [
      sooner,
      {
        code: 'brooder.moveOnLarger',
        fixtures: [group.id],
        numbers: {
          age: { value: age, unit: 'days' },
          length: metres(sides.lengthM),
          width: metres(sides.widthM),
        },
        hours: 1.2,
        more: true,
        change: (d) => {
          out(d);
          if (d.brooder) Object.assign(d.brooder, sides);
        },
      },
    ];
  });

/** The first age from one to another at which a night colder than they bear is unlikely; null where none is. */
function firstOut(
  plan: Plan,
  hatched: number,
  meat: boolean,
  from: number,
  to: number,
): number | null {
  const climate = workClimate(plan.climate);
  for (let age = from; age <= to; age++) {
    const borne = toleratedC(age, meat);
    if (
      climate === null ||
      borne === Number.NEGATIVE_INFINITY ||
      colderNightChance(climate, dayOfYear(isoDay(hatched + age)), borne) <= 0.5
    ) {
      return age;
    }
  }
  return null;
}

const groupOf = (plan: Plan, id: string | undefined) => plan.flock.find((g) => g.id === id);

/** The first day from feathering on after which a colder night than they bear is unlikely. */
const moveLater: Proposer = (finding, { plan }) => {
  const group = groupOf(plan, finding.fixtures[0]);
  if (!group?.hatchedOn) return [];
  const meat =
    (plan.ownBreeds.find((b) => b.id === group.breed) ?? breedById(group.breed))?.kind === 'meat';
  const hatched = dayNumber(group.hatchedOn);
  const first = Math.max(
    FACTS['brooder.out.feathered'].value,
    dayNumber(group.arrivesOn) - hatched,
  );
  const age = firstOut(plan, hatched, meat, first, 100);
  if (age === null) return [];
  return [
    {
      code: 'brooder.moveOn',
      fixtures: [group.id],
      numbers: { age: { value: age, unit: 'days' } },
      change: (d) => {
        const own = d.flock.find((g) => g.id === group.id);
        if (own) own.arrivesOn = isoDay(hatched + age);
      },
    },
  ];
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

export const BROODER_REMEDIES: Readonly<Record<string, readonly Proposer[]>> = {
  'brooder.eggs.few': [moreEggs],
  'brooder.space.short': [moveSooner, larger],
  'brooder.lid.heavy': [
    set('brooder.halfLids', (b) => {
      b.lidKg /= Math.ceil(b.lidKg / FACTS['brooder.lid.most'].value);
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
        if (own) own.aboveM = up(plan, FACTS['brooder.lamp.above'].value);
      },
      (_, { plan }) => ({ above: metres(up(plan, FACTS['brooder.lamp.above'].value)) }),
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
