import type { Evidence } from '../kernel/evidence';
import type { Unit } from '../kernel/working';
import type { Scale } from './types';

/** Units that only formulas have: no figure is told in them. */
export type FormulaUnit =
  | 'm/kg^(1/3)'
  | '1/day'
  | 'W/kg^0.75'
  | 'W/(kg/day)'
  | '‰/K'
  | '1/°C^6'
  | '1/°C^2'
  | 'kJ/kg'
  | 'm³/s'
  | 'kJ/(kg K)'
  | 'kcal/(day kg^0.75)'
  | 'kcal/(day kg^0.75 K)'
  | 'kg/(day kg^0.75)'
  | '%'
  | 'mm'
  | 'mm/h'
  | '1/year'
  | 'K'
  | 'W/K'
  | 'W/(m K)'
  | 'm2K/W'
  | 'm/s'
  | 'ppm'
  | 'day'
  | 'nights'
  | 'years';

/** A single figure of the trade on which no school is chosen in the plan; `src/text/ruleWords.data.ts` says what it is. */
export interface Rule<U extends Unit | FormulaUnit = Unit | FormulaUnit> {
  /** SI, in `unit`, for a medium hen of 2.2 kg where it scales. */
  readonly value: number;
  readonly unit: U;
  readonly scale: Scale;
  readonly evidence: Evidence;
  readonly source: string;
}

type Made = <U extends Unit | FormulaUnit>(value: number, unit: U, scale?: Scale) => Rule<U>;

const rule =
  (evidence: Evidence, source: string): Made =>
  (value, unit, scale = 'none') => ({ value, unit, scale, evidence, source });

const keepers = rule('keepers', 'keepers');
const assumed = rule('assumption', 'wide-rafter');
const statutory = rule('statutory', 'eu-1999-74');
const published = <U extends Unit | FormulaUnit>(value: number, unit: U, source: string): Rule<U> =>
  rule('published', source)(value, unit);

/**
 * Every figure of the trade beside the schools and the classes, station by station: distances, limits, and what the
 * formulas of birds, brooder, litter and weather multiply by.
 */
