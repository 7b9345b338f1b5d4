import { KELVIN } from '../kernel/units/physics.data';

const GAS_DRY = 287.042;
/** Water's mass by air's, of a mole. */
const MASS_RATIO = 0.621945;

/**
 * Pressure of the air by height above the sea.
 * @param altitudeM  −450…6000
 * @returns          Pa
 * @source           ashrae-psychrometrics: Fundamentals 2017, chapter 1, equation 3 (standard atmosphere)
 * @example          pressurePa(1000) // 89874.519
 */
export const pressurePa = (altitudeM: number): number =>
  101_325 * (1 - 2.25577e-5 * altitudeM) ** 5.2559;

/**
 * Density of air, its moisture left out.
 * @param tempC       °C
 * @param pressurePa  Pa
 * @returns           kg/m³
 * @source            ashrae-psychrometrics: Fundamentals 2017, chapter 1, equation 26 without its water
 * @example           airDensity(20, 101325) // 1.204
 */
export const airDensity = (tempC: number, pressurePa: number): number =>
  pressurePa / (GAS_DRY * (tempC + KELVIN));

/**
 * Vapour pressure of saturated air over liquid water, below 0 °C too (water that has not frozen): what weather
 * stations and hygrometers go by.
 * @param tempC  −100…200 °C
 * @returns      Pa
 * @source       ashrae-psychrometrics: Fundamentals 2017, chapter 1, equation 6 (Hyland and Wexler 1983)
 * @example      overWaterPa(-10) // 286.564
 */
export function overWaterPa(tempC: number): number {
  const t = tempC + KELVIN;
  return Math.exp(
    -5.8002206e3 / t +
      1.3914993 -
      4.8640239e-2 * t +
      4.1764768e-5 * t ** 2 -
      1.4452093e-8 * t ** 3 +
      6.5459673 * Math.log(t),
  );
}

/**
 * The same over ice below 0 °C, over water above: what condenses, and freezes.
 * @param tempC  −100…200 °C
 * @returns      Pa
 * @source       ashrae-psychrometrics: Fundamentals 2017, chapter 1, equations 5 and 6 (Hyland and Wexler 1983)
 * @example      saturationPa(-10) // 259.903
 */
export function saturationPa(tempC: number): number {
  if (tempC > TRIPLE_C) return overWaterPa(tempC);
  const t = tempC + KELVIN;
  return Math.exp(
    -5.6745359e3 / t +
      6.3925247 -
      9.677843e-3 * t +
      6.2215701e-7 * t ** 2 +
      2.0747825e-9 * t ** 3 -
      9.484024e-13 * t ** 4 +
      4.1635019 * Math.log(t),
  );
}
const TRIPLE_C = 0.01;

/**
 * Water by dry air, kg/kg.
 * @param vapourPa    vapour pressure, Pa, below the air's
 * @param pressurePa  Pa
 * @source            ashrae-psychrometrics: Fundamentals 2017, chapter 1, equation 20
 * @example           humRatio(1169, 101325) // 0.00726
 */
export const humRatio = (vapourPa: number, pressurePa: number): number =>
  (MASS_RATIO * vapourPa) / (pressurePa - vapourPa);

/**
 * Vapour pressure of air that holds so much water, Pa.
 * @param humRatio    kg/kg
 * @param pressurePa  Pa
 * @source            ashrae-psychrometrics: Fundamentals 2017, chapter 1, equation 20 solved for the vapour
 * @example           vapourPa(0.00726, 101325) // 1169.125
 */
export const vapourPa = (humRatio: number, pressurePa: number): number =>
  (pressurePa * humRatio) / (MASS_RATIO + humRatio);

/**
 * Dew point over water: the temperature at which so much vapour is all that water lets into the air.
 * @param vapourPa  Pa, above 0
 * @returns         °C, to a thousandth of a kelvin: three steps from a curve within a kelvin of it get there
 * @source          ashrae-psychrometrics: Fundamentals 2017, chapter 1, equation 6 solved for the temperature
 * @example         dewPointC(1169.07) // 9.27
 */
export function dewPointC(vapourPa: number): number {
  // from the curve of Magnus, by Newton on the logarithm
  const ln = Math.log(vapourPa / 611.2);
  let t = (243.12 * ln) / (17.62 - ln);
  for (let i = 0; i < 3; i++) {
    const slope = 17.62 * 243.12 * (243.12 + t) ** -2;
    t -= Math.log(overWaterPa(t) / vapourPa) / slope;
  }
  return t;
}

/**
 * Temperature that a wet thermometer in a draught shows, over water.
 * @param tempC       °C
 * @param humRatio    kg/kg
 * @param pressurePa  Pa
 * @returns           °C, to a thousandth of a kelvin
 * @source            ashrae-psychrometrics: Fundamentals 2017, chapter 1, equation 33 solved for the wet bulb
 * @example           wetBulbC(30, 0.0105, 101325) // 19.99
 */
export function wetBulbC(tempC: number, humRatioKgKg: number, pressurePa: number): number {
  const over = (wet: number): number => {
    const saturated = humRatio(overWaterPa(wet), pressurePa);
    return (
      ((2501 - 2.326 * wet) * saturated - 1.006 * (tempC - wet)) /
        (2501 + 1.86 * tempC - 4.186 * wet) -
      humRatioKgKg
    );
  };
  let high = tempC;
  let low = Math.min(tempC, dewPointC(Math.max(1e-3, vapourPa(humRatioKgKg, pressurePa))));
  let [atLow, atHigh] = [over(low), over(high)];
  if (atHigh <= 0) return tempC;
  // every third step halves: sixty are twenty halvings, which bring 100 K below a ten-thousandth
  for (let i = 0; i < 60 && high - low > 1e-4; i++) {
    const mid = i % 3 === 2 ? (low + high) / 2 : low - (atLow * (high - low)) / (atHigh - atLow);
    const at = over(mid);
    if (Math.abs(at) < 1e-9) return mid;
    if (at < 0) [low, atLow] = [mid, at];
    else [high, atHigh] = [mid, at];
  }
  return (low + high) / 2;
}
