import { addDays } from 'date-fns/addDays';
import { formatISO } from 'date-fns/formatISO';
import { parseISO } from 'date-fns/parseISO';
import type { FlockByDay } from '@/core/birds/flock';
import { inRun } from '@/core/geometry/solids';
import { dayNumber } from '@/core/kernel/units/day';
import type { Fixture, Plan } from '@/core/model/schema';
import type { Away } from '@/core/stores/away/away';
import { awaySentence, fillsText, LOOK_IN, lastsText, limitName } from './awayWords';
import { formatDay, formatValue } from './format';

/** One part of the sheet: lines to be read, or to be filled in by hand. */
export interface SheetPart {
  readonly title: string;
  readonly lines: readonly string[];
  /** Lines to tick, one a visit. */
  readonly tick?: boolean;
  /** Lines that are left blank to be written on. */
  readonly blank?: boolean;
}

/** What the sitter needs, on one page. */
export interface SitterSheet {
  readonly title: string;
  readonly dates: string;
  readonly parts: readonly SheetPart[];
}

/** Where a thing is, in words that somebody who was never there can follow. */
function whereText(
  f: Fixture & { readonly x: number; readonly y: number },
  { shell }: Plan,
): string {
  if (inRun(f)) return 'in the run';
  const across = f.x / shell.lengthM;
  const deep = f.y / shell.widthM;
  const side = across < 1 / 3 ? 'left' : across > 2 / 3 ? 'right' : 'middle';
  const end = deep < 1 / 3 ? 'front' : deep > 2 / 3 ? 'rear' : 'middle';
  if (side === 'middle' && end === 'middle') return 'in the middle of the coop';
  if (side === 'middle') return `at the ${end} of the coop, in its middle`;
  if (end === 'middle') return `at the ${side} of the coop`;
  return `at the ${end} ${side} of the coop`;
}

const mean = (column: Float64Array, from: number, days: number): number => {
  let sum = 0;
  for (let i = 0; i < days; i++) sum += column[from + i] ?? 0;
  return days === 0 ? 0 : sum / days;
};

/**
 * The sitter's sheet: what to look at, how much of everything a day, where things are, and lines for telephone numbers.
 * @param leaves  first day away, YYYY-MM-DD
 * @param back    the day of coming back, YYYY-MM-DD
 */
export function sitterSheet(
  plan: Plan,
  flock: FlockByDay,
  away: Away,
  leaves: string,
  back: string,
): SitterSheet {
  const { units } = plan;
  const from = dayNumber(leaves) - flock.horizon.first;
  const { wanted } = away;
  const birds = Math.round(mean(flock.totals.head, from, wanted));
  const feedKg = mean(flock.totals.coopFeedKg, from, wanted);
  const waterL = mean(flock.totals.coopWaterL, from, wanted);
  const eggs = mean(flock.totals.eggs, from, wanted);
  const of = <K extends Fixture['kind']>(kind: K) =>
    plan.fixtures.filter((f): f is Extract<Fixture, { kind: K }> => f.kind === kind);
  const doors = of('popDoor');
  const byHand = doors.filter((d) => d.works === 'manual');
  const lastDay = formatISO(addDays(parseISO(back), -1), { representation: 'date' });
  return {
    title: `While we are away: ${plan.name}`,
    dates: `${formatDay(leaves)} to ${formatDay(lastDay)}. We are back on ${formatDay(back)}.`,
    parts: [
      {
        title: 'Every day',
        tick: true,
        lines: [
          `Count the birds: ${birds}. Look at each: is one hurt, ill, or shut out?`,
          'Look at the water: clean, and every outlet gives some. In frost, no ice.',
          'Look at the feed: dry, and it runs.',
          ...(eggs >= 0.5 ? [`Gather the eggs: about ${Math.round(eggs)} a day.`] : []),
          ...(byHand.length > 0
            ? ['Open the pop door in the morning. Shut it after dusk, when all are on the bars.']
            : doors.length > 0
              ? ['See that the door shut behind all of them at dusk.']
              : []),
          'Shut and latch what you opened.',
        ],
      },
      {
        title: 'How much they take',
        lines: [
          `Feed: ${formatValue(feedKg, 'kg', units)} a day for all of them.`,
          `Water: ${formatValue(waterL, 'litresDay', units)} for all of them, more in heat.`,
        ],
      },
      {
        title: 'Where things are',
        lines: [
          ...[...of('feeder'), ...of('drinker')].map((v) => `${v.name}: ${whereText(v, plan)}.`),
          ...of('nestBank').map((b) => `${b.name}: ${whereText(b, plan)}.`),
          ...(plan.rain === null ? [] : [`Rain barrel: outside, at the ${plan.rain.barrel.side}.`]),
        ],
      },
      {
        title: 'How long it all lasts',
        lines: [
          awaySentence(away.days, wanted, away.lasts[0]),
          ...away.lasts
            .filter((l) => l.days < wanted)
            .map((l) => `${limitName(l.limit)}: ${lastsText(l, wanted)}.`),
          ...fillsText(away),
          LOOK_IN,
        ],
      },
      {
        title: 'To be filled in',
        blank: true,
        lines: [
          'We can be reached at',
          'The vet',
          'A neighbour who helps',
          'Spare feed and tools are',
          'Key',
        ],
      },
    ],
  };
}
