import type { Evidence } from '../kernel/evidence';

/** A coefficient of one of the core's formulas; `src/text/constants.ts` says what it is, with its unit. */
export interface Constant {
  /** SI, or as the words say. */
  readonly value: number;
  readonly evidence: Evidence;
  readonly source: string;
}

const keepers = (value: number): Constant => ({ value, evidence: 'keepers', source: 'keepers' });
const assumed = (value: number): Constant => ({
  value,
  evidence: 'assumption',
  source: 'wide-rafter',
});
const cigr = (value: number): Constant => ({ value, evidence: 'published', source: 'cigr-2002' });
const nrc = (value: number): Constant => ({ value, evidence: 'published', source: 'nrc-1994' });

/** Coefficients of birds, brooder, litter and generated weather: what no keeper chooses among. */
export const CONSTANTS = {
  'size.length': assumed(0.32),
  'size.width': assumed(0.125),
  'size.back': assumed(0.185),
  'size.headToBack': assumed(1.6),

  'growth.layer': assumed(0.0225),
  'growth.giant': assumed(0.019),
  'growth.fastMeat': assumed(0.04),
  'growth.fastMeat.day': assumed(38),
  'growth.slowMeat': assumed(0.032),
  'growth.slowMeat.day': assumed(46),
  'growth.meatDuck': assumed(0.077),
  'growth.meatDuck.day': assumed(18.5),
  'growth.heavyDuck': assumed(0.045),
  'growth.lightDuck': assumed(0.05),
  'growth.chickOfEgg': assumed(0.68),
  'growth.duckling.heavy': assumed(0.055),
  'growth.duckling.light': assumed(0.045),
  'growth.grown': assumed(0.99),

  'heat.layer': cigr(6.8),
  'heat.meat': cigr(10.62),
  'heat.egg': cigr(25),
  'heat.perKelvin': cigr(20),
  'heat.sensible.layer': cigr(0.67),
  'heat.sensible.layer.t6': cigr(9.8e-8),
  'heat.sensible.meat': cigr(0.61),
  'heat.sensible.meat.t2': cigr(0.228),
  'heat.vaporise': cigr(2501),
  'heat.vaporise.less': cigr(2.36),

  'feed.energy.starter': keepers(2900),
  'feed.energy.grower': keepers(2850),
  'feed.energy.layer': keepers(2750),
  'feed.energy.meat': keepers(3050),
  'feed.upkeep': nrc(173),
  'feed.upkeep.less': nrc(1.95),
  'feed.gain': nrc(5.5),
  'feed.gain.growing': assumed(3),
  'feed.egg': nrc(2.07),
  'feed.least': assumed(0.06),
  'feed.coldest': assumed(-25),
  'feed.warmest': assumed(35),
  'feed.warmest.grown': assumed(30),
  'feed.pullet': keepers(2),
  'feed.starter.days': keepers(56),
  'feed.layer.before': keepers(14),
  'feed.calcium.most': keepers(1.2),

  'water.ofFeed': keepers(1.9),
  'water.perKelvin': keepers(1.07),
  'water.warmFrom': keepers(21),
  'water.most': keepers(3),
  'water.duck': keepers(2.5),
  'water.felt': assumed(0.4),

  'laying.most': assumed(0.97),
  'laying.yearOfBest': assumed(0.8),
  'laying.rise': assumed(42),
  'laying.ageing': assumed(0.22),
  'laying.moult': assumed(56),
  'laying.inMoult': assumed(0.15),
  'laying.light.half': assumed(11.2),
  'laying.light.full': assumed(13.5),
  'laying.young.least': assumed(0.7),
  'laying.light.least290': assumed(0.45),
  'laying.light.least250': assumed(0.3),
  'laying.light.least180': assumed(0.2),
  'laying.light.least': assumed(0.05),
  'laying.broody.2': assumed(0.02),
  'laying.broody.3': assumed(0.06),
  'laying.broody.4': assumed(0.12),
  'laying.broody.5': assumed(0.2),

  'flock.barFrom': keepers(56),
  'flock.cock.grown': assumed(0.6),
  'flock.slaughter.fast': keepers(56),
  'flock.slaughter.slow': keepers(84),
  'flock.slaughter.duck': assumed(49),
  'flock.noClimate': assumed(20),
  'flock.unknownAge': assumed(52),

  'brooder.comfort.first': keepers(35),
  'brooder.comfort.lessWeek': keepers(2.8),
  'brooder.comfort.least': keepers(21),
  'brooder.lamp.perSpot': keepers(10),
  'brooder.lamp.spread': keepers(0.6),
  'brooder.plate.fullDay': keepers(21),
  'brooder.edge.earlyTo': keepers(14),
  'brooder.wall.firstTo': keepers(10),
  'brooder.out.week6': keepers(10),
  'brooder.out.week7': keepers(5),
  'brooder.out.week8': keepers(0),
  'brooder.out.week10': keepers(-5),
  'brooder.out.grown': keepers(14),
  'brooder.out.meatDay': keepers(21),
  'brooder.out.meatNight': keepers(10),
  'brooder.out.nights': assumed(10),
  'brooder.out.chance': assumed(0.5),
  'brooder.hens.share': keepers(0.5),
  'brooder.hatch.home': keepers(0.75),
  'brooder.hatch.posted': keepers(0.5),

  'roosts.hot.times': keepers(1.2),
  'reach.worth': assumed(0.05),
  'reach.barrow.slack': assumed(0.15),

  'droppings.density': assumed(1000),
  'droppings.air': assumed(0.4),

  'weather.persistence': assumed(0.7),
  'weather.years': assumed(30),
} as const satisfies Readonly<Record<string, Constant>>;

export type ConstantId = keyof typeof CONSTANTS;

/** A coefficient's value. */
export const constant = (id: ConstantId): number => CONSTANTS[id].value;
