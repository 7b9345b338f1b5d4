import Papa from 'papaparse';
import { assess } from '@/core/assess';
import { DAY, sample } from '@/core/tests/plans';
import { demandCsv } from './demandCsv';

const assessed = assess(sample('tamar-flats'), { on: DAY });

test('a keeper in pounds has pounds and gallons, and the headings say so', () => {
  const read = (units: 'metric' | 'imperial') =>
    Papa.parse<Record<string, string>>(
      demandCsv({ ...sample('tamar-flats'), units }, assessed).text.trim(),
      { header: true },
    ).data;
  const [metric, imperial] = [read('metric'), read('imperial')];
  expect(Object.keys(imperial[0] ?? {})).toEqual([
    ...['plan', 'month', 'birds_most', 'eggs_dozen', 'feed_lb', 'feed_bags', 'water_gal'],
  ]);
  imperial.forEach((row, i) => {
    expect(Number(row.feed_lb) * 0.45359237).toBeCloseTo(Number(metric[i]?.feed_kg), 2);
    expect(Number(row.water_gal) * 3.785411784).toBeCloseTo(Number(metric[i]?.water_l), 2);
  });
});

test('a row a month, with the units in the headings, as the figures are', () => {
  const { name, text } = demandCsv({ ...sample('tamar-flats'), units: 'metric' }, assessed);
  expect(name).toBe('tamar-flats-number-9-demand.csv');
  const { data, errors } = Papa.parse<Record<string, string>>(text.trim(), { header: true });
  expect(errors).toEqual([]);
  expect(data).toHaveLength(assessed.months.length);
  data.forEach((row, i) => {
    const month = assessed.months[i];
    expect(row.month).toBe(month?.month);
    expect(Number(row.water_l)).toBeCloseTo(
      assessed.figures.get(month?.water ?? '')?.value ?? -1,
      2,
    );
    expect(Number(row.eggs_dozen)).toBeCloseTo(
      assessed.figures.get(month?.dozens ?? '')?.value ?? -1,
      2,
    );
  });
});

test('a plan named like a formula stays a name in any spreadsheet', () => {
  for (const name of ['=HYPERLINK("http://x")', '+1', '@sum', '-2', 'a "quoted", name']) {
    const { text } = demandCsv({ name, units: 'metric' }, assessed);
    const { data } = Papa.parse<Record<string, string>>(text.trim(), { header: true });
    expect(data[0]?.plan).not.toMatch(/^[=+\-@]/);
    expect(data[0]?.plan).toContain(name);
  }
});
