import type { FlockByDay } from '../birds/flock';
import { birdsHeat, fullestDay } from '../birds/flockHeat';
import { vaporisationKjKg } from '../birds/heat';
import type { Plan } from '../model/schema';
import type { Climate } from '../weather/climate';
import { type DesignHour, hottestHour, nightHours } from '../weather/designHours';
import { weatherNormals } from '../weather/normals';
import {
  type Bare,
  bareOf,
  hourIn,
  shutHouse,
  summerOpenings,
  winterSlots,
  workerOf,
} from './bare';
import { type HourIn, type HourOut, solverOf } from './hour';
import { feltC } from './indicators';
import type { AirNeeds } from './needs';
import { planHouse } from './planHouse';
import { seasonShares } from './seasonShares';
import { type Tender, tenderOf } from './tender';
import { cpOfWind } from './windPressure';

/** A night, kept one way. */
export interface KeptNight {
  /** Inside less outside, its mean, K. */
  readonly riseK: number;
  /** Water that birds give off, that the air carries out, and that settles inside, kg. */
  readonly givenKg: number;
  readonly carriedKg: number;
  readonly settledKg: number;
}

/** Whether what is open is what the plan has, or, where it has nothing, what it needs. */
interface Opened {
  readonly isBuilt: boolean;
  /** Net area that is open, m². */
  readonly openM2: number;
  /** Heat of the birds and what the shell loses, W and W/K. */
  readonly birdsW: number;
  readonly lossWK: number;
}

/** Nights of the coldest month, an ordinary one: damp, or so cold that damp air freezes combs. */
export interface NightLesson extends Opened {
  readonly kind: 'damp' | 'frost';
  readonly month: number;
  readonly hours: number;
  /** Outdoors, the mean of the night, °C. */
  readonly outC: number;
  readonly open: KeptNight;
  readonly shut: KeptNight;
}

/** The hottest hour of the design day. */
export interface HeatLesson extends Opened {
  readonly kind: 'heat';
  readonly month: number;
  readonly outC: number;
  readonly sunW: number;
  readonly openC: number;
  readonly shutC: number;
}

export type FirstLesson = NightLesson | HeatLesson;

const HOUR_S = 3600;

/**
 * What this coop's air teaches before a year is worked, from a few hours: shut, beside open as it is built, or, where
 * nothing is, as it needs. In the heat where ordinary afternoons are dangerous, else of a night of the coldest month.
 * Null where nobody lives here.
 */
export function firstLesson(
  plan: Plan,
  flock: FlockByDay,
  climate: Climate,
  needs: AirNeeds,
): FirstLesson | null {
  const birds = birdsHeat(flock, fullestDay(flock));
  if (birds.layerW + birds.meatW === 0) return null;
  const normals = weatherNormals(climate);
  const { night, day } = climate.hours;
  const bare = bareOf(plan, birds);
  const nights = nightHours(normals, night.month);
  const kind = kindOf(
    tenderOf(flock),
    hottestHour(normals, day.month),
    Math.min(...nights.map((h) => h.outC)),
  );
  const works = builtWorker(plan, kind === 'heat');
  const lossWK = planHouse(plan).uaWK;
  const birdsW = birds.layerW + birds.meatW;
  if (kind === 'heat') {
    const hour = hourIn(bare, day, false);
    const { netM2 } = needs.summer;
    const open = works ?? wishedWorker(bare, summerOpenings(plan.shell), netM2);
    return {
      kind,
      month: day.month,
      isBuilt: works !== null,
      openM2: works?.openM2 ?? netM2,
      birdsW: hour.layerW + hour.meatW,
      lossWK,
      outC: day.outC,
      sunW: hour.otherW,
      openC: open.of(hour, 1).tiC,
      shutC: open.of(hour, 0).tiC,
    };
  }
  const { netM2 } = needs.winter;
  const open = works ?? wishedWorker(bare, winterSlots(plan.shell), netM2);
  const hours = nights.map((h) => hourIn(bare, h, true));
  return {
    kind,
    month: night.month,
    isBuilt: works !== null,
    openM2: works?.openM2 ?? netM2,
    birdsW,
    lossWK,
    hours: hours.length,
    outC: hours.reduce((sum, h) => sum + h.outC, 0) / hours.length,
    open: keptNight(hours, (h) => open.of(h, 1)),
    shut: keptNight(hours, (h) => open.of(h, 0)),
  };
}

/**
 * What an ordinary hot afternoon or cold night threatens first, by how far each lies on the way from where harm begins
 * to where birds die (assumption).
 */
function kindOf(
  { frost, heatC: [, danger, emergency] }: Tender,
  hot: DesignHour,
  coldC: number,
): FirstLesson['kind'] {
  const felt = feltC(hot.outC, hot.outW, hot.pressurePa);
  const heat = (felt - danger) / (emergency - danger);
  const cold = frost === null ? 0 : (frost.dampC - coldC) / (frost.dampC - frost.anyC);
  if (heat > 0 && heat >= cold) return 'heat';
  return cold > 0 ? 'frost' : 'damp';
}

interface Works {
  /** Works an hour with all that may be open (1) or shut (0). */
  readonly of: (hour: HourIn, open: 0 | 1) => HourOut;
  readonly openM2: number;
}

const wishedWorker = (
  bare: Bare,
  openings: ReturnType<typeof winterSlots>,
  openM2: number,
): Works => {
  const works = workerOf(shutHouse(bare), openings);
  return { openM2, of: (hour, open) => works(hour, open * openM2) };
};

/** The plan's own openings as they stand in that season; null where none can be open then. */
function builtWorker(plan: Plan, isSummer: boolean): Works | null {
  const house = planHouse(plan);
  const { shares, openM2 } = seasonShares(plan, house, isSummer);
  if (openM2 === 0) return null;
  const solver = solverOf(house);
  const cp = cpOfWind(plan, house);
  const shut = shares.map((share, j) => (house.openings[j]?.leak ? share : 0));
  return { openM2, of: (hour, open) => solver.solve(hour, cp, 0, open === 1 ? shares : shut) };
}

function keptNight(hours: readonly HourIn[], work: (hour: HourIn) => HourOut): KeptNight {
  let [rise, givenKg, settledKg] = [0, 0, 0];
  for (const hour of hours) {
    const out = work(hour);
    rise += out.tiC - hour.outC;
    givenKg += (HOUR_S * out.latentW) / (vaporisationKjKg(out.tiC) * 1000);
    settledKg += HOUR_S * out.condensedKgS;
  }
  return { riseK: rise / hours.length, givenKg, carriedKg: givenKg - settledKg, settledKg };
}
