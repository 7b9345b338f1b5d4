import { sensibleBy20, totalBy20, vaporisationKjKg } from '../birds/heat';
import { humRatio, saturationPa, vapourPa } from '../weather/psychrometrics';
import type { House } from './house';
import { FLOW_CLOSE, type Network, networkOf } from './network';

/** Heat of air, J/kg K. */
export const AIR_CP = 1006;
/** What is given off and what is lost are equal so closely, by what is given off. */
const HEAT_CLOSE = 1e-9;
/** Turns of the quick search, and rounds of the sure one. */
const [MOST_TURNS, MOST_ROUNDS] = [25, 200];
/** Step by which the birds' heat is asked how it turns with warmth, K. */
const STEP_K = 0.01;

/** What one hour is worked from. */
export interface HourIn {
  /** Outdoors, °C. */
  readonly outC: number;
  /** Water by dry air outdoors, kg/kg. */
  readonly outW: number;
  readonly pressurePa: number;
  /** Wind at the eaves, m/s. */
  readonly windMS: number;
  /** Total heat at 20 °C of the birds inside, activity and presence in it: hens and pullets, and meat birds, W. */
  readonly layerW: number;
  readonly meatW: number;
  /** Below 0 °C birds give off no more than at 0 °C: for whole years. */
  readonly coldHeld: boolean;
  /** Sun, heaters and working litter, W. */
  readonly otherW: number;
  /** Water from working litter, kg/s. */
  readonly litterKgS: number;
}

/** What comes of one hour; written anew by each. */
export interface HourOut {
  tiC: number;
  /** Water by dry air inside, kg/kg. */
  wIn: number;
  /** The same before what is over saturation has condensed. */
  wBefore: number;
  /** Air that comes in, kg/s: through openings and by the wind's to and fro. */
  airKgS: number;
  /** Of it the wind's to and fro through openings of one face, kg/s. */
  toAndFroKgS: number;
  /** Inside less outside at height 0, Pa. */
  pPa: number;
  sensibleW: number;
  latentW: number;
  condensedKgS: number;
  /** Of each opening: what comes in and what goes out, kg/s, both 0 or more. */
  readonly inKgS: Float64Array;
  readonly outKgS: Float64Array;
}

/** Works hours of one house. It keeps room to work in: one solver works one hour after another. */
export interface Solver {
  /**
   * @param hour   weather and what is inside
   * @param cp     pressure coefficients of the openings, from `cpAt` on
   * @param open   share of each opening that is open, 0…1
   */
  readonly solve: (hour: HourIn, cp: Float64Array, cpAt: number, open: Float64Array) => HourOut;
}

/**
 * A solver for a house: warmth and internal pressure at once, then moisture.
 * @source domain notes, "One hour, solved"
 */
export function solverOf(house: House): Solver {
  const network = networkOf(house);
  const inKgS = new Float64Array(house.openings.length);
  const outKgS = new Float64Array(house.openings.length);
  const out: HourOut = {
    tiC: 0,
    wIn: 0,
    wBefore: 0,
    airKgS: 0,
    toAndFroKgS: 0,
    pPa: 0,
    sensibleW: 0,
    latentW: 0,
    condensedKgS: 0,
    inKgS,
    outKgS,
  };
  return {
    solve(hour, cp, cpAt, open) {
      network.set(hour.outC, hour.pressurePa, hour.windMS, cp, cpAt, open);
      const tiC = warmth(network, house.uaWK, hour);
      network.flows(inKgS, outKgS);
      out.tiC = tiC;
      out.pPa = network.now.pPa;
      out.toAndFroKgS = network.now.toAndFroKgS;
      out.airKgS = network.now.inKgS + out.toAndFroKgS;
      moisture(hour, out);
      return out;
    },
  };
}

/** Sensible heat that the birds give off, W. */
const sensibleW = ({ layerW, meatW, coldHeld }: HourIn, tiC: number): number =>
  (layerW === 0 ? 0 : layerW * sensibleBy20(tiC, 'layer', coldHeld)) +
  (meatW === 0 ? 0 : meatW * sensibleBy20(tiC, 'meat', coldHeld));

/** Temperature inside, °C; the network has then turned at it, balanced. */
function warmth(network: Network, uaWK: number, hour: HourIn): number {
  const { outC, otherW } = hour;
  const gainedW = sensibleW(hour, outC) + otherW;
  // gains fall with warmth: it can't be warmer than if no air came in
  const mostC = outC + gainedW / uaWK;
  if (gainedW > 0) {
    const quick = atOnce(network, uaWK, hour, gainedW, mostC);
    return Number.isNaN(quick) ? within(network, uaWK, hour, gainedW, mostC) : quick;
  }
  network.balance(outC);
  return outC;
}

