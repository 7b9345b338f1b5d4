import { flockByDay } from '@/core/birds/flock';
import { fail, issue, type Outcome } from '@/core/kernel/outcome';
import type { Commas } from '@/core/kernel/units/thousands';
import type { Plan, Side } from '@/core/model/schema';
import { type Climate, workClimate } from '@/core/weather/climate';
import { airHourJson, type HourAsk, STILL_HOUR } from '@/formats/airHour';
import { airJson } from '@/formats/airJson';
import type { HourlyFile } from '@/formats/weather/hourly';
import { monthsOfFile } from '@/formats/weather/monthsOfFile';
import { readWeather } from '@/formats/weather/readWeather';
import { hoursOfFile } from '@/formats/weather/typicalYear';
import { issueText } from '@/text/issues';
import { dayFor, readPlan, readWords, toldOf, type Wrong } from './planFile';
import type { CliWorld } from './world';

/** What each word of `--hour` is, and between what it lies. */
const WORDS: Readonly<
  Record<
    string,
    { readonly key: Exclude<keyof HourAsk, 'face'>; readonly least: number; readonly most: number }
  >
> = {
  To: { key: 'outC', least: -60, most: 60 },
  RH: { key: 'rh', least: 0, most: 1 },
  U: { key: 'windMS', least: 0, most: 60 },
  solar: { key: 'solarW', least: 0, most: 100_000 },
  activity: { key: 'activity', least: 0, most: 3 },
  inside: { key: 'inside', least: 0, most: 1 },
  closable: { key: 'closable', least: 0, most: 1 },
  doors: { key: 'doors', least: 0, most: 1 },
};
const OPTIONS = {
  json: { type: 'boolean' },
  /** One hour; left out: the whole year. */
  hour: { type: 'string' },
  /** A file of hours; left out: the climate's typical year. */
  weather: { type: 'string' },
  /** What a comma before three figures is in that file, where it does not say. */
  commas: { type: 'string' },
} as const;
const COMMAS = ['point', 'thousands'] as const;
const FACES: readonly Side[] = ['front', 'right', 'rear', 'left'];

/**
 * `wide-rafter air`: a year of a coop's air, or one hour of it.
 * @returns exit code: 0 worked, 1 unreadable plan or one without a climate, 2 wrong usage
 */
export function runAir(args: readonly string[], world: CliWorld, usage: string): 0 | 1 | 2 {
  const asked = readWords(
    args,
    OPTIONS,
    ({ json = false, weather = null, hour: text, commas: said }) => {
      const commas = COMMAS.find((c) => c === said) ?? null;
      if (said !== undefined && commas === null)
        return { wrong: `--commas ${said} is neither point nor thousands.` };
      const hour = text === undefined ? null : readHour(text);
      return hour !== null && 'wrong' in hour ? hour : { json, weather, hour, commas };
    },
  );
  if ('wrong' in asked) {
    world.err(`${asked.wrong}\n\n${usage}`);
    return 2;
  }
  const plan = readPlan(asked.file, world);
  if (plan === null) return 1;
  const flock = flockByDay(plan, dayFor(asked.on, plan, world));
  if (asked.hour === null) {
    const climate = workClimate(plan.climate);
    if (climate === null) {
      world.err('This plan has no climate. Choose one under Air, or give one hour with --hour.');
      return 1;
    }
    if (asked.weather === null) {
      world.out(JSON.stringify(airJson(plan, flock, climate), null, 2));
      return 0;
    }
    const read = weatherOf(asked.weather, climate, world, asked.commas);
    if (!read.ok) {
      world.err(read.issues.map(issueText).join('\n'));
      if (read.issues[0]?.code === 'columns.comma')
        world.err('Say which with --commas point or --commas thousands.');
      return 1;
    }
    const weather = hoursOfFile(read.value);
    // what the coop needs is worked from the hours of the file too, as where a plan keeps them
    const { latitudeDeg, altitudeM, place } = read.value;
    const there: Plan = {
      ...plan,
      climate: {
        exposure: 'garden',
        ...plan.climate,
        latitudeDeg,
        altitudeM,
        source: {
          kind: 'normals',
          name: place || 'Weather file',
          months: monthsOfFile(read.value),
        },
      },
    };
    const own = flockByDay(there, dayFor(asked.on, plan, world));
    const worked = workClimate(there.climate) ?? climate;
    world.out(JSON.stringify(airJson(there, own, worked, weather), null, 2));
    return 0;
  }
  const worked = airHourJson(plan, flock, asked.hour);
  world.out(
    asked.json
      ? JSON.stringify(worked, null, 2)
      : [
          `Inside ${worked.tiC.toFixed(1)} °C, humidity ${Math.round(100 * worked.rh)} %`,
          ...worked.openings.map((o) => `${o.id}: ${(o.flowKgS * 1000).toFixed(2)} g/s`),
        ].join('\n'),
  );
  return 0;
}

/** A year of hours from a file. */
function weatherOf(
  file: string,
  climate: Climate,
  world: CliWorld,
  commas: Commas | null,
): Outcome<HourlyFile> {
  try {
    return readWeather(file, world.readBytes(file), climate, commas);
  } catch (error) {
    return fail(issue('weather.file', { file, why: toldOf(error) }));
  }
}

/** An hour as `To=-10,RH=0.8,U=2,face=front,solar=0`; what is left out is still, dark air at 0 °C. */
function readHour(text: string): HourAsk | Wrong {
  let hour = STILL_HOUR;
  for (const part of text.split(',')) {
    const [name = '', value = '', ...rest] = part.split('=').map((s) => s.trim());
    if (rest.length > 0 || value === '') return { wrong: `--hour: “${part}” is not name=value.` };
    if (name === 'face') {
      const face = FACES.find((f) => f === value);
      if (!face) return { wrong: `--hour: face is ${value}. Use one of: ${FACES.join(', ')}.` };
      hour = { ...hour, face };
      continue;
    }
    const word = WORDS[name];
    if (!word)
      return {
        wrong: `--hour: ${name} is not known. Use: face, ${Object.keys(WORDS).join(', ')}.`,
      };
    const number = Number(value);
    if (!(number >= word.least && number <= word.most))
      return {
        wrong: `--hour: ${name} is ${value}. Use a number from ${word.least} to ${word.most}.`,
      };
    hour = { ...hour, [word.key]: number };
  }
  return hour;
}
