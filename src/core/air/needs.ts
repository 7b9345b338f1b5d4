import type { BirdsHeat } from '../birds/flockHeat';
import type { Plan, Shell } from '../model/schema';
import { ruled } from '../rules/rules.data';
import type { DesignHour, DesignHours } from '../weather/designHours';
import { overWaterPa, saturationPa, vapourPa } from '../weather/psychrometrics';
import { activity } from './activity';
import { AIR_CP, type HourIn, type HourOut, solverOf } from './hour';
import { type HouseOpening, houseOf } from './house';
import {
  leaksOf,
  type Panes,
  panesOf,
  roofC,
  roofDropOf,
  shellAreas,
  shellLoss,
} from './shellHeat';
import { frontDegOf, sunFaces, sunGainW } from './sunGain';
import { cpOf, windHere } from './windPressure';

/** What decides an area: damp in the air and on the roof, that outdoors is that damp itself, warmth, or that none will do. */
export type Decides = 'damp' | 'outdoors' | 'warmth' | 'none';

export interface AreaNeed {
  /** Net area in all, m². */
  readonly netM2: number;
  readonly decides: Decides;
  /** What the hour is like with it. */
  readonly tiC: number;
  readonly rh: number;
  readonly airKgS: number;
}

export interface AirNeeds {
  /** High up, open always: the design night. */
  readonly winter: AreaNeed;
  /** In all, low and high: the hottest hour of the design day. */
  readonly summer: AreaNeed;
}

/** The coop as it is asked about: without openings of its own. */
export interface Bare {
  readonly shell: Shell;
  readonly litterM: number;
  /** Of windows that can't be opened. */
  readonly panes: Panes;
  readonly treesOver: boolean;
  readonly climate: Plan['climate'];
  readonly birds: BirdsHeat;
}

/** A plan as it is asked about: a window that can be opened is open in the heat, its pane does not count. */
export const bareOf = (
  { shell, litter, site, climate, fixtures }: BarePlan,
  birds: BirdsHeat,
): Bare => ({
  shell,
  litterM: litter.depthM,
  panes: panesOf(fixtures.flatMap((f) => (f.kind === 'window' && f.opens === 'shut' ? [f] : []))),
  treesOver: site.treesOver,
  climate,
  birds,
});
type BarePlan = Pick<Plan, 'shell' | 'litter' | 'site' | 'climate' | 'fixtures'>;

/** Vents as they are taken: a slot right under the eaves, and windows at a keeper's hand (assumption). */
const [SLOT_M, WINDOW_SILL_M, WINDOW_M] = [0.1, 0.6, 0.4];
/** Areas that are tried, m² net: from a handful of holes to a meshed wall. */
const [LEAST_M2, MOST_M2] = [0.001, 12];
const ROUNDS = 7;
const FINE_ROUNDS = 6;

/**
 * Net areas that a coop needs, by its design night and its hottest hour.
 * @source domain notes, "The year": at most 85 % and no dew on the roof; at most 2 K warmer than outdoors. Where
 *         outdoors leaves no room for that: little damper than outdoors, the less so the more warmth it costs (assumption)
 */
export function airNeedsOf(bare: Bare, { night, day }: DesignHours): AirNeeds {
  return { winter: winterNeed(bare, night), summer: summerNeed(bare, day) };
}

function winterNeed(bare: Bare, night: DesignHour): AreaNeed {
  const { shell } = bare;
  const top = shellAreas(shell).eavesM;
  const slots = (['front', 'rear'] as const).map((face) => ({
    id: face,
    face,
    netM2: 0.5,
    sillM: top - SLOT_M,
    heightM: SLOT_M,
    cd: ruled('air.discharge'),
    eaves: true,
  }));
  const worked = workerOf(bare, slots, hourIn(bare, night, true, 0));
  const lossWK = shellLoss(shell, bare.litterM, bare.panes).allWK;
  const drop = roofDropOf(shell);
  const dampest = ruled('air.rh.most');
  const outRh = vapourPa(night.outW, night.pressurePa) / saturationPa(night.outC);
  const decide = (out: HourOut): Decides | null => {
    const vapour = vapourPa(out.wBefore, night.pressurePa);
    const underC = roofC(out.tiC, night.outC, drop, true);
    if (vapour <= dampest * overWaterPa(out.tiC) && vapour <= saturationPa(underC)) return 'damp';
    // the more of the warmth goes with the air already, the less more of it would dry: it cools as well
    const spent = 1 + (out.airKgS * AIR_CP) / lossWK;
    const isLikeOutdoors =
      vapour <= (outRh + spent * ruled('air.damper.most')) * saturationPa(out.tiC) ||
      out.wBefore - night.outW <= spent * ruled('air.damper.mass');
    return isLikeOutdoors ? 'outdoors' : null;
  };
  return leastArea(worked, decide, night);
}

