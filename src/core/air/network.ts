import { GRAVITY, KELVIN } from '../kernel/units/physics.data';
import { airDensity } from '../weather/psychrometrics';
import { FACES, type House } from './house';

const GIVEN = FACES.indexOf('given');
/** Exchange through openings that all lie in one face, by their area and the wind. */
const ONE_FACE = 0.025;
/** What flows in and out is equal so closely, by what comes in. */
export const FLOW_CLOSE = 1e-11;
/** Drive of a house that is a little warmer than outdoors, Pa. */
const STILL_PA = 0.02;
/** Rounds of one search; none needs more than a part of it. */
const MOST_ROUNDS = 200;

/** The openings of a house in one hour: what flows at an inside temperature and pressure. */
export interface Network {
  /** Sets the hour. @param cpAt  where the openings' coefficients begin in `cp` */
  readonly set: (
    outC: number,
    pressurePa: number,
    windMS: number,
    cp: Float64Array,
    cpAt: number,
    open: Float64Array,
  ) => void;
  /** Flows, kg/s, and how they turn with inside pressure, kg/s Pa, and temperature, kg/s K; left in the fields below. */
  readonly turn: (tiC: number, pPa: number) => void;
  /** Pressure at which as much comes in as goes out; `turn` has then been called with it. */
  readonly balance: (tiC: number) => void;
  /** A pressure to begin with. */
  readonly begin: (tiC: number) => number;
  /** About what comes in where inside is little warmer, kg/s. */
  readonly guess: () => number;
  /** In and out of each opening at the last `turn`, kg/s. */
  readonly flows: (inKgS: Float64Array, outKgS: Float64Array) => void;
  /** Of the last `turn`. */
  readonly now: Turned;
}

export interface Turned {
  /** Inside less outside at height 0, Pa. */
  pPa: number;
  inKgS: number;
  inPerPa: number;
  inPerK: number;
  /** What comes in less what goes out. */
  netKgS: number;
  netPerPa: number;
  netPerK: number;
  /** The wind's to and fro where all that is open lies in one face. */
  toAndFroKgS: number;
}

/**
 * The network of a house's openings.
 * @source air-network (sources): slices of openings with one internal pressure; to and fro: Warren and Parkins 1985
 */
