import type { Extremes, Spread } from '@/core/air/extremes';
import type { MonthAir } from '@/core/air/indicators';
import type { ShutLesson } from '@/core/air/lesson';
import type { AirNeeds } from '@/core/air/needs';
import type { Tender } from '@/core/air/tender';
import type { Fitted, Misfit } from '@/core/air/thermometer';
import type { UnitSystem } from '@/core/kernel/units/length';
import { formatTemperature } from '@/core/kernel/units/temperature';
import { ruled } from '@/core/rules/rules.data';
import { YEAR_DAYS } from '@/core/weather/yearCurve';
import { speedText } from './airMoment';
import { sayValue } from './say';

export const MONTH_NAMES = [
  ...['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August'],
  ...['September', 'October', 'November', 'December'],
] as const;

/** A difference of temperature: "1.6 °C" or "2.9 °F". */
const warmer = (k: number, units: UnitSystem): string => sayValue(k, 'kelvin', units);

/** Water by the kilogram as a keeper pours it: "1.1 L", "2.3 pints". */
const water = (kg: number, units: UnitSystem): string => sayValue(kg, 'pouredLitres', units);

/** Less than this is no drip, kg a night, and no warmth, K. */
const [NO_DRIP_KG, NO_WARMTH_K] = [0.005, 0.05];

/**
 * What shutting up would do in the coldest month, from the plan's own numbers.
 * @param openings  windows, vents and doors that somebody made
 */
export function lessonText(
  { month, kept, shut }: ShutLesson,
  openings: number,
  units: UnitSystem,
): string {
  const name = MONTH_NAMES[month] ?? '';
  if (openings === 0)
    return shut.dripKg < NO_DRIP_KG
      ? `In ${name} hardly any water settles inside on a night, though nothing is open.`
      : `Nothing is open yet. On a ${name} night ${water(shut.dripKg, units)} of water settles on the roof and the walls.`;
  const gain = shut.riseK - kept.riseK;
  const more = shut.dripKg - kept.dripKg;
  if (more < NO_DRIP_KG)
    return `On ${name} nights it makes no difference to the damp whether you shut it up. It would be ${warmer(Math.max(0, gain), units)} warmer.`;
  const warm = gain < NO_WARMTH_K ? 'no warmer' : `only ${warmer(gain, units)} warmer`;
  return `Shut up tight on ${name} nights it would be ${warm}, and ${water(more, units)} more water would settle inside each night.`;
}

/** Fewer hours of danger than a day's are nothing to speak of. */
const A_DAY_H = 24;

/**
 * What a year teaches: its heat, where birds are in danger of it, and what shutting up would do in the cold.
 * @param months  hours of each month
 */
export function yearLesson(
  {
    lesson,
    openings,
    months,
  }: {
    readonly lesson: ShutLesson;
    readonly openings: number;
    readonly months: readonly MonthAir[];
  },
  units: UnitSystem,
): string {
  const shut = lessonText(lesson, openings, units);
  const hot = months.map((m) => Math.round(m.heatDanger + m.heatEmergency));
  const hours = hot.reduce((sum, h) => sum + h, 0);
  if (hours < A_DAY_H) return shut;
  const worst = hot.indexOf(Math.max(...hot));
  return `Birds are in danger of the heat in ${hours} hours of the year, most of all in ${MONTH_NAMES[worst]}: shade and moving air help where openings can’t. ${shut}`;
}

/** What an hour's picture shows, and how its values are told apart. */
export interface AirPicture {
  readonly id: 'rh' | 'riseK' | 'heatC' | 'ammoniaPpm';
  readonly name: string;
  /** Classes from the least up: all below `to`, what they are called, and the ink. */
  readonly classes: readonly {
    readonly to: number;
    readonly name: (units: UnitSystem) => string;
    readonly ink: string;
  }[];
}

const same = (text: string) => (): string => text;
const degrees =
  (from: string, to: string) =>
  (units: UnitSystem): string =>
    units === 'metric' ? from : to;

