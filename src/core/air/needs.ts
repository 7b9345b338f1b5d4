import type { BirdsHeat } from '../birds/flockHeat';
import type { Plan, Shell } from '../model/schema';
import { skinOf } from '../rules/materials.data';
import { ruled } from '../rules/rules.data';
import type { DesignHour, DesignHours } from '../weather/designHours';
import { overWaterPa, saturationPa, vapourPa } from '../weather/psychrometrics';
import { activity } from './activity';
import { AIR_CP, type HourIn, type HourOut, solverOf } from './hour';
import { type HouseOpening, houseOf } from './house';
import { leaksOf, type Panes, shellAreas, shellLoss } from './shellHeat';
import { type SunFaces, sunFaces, sunGainW } from './sunGain';
import { cpOf, windHere } from './windPressure';

/** What decides an area: the damp limit, dew on the roof, or that outdoors is that damp itself. */
export type Decides = 'damp' | 'dew' | 'outdoors' | 'warmth' | 'none';

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

/** Vents as they are taken: a slot right under the eaves, and windows at a keeper's hand. */
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
  const worked = workerOf(bare, slots, nightIn(bare, night));
  const lossWK = shellLoss(shell, bare.litterM, bare.panes).allWK;
  const roofDrop = skinOf(shell.roofBuild).uWM2K * ruled('air.roof.rsi');
  const dampest = ruled('air.rh.most');
  const outRh = vapourPa(night.outW, night.pressurePa) / saturationPa(night.outC);
  const decide = (out: HourOut): Decides | null => {
    const vapour = vapourPa(out.wBefore, night.pressurePa);
    const roofC = out.tiC - roofDrop * (out.tiC - (night.outC - 4));
    if (vapour <= dampest * overWaterPa(out.tiC) && vapour <= saturationPa(roofC)) return 'damp';
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
  const worked = workerOf(
    bare,
    openings,
    dayIn(bare, day, sunFaces(bare.shell, bare.panes, bare.treesOver)),
  );
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

function nightIn({ climate, birds }: Bare, night: DesignHour): HourIn {
  return {
    outC: night.outC,
    outW: night.outW,
    pressurePa: night.pressurePa,
    windMS: windHere({ climate }, night.windMS),
    layerW: birds.layerW * activity(night.hour, 'layer', true),
    meatW: birds.meatW * activity(night.hour, 'meat', true),
    coldHeld: true,
    otherW: 0,
    litterKgS: 0,
  };
}

/** All birds may be in at once on a hot afternoon: to lay, from a hawk, for the shade. */
function dayIn({ climate, birds }: Bare, day: DesignHour, faces: SunFaces): HourIn {
  const frontDeg = (climate?.latitudeDeg ?? 50) >= 0 ? 180 : 0;
  return {
    outC: day.outC,
    outW: day.outW,
    pressurePa: day.pressurePa,
    windMS: windHere({ climate }, day.windMS),
    layerW: birds.layerW * activity(day.hour, 'layer', false),
    meatW: birds.meatW * activity(day.hour, 'meat', false),
    coldHeld: true,
    otherW: sunGainW(faces, day.globalWM2, day.sinHeight, day.azimuthDeg - frontDeg),
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
