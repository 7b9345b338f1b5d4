import { ruled } from '../rules/rules.data';
import type { DesignHour, DesignHours } from '../weather/designHours';
import { overWaterPa, saturationPa, vapourPa } from '../weather/psychrometrics';
import { type Bare, hourIn, summerOpenings, winterSlots, workerOf } from './bare';
import { AIR_CP, type HourOut } from './hour';
import { roofC, roofDropOf, shellLoss } from './shellHeat';

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
  const works = workerOf(bare, winterSlots(shell));
  const hour = hourIn(bare, night, true);
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
  return leastArea((m2) => works(hour, m2), decide, night);
}

function summerNeed(bare: Bare, day: DesignHour): AreaNeed {
  // all birds may be in at once on a hot afternoon: to lay, from a hawk, for the shade
  const works = workerOf(bare, summerOpenings(bare.shell));
  const hour = hourIn(bare, day, false);
  const most = ruled('air.rise.most');
  return leastArea(
    (m2) => works(hour, m2),
    (out) => (out.tiC - day.outC <= most ? 'warmth' : null),
    day,
  );
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