function summerNeed(bare: Bare, day: DesignHour): AreaNeed {
  const top = shellAreas(bare.shell).eavesM;
  const cd = ruled('air.discharge');
  const openings = (['front', 'rear'] as const).flatMap((face): HouseOpening[] => [
    {
      id: `${face}.high`,
      face,
      netM2: 0.25,
      sillM: top - SLOT_M,
      heightM: SLOT_M,
      cd,
      eaves: true,
    },
    { id: `${face}.low`, face, netM2: 0.25, sillM: WINDOW_SILL_M, heightM: WINDOW_M, cd },
  ]);
  const faces = sunFaces(bare.shell, bare.panes, bare.treesOver);
  const turnedDeg = day.azimuthDeg - frontDegOf(bare);
  const sunW = sunGainW(faces, day.globalWM2, day.sinHeight, turnedDeg);
  // all birds may be in at once on a hot afternoon: to lay, from a hawk, for the shade
  const worked = workerOf(bare, openings, hourIn(bare, day, false, sunW));
  const most = ruled('air.rise.most');
  return leastArea(worked, (out) => (out.tiC - day.outC <= most ? 'warmth' : null), day);
}

/** A house with openings of 1 m² in all, worked at so much of them. */
function workerOf(bare: Bare, openings: readonly HouseOpening[], hour: HourIn) {
  const { shell, litterM, panes } = bare;
  const lossWK = shellLoss(shell, litterM, panes).allWK;
  const house = houseOf([...openings, ...leaksOf(shell)], lossWK);
  const solver = solverOf(house);
  const cp = Float64Array.from(house.openings, (o) => cpOf(o, 0));
  const open = new Float64Array(house.openings.length).fill(1);
  return (netM2: number): HourOut => {
    open.fill(netM2, 0, openings.length);
    return solver.solve(hour, cp, 0, open);
  };
}

/** What a design hour is worked from, with all birds inside. */
function hourIn(
  { climate, birds }: Bare,
  hour: DesignHour,
  onPerch: boolean,
  sunW: number,
): HourIn {
  return {
    outC: hour.outC,
    outW: hour.outW,
    pressurePa: hour.pressurePa,
    windMS: windHere({ climate }, hour.windMS),
    layerW: birds.layerW * activity(hour.hour, 'layer', onPerch),
    meatW: birds.meatW * activity(hour.hour, 'meat', onPerch),
    coldHeld: true,
    otherW: sunW,
    litterKgS: 0,
  };
}

/** The least area with which an hour is as it should be. */
function leastArea(
  worked: (netM2: number) => HourOut,
  decide: (out: HourOut) => Decides | null,
  { pressurePa }: DesignHour,
): AreaNeed {
  const at = (netM2: number): { readonly decides: Decides | null; readonly need: AreaNeed } => {
    const out = worked(netM2);
    const decides = decide(out);
    const rh = vapourPa(out.wIn, pressurePa) / overWaterPa(out.tiC);
    return {
      decides,
      need: { netM2, decides: decides ?? 'none', tiC: out.tiC, rh, airKgS: out.airKgS },
    };
  };
  const shut = at(0);
  if (shut.decides) return shut.need;
  // by steps up to the first that will do, then between it and the one before
  const step = (MOST_M2 / LEAST_M2) ** (1 / ROUNDS);
  let [low, found] = [0, at(LEAST_M2)];
  for (let i = 0; i < ROUNDS && !found.decides; i++) {
    low = found.need.netM2;
    found = at(low * step);
  }
  if (!found.decides) return found.need;
  let high = found.need.netM2;
  for (let i = 0; i < FINE_ROUNDS; i++) {
    const middle = at(low === 0 ? high / 2 : Math.sqrt(low * high));
    if (middle.decides) [high, found] = [middle.need.netM2, middle];
    else low = middle.need.netM2;
  }
  return found.need;
}