export function networkOf({ openings, from, sliceZ, sliceCdA, face }: House): Network {
  const n = face.length;
  const wind = new Float64Array(n);
  // discharge × net area of each opening
  const whole = new Float64Array(n);
  openings.forEach((o, j) => {
    whole[j] = o.cd * o.netM2;
  });
  let open: Float64Array = new Float64Array(n);
  // of the hour, and of the last turn
  let [rhoOut, air, lastC] = [1, 0, 0];
  const now: Turned = {
    pPa: 0,
    inKgS: 0,
    inPerPa: 0,
    inPerK: 0,
    netKgS: 0,
    netPerPa: 0,
    netPerK: 0,
    toAndFroKgS: 0,
  };

  function set(
    outC: number,
    pressurePa: number,
    windMS: number,
    cp: Float64Array,
    cpAt: number,
    shares: Float64Array,
  ): void {
    air = pressurePa;
    open = shares;
    rhoOut = airDensity(outC, pressurePa);
    const dynamic = 0.5 * rhoOut * windMS * windMS;
    for (let j = 0; j < n; j++) wind[j] = (cp[cpAt + j] as number) * dynamic;
    now.toAndFroKgS = toAndFro(windMS);
  }

  function toAndFro(windMS: number): number {
    let [one, areaM2] = [-1, 0];
    for (let j = 0; j < n; j++) {
      const opening = openings[j];
      const share = open[j] as number;
      if (share === 0 || !opening || opening.leak) continue;
      if (face[j] === GIVEN || (one >= 0 && one !== face[j])) return 0;
      one = face[j] as number;
      areaM2 += share * opening.netM2;
    }
    return ONE_FACE * areaM2 * windMS * rhoOut;
  }

  function turn(tiC: number, pPa: number): void {
    lastC = tiC;
    const rhoIn = airDensity(tiC, air);
    const stack = (rhoIn - rhoOut) * GRAVITY;
    // sums of flow, flow by its drive, and that by height, for what comes in and what goes out
    let [came, cameE, cameEz, gone, goneE, goneEz] = [0, 0, 0, 0, 0, 0];
    for (let j = 0; j < n; j++) {
      const share = open[j] as number;
      if (share === 0) continue;
      const base = (wind[j] as number) - pPa;
      for (let s = from[j] as number; s < (from[j + 1] as number); s++) {
        const z = sliceZ[s] as number;
        const drive = base + stack * z;
        if (drive > 0) {
          const flow = (sliceCdA[s] as number) * share * Math.sqrt(drive);
          came += flow;
          cameE += flow / drive;
          cameEz += (flow / drive) * z;
        } else if (drive < 0) {
          const flow = (sliceCdA[s] as number) * share * Math.sqrt(-drive);
          gone += flow;
          goneE -= flow / drive;
          goneEz -= (flow / drive) * z;
        }
      }
    }
    const [rootOut, rootIn] = [Math.sqrt(2 * rhoOut), Math.sqrt(2 * rhoIn)];
    const rhoPerK = -rhoIn / (tiC + KELVIN);
    now.pPa = pPa;
    now.inKgS = came * rootOut;
    now.inPerPa = (-rootOut * cameE) / 2;
    now.inPerK = (GRAVITY * rhoPerK * rootOut * cameEz) / 2;
    now.netKgS = now.inKgS - gone * rootIn;
    now.netPerPa = now.inPerPa - (rootIn * goneE) / 2;
    now.netPerK =
      now.inPerK +
      (GRAVITY * rhoPerK * rootIn * goneEz) / 2 -
      (gone * rootIn * rhoPerK) / (2 * rhoIn);
  }

  function balance(tiC: number): void {
    const stack = (airDensity(tiC, air) - rhoOut) * GRAVITY;
    let [low, high] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
    for (let j = 0; j < n; j++) {
      if ((open[j] as number) === 0) continue;
      for (let s = from[j] as number; s < (from[j + 1] as number); s++) {
        const drive = (wind[j] as number) + stack * (sliceZ[s] as number);
        low = Math.min(low, drive);
        high = Math.max(high, drive);
      }
    }
    if (!(high > low)) {
      turn(tiC, Number.isFinite(low) ? low : 0);
      return;
    }
    // the sum falls with the pressure: above 0 at the least drive, below at the most
    turn(tiC, (low + high) / 2);
    for (let i = 0; i < MOST_ROUNDS; i++) {
      if (Math.abs(now.netKgS) <= FLOW_CLOSE * now.inKgS) return;
      if (now.netKgS > 0) low = now.pPa;
      else high = now.pPa;
      // by its slope where that stays within, every third time by halves
      const steep = now.pPa - now.netKgS / now.netPerPa;
      const next = i % 3 < 2 && steep > low && steep < high ? steep : (low + high) / 2;
      if (next === now.pPa) return;
      turn(tiC, next);
    }
  }

  function begin(tiC: number): number {
    const stack = (airDensity(tiC, air) - rhoOut) * GRAVITY;
    let [weight, level] = [0, 0];
    for (let j = 0; j < n; j++) {
      const share = open[j] as number;
      for (let s = from[j] as number; s < (from[j + 1] as number); s++) {
        const k = share * (sliceCdA[s] as number);
        weight += k;
        level += k * ((wind[j] as number) + stack * (sliceZ[s] as number));
      }
    }
    return weight === 0 ? 0 : level / weight;
  }

  function guess(): number {
    let [weight, drive] = [0, 0];
    for (let j = 0; j < n; j++) {
      const k = (open[j] as number) * (whole[j] as number);
      weight += k;
      drive += k * Math.abs(wind[j] as number);
    }
    if (weight === 0) return 0;
    // half of all that is open lets in
    return 0.5 * weight * Math.sqrt(2 * rhoOut * (drive / weight / 2 + STILL_PA));
  }

  function flows(inKgS: Float64Array, outKgS: Float64Array): void {
    const rhoIn = airDensity(lastC, air);
    for (let j = 0; j < n; j++) {
      let [came, gone] = [0, 0];
      for (let s = from[j] as number; s < (from[j + 1] as number); s++) {
        const k = (open[j] as number) * (sliceCdA[s] as number);
        const drive =
          (wind[j] as number) - now.pPa + (rhoIn - rhoOut) * GRAVITY * (sliceZ[s] as number);
        if (drive > 0) came += k * Math.sqrt(2 * rhoOut * drive);
        else gone += k * Math.sqrt(-2 * rhoIn * drive);
      }
      inKgS[j] = came;
      outKgS[j] = gone;
    }
  }
  return { set, turn, balance, begin, guess, flows, now };
}