export const RULES = {
  // size
  'size.length': assumed(0.32, 'm/kg^(1/3)'),
  'size.width': assumed(0.125, 'm/kg^(1/3)'),
  'size.back': assumed(0.185, 'm/kg^(1/3)'),
  'size.headToBack': assumed(1.6, 'ratio'),

  // growth
  'growth.layer': assumed(0.0225, '1/day'),
  'growth.giant': assumed(0.019, '1/day'),
  'growth.fastMeat': assumed(0.04, '1/day'),
  'growth.fastMeat.day': assumed(38, 'day'),
  'growth.slowMeat': assumed(0.032, '1/day'),
  'growth.slowMeat.day': assumed(46, 'day'),
  'growth.meatDuck': assumed(0.077, '1/day'),
  'growth.meatDuck.day': assumed(18.5, 'day'),
  'growth.heavyDuck': assumed(0.045, '1/day'),
  'growth.lightDuck': assumed(0.05, '1/day'),
  'growth.chickOfEgg': assumed(0.68, 'ratio'),
  'growth.duckling.heavy': assumed(0.055, 'kg'),
  'growth.duckling.light': assumed(0.045, 'kg'),
  'growth.grown': assumed(0.99, 'ratio'),

  // laying
  'laying.most': assumed(0.97, 'ratio'),
  'laying.yearOfBest': assumed(0.8, 'ratio'),
  'laying.rise': assumed(42, 'days'),
  'laying.ageing': assumed(0.22, '1/year'),
  'laying.moult': assumed(56, 'days'),
  'laying.inMoult': assumed(0.15, 'ratio'),
  'laying.light.half': assumed(11.2, 'hours'),
  'laying.light.full': assumed(13.5, 'hours'),
  'laying.young.least': assumed(0.7, 'ratio'),
  'laying.light.least290': assumed(0.45, 'ratio'),
  'laying.light.least250': assumed(0.3, 'ratio'),
  'laying.light.least180': assumed(0.2, 'ratio'),
  'laying.light.least': assumed(0.05, 'ratio'),
  'laying.broody.2': assumed(0.02, 'ratio'),
  'laying.broody.3': assumed(0.06, 'ratio'),
  'laying.broody.4': assumed(0.12, 'ratio'),
  'laying.broody.5': assumed(0.2, 'ratio'),

  // heat
  'heat.layer': published(6.8, 'W/kg^0.75', 'cigr-2002'),
  'heat.meat': published(10.62, 'W/kg^0.75', 'cigr-2002'),
  'heat.egg': published(25, 'W/(kg/day)', 'cigr-2002'),
  'heat.perKelvin': published(20, '‰/K', 'cigr-2002'),
  'heat.sensible.layer': published(0.67, 'ratio', 'cigr-2002'),
  'heat.sensible.layer.t6': published(9.8e-8, '1/°C^6', 'cigr-2002'),
  'heat.sensible.meat': published(0.61, 'ratio', 'cigr-2002'),
  'heat.sensible.meat.t2': published(0.228, '1/°C^2', 'cigr-2002'),
  'heat.vaporise': published(2501, 'kJ/kg', 'cigr-2002'),
  'heat.vaporise.less': published(2.36, 'kJ/(kg K)', 'cigr-2002'),

  // droppings
  'droppings.density': assumed(1000, 'kgM3'),
  'droppings.air': assumed(0.4, 'ratio'),

  // flock
  'flock.barFrom': keepers(56, 'day'),
  'flock.cock.grown': assumed(0.6, 'ratio'),
  'flock.sexed.wrong': keepers(0.1, 'ratio'),
  'flock.sexed.before': assumed(56, 'day'),
  'flock.sexed.told': keepers(98, 'day'),
  'flock.slaughter.fast': keepers(56, 'day'),
  'flock.slaughter.slow': keepers(84, 'day'),
  'flock.slaughter.duck': assumed(49, 'day'),
  'flock.noClimate': assumed(20, 'celsius'),
  'flock.unknownAge': assumed(52, 'weeks'),

  // floor
  'floor.meat.most': keepers(20, 'kgM2'),
  'floor.raised': keepers(0.45, 'm'),

  // roosts
  'roosts.apart.legal': statutory(0.3, 'm'),
  'roosts.wall.legal': statutory(0.2, 'm'),
  'roosts.headroom.times': assumed(1.6, 'ratio'),
  'roosts.headroom.plus': assumed(0.1, 'm'),
  'roosts.hop.gap': published(1, 'm', 'perch-landing'),
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
  'roosts.apart.level': keepers(0.4572, 'm', 'sideways'),
  'roosts.apart.stair': keepers(0.38, 'm', 'sideways'),
  'roosts.stair.rise': keepers(0.3, 'm'),
  'roosts.wall': keepers(0.38, 'm', 'sideways'),
  'roosts.lowest': keepers(0.45, 'm'),
  'roosts.lowest.final': keepers(0.25, 'm'),
  'roosts.aboveNests': keepers(0.15, 'm'),
  'roosts.shadow': keepers(0.25, 'm', 'length'),
  'roosts.end.loss': keepers(0.05, 'm'),
  'roosts.end.near': keepers(0.15, 'm'),
  'roosts.section.cold': keepers(0.0635, 'm'),
  'roosts.hot.times': keepers(1.2, 'ratio'),

  // nests
  'nests.tier.bottom': keepers(0.3, 'm'),
  'nests.box.snug': keepers(0.75, 'ratio'),
  'nests.lip.final': keepers(0.18, 'm'),
  'nests.lip.easy': keepers(0.762, 'm'),
  'nests.lip.most': keepers(1.2192, 'm'),
  'nests.lip.onFloor': keepers(0.12, 'm'),
  'nests.lid.slope': keepers(45, 'degrees'),
  'nests.lip.board': keepers(0.1, 'm'),
  'nests.rail.near': keepers(0.1, 'm'),
  'nests.rail.far': keepers(0.15, 'm'),
  'nests.rail.over': keepers(0.45, 'm'),
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
  'air.hot.least': keepers(30, 'celsius'),
  'air.discharge': published(0.6, 'ratio', 'air-network'),
  'air.floor.edge': published(1, 'W/(m K)', 'air-network'),
  'air.litter.depth': assumed(0.15, 'm'),
  'air.litter.r': assumed(1, 'm2K/W'),
  'air.wind.open': assumed(0.55, 'ratio'),
  'air.wind.garden': assumed(0.4, 'ratio'),
  'air.wind.courtyard': assumed(0.25, 'ratio'),
  'air.inside.day': assumed(0.15, 'ratio'),
  'air.activity.layer': published(0.61, 'ratio', 'cigr-2002'),
  'air.activity.layer.hour': published(-0.1, 'hours', 'cigr-2002'),
  'air.activity.meat': published(0.08, 'ratio', 'cigr-2002'),
  'air.activity.meat.hour': published(-0.6, 'hours', 'cigr-2002'),
  'air.activity.perch': assumed(0.6, 'ratio'),
  'air.rh.most': published(0.85, 'ratio', 'cigr-2002'),
  'air.damper.most': assumed(0.05, 'ratio'),
  'air.damper.mass': assumed(0.0003, 'ratio'),
  'air.rise.most': assumed(2, 'K'),
  'air.board.lap': assumed(0.05, 'm'),
  'air.plug.play': assumed(0.005, 'm'),
  'air.litter.loss': assumed(0.012, 'kg'),
  'air.litter.energy': assumed(15_000, 'kJ/kg'),
  'air.litter.evaporates': assumed(0.6, 'ratio'),
  'air.panel.watts': assumed(200, 'watts'),
  'air.fan.watts': assumed(25, 'watts'),
  'air.roof.light': assumed(0.35, 'ratio'),
  'air.fan.flow': assumed(0.14, 'm³/s'),
  'air.snow.most': assumed(0, 'celsius'),
  'air.summer.above': assumed(12, 'celsius'),
  'air.design.calm': assumed(0.7, 'ratio'),
  'air.hottest.share': assumed(0.02, 'ratio'),
  'air.year.share': assumed(0.9, 'ratio'),
  'air.frost.rh': assumed(0.8, 'ratio'),
  'air.frost.single.damp': assumed(-4, 'celsius'),
  'air.frost.single.any': assumed(-18, 'celsius'),
  'air.frost.flat.damp': assumed(-9, 'celsius'),
  'air.frost.flat.any': assumed(-24, 'celsius'),
  'air.heat.alert': assumed(24, 'celsius'),
  'air.heat.danger': assumed(27, 'celsius'),
  'air.heat.emergency': assumed(30, 'celsius'),
  'air.heat.heavy': assumed(1, 'K'),
  'air.ammonia.target': published(10, 'ppm', 'cigr-2002'),
  'air.ammonia.most': published(25, 'ppm', 'cigr-2002'),
  'air.shade.trees': assumed(0.5, 'ratio'),
  'air.roof.rsi': published(0.1, 'm2K/W', 'air-network'),
  'air.ammonia.scraped': assumed(0.05, 'gramsDay'),
  'air.ammonia.turned': assumed(0.15, 'gramsDay'),
  'air.ammonia.wet': assumed(0.45, 'gramsDay'),
  'air.ammonia.turned.least': assumed(18, 'celsius'),
  'air.ammonia.wet.least': assumed(10, 'celsius'),
  'air.draught.reach': assumed(3, 'ratio'),
  'air.draught.aside': assumed(0.2, 'ratio'),
  'air.draught.most': keepers(0.25, 'm/s'),
  'air.draught.warm': assumed(10, 'celsius'),

  // feed
  'feed.trough': statutory(0.1, 'm', 'length'),
  'feed.round': statutory(0.04, 'm', 'length'),
  'feed.pedal.least': keepers(0.9, 'kg'),
  'feed.two.birds': keepers(10, 'birds'),
  'feed.two.apart': assumed(1, 'm'),
  'feed.height.slack': assumed(0.06, 'm'),
  'feed.height.wall': assumed(0.12, 'm'),
  'feed.reach.head': assumed(0.42, 'm', 'length'),
  'feed.reach.over': assumed(0.12, 'm'),
  'feed.tall.over': assumed(0.15, 'm'),
  'feed.knock': assumed(1.25, 'ratio'),
  'feed.hook.most': keepers(10, 'kg'),
  'feed.waste.open': assumed(1.3, 'ratio'),
  'feed.waste.open.least': assumed(1.15, 'ratio'),
  'feed.waste.open.most': assumed(1.5, 'ratio'),
  'feed.waste.tube': assumed(1.1, 'ratio'),
  'feed.waste.tube.least': assumed(1.05, 'ratio'),
  'feed.waste.tube.most': assumed(1.2, 'ratio'),
  'feed.waste.port': assumed(1.04, 'ratio'),
  'feed.waste.port.least': assumed(1.02, 'ratio'),
  'feed.waste.port.most': assumed(1.08, 'ratio'),
  'feed.waste.pedal': assumed(1.03, 'ratio'),
  'feed.waste.pedal.least': assumed(1.01, 'ratio'),
  'feed.waste.pedal.most': assumed(1.05, 'ratio'),
  'feed.density.pellets': keepers(0.65, 'kgLitre'),
  'feed.density.crumbs': keepers(0.6, 'kgLitre'),
  'feed.density.mash': keepers(0.52, 'kgLitre'),
  'feed.density.grain': keepers(0.75, 'kgLitre'),
  'feed.density.chickCrumb': keepers(0.58, 'kgLitre'),
  'feed.density.shell': keepers(1.2, 'kgLitre'),
  'feed.density.grit': keepers(1.5, 'kgLitre'),
  'feed.fresh.days': keepers(42, 'days'),
  'feed.fresh.daysHot': keepers(21, 'days'),
  'feed.fresh.hotRh': keepers(0.7, 'ratio'),
  'feed.fresh.hotC': keepers(24, 'celsius'),
  'feed.shell.hens': keepers(12, 'hens'),
  'feed.repose': keepers(35, 'degrees'),
  'feed.repose.mash': keepers(45, 'degrees'),
  'feed.web': keepers(0.04, 'm'),
  'feed.hole.over': assumed(0.001, 'm'),
  'feed.elbow.reach': assumed(1.35, 'ratio'),
  'feed.mouth': keepers(0.025, 'm'),
  'feed.mouth.slack': assumed(0.01, 'm'),
  'feed.hole.pan': keepers(0.05, 'm'),
  'feed.pan.room': keepers(0.06, 'm'),
  'feed.dead.most': assumed(0.3, 'share'),
  'feed.body.share': assumed(0.7, 'ratio'),
  'feed.pan.deep': assumed(0.08, 'm'),
  'feed.energy.starter': keepers(2900, 'kcalKg'),
  'feed.energy.grower': keepers(2850, 'kcalKg'),
  'feed.energy.layer': keepers(2750, 'kcalKg'),
  'feed.energy.meat': keepers(3050, 'kcalKg'),
  'feed.upkeep': published(173, 'kcal/(day kg^0.75)', 'nrc-1994'),
  'feed.upkeep.less': published(1.95, 'kcal/(day kg^0.75 K)', 'nrc-1994'),
  'feed.gain': published(5.5, 'kcalGram', 'nrc-1994'),
  'feed.gain.growing': assumed(3, 'kcalGram'),
  'feed.egg': published(2.07, 'kcalGram', 'nrc-1994'),
  'feed.least': assumed(0.06, 'kg/(day kg^0.75)'),
  'feed.coldest': assumed(-25, 'celsius'),
  'feed.warmest': assumed(35, 'celsius'),
  'feed.warmest.grown': assumed(30, 'celsius'),
  'feed.pullet': keepers(2, 'kg'),
  'feed.starter.days': keepers(56, 'day'),
  'feed.layer.before': keepers(14, 'days'),
  'feed.calcium.most': keepers(1.2, '%'),

  // water
  'water.nipple': keepers(4, 'birds'),
  'water.nipple.legal': statutory(10, 'birds'),
  'water.cup': keepers(5, 'birds'),
  'water.cup.legal': statutory(10, 'birds'),
  'water.round': keepers(0.02, 'm', 'length'),
  'water.round.legal': statutory(0.01, 'm', 'length'),
  'water.trough': keepers(0.05, 'm', 'length'),
  'water.trough.legal': statutory(0.025, 'm', 'length'),
  'water.nipple.times': keepers(1.1, 'ratio'),
  'water.duck.splash': assumed(1.5, 'ratio'),
  'water.tank.above': keepers(0.15, 'm'),
  'water.bore': keepers(0.025, 'm'),
  'ration.scratch.most': keepers(0.1, 'share'),
  'ration.protein.least': keepers(0.16, 'share'),
  'ration.protein.growing': keepers(0.18, 'share'),
  'ration.calcium.lay': keepers(0.035, 'share'),
  'ration.layer.protein': assumed(0.17, 'share'),
  'ration.layer.calcium': assumed(0.038, 'share'),
  'ration.grower.protein': assumed(0.19, 'share'),
  'ration.grower.calcium': assumed(0.01, 'share'),
  'ration.scratch.energy': assumed(3200, 'kcalKg'),
  'ration.scratch.protein': assumed(0.1, 'share'),
  'ration.scratch.calcium': assumed(0.0003, 'share'),
  'ration.scraps.energy': assumed(1000, 'kcalKg'),
  'ration.scraps.protein': assumed(0.04, 'share'),
  'ration.scraps.calcium': assumed(0.0005, 'share'),
  'ration.sunflower.energy': assumed(3600, 'kcalKg'),
  'ration.sunflower.protein': assumed(0.17, 'share'),
  'ration.sunflower.calcium': assumed(0.002, 'share'),
  'away.eggsBox': assumed(6, 'eggs'),
  'away.eggsHot': assumed(3, 'days'),
  'away.hot': assumed(28, 'celsius'),
  'away.droppings': assumed(7, 'days'),
  'away.battery': assumed(30, 'days'),
  'water.frost.hours': assumed(24, 'hours'),
  'water.frost.soon': assumed(3, 'hours'),
  'rain.runoff.metal': keepers(0.9, 'ratio'),
  'rain.runoff.plastic': keepers(0.9, 'ratio'),
  'rain.runoff.shingle': keepers(0.8, 'ratio'),
  'rain.runoff.green': keepers(0.4, 'ratio'),
  'rain.flush.clean': keepers(0.5, 'mm'),
  'rain.flush.dirty': keepers(2, 'mm'),
  'rain.peak': keepers(75, 'mm/h'),
  'rain.gutter.home': keepers(0.95, 'ratio'),
  'rain.gutter.support': assumed(0.8, 'm'),
  'rain.gutter.drop': assumed(0.1, 'm'),
  'rain.barrel.under': assumed(0.05, 'm'),
  'rain.barrel.tall': assumed(1.8, 'ratio'),
  'rain.gutter.fall': keepers(0.005, 'ratio'),
  'rain.serves': assumed(0.95, 'share'),
  'water.bucket.hole': keepers(0.013, 'm'),
  'water.bucket.underRim': keepers(0.012, 'm'),
  'water.bucket.underRim.most': keepers(0.025, 'm'),
  'water.bucket.overFloor': keepers(0.02, 'm'),
  'water.bucket.warms': keepers(20, 'kelvin'),
  'water.bucket.chicks': keepers(28, 'days'),
  'water.ofFeed': keepers(1.9, 'ratio'),
  'water.perKelvin': keepers(1.07, 'ratio'),
  'water.warmFrom': keepers(21, 'celsius'),
  'water.most': keepers(3, 'ratio'),
  'water.duck': keepers(2.5, 'ratio'),
  'water.felt': assumed(0.4, 'ratio'),

  // litter
  'litter.droppings.nitrogen': assumed(0.014, 'ratio'),
  'litter.droppings.cn': assumed(8, 'ratio'),
  'litter.carbon': assumed(0.45, 'ratio'),
  'litter.cn.least': keepers(25, 'ratio'),
  'litter.cn.poor': keepers(30, 'ratio'),
  'litter.settled': assumed(250, 'kgM3'),
  'litter.level': assumed(0.01, 'm'),
  'litter.lost': assumed(0.35, 'ratio'),
  'litter.byDay': assumed(0.15, 'ratio'),
  'litter.board.above': keepers(0.1, 'm'),
  'litter.upturn': keepers(0.05, 'm'),
  'litter.third': keepers(1 / 3, 'ratio'),

  // door
  'door.birds': keepers(15, 'birds'),
  'door.sill.above': keepers(0.05, 'm'),
  'door.duck.step': keepers(0.1, 'm'),
  'door.legal.width': statutory(0.4, 'm'),
  'door.legal.height': statutory(0.35, 'm'),
  'door.margin.most': keepers(75, 'minutes'),
  'door.margin.usual': keepers(30, 'minutes'),
  'door.clock.noSunset': keepers(22, 'hours'),
  'door.bars.apart': assumed(0.6, 'm'),
  'door.cleat.flat': keepers(0.2, 'm'),
  'door.cleat.steep': keepers(0.14, 'm'),
  'door.cleat.flatTo': keepers(20, 'degrees'),
  'door.cleat.steepAt': keepers(35, 'degrees'),
  'door.cleat.size': keepers(0.02, 'm'),
  'door.nights': keepers(14, 'days'),

  // light
  'light.hours': keepers(14.5, 'hours'),
  'light.dim': keepers(30, 'minutes'),
  'light.dusk.lux': keepers(5, 'lux'),
  'light.counts.lux': keepers(2, 'lux'),
  'light.pullets.weeks': keepers(17, 'weeks'),
  'light.pullets.off': keepers(45, 'minutes'),
  'light.pullets.lux': keepers(1, 'lux'),

  // mesh
  'mesh.aperture': keepers(0.013, 'm'),
  'mesh.apertureSmall': keepers(0.00635, 'm'),
  'mesh.lap': keepers(0.05, 'm'),
  'mesh.screws': keepers(0.1, 'm'),
  'mesh.apron': keepers(0.45, 'm'),

  // shell
  'shell.doorway': assumed(0.3, 'm'),
  'shell.board.least': assumed(0.012, 'm'),

  // run
  'run.eaves': keepers(0.2, 'm'),
  'run.skirting': keepers(0.2, 'm'),
  'run.perch.mesh': keepers(0.6, 'm'),
  'run.screen.gap': keepers(0.3, 'm'),
  'run.pastime.birds': keepers(6, 'birds'),

  // dustBath
  'dustBath.hen': keepers(0.03, 'm2'),
  'dustBath.least': keepers(0.24, 'm2'),
  'dustBath.deep': keepers(0.2, 'm'),

  // reach
  'reach.headroom': keepers(0.05, 'm'),
  'reach.cleanOut.width': keepers(0.5, 'm'),
  'reach.sill.over': keepers(0.03, 'm'),
  'reach.flap.clear': keepers(0.09, 'm'),
  'reach.path': assumed(0.6, 'm'),
  'reach.bend': keepers(0.5, 'm'),
  'reach.elbow.share': assumed(0.63, 'ratio'),
  'reach.elbow.slack': keepers(0.3, 'm'),
  'reach.lid': keepers(3, 'kg'),
  'reach.worth': assumed(0.05, 'm2'),
  'reach.barrow.slack': assumed(0.15, 'm'),

  // brooder
  'brooder.wall.first': keepers(0.3, 'm'),
  'brooder.wall.later': keepers(0.45, 'm'),
  'brooder.lid.day': keepers(10, 'days'),
  'brooder.lid.most': keepers(10, 'kg'),
  'brooder.plate.hatch': keepers(0.0064, 'm2'),
  'brooder.plate.threeWeeks': keepers(0.0128, 'm2'),
  'brooder.plate.air': keepers(10, 'celsius'),
  'brooder.lamp.chick': keepers(0.01, 'm2'),
  'brooder.lamp.spot': keepers(0.07, 'm2'),
  'brooder.lamp.above': keepers(0.45, 'm'),
  'brooder.lamp.most': keepers(250, 'watts'),
  'brooder.lamp.all': keepers(500, 'watts'),
  'brooder.lamp.one': keepers(175, 'watts'),
  'brooder.lamp.oneChicks': keepers(30, 'birds'),
  'brooder.hen.chicks': keepers(12, 'birds'),
  'brooder.feed.early': keepers(0.025, 'm'),
  'brooder.feed.later': keepers(0.04, 'm'),
  'brooder.water.early': keepers(0.01, 'm'),
  'brooder.water.later': keepers(0.015, 'm'),
  'brooder.vent.tenChicks': assumed(0.01, 'm2'),
  'brooder.paper.days': keepers(3, 'days'),
  'brooder.litter.least': keepers(0.05, 'm'),
  'brooder.litter.most': keepers(0.08, 'm'),
  'brooder.join.seen': keepers(7, 'days'),
  'brooder.join.seenMost': keepers(14, 'days'),
  'brooder.out.feathered': keepers(42, 'days'),
  'brooder.join.share': keepers(2 / 3, 'ratio'),
  'brooder.comfort.first': keepers(35, 'celsius'),
  'brooder.comfort.lessWeek': keepers(2.8, 'K'),
  'brooder.comfort.least': keepers(21, 'celsius'),
  'brooder.lamp.perSpot': keepers(10, 'W/K'),
  'brooder.lamp.spread': keepers(0.6, 'm2'),
  'brooder.plate.fullDay': keepers(21, 'day'),
  'brooder.edge.earlyTo': keepers(14, 'day'),
  'brooder.wall.firstTo': keepers(10, 'day'),
  'brooder.out.week6': keepers(10, 'celsius'),
  'brooder.out.week7': keepers(5, 'celsius'),
  'brooder.out.week8': keepers(0, 'celsius'),
  'brooder.out.week10': keepers(-5, 'celsius'),
  'brooder.out.grown': keepers(14, 'weeks'),
  'brooder.out.meatDay': keepers(21, 'day'),
  'brooder.out.meatNight': keepers(10, 'celsius'),
  'brooder.out.nights': assumed(10, 'nights'),
  'brooder.out.chance': assumed(0.5, 'ratio'),
  'brooder.hens.share': keepers(0.5, 'ratio'),
  'brooder.hatch.home': keepers(0.75, 'ratio'),
  'brooder.hatch.posted': keepers(0.5, 'ratio'),

  // weather
  'weather.persistence': assumed(0.7, 'ratio'),
  'weather.years': assumed(30, 'years'),
  'weather.windSpread': assumed(40, 'degrees'),
  'weather.rainShape': assumed(0.75, 'ratio'),
} as const satisfies Record<string, Rule>;

export type RuleId = keyof typeof RULES;

/** Rules that can be told as figures: their unit is one that figures have. */
export type ToldRuleId = {
  [K in RuleId]: (typeof RULES)[K]['unit'] extends Unit ? K : never;
}[RuleId];

/** A rule's value, SI. @example ruled('roosts.wall') // 0.38 */
export const ruled = (id: RuleId): number => RULES[id].value;
