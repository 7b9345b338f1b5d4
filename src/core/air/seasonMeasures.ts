import type { FlockByDay } from '../birds/flock';
import { type BirdsHeat, birdsHeat, fullestDay } from '../birds/flockHeat';
import { heatOfW, vaporisationKjKg } from '../birds/heat';
import { sleepingBars } from '../geometry/bars';
import { solidOf } from '../geometry/solids';
import { REFERENCE_HEN_KG } from '../model/classes.data';
import { letsAir } from '../model/opens';
import type { AirOpening, Bar, Plan } from '../model/schema';
import { ruled } from '../rules/rules.data';
import type { Climate } from '../weather/climate';
import { type DesignHour, nightHours } from '../weather/designHours';
import { weatherNormals } from '../weather/normals';
import { airDensity, overWaterPa, vapourPa } from '../weather/psychrometrics';
import { bareOf, hourIn, summerOpenings, winterSlots } from './bare';
import { underCanopyC } from './canopy';
import { draughtReach, roostSpeed } from './draughtReach';
import { isHigh } from './high';
import { AIR_CP, type HourIn, solverOf } from './hour';
import { type House, type HouseOpening, houseOf } from './house';
import { feltC } from './indicators';
import { summerCost, type WayCost, winterCost } from './measureCosts';
import type { AirNeeds } from './needs';
import { planHouse } from './planHouse';
import type { SummerWay, WinterWay } from './seasonMeasures.data';
import { seasonShares } from './seasonShares';
import { cpOf, cpOfWind } from './windPressure';

/** What one way of keeping a coop does in an ordinary night of the coldest month. */
export interface WinterResult {
  readonly way: WinterWay;
  /** Inside, its mean, and less outdoors. */
  readonly tiC: number;
  readonly riseK: number;
  /** Over water, 0…1. */
  readonly rh: number;
  /** Water that settles in the night, kg. */
  readonly settledKg: number;
  /** At the nearest sleeping bird, the most of the night, m/s. */
  readonly roostMS: number;
  /** Under a canopy round the bars, °C; null without one. */
  readonly canopyC: number | null;
  readonly cost: WayCost | null;
}

/** What one way does in the hottest hour of the design day, all birds inside. */
export interface SummerResult {
  readonly way: SummerWay;
  readonly tiC: number;
  readonly riseK: number;
  /** Heat as birds feel it, °C. */
  readonly feltC: number;
  readonly cost: WayCost | null;
}

/** All that a case is worked from. */
interface Case {
  readonly plan: Plan;
  readonly birds: BirdsHeat;
  readonly shares: (house: House) => Float64Array;
  /** Openings beside the plan's, of 1 m² in all, so much of them. */
  readonly more?: { readonly openings: readonly HouseOpening[]; readonly netM2: number };
  readonly heaterW?: number;
  /** Water from litter that works, kg/s. */
  readonly litterKgS?: number;
  /** Air that a fan brings in, m³/s. */
  readonly fanM3S?: number;
  readonly roofAbsorbs?: number;
}

/** Another hen like those that birds' rules go by, that lays. */
const LAYING_KG_DAY = 0.05;
const FOUR = 4;

/**
 * What deep litter that is kept at work gives off beside what birds do: of the energy of what it loses, four tenths warm
 * the coop and six evaporate water (assumption, as is how much it loses).
 */
function workingLitter({ hens }: BirdsHeat): { heaterW: number; litterKgS: number } {
  const watts = (hens * ruled('air.litter.loss') * 1000 * ruled('air.litter.energy')) / DAY_S;
  const evaporates = ruled('air.litter.evaporates');
  return {
    heaterW: (1 - evaporates) * watts,
    litterKgS: (evaporates * watts) / (vaporisationKjKg(LITTER_C) * 1000),
  };
}
/** Litter that works is about so warm, °C. */
const [DAY_S, LITTER_C] = [86_400, 25];

/** Foam between the skins of its roof. */
const foamed = (plan: Plan): Plan => ({
  ...plan,
  shell: { ...plan.shell, roofBuild: 'foam50' },
});

const more = (birds: BirdsHeat, hens: number): BirdsHeat => ({
  ...birds,
  hens: birds.hens + hens,
  layerW: birds.layerW + hens * heatOfW(REFERENCE_HEN_KG ** 0.75, LAYING_KG_DAY, 'layer'),
});

