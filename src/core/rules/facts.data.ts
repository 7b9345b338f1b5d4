import type { Unit } from '../working';
import type { Evidence, Scale } from './types';

/** A single figure of the trade on which no school is chosen in the plan. */
export interface Fact {
  /** SI, in `unit`, for a medium hen of 2.2 kg where it scales. */
  readonly value: number;
  readonly unit: Unit;
  readonly scale: Scale;
  readonly evidence: Evidence;
  readonly source: string;
}

const keepers = (value: number, unit: Unit, scale: Scale = 'none'): Fact => ({
  value,
  unit,
  scale,
  evidence: 'keepers',
  source: 'keepers',
});
const assumed = (value: number, unit: Unit, scale: Scale = 'none'): Fact => ({
  value,
  unit,
  scale,
  evidence: 'assumption',
  source: 'wide-rafter',
});
const statutory = (value: number, unit: Unit, scale: Scale = 'none'): Fact => ({
  value,
  unit,
  scale,
  evidence: 'statutory',
  source: 'eu-1999-74',
});
const published = (value: number, unit: Unit, source: string): Fact => ({
  value,
  unit,
  scale: 'none',
  evidence: 'published',
  source,
});

/** Every figure of the fit-out beside the schools, the classes and the spacing of bars. */
export const FACTS = {
  // roosts
  'roosts.headroom.times': assumed(1.6, 'ratio'),
  'roosts.headroom.plus': assumed(0.1, 'm'),
  'roosts.hop.gap': published(1.0, 'm', 'perch-landing'),
  'roosts.poorFlier.hop': assumed(0.4, 'ratio'),
  'roosts.poorFlier.most': assumed(0.3, 'm'),
  'roosts.poorFlier.highest': assumed(0.6, 'm'),
  'roosts.descent.slope': published(45, 'degrees', 'perch-landing'),
  'roosts.ledge.width': keepers(0.03, 'm'),
  'roosts.ledge.below': keepers(0.1, 'm'),
  'roosts.hung.clear': keepers(0.6, 'm'),
  'roosts.load.factor': assumed(2, 'ratio'),
  'roosts.sag.share': assumed(180, 'ratio'),
  'roosts.board.front': keepers(0.3, 'm'),
  'roosts.round.least': keepers(0.038, 'm'),
  'roosts.square.least': keepers(0.04, 'm'),
  'roosts.branch.least': keepers(0.05, 'm'),
  'roosts.droppings.kgDay': assumed(0.06, 'kgDay'),
  'roosts.droppings.strip': assumed(0.25, 'm'),
  'roosts.droppings.wetShare': assumed(0.75, 'ratio'),
  'roosts.board.thick': keepers(0.015, 'm'),
  'roosts.board.days': keepers(7, 'days'),
  'roosts.board.daysWarm': keepers(3, 'days'),
  'roosts.board.warm': keepers(20, 'celsius'),
  // nests
  'nests.tier.bottom': keepers(0.3, 'm'),
  'nests.lid.slope': keepers(45, 'degrees'),
  'nests.rail.from': keepers(0.45, 'm'),
  'nests.curtain.gap': keepers(0.05, 'm'),
  'nests.collect.least': keepers(0.6, 'm'),
  'nests.collect.most': keepers(1.1, 'm'),
  'nests.open.before': keepers(14, 'days'),
  'nests.light.apart': assumed(0.6, 'm'),
  'nests.wide': assumed(1.5, 'ratio'),
  // air
  'air.band.below': keepers(0.1, 'm'),
  'air.band.above': keepers(0.5, 'm'),
  'air.high.share': assumed(2 / 3, 'ratio'),
  'air.hot.from': keepers(30, 'celsius'),
  // feed and water
  'feed.trough': statutory(0.1, 'm', 'length'),
  'feed.round': statutory(0.04, 'm', 'length'),
  'feed.pedal.least': keepers(0.9, 'kg'),
  'water.nipple': keepers(4, 'birds'),
  'water.nipple.legal': statutory(10, 'birds'),
  'water.cup': keepers(5, 'birds'),
  'water.cup.legal': statutory(10, 'birds'),
  'water.round': keepers(0.02, 'm', 'length'),
  'water.round.legal': statutory(0.01, 'm', 'length'),
  'water.trough': keepers(0.05, 'm', 'length'),
  'water.trough.legal': statutory(0.025, 'm', 'length'),
  'feed.two.from': keepers(10, 'birds'),
  'feed.two.apart': assumed(1, 'm'),
  'feed.height.slack': assumed(0.06, 'm'),
  'water.nipple.times': keepers(1.1, 'ratio'),
  'feed.knock': assumed(1.25, 'ratio'),
  'feed.hook.most': keepers(10, 'kg'),
  'feed.waste.open': assumed(1.3, 'ratio'),
  'feed.waste.tube': assumed(1.1, 'ratio'),
  'feed.waste.port': assumed(1.04, 'ratio'),
  'feed.waste.pedal': assumed(1.03, 'ratio'),
  'feed.density.pellets': keepers(0.65, 'kgLitre'),
  'feed.density.crumbs': keepers(0.6, 'kgLitre'),
  'feed.density.mash': keepers(0.52, 'kgLitre'),
  'feed.density.grain': keepers(0.75, 'kgLitre'),
  'feed.fresh.days': keepers(42, 'days'),
  'feed.fresh.daysHot': keepers(21, 'days'),
  'feed.fresh.hotRh': keepers(0.7, 'ratio'),
  'feed.fresh.hotC': keepers(24, 'celsius'),
  'feed.shell.hens': keepers(12, 'hens'),
  'feed.body.share': assumed(0.7, 'ratio'),
  'feed.pan.deep': assumed(0.08, 'm'),
  'water.duck.splash': assumed(1.5, 'ratio'),
  'water.tank.above': keepers(0.15, 'm'),
  'water.bore': keepers(0.025, 'm'),
  'water.bucket.chicks': keepers(28, 'days'),
  // litter
  'litter.droppings.nitrogen': assumed(0.014, 'ratio'),
  'litter.droppings.cn': assumed(8, 'ratio'),
  'litter.carbon': assumed(0.45, 'ratio'),
  'litter.cn.least': keepers(25, 'ratio'),
  'litter.cn.poor': keepers(30, 'ratio'),
  'litter.settled': assumed(250, 'kgM3'),
  'litter.lost': assumed(0.35, 'ratio'),
  'litter.byDay': assumed(0.15, 'ratio'),
  'litter.board.above': keepers(0.1, 'm'),
  // door and light
  'door.birds': keepers(15, 'birds'),
  'door.sill.above': keepers(0.05, 'm'),
  'door.legal.width': statutory(0.4, 'm'),
  'door.legal.height': statutory(0.35, 'm'),
  'door.margin.most': keepers(75, 'minutes'),
  'door.margin.usual': keepers(30, 'minutes'),
  'door.bars.apart': assumed(0.6, 'm'),
  'door.cleat.flat': keepers(0.2, 'm'),
  'door.cleat.steep': keepers(0.14, 'm'),
  'door.cleat.flatTo': keepers(20, 'degrees'),
  'door.cleat.steepAt': keepers(35, 'degrees'),
  'door.nights': keepers(14, 'days'),
  'light.hours': keepers(14.5, 'hours'),
  'light.dusk.lux': keepers(5, 'lux'),
  'light.pullets.lux': keepers(1, 'lux'),
  // mesh
  'mesh.aperture': keepers(0.013, 'm'),
  'mesh.apertureSmall': keepers(0.006, 'm'),
  'mesh.screws': keepers(0.1, 'm'),
  'mesh.apron': keepers(0.45, 'm'),
  // shell, run, dust bath
  'run.eaves': keepers(0.2, 'm'),
  'run.skirting': keepers(0.2, 'm'),
  'run.pastime.birds': keepers(6, 'birds'),
  'dustBath.hen': keepers(0.03, 'm2'),
  'dustBath.least': keepers(0.24, 'm2'),
  'dustBath.deep': keepers(0.2, 'm'),
  // reach
  'reach.headroom': keepers(0.05, 'm'),
  'reach.cleanOut.width': keepers(0.5, 'm'),
  'reach.sill.over': keepers(0.03, 'm'),
  'reach.flap.clear': keepers(0.09, 'm'),
  'reach.bend': keepers(0.5, 'm'),
  'reach.elbow.share': assumed(0.63, 'ratio'),
  'reach.elbow.slack': keepers(0.3, 'm'),
  'reach.lid': keepers(3, 'kg'),
  // brooder
  'brooder.wall.first': keepers(0.3, 'm'),
  'brooder.wall.later': keepers(0.45, 'm'),
  'brooder.lid.from': keepers(10, 'days'),
  'brooder.plate.hatch': keepers(0.0065, 'm2'),
  'brooder.plate.threeWeeks': keepers(0.013, 'm2'),
  'brooder.plate.air': keepers(10, 'celsius'),
  'brooder.lamp.chick': keepers(0.01, 'm2'),
  'brooder.lamp.spot': keepers(0.07, 'm2'),
  'brooder.lamp.above': keepers(0.45, 'm'),
  'brooder.lamp.most': keepers(250, 'watts'),
  'brooder.hen.chicks': keepers(12, 'birds'),
  'brooder.feed.early': keepers(0.025, 'm'),
  'brooder.feed.later': keepers(0.04, 'm'),
  'brooder.water.early': keepers(0.01, 'm'),
  'brooder.water.later': keepers(0.015, 'm'),
  'brooder.vent.tenChicks': assumed(0.01, 'm2'),
  'brooder.out.feathered': keepers(42, 'days'),
  'brooder.join.share': keepers(2 / 3, 'ratio'),
} as const satisfies Record<string, Fact>;

export type FactId = keyof typeof FACTS;