/** Warmth and pressure at once, by the slopes of both balances; NaN where that does not get there. */
function atOnce(
  network: Network,
  uaWK: number,
  hour: HourIn,
  gainedW: number,
  mostC: number,
): number {
  const { outC, otherW } = hour;
  const { now } = network;
  const fro = now.toAndFroKgS;
  const guessedK = gainedW / (uaWK + AIR_CP * (network.guess() + fro));
  let tiC = outC + Math.min(0.9 * (mostC - outC), guessedK);
  let pPa = network.begin(tiC);
  for (let i = 0; i < MOST_TURNS; i++) {
    network.turn(tiC, pPa);
    const warmerK = tiC - outC;
    const lostWK = uaWK + AIR_CP * (now.inKgS + fro);
    const birdsW = sensibleW(hour, tiC);
    const over = birdsW + otherW - lostWK * warmerK;
    if (Math.abs(now.netKgS) <= FLOW_CLOSE * now.inKgS && Math.abs(over) <= HEAT_CLOSE * gainedW)
      return tiC;
    const birdsPerK = (sensibleW(hour, tiC + STEP_K) - birdsW) / STEP_K;
    const overPerK = birdsPerK - lostWK - AIR_CP * warmerK * now.inPerK;
    const overPerPa = -AIR_CP * warmerK * now.inPerPa;
    const det = now.netPerPa * overPerK - now.netPerK * overPerPa;
    if (!(Math.abs(det) > 0)) return Number.NaN;
    pPa += (now.netPerK * over - overPerK * now.netKgS) / det;
    const next = tiC + (overPerPa * now.netKgS - now.netPerPa * over) / det;
    if (next <= outC) tiC = (outC + tiC) / 2;
    else if (next >= mostC) tiC = (mostC + tiC) / 2;
    else tiC = next;
  }
  return Number.NaN;
}

/** The same by closing in from both sides, the pressure balanced within: always gets there. */
function within(
  network: Network,
  uaWK: number,
  hour: HourIn,
  gainedW: number,
  mostC: number,
): number {
  const { now } = network;
  const over = (tiC: number): number => {
    network.balance(tiC);
    const lostWK = uaWK + AIR_CP * (now.inKgS + now.toAndFroKgS);
    return sensibleW(hour, tiC) + hour.otherW - lostWK * (tiC - hour.outC);
  };
  let [low, high, atLow, atHigh] = [hour.outC, mostC, gainedW, over(mostC)];
  if (atHigh >= 0) return mostC;
  let side = 0;
  for (let i = 0; ; i++) {
    const straight = (low * atHigh - high * atLow) / (atHigh - atLow);
    const tiC = straight > low && straight < high ? straight : (low + high) / 2;
    const at = over(tiC);
    if (Math.abs(at) <= HEAT_CLOSE * gainedW || !(high - low > 1e-12) || i === MOST_ROUNDS)
      return tiC;
    // the end that stays counts half, so that it does not stay for ever
    if (at > 0) {
      [low, atLow] = [tiC, at];
      if (side === 1) atHigh /= 2;
      side = 1;
    } else {
      [high, atHigh] = [tiC, at];
      if (side === -1) atLow /= 2;
      side = -1;
    }
  }
}

/** Moisture at the warmth and the flows found. */
function moisture(hour: HourIn, out: HourOut): void {
  const { tiC, airKgS } = out;
  out.sensibleW = sensibleW(hour, tiC);
  out.latentW = (hour.layerW + hour.meatW) * totalBy20(tiC, hour.coldHeld) - out.sensibleW;
  const sourceKgS = out.latentW / (vaporisationKjKg(tiC) * 1000) + hour.litterKgS;
  const most = humRatio(saturationPa(tiC), hour.pressurePa);
  // where no air comes in, the air fills and all the rest condenses
  const still = sourceKgS > 0 ? Number.MAX_VALUE : hour.outW;
  const w = airKgS > 0 ? hour.outW + sourceKgS / airKgS : still;
  out.wBefore = w;
  out.wIn = Math.min(w, most);
  out.condensedKgS = w > most ? sourceKgS - (most - hour.outW) * airKgS : 0;
}

/**
 * Relative humidity by the saturation over ice below 0 °C, 0…1, and above before what is over it has condensed.
 * @param humRatioKgKg  water by dry air, kg/kg
 * @param tempC         °C
 * @param pressurePa    Pa
 * @example             rhOf(0.01, 20, 101325) // 0.686
 */
export const rhOf = (humRatioKgKg: number, tempC: number, pressurePa: number): number =>
  vapourPa(humRatioKgKg, pressurePa) / saturationPa(tempC);