/**
 * Ways to keep a coop through the cold, worked side by side for an ordinary night of its coldest month; the first is
 * as it is kept. Ways that its openings do not have are left out.
 */
export function winterWays(
  plan: Plan,
  flock: FlockByDay,
  climate: Climate,
  needs: AirNeeds,
): WinterResult[] {
  const birds = birdsHeat(flock, fullestDay(flock));
  const hours = nightHours(weatherNormals(climate), climate.hours.night.month);
  const asKept = (house: House): Float64Array => seasonShares(plan, house, false).shares;
  const kept: Case = { plan, birds, shares: asKept };
  const made = plan.fixtures.filter(
    (f): f is AirOpening => (f.kind === 'window' || f.kind === 'vent') && letsAir(f),
  );
  const only = (isOpen: (o: AirOpening) => boolean): Case => ({
    ...kept,
    shares: (house) =>
      Float64Array.from(house.openings, ({ id, leak }) => {
        const f = made.find((o) => o.id === id);
        return leak || (f !== undefined && isOpen(f)) ? 1 : 0;
      }),
  });
  const bars = sleepingBars(plan);
  const inBand = (o: AirOpening): boolean =>
    bars.some((b) => {
      const { z0, z1 } = solidOf(o, plan);
      return z0 < b.z + ruled('air.band.above') && z1 > b.z - ruled('air.band.below');
    });
  const high = made.filter((o) => isHigh(o, plan));
  const cases: (readonly [WinterWay, Case | null])[] = [
    ['kept', kept],
    ['shut', made.length === 0 ? null : only(() => false)],
    [
      'high',
      high.length === 0 || high.length === made.length ? null : only((o) => isHigh(o, plan)),
    ],
    ['offBars', made.some(inBand) && !made.every(inBand) ? only((o) => !inBand(o)) : null],
    ['all', made.length > 1 ? only(() => true) : null],
    ['needed', { ...kept, more: { openings: winterSlots(plan.shell), netM2: needs.winter.netM2 } }],
    ['foam', plan.shell.roofBuild === 'foam50' ? null : { ...kept, plan: foamed(plan) }],
    ['fourHens', { ...kept, birds: more(birds, FOUR) }],
    ['litter', { ...kept, ...workingLitter(birds) }],
    ['panel', { ...kept, heaterW: ruled('air.panel.watts') }],
    ['canopy', bars.length === 0 ? null : kept],
  ];
  const results = cases.flatMap(([way, one]): WinterResult[] =>
    one === null
      ? []
      : [
          {
            ...worked(way, one, hours, climate, bars),
            cost: winterCost(way, plan, needs, hours.length, bars),
          },
        ],
  );
  // what is just as it is kept is no other way
  const [now] = results;
  return results.filter(
    (r) => r.way === 'kept' || r.way === 'canopy' || r.tiC !== now?.tiC || r.rh !== now?.rh,
  );
}

function worked(
  way: WinterWay,
  one: Case,
  hours: readonly DesignHour[],
  climate: Climate,
  bars: readonly Bar[],
): Omit<WinterResult, 'cost'> {
  const { house, solve, hourOf, shares } = setUp(one, climate);
  const reach = draughtReach(one.plan, house);
  let [tiC, outC, rh, settledKg, roostMS, canopyC] = [0, 0, 0, 0, 0, 0];
  for (const design of hours) {
    const hour = hourOf(design, true);
    const out = solve(hour);
    tiC += out.tiC / hours.length;
    outC += hour.outC / hours.length;
    rh += vapourPa(out.wIn, hour.pressurePa) / overWaterPa(out.tiC) / hours.length;
    settledKg += out.condensedKgS * 3600;
    const rho = airDensity(hour.outC, hour.pressurePa);
    roostMS = Math.max(roostMS, roostSpeed(house, out.inKgS, shares, reach, rho));
    if (way === 'canopy') canopyC += underCanopyC(bars, one.plan, hour, out.tiC) / hours.length;
  }
  return {
    way,
    tiC,
    riseK: tiC - outC,
    rh,
    settledKg,
    roostMS,
    canopyC: way === 'canopy' ? canopyC : null,
  };
}

