import { ruled } from '../rules/rules.data';
import type { DesignHour } from '../weather/designHours';
import { DAY_HOURS, monthMeansC, type WeatherHours, YEAR_HOURS } from '../weather/hours';
import { monthOfDay, YEAR_DAYS } from '../weather/yearCurve';
import { type Bare, hourIn, shutHouse, summerOpenings, winterSlots } from './bare';
import { type HourIn, type HourOut, solverOf } from './hour';
import { type HouseOpening, houseOf } from './house';
import { leastArea, type Tried } from './leastArea';
import type { AirNeeds } from './needs';
import { roofDropOf } from './shellHeat';
import { summerSlack, summerTried, winterTried } from './tried';
import { cpTable } from './windPressure';

const NOON_H = 12;
const FULL_TURN = 360;

/**
 * The same areas as the first answer's, from every night of the three coldest months and the hottest hours of the
 * year: each does in nine of ten of them. The same equations, with the weather as it comes, calm and gale.
 * @param weather     hours of one year; of more, the first
 * @param windTurnDeg added to its wind's direction: then it is clockwise from straight on to the front wall
 * @source            domain notes, "The year"
 * @example           yearNeeds({ shell, litterM: 0.1, panes: { front: 0, right: 0, rear: 0, left: 0 }, treesOver: false, climate: null, birds: { layerW: 80, meatW: 0, hens: 6 } }, model.weather, 0).winter.decides // 'outdoors'
 */
export function yearNeeds(bare: Bare, weather: WeatherHours, windTurnDeg: number): AirNeeds {
  const inWinter = hoursWorker(bare, weather, windTurnDeg, winterSlots(bare.shell));
  const inSummer = hoursWorker(bare, weather, windTurnDeg, summerOpenings(bare.shell));
  const { lossWK } = shutHouse(bare);
  const drop = roofDropOf(bare.shell);
  const nights = winterNights(weather);
  const hot = hottestHours(weather, ruled('air.hottest.share'));
  return {
    winter: leastArea((m2) =>
      tenth(
        nights.map((hours) =>
          meanOf(
            hours.map((i) => {
              const { out, hour } = inWinter(i, m2, true);
              return winterTried(out, hour, lossWK, drop);
            }),
          ),
        ),
      ),
    ),
    summer: leastArea((m2) => {
      const worked = hot.map((i) => {
        const { out, hour } = inSummer(i, m2, false);
        return { ...summerTried(out, hour), riseK: out.tiC - hour.outC };
      });
      const riseK = worked.reduce((sum, w) => sum + w.riseK, 0) / worked.length;
      return { ...meanOf(worked), by: 'warmth', slack: summerSlack(riseK) };
    }),
  };
}

/** Works hours of the weather, all birds inside, with so much of the openings. */
function hoursWorker(
  bare: Bare,
  weather: WeatherHours,
  windTurnDeg: number,
  openings: readonly HouseOpening[],
) {
  const { leaks, lossWK } = shutHouse(bare);
  const house = houseOf([...openings, ...leaks], lossWK);
  const n = house.openings.length;
  const solver = solverOf(house);
  const cp = cpTable(house.openings);
  const open = new Float64Array(n).fill(1);
  return (i: number, m2: number, onPerch: boolean): { out: HourOut; hour: HourIn } => {
    const hour = hourIn(bare, designOf(weather, i), onPerch);
    open.fill(m2, 0, openings.length);
    const turned = Math.round((weather.windDeg[i] as number) + windTurnDeg) % FULL_TURN;
    const row = turned < 0 ? turned + FULL_TURN : turned;
    return { out: solver.solve(hour, cp, row * n, open), hour };
  };
}

/** An hour of the weather as the hours are that a house is sized by. */
const designOf = (weather: WeatherHours, i: number): DesignHour => ({
  month: monthOfDay((i / DAY_HOURS) | 0),
  hour: i % DAY_HOURS,
  outC: weather.tempC[i] as number,
  outW: weather.humRatio[i] as number,
  pressurePa: weather.pressurePa[i] as number,
  windMS: weather.windMS[i] as number,
  globalWM2: weather.globalWM2[i] as number,
  sinHeight: weather.sun.sinHeight[i] as number,
  azimuthDeg: weather.sun.azimuthDeg[i] as number,
});

/** The dark hours of each night of the three coldest months on end, by the evening that each begins with. */
function winterNights(weather: WeatherHours): number[][] {
  const means = monthMeansC(weather);
  const coldest = means.indexOf(Math.min(...means));
  const months = new Set([(coldest + 11) % 12, coldest, (coldest + 1) % 12]);
  const nights = new Map<number, number[]>();
  for (let i = 0; i < YEAR_HOURS; i++) {
    if ((weather.sun.sinHeight[i] as number) > 0) continue;
    const day = (i / DAY_HOURS) | 0;
    if (!months.has(monthOfDay(day))) continue;
    const evening = i % DAY_HOURS < NOON_H ? (day + YEAR_DAYS - 1) % YEAR_DAYS : day;
    nights.set(evening, [...(nights.get(evening) ?? []), i]);
  }
  return [...nights.values()];
}

/** So large a share of the year's hours, the hottest. */
function hottestHours({ tempC }: WeatherHours, share: number): number[] {
  const hours = Array.from({ length: YEAR_HOURS }, (_, i) => i);
  return hours
    .sort((a, b) => (tempC[b] as number) - (tempC[a] as number))
    .slice(0, Math.round(share * YEAR_HOURS));
}

/** A night by the mean of its hours; what decides most of them decides it. */
function meanOf(hours: readonly Tried[]): Tried {
  const mean = (of: (t: Tried) => number): number =>
    hours.reduce((sum, t) => sum + of(t), 0) / hours.length;
  const byDamp = hours.filter((t) => t.by === 'damp').length;
  return {
    slack: mean((t) => t.slack),
    by: 2 * byDamp >= hours.length ? 'damp' : 'outdoors',
    tiC: mean((t) => t.tiC),
    rh: mean((t) => t.rh),
    airKgS: mean((t) => t.airKgS),
  };
}

/** The one that nine of ten are as well as, or better. */
function tenth(all: readonly Tried[]): Tried {
  const sorted = all.toSorted((a, b) => a.slack - b.slack);
  return sorted[Math.floor((1 - ruled('air.year.share')) * all.length)] as Tried;
}