/** The four pictures of a year. The heat's bands are those of the most tender of the flock. */
export const airPictures = (heatC: readonly [number, number, number]): readonly AirPicture[] => [
  {
    id: 'rh',
    name: 'Damp',
    classes: [
      { to: 0.6, name: same('dry, under 60 %'), ink: '--paper-sunk' },
      { to: 0.85, name: same('60 to 85 %'), ink: '--chalk-soft' },
      { to: 0.95, name: same('damp, 85 % and more'), ink: '--chalk-faint' },
      { to: Number.POSITIVE_INFINITY, name: same('wet, 95 % and more'), ink: '--chalk' },
    ],
  },
  {
    id: 'riseK',
    name: 'Warmer than outdoors',
    classes: [
      { to: 1, name: degrees('under 1 °C', 'under 2 °F'), ink: '--paper-sunk' },
      { to: 2, name: degrees('1 to 2 °C', '2 to 4 °F'), ink: '--straw' },
      { to: 4, name: degrees('2 to 4 °C', '4 to 7 °F'), ink: '--comb' },
      { to: Number.POSITIVE_INFINITY, name: degrees('more', 'more'), ink: '--oxide' },
    ],
  },
  {
    id: 'heatC',
    name: 'Heat that birds feel',
    classes: heatC
      .map((to, i) => ({
        to,
        name: same(['at ease', 'watch them', 'dangerous'][i] ?? ''),
        ink: ['--paper-sunk', '--straw', '--comb'][i] ?? '--straw',
      }))
      .concat({ to: Number.POSITIVE_INFINITY, name: same('they may die'), ink: '--oxide' }),
  },
  {
    id: 'ammoniaPpm',
    name: 'Ammonia',
    classes: [
      { to: 10, name: same('under 10 ppm'), ink: '--paper-sunk' },
      { to: 25, name: same('10 to 25 ppm: you smell it'), ink: '--straw' },
      { to: Number.POSITIVE_INFINITY, name: same('over 25 ppm: it hurts lungs'), ink: '--oxide' },
    ],
  },
];

/** Rows of the table of months: what is counted, and where it is read from. */
export const MONTH_ROWS: readonly {
  readonly name: string;
  readonly of: (m: MonthAir) => number;
}[] = [
  { name: 'damp', of: (m) => m.damp },
  { name: 'water settles in the air', of: (m) => m.drips },
  { name: 'dew on the roof', of: (m) => m.roofDew },
  { name: 'frost bites combs', of: (m) => m.frost },
  { name: 'too hot', of: (m) => m.heatDanger + m.heatEmergency },
  { name: 'ammonia', of: (m) => m.ammonia10 },
  { name: 'draught on the bars', of: (m) => m.draught },
];

/** More or less than this the year and the first answer are not the same. */
const TELLING = 0.1;

/**
 * What the year asks for beside the first answer, by how much they differ, and which of them to build to: the larger.
 * @param first, refined  areas by the design hours, and by all nights and hot hours of the year
 */
export function refinedText(first: AirNeeds, refined: AirNeeds, units: UnitSystem): string {
  return (['winter', 'summer'] as const)
    .map((season) => {
      const [a, b] = [first[season].netM2, refined[season].netM2];
      const by = a === 0 ? 0 : b / a - 1;
      const { asks, harder } = SEASON_ASKS[season];
      if (refined[season].decides === 'none') return `${asks} more than any opening gives.`;
      const area = `${asks} ${sayValue(b, 'm2', units)}`;
      const percent = Math.round(100 * Math.abs(by));
      if (Math.abs(by) <= TELLING) return `${area}: the first answer holds.`;
      return by > 0
        ? `${area}, ${percent} % more than the first answer: build to the year.`
        : `${area}, ${percent} % less. Keep to the first answer, ${harder}.`;
    })
    .join(' ');
}

const SEASON_ASKS = {
  winter: {
    asks: 'All winter nights together ask for a high opening of',
    harder: 'which is for a harder night',
  },
  summer: {
    asks: 'All hot hours together ask for openings of',
    harder: 'which is for a stiller or hotter day',
  },
} as const;

