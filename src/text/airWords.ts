import type { AirMoment } from '@/core/air/airDay';
import type { Extremes, Spread } from '@/core/air/extremes';
import type { MonthAir } from '@/core/air/indicators';
import type { ShutLesson } from '@/core/air/lesson';
import { LESSON_VARIANTS, type LessonVariant } from '@/core/air/lessonKinds.data';
import type { AirNeeds } from '@/core/air/needs';
import type { Fitted, Misfit } from '@/core/air/thermometer';
import { LITRES_PER_CUBIC_FOOT } from '@/core/kernel/units/factors.data';
import type { UnitSystem } from '@/core/kernel/units/length';
import { formatTemperature } from '@/core/kernel/units/temperature';
import type { Figures } from '@/core/kernel/working';
import { YEAR_DAYS } from '@/core/weather/yearCurve';
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

/** What a coop's air teaches at first sight: `{name}` is one of its figures, `{month}` the month's name. */
export const FIRST_LESSONS: Readonly<Record<LessonVariant, string>> = {
  'damp.bare':
    'Nothing is open yet. Shut like this, {shutSettled} of water settles on roof and walls on a {month} night. With {area} open high up none does, and it is still {openRise} warmer than outdoors.',
  'damp.bareWet':
    'Nothing is open yet. Shut like this, {shutSettled} of water settles on roof and walls on a {month} night. With {area} open high up it is {openSettled}: outdoors is damp itself.',
  'damp.built':
    'Shut up tight on a {month} night it would be only {gain} warmer, and {more} more water would settle on roof and walls.',
  'damp.builtCold':
    'Shut up tight on a {month} night it would be no warmer, and {more} more water would settle on roof and walls.',
  'frost.bare':
    '{month} nights are about {out}. Nothing is open yet: shut like this, {shutSettled} of water freezes on roof and walls each night. Damp air freezes combs first. With {area} open high up the air stays dry, {openRise} warmer than outdoors.',
  'frost.bareWet':
    '{month} nights are about {out}. Nothing is open yet: shut like this, {shutSettled} of water freezes on roof and walls each night. Damp air freezes combs first. With {area} open high up it is {openSettled}: outdoors is as damp itself.',
  'frost.built':
    '{month} nights are about {out}. Shut up tight it would be only {gain} warmer, and {more} more water would freeze on roof and walls. Damp air freezes combs first.',
  'frost.builtCold':
    '{month} nights are about {out}. Shut up tight it would be no warmer, and {more} more water would freeze on roof and walls. Damp air freezes combs first.',
  'heat.bare':
    'On the hottest afternoons it is {out} outdoors. Shut like this it is {shut} inside. With {area} open, low and high, it is {open}. No opening makes it cooler than outdoors: give shade, and air that moves.',
  'heat.built':
    'On the hottest afternoons it is {out} outdoors, and {open} inside with all of it open. Shut, it would be {shut}. No opening makes it cooler than outdoors: give shade, and air that moves.',
  same: 'On a {month} night it makes no difference to the damp whether you shut it up. It would be {gain} warmer.',
  dry: 'Nothing is open yet, and so few birds dampen it little: on a {month} night hardly any water settles inside.',
};

/** A first lesson in pieces: words, and figures by id. Null where the coop teaches none. */
export function firstLessonPieces(
  figures: Pick<Figures, 'get'>,
): readonly (string | { readonly figure: string })[] | null {
  const variant = LESSON_VARIANTS.find((v) => figures.get(`air.lesson.${v}.month`));
  if (variant === undefined) return null;
  const month = figures.get(`air.lesson.${variant}.month`)?.value ?? 0;
  return FIRST_LESSONS[variant]
    .replaceAll('{month}', MONTH_NAMES[month] ?? '')
    .split(/(\{\w+\})/)
    .filter((piece) => piece !== '')
    .map((piece) =>
      piece.startsWith('{') ? { figure: `air.lesson.${variant}.${piece.slice(1, -1)}` } : piece,
    );
}

/** What flows, as it is told beside an arrow: "12 L/s", "25 ft³/min". */
export function flowText(litresSecond: number, units: UnitSystem): string {
  const value =
    units === 'metric' ? litresSecond : litresSecond * CUBIC_FEET_MINUTE_PER_LITRE_SECOND;
  const said = value < 10 ? value.toFixed(1) : String(Number(Math.round(value).toPrecision(3)));
  return `${said} ${units === 'metric' ? 'L/s' : 'ft³/min'}`;
}
const CUBIC_FEET_MINUTE_PER_LITRE_SECOND = 60 / LITRES_PER_CUBIC_FOOT;

/** How fast air is: "0.12 m/s", "0.3 mph". */
export const speedText = (metresSecond: number, units: UnitSystem): string =>
  units === 'metric'
    ? `${metresSecond.toFixed(2)} m/s`
    : `${(metresSecond * 2.23694).toFixed(1)} mph`;

/** One hour of a coop's air in lines, with the balance that its warmth is worked from. */
export function momentLines(m: AirMoment, units: UnitSystem): string[] {
  const c = (tempC: number): string => formatTemperature(tempC, units);
  const percent = (rh: number): string => `${Math.round(100 * rh)} %`;
  const into = m.flows.reduce((sum, f) => sum + f.inLS, m.gaps.inLS);
  const gained = m.birdsW + m.sunW;
  const rise = m.tiC - m.outC;
  return [
    `Outdoors ${c(m.outC)}, damp ${percent(m.outRh)}, wind ${speedText(m.windMS, units)}.`,
    `Inside ${c(m.tiC)}, damp ${percent(m.rh)}: ${sayValue(Math.abs(rise), 'kelvin', units)} ${rise < 0 ? 'colder' : 'warmer'}.`,
    `${flowText(into, units)} in, as much out; ${flowText(m.gaps.inLS, units)} of it through gaps.`,
    m.settlesKgH > 0.0005
      ? `${sayValue(m.settlesKgH, 'pouredLitres', units)} of water settles in this hour.`
      : m.roofDew
        ? 'Dew hangs on the roof.'
        : 'No water settles.',
    `Birds give ${watts(m.birdsW, units)} of heat, the sun ${watts(m.sunW, units)}. Walls and roof take ${watts(m.lossWK * rise, units)}, the air ${watts(gained - m.lossWK * rise, units)}.`,
  ];
}

const watts = (w: number, units: UnitSystem): string =>
  sayValue(Math.round(w), 'watts', units).replace('-', '−');

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
