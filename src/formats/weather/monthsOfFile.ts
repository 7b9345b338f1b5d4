import type { MonthNormals } from '@/core/model/climates.data';
import { daylightHours } from '@/core/weather/daylight';
import { DAY_HOURS, YEAR_HOURS } from '@/core/weather/hours';
import { overWaterPa, vapourPa } from '@/core/weather/psychrometrics';
import { globalWM2 } from '@/core/weather/sun';
import { monthOfDay, YEAR_DAYS } from '@/core/weather/yearCurve';
import type { HourlyFile } from './hourly';
import { hoursOfFile } from './typicalYear';

/** A day of so much rain is a rain day, mm. */
const RAIN_DAY_MM = 1;
/** What stands in for rain that a file does not know (assumption): as where normals are pasted. */
const TYPICAL = { rainMm: 60, rainDays: 10 } as const;
/** What a covered sky takes of the sun: as hours are made of days. */
const COVERED = 0.65;

/** What is summed up of a month. */
interface Sums {
  days: number;
  meanC: number;
  minC: number;
  maxC: number;
  rh: number;
  windMS: number;
  rainMm: number;
  rainDays: number;
  sunHours: number;
}

/**
 * The normals of a year of hours: so that all that goes by normals goes by the file. Sunshine is what the sun's
 * strength beside a clear sky's tells of the clouds, the way hours are made from normals turned round.
 */
export function monthsOfFile(file: HourlyFile): MonthNormals[] {
  const hours = hoursOfFile(file);
  const daylight = daylightHours(file.latitudeDeg);
  const knowsRain = !file.absent.includes('rainMm');
  const months = Array.from(
    { length: 12 },
    (): Sums => ({
      ...{ days: 0, meanC: 0, minC: 0, maxC: 0, rh: 0, windMS: 0 },
      ...{ rainMm: 0, rainDays: 0, sunHours: 0 },
    }),
  );
  for (let day = 0; day < YEAR_DAYS; day++) {
    const m = months[monthOfDay(day)] as Sums;
    const from = day * DAY_HOURS;
    const temps = hours.tempC.subarray(from, from + DAY_HOURS);
    let [rain, sun, clear] = [0, 0, 0];
    for (let i = from; i < from + DAY_HOURS; i++) {
      const tempC = hours.tempC[i] as number;
      const vapour = vapourPa(hours.humRatio[i] as number, hours.pressurePa[i] as number);
      m.meanC += tempC / DAY_HOURS;
      m.rh += Math.min(1, vapour / overWaterPa(tempC)) / DAY_HOURS;
      m.windMS += (hours.windMS[i] as number) / DAY_HOURS;
      rain += hours.rainMm[i] as number;
      sun += hours.globalWM2[i] as number;
      clear += globalWM2(hours.sun.sinHeight[i % YEAR_HOURS] as number, 0);
    }
    m.days++;
    m.minC += Math.min(...temps);
    m.maxC += Math.max(...temps);
    m.rainMm += rain;
    if (rain >= RAIN_DAY_MM) m.rainDays++;
    const shone = clear === 0 ? 1 : Math.min(1, sun / clear);
    const cloud = Math.min(1, Math.sqrt((1 - shone) / COVERED));
    m.sunHours += (1 - cloud) * (daylight[day] ?? 0);
  }
  return months.map((m) => ({
    meanC: tenth(m.meanC / m.days),
    minC: tenth(m.minC / m.days),
    maxC: tenth(m.maxC / m.days),
    rh: Math.round((100 * m.rh) / m.days) / 100,
    windMS: tenth(m.windMS / m.days),
    rainMm: knowsRain ? Math.round(m.rainMm) : TYPICAL.rainMm,
    rainDays: knowsRain ? m.rainDays : TYPICAL.rainDays,
    sunHours: tenth(m.sunHours / m.days),
  }));
}

const tenth = (x: number): number => Math.round(10 * x) / 10;
