import { assess } from '@/core/assess';
import { dayNumber } from '@/core/kernel/units/day';
import { bareCoop, DAY, hens, sample } from '@/core/tests/plans';
import { axisOf, CHART_MEASURES, demandOption, monthlyOption, shareOf } from './demandOption';
import { livesOf } from './lives';
import { lotColour } from './lotColours';
import { lotLabel } from './lotLabel';
import { monthTicks, spanOf } from './span';

const ink = Object.assign((token: string): string => token, {
  letters: { text: 'letters', figures: 'figures' },
});
const osk = assess(sample('osk-landing'), { on: DAY });

describe('the scale of time', () => {
  const span = spanOf(osk.flock, 700);

  test('days and pixels go into one another, held within the horizon', () => {
    expect(span.from).toBe(dayNumber(DAY));
    for (const day of [span.from, span.from + 1, span.from + 365, span.to]) {
      expect(span.day(span.x(day))).toBe(day);
    }
    expect([span.day(-500), span.day(5000)]).toEqual([span.from, span.to]);
    expect(span.x(span.to) + span.right).toBeCloseTo(700, 9);
  });

  test('on a phone the names make room, and the plot is wider than it would be', () => {
    const phone = spanOf(osk.flock, 360);
    expect([phone.narrow, span.narrow]).toEqual([true, false]);
    expect(phone.x(phone.to) - phone.x(phone.from)).toBeGreaterThan(240);
  });

  test('a tick stands on the first of every month of the horizon', () => {
    const ticks = monthTicks(span);
    expect(ticks[0]?.iso).toBe('2026-12-01');
    expect(ticks.at(-1)?.iso).toBe('2028-11-01');
    expect(ticks).toHaveLength(24);
    expect(ticks.filter((t) => t.quarter).map((t) => t.iso.slice(5))).toEqual(
      Array.from({ length: 2 }, () => ['01-01', '04-01', '07-01', '10-01']).flat(),
    );
  });
});

describe('lives as the timeline draws them', () => {
  test('chicks reared here go from the brooder to the coop to laying to the moult', () => {
    const pullets = livesOf(osk.flock, osk.events).find((l) => l.lot.id === 'pullets');
    const day = (n: number | undefined) =>
      n === undefined ? '' : new Date(n * 86_400_000).toISOString().slice(0, 10);
    expect(pullets?.brooder?.map(day)).toEqual(['2027-05-10', '2027-07-19']);
    expect(day(pullets?.coop?.[0])).toBe('2027-07-19');
    expect(day(pullets?.lay?.[0])).toBe('2027-10-11');
    expect(pullets?.moults.map(([from]) => day(from))).toEqual(['2028-09-15']);
    expect(pullets?.marks.map((m) => m.kind)).toEqual([
      'hatch',
      'feathered',
      'move',
      'pointOfLay',
      'grown',
    ]);
  });

  test('what lies before or after the horizon is cut, and who never comes has no coop', () => {
    const { flock, events } = assess(
      bareCoop({
        flock: [
          hens(2, { id: 'goes', leavesOn: '2027-01-10' }),
          hens(2, { id: 'late', arrivesOn: '2030-01-01' }),
          hens(4, {
            id: 'mixed',
            sex: 'unsexed',
            hatchedOn: '2027-04-01',
            arrivesOn: '2027-06-01',
          }),
        ],
      }),
      { on: DAY },
    );
    const [goes, late, mixed, cocks] = livesOf(flock, events);
    expect(goes?.coop).toEqual([dayNumber(DAY), dayNumber('2027-01-10')]);
    expect(goes?.marks.at(-1)?.kind).toBe('leave');
    expect(late?.coop).toBeNull();
    expect(cocks?.lay).toBeNull();
    expect([lotLabel(mixed?.lot as never), lotLabel(cocks?.lot as never)]).toEqual([
      'Hens',
      'Hens, cocks',
    ]);
    expect(lotLabel(cocks?.lot as never, 6)).toBe('Hens,…');
  });

  test('neighbouring lots never share a colour', () => {
    for (let i = 0; i < 20; i++) expect(lotColour(i)).not.toBe(lotColour(i + 1));
  });
});

describe('the chart of demand', () => {
  const span = { left: 100, right: 60 };
  type Series = {
    name?: string;
    data: [number, number][];
    markLine?: { data: { yAxis: number }[] };
  };
  const option = (measure: (typeof CHART_MEASURES)[number], units: 'metric' | 'imperial') =>
    demandOption(osk.flock, osk.staves, measure, units, span, ink) as {
      series: Series[];
      yAxis: { name: string; max?: number };
    };

  test.each(CHART_MEASURES)('%s, stacked, adds up to the whole flock on every day', (measure) => {
    const { series } = option(measure, 'metric');
    const total = measure === 'birds' ? osk.flock.totals.head : osk.flock.totals[measure];
    const { first } = osk.flock.horizon;
    const points = series[0]?.data.length ?? 0;
    for (let i = 0; i < points; i += 11) {
      const ms = series[0]?.data[i]?.[0] ?? 0;
      const sum = series.reduce((s, one) => s + (one.data[i]?.[1] ?? 0), 0);
      const d = ms / 86_400_000 - first;
      // at a change of number two points stand on one day, before and after
      const either = [total[d] ?? 0, total[d - 1] ?? 0];
      expect(either.some((t) => Math.abs(t - sum) < 1e-9)).toBe(true);
    }
  });

  test('over birds, a line for what each station carries; the axis reaches over all of them', () => {
    const { series, yAxis } = option('birds', 'metric');
    const lines = series.at(-1)?.markLine?.data.map((l) => l.yAxis) ?? [];
    expect(lines.sort((a, b) => a - b)).toEqual([0, 16, 27]);
    expect(yAxis.max).toBeGreaterThanOrEqual(34);
    expect(option('feedKg', 'metric').series.at(-1)?.markLine?.data).toEqual([]);
  });

  test('the axis names its unit, and an imperial plan has pounds and gallons', () => {
    expect(option('massKg', 'metric').yAxis.name).toBe('kg in the coop');
    expect(option('waterL', 'imperial').yAxis.name).toBe('gal of water a day');
    const last = (o: { series: Series[] }) => o.series[0]?.data.at(-1)?.[1] ?? 0;
    expect(last(option('massKg', 'imperial')) / last(option('massKg', 'metric'))).toBeCloseTo(
      1 / 0.45359237,
      6,
    );
    expect(axisOf('eggs', 'imperial').times).toBe(1);
  });

  test('dozens and bags stand month by month as their figures have them', () => {
    const value = (id: string): number => osk.figures.get(id)?.value ?? Number.NaN;
    const { series } = monthlyOption(osk.months, value, span, ink) as unknown as {
      series: { data: number[] }[];
    };
    expect(series[0]?.data).toEqual(osk.months.map((m) => value(m.dozens)));
    expect(series[1]?.data.every((n) => n > 0)).toBe(true);
  });

  test('a lot that does not exist has no share', () => {
    expect(shareOf(osk.flock, 99, 'birds', 0)).toBe(0);
  });
});