/** What twenty years may bring, a line each; what never comes is left out. */
export function extremesText(x: Extremes, units: UnitSystem): string[] {
  const c = (tempC: number): string => formatTemperature(tempC, units);
  const counted = (
    { least, middle, most }: Spread,
    what: string,
    one: string,
    many: string,
    run: number | null,
  ): string => {
    if (most === 0) return `${what}: never.`;
    if (least >= YEAR_DAYS - 1) return `${what}: on every ${one} of the year.`;
    const named = (n: number): string => (n === 0 ? 'none' : `${n} ${n === 1 ? one : many}`);
    const onEnd = run !== null && run > 1 ? `, up to ${run} on end` : '';
    if (most === 1) return `${what}: one ${one} in some years.`;
    return least === most
      ? `${what}: ${named(most)} every year${onEnd}.`
      : `${what}: ${named(middle)} in a middle year, ${least === 0 ? 'none' : least} in the best, ${most} in the worst${onEnd}.`;
  };
  return [
    `Inside it is ${c(x.coldestC)} in the coldest hour and ${c(x.hottestC)} in the hottest.`,
    counted(x.frostNights, 'Frost bites combs', 'night', 'nights', x.frostRun),
    counted(x.hotDays, 'Birds are in danger of the heat', 'day', 'days', x.hotRun),
    counted(x.dripNights, 'Water settles inside', 'night', 'nights', null),
  ];
}

/**
 * How far worked and read lie apart, before and with the gaps that fit best, and what to make of it.
 * @param f  readings laid over the coop
 */
export function fittedLines(f: Fitted, units: UnitSystem): string[] {
  const apart = ({ tempK, rh }: Misfit): string =>
    rh === null
      ? sayValue(tempK, 'kelvin', units)
      : `${sayValue(tempK, 'kelvin', units)} and ${Math.round(100 * rh)} % of humidity`;
  const lines = [
    `As planned, what is worked lies ${apart(f.asPlanned.misfit)} from what you read.`,
    `Openings are taken as they stand in ${f.isSummer ? 'summer: all open' : 'winter: what cannot be shut is open'}.`,
  ];
  return f.isBetter
    ? [
        ...lines,
        `With ${timesText(f.leakTimes)} the gaps of its build it would be ${apart(f.asFitted.misfit)}.`,
      ]
    : [
        ...lines,
        'Other gaps do not bring it closer: the plan is as near as this thermometer tells.',
      ];
}

/** "2.5 times", as fine as a fit is. */
export const timesText = (times: number): string => `${Number(times.toPrecision(2))} times`;

/** What a year was worked from. */
export const YEAR_FROM = {
  normals: 'Worked from the normals of the climate.',
  hours: 'Worked from the hours of your weather file.',
  missing:
    'Worked from the months of your weather file: its hours are not on this machine. Bring the file in again to work from them.',
} as const;

/**
 * What of a weather file was taken from elsewhere: "Wind and rain are not in it: typical ones are taken."
 * @param names  what its columns are called
 */
export const absentText = (names: readonly string[]): string =>
  names.length === 0
    ? ''
    : `${capital(listed(names))} ${names.length === 1 ? 'is' : 'are'} not in it: typical ones are taken.`;

const listed = (names: readonly string[]): string =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** What each row of the table of months counts, by the rules of the most tender of the flock. */
export function countedText({ frost, heatC }: Tender, units: UnitSystem): string[] {
  const c = (tempC: number): string => formatTemperature(tempC, units);
  const percent = (share: number): string => `${Math.round(100 * share)} %`;
  return [
    `Damp: ${percent(ruled('air.rh.most'))} and more.`,
    'Water settles in the air: more than the air can hold. Dew on the roof: its underside is colder than the air’s dew point.',
    frost === null
      ? 'Frost bites combs: nobody here has one.'
      : `Frost bites combs: ${c(frost.dampC)} and colder in damp or moving air, ${c(frost.anyC)} in any.`,
    `Too hot: felt as ${c(heatC[1])} and more, six tenths of the air’s warmth and four tenths of a wet thermometer’s.`,
    `Ammonia: over ${ruled('air.ammonia.target')} ppm. Half or double of it may be true.`,
    `Draught on the bars: over ${speedText(ruled('air.draught.most'), units)} on a night below ${c(ruled('air.draught.warm'))}.`,
  ];
}

/** How far an opening is open. */
export const shareName = (share: number): string =>
  share <= 0 ? 'shut' : share >= 1 ? 'open' : share <= 0.25 ? 'a quarter open' : 'half open';

/** "Open Window 1 half way", as a keeper is told to do it. */
export const changeText = (name: string, share: number): string =>
  share <= 0
    ? `Shut ${name}`
    : share >= 1
      ? `Open ${name}`
      : `Open ${name} ${share <= 0.25 ? 'a quarter' : 'half'} way`;
