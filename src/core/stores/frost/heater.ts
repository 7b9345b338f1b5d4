import type { Lump } from './freeze';

/** Heaters as they are sold, W. Source: domain notes, "Freezing". */
export const HEATERS_W = [25, 50, 100, 150, 250, 500, 1000] as const;
/** From here on it is said to insulate first, W. */
export const INSULATE_ABOVE_W = 250;
/** A heater holds the water at this, °C, with so much to spare. */
const HOLD_C = 3;
const SPARE = 1.25;
/** A thermostat in the water switches on at this, °C. */
export const WATER_ON_C = 5;

/** What a heater must give, and the one that is sold for it. */
export interface HeaterNeed {
  readonly needW: number;
  /** Null: no heater is made for it, insulate. */
  readonly sizeW: number | null;
}

/**
 * Power that holds a vessel at +3 °C in the coldest air it is planned for, with a quarter to spare.
 * @param airC  °C
 * @source domain notes, "Freezing": U·A·(3 − Ta) × 1.25, the next standard size up
 * @example heaterFor({ litres: 19, areaM2: 0.42, uWM2K: 9 }, -20).needW // 108.675
 */
export function heaterFor({ areaM2, uWM2K }: Lump, airC: number): HeaterNeed {
  const needW = Math.max(0, uWM2K * areaM2 * (HOLD_C - airC) * SPARE);
  return { needW, sizeW: HEATERS_W.find((w) => w >= needW - 1e-9) ?? null };
}

/** How a heater is switched: by the water, or by a plug that feels the air. */
export type Thermostat = 'water' | 'air';

/** A winter of a heater. */
export interface HeaterWinter {
  readonly kWh: number;
  /** Hours with the power on. */
  readonly hoursOn: number;
  /** Hours in which it could not hold the water at +5 °C, or at 0 °C by the air. */
  readonly hoursShort: number;
}

/**
 * What a heater draws over hours of weather.
 * @param hoursC  air hour by hour, °C
 * @param watts   its power, W
 * @param onBelowC  a plug switches on below this, °C
 * @source domain notes, "Settled", 42
 * @example heaterWinter({ litres: 1, areaM2: 1, uWM2K: 9 }, [4, -1], 50, 'air').kWh // 0.05
 */
export function heaterWinter(
  { areaM2, uWM2K }: Lump,
  hoursC: ArrayLike<number>,
  watts: number,
  thermostat: Thermostat,
  onBelowC = 0,
): HeaterWinter {
  const lossWK = areaM2 * uWM2K;
  let [wattHours, hoursOn, hoursShort] = [0, 0, 0];
  for (let i = 0; i < hoursC.length; i++) {
    const airC = hoursC[i] as number;
    const asked = lossWK * Math.max(0, WATER_ON_C - airC);
    if (thermostat === 'water') {
      const given = Math.min(watts, asked);
      wattHours += given;
      hoursOn += watts > 0 ? given / watts : 0;
      if (lossWK * -airC > watts) hoursShort++;
    } else if (airC < onBelowC) {
      wattHours += watts;
      hoursOn++;
      if (lossWK * -airC > watts) hoursShort++;
    }
  }
  return { kWh: wattHours / 1000, hoursOn, hoursShort };
}

/**
 * Air as a heated vessel feels it, hour by hour, °C: so much warmer as its heater gives, while that is on. One switched
 * by the water warms it no further than where it switches off.
 * @param hoursC  air, °C
 * @param watts   the heater's power, W; 0: none
 * @source heat in over heat out for each degree: Ta + P/(U·A)
 * @example warmedHours({ litres: 1, areaM2: 1, uWM2K: 9 }, [-10], 45, 'water')[0] // -5
 */
export function warmedHours(
  { areaM2, uWM2K }: Lump,
  hoursC: ArrayLike<number>,
  watts: number,
  thermostat: Thermostat,
  onBelowC = 0,
): Float64Array {
  const warmsK = watts / (areaM2 * uWM2K);
  return Float64Array.from({ length: hoursC.length }, (_, i) => {
    const airC = hoursC[i] as number;
    if (thermostat === 'air') return airC < onBelowC ? airC + warmsK : airC;
    return Math.max(airC, Math.min(WATER_ON_C, airC + warmsK));
  });
}
