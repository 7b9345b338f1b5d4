import { ruled } from '../rules/rules.data';
import type { DesignHour, DesignHours } from '../weather/designHours';
import { overWaterPa, saturationPa, vapourPa } from '../weather/psychrometrics';
import {
  type Bare,
  hourIn,
  type ShutHouse,
  shutHouse,
  summerOpenings,
  winterSlots,
  workerOf,
} from './bare';
import { AIR_CP, type HourOut } from './hour';
import { roofC, roofDropOf } from './shellHeat';

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

/** Areas that are tried, m² net: from a handful of holes to a meshed wall; the first, and by what they grow or shrink. */
const [LEAST_M2, MOST_M2, FIRST_M2] = [0.001, 12, 0.15];
const [LEAST_STEP, MOST_STEP] = [1.3, 8];
/** An area is found to so much of itself. */
const CLOSE = 0.01;
const MOST_ROUNDS = 40;
/** No less warmth and water is told from none, K and kg/kg. */
const [LEAST_K, LEAST_W] = [1e-6, 1e-9];

/** How well an hour is as it should be: the logarithm of what may be by what is, 0 and more where it is; and by what. */
interface Slack {
  readonly slack: number;
  readonly by: Decides;
}

/**
 * Net areas that a coop needs, by its design night and its hottest hour.
 * @source domain notes, "The year": at most 85 % and no dew on the roof; at most 2 K warmer than outdoors. Where
 *         outdoors leaves no room for that: little damper than outdoors, the less so the more warmth it costs (assumption)
 */
export function airNeedsOf(bare: Bare, { night, day }: DesignHours): AirNeeds {
  const shut = shutHouse(bare);
  return { winter: winterNeed(bare, shut, night), summer: summerNeed(bare, shut, day) };
}

function winterNeed(bare: Bare, shut: ShutHouse, night: DesignHour): AreaNeed {
  const { shell } = bare;
  const works = workerOf(shut, winterSlots(shell));
  const hour = hourIn(bare, night, true);
  const { lossWK } = shut;
  const drop = roofDropOf(shell);
  const dampest = ruled('air.rh.most');
  const outRh = vapourPa(night.outW, night.pressurePa) / saturationPa(night.outC);
  const slackOf = (out: HourOut): Slack => {
    const vapour = vapourPa(out.wBefore, night.pressurePa);
    const underC = roofC(out.tiC, night.outC, drop, true);
    const dry = Math.log(Math.min(dampest * overWaterPa(out.tiC), saturationPa(underC)) / vapour);
    // the more of the warmth goes with the air already, the less more of it would dry: it cools as well
    const spent = 1 + (out.airKgS * AIR_CP) / lossWK;
    const damper = Math.max(LEAST_W, out.wBefore - night.outW);
    const likeOutdoors = Math.log(
      Math.max(
        ((outRh + spent * ruled('air.damper.most')) * saturationPa(out.tiC)) / vapour,
        (spent * ruled('air.damper.mass')) / damper,
      ),
    );
    return dry >= 0 || dry > likeOutdoors
      ? { slack: dry, by: 'damp' }
      : { slack: likeOutdoors, by: 'outdoors' };
  };
  return leastArea((m2) => works(hour, m2), slackOf, night);
}

function summerNeed(bare: Bare, shut: ShutHouse, day: DesignHour): AreaNeed {
  // all birds may be in at once on a hot afternoon: to lay, from a hawk, for the shade
  const works = workerOf(shut, summerOpenings(bare.shell));
  const hour = hourIn(bare, day, false);
  const most = ruled('air.rise.most');
  const slackOf = (out: HourOut): Slack => ({
    slack: Math.log(most / Math.max(LEAST_K, out.tiC - day.outC)),
    by: 'warmth',
  });
  return leastArea((m2) => works(hour, m2), slackOf, day);
}

/** By what an area grows or shrinks next: what is over falls about as the area grows. */
const stepOf = (slack: number): number =>
  Math.min(MOST_STEP, Math.max(LEAST_STEP, Math.exp(1.15 * Math.abs(slack))));

/** The least area with which an hour is as it should be: stepped to, then closed in on from both sides. */
function leastArea(
  worked: (netM2: number) => HourOut,
  slackOf: (out: HourOut) => Slack,
  { pressurePa }: DesignHour,
): AreaNeed {
  const at = (netM2: number) => {
    const out = worked(netM2);
    const { slack, by } = slackOf(out);
    const { tiC, airKgS } = out;
    const rh = vapourPa(out.wIn, pressurePa) / overWaterPa(tiC);
    const need: AreaNeed = { netM2, decides: slack >= 0 ? by : 'none', tiC, rh, airKgS };
    return { slack, need, log: Math.log(netM2) };
  };
  const shut = at(0);
  if (shut.slack >= 0) return shut.need;
  let low = at(FIRST_M2);
  let high = low;
  while (high.slack < 0 && high.need.netM2 < MOST_M2) {
    low = high;
    high = at(Math.min(MOST_M2, high.need.netM2 * stepOf(high.slack)));
  }
  if (high.slack < 0) return high.need;
  while (low.slack >= 0 && low.need.netM2 > LEAST_M2) {
    high = low;
    low = at(Math.max(LEAST_M2, low.need.netM2 / stepOf(low.slack)));
  }
  if (low.slack >= 0) return low.need;
  let [atLow, atHigh, side] = [low.slack, high.slack, 0];
  for (let i = 0; i < MOST_ROUNDS && high.log - low.log > CLOSE; i++) {
    const straight = low.log + ((high.log - low.log) * -atLow) / (atHigh - atLow);
    // a little beyond where the line crosses: that will do, and closes the other side
    const log = Math.min(Math.max(straight + CLOSE / 3, low.log + CLOSE / 3), high.log - CLOSE / 3);
    const next = at(Math.exp(log));
    // the end that stays counts half, so that it does not stay for ever
    if (next.slack >= 0) {
      [high, atHigh] = [next, next.slack];
      if (side === 1) atLow /= 2;
      side = 1;
    } else {
      [low, atLow] = [next, next.slack];
      if (side === -1) atHigh /= 2;
      side = -1;
    }
  }
  return high.need;
}