/**
 * Ways to keep a coop through the heat, worked side by side for the hottest hour of the design day; the first is as it
 * is kept, with all of it open.
 */
export function summerWays(
  plan: Plan,
  flock: FlockByDay,
  climate: Climate,
  needs: AirNeeds,
): SummerResult[] {
  const birds = birdsHeat(flock, fullestDay(flock));
  const shares = (house: House): Float64Array => seasonShares(plan, house, true).shares;
  const kept: Case = { plan, birds, shares };
  const isMade = plan.fixtures.some(
    (f) => (f.kind === 'window' || f.kind === 'vent') && letsAir(f),
  );
  const cases: (readonly [SummerWay, Case | null])[] = [
    ['kept', kept],
    [
      'shut',
      isMade
        ? { ...kept, shares: (h) => Float64Array.from(h.openings, (o) => (o.leak ? 1 : 0)) }
        : null,
    ],
    [
      'needed',
      { ...kept, more: { openings: summerOpenings(plan.shell), netM2: needs.summer.netM2 } },
    ],
    [
      'shade',
      plan.site.treesOver
        ? null
        : { ...kept, plan: { ...plan, site: { ...plan.site, treesOver: true } } },
    ],
    ['lightRoof', { ...kept, roofAbsorbs: ruled('air.roof.light') }],
    [
      'shingles',
      plan.shell.roofBuild === 'sheetMetal' || plan.shell.roofBuild === 'metalOnPly9'
        ? { ...kept, plan: { ...plan, shell: { ...plan.shell, roofBuild: 'shinglesOnPly12' } } }
        : null,
    ],
    ['foam', plan.shell.roofBuild === 'foam50' ? null : { ...kept, plan: foamed(plan) }],
    ['fan', { ...kept, fanM3S: ruled('air.fan.flow') }],
    ['fourHens', { ...kept, birds: more(birds, FOUR) }],
  ];
  const results = cases.flatMap(([way, one]): SummerResult[] => {
    if (one === null) return [];
    const { solve, hourOf } = setUp(one, climate);
    const hour = hourOf(climate.hours.day, false);
    const { tiC, wIn } = solve(hour);
    const felt = feltC(tiC, wIn, hour.pressurePa);
    return [{ way, tiC, riseK: tiC - hour.outC, feltC: felt, cost: summerCost(way, plan, needs) }];
  });
  const [now] = results;
  return results.filter((r) => r.way === 'kept' || Math.abs(r.tiC - (now?.tiC ?? 0)) > SAME_K);
}

/** What changes no more than this changes nothing, K. */
const SAME_K = 0.05;

/** A case's house, its solver, and how its hours are worked. */
function setUp(one: Case, climate: Climate) {
  const { plan, birds } = one;
  const own = planHouse(plan);
  const house = one.more ? houseOf([...own.openings, ...one.more.openings], own.uaWK) : own;
  const shares = new Float64Array(house.openings.length).fill(one.more?.netM2 ?? 0);
  shares.set(one.shares(own));
  const cp = new Float64Array(house.openings.length);
  cp.set(cpOfWind(plan, own));
  one.more?.openings.forEach((o, k) => {
    cp[own.openings.length + k] = cpOf(o, 0);
  });
  const bare = {
    ...bareOf(plan, birds),
    ...(one.roofAbsorbs === undefined ? {} : { roofAbsorbs: one.roofAbsorbs }),
  };
  const hourOf = (design: DesignHour, onPerch: boolean): HourIn => {
    const hour = hourIn(bare, design, onPerch);
    return {
      ...hour,
      otherW: hour.otherW + (one.heaterW ?? 0),
      litterKgS: hour.litterKgS + (one.litterKgS ?? 0),
    };
  };
  // air that a fan brings takes warmth along as walls do; dampness is not looked at then
  const fanWK =
    (one.fanM3S ?? 0) * airDensity(climate.hours.day.outC, climate.hours.day.pressurePa) * AIR_CP;
  const solver = solverOf(fanWK > 0 ? houseOf(house.openings, house.uaWK + fanWK) : house);
  return { house, shares, hourOf, solve: (hour: HourIn) => solver.solve(hour, cp, 0, shares) };
}
