import { readNormals } from './normals';

const read = (text: string, units: 'metric' | 'imperial' = 'metric') => {
  const outcome = readNormals(text, units);
  if (!outcome.ok) throw new Error(outcome.issues.map((i) => i.code).join());
  return outcome.value;
};

const codes = (text: string): string[] => {
  const outcome = readNormals(text, 'metric');
  return outcome.ok ? [] : outcome.issues.map((i) => i.code);
};

const MIN = [-17, -15, -8, 0, 6, 11, 14, 13, 7, 1, -6, -13];
const MAX = [-8, -5, 2, 11, 19, 23, 26, 25, 18, 10, 1, -5];
const NAMES = 'Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec'.split(' ');

test('a row a month with headings, as spreadsheets copy it', () => {
  const text = [
    '\tLow °C\tHigh °C\tRain mm',
    ...MIN.map((m, i) => `${NAMES[i]}\t${m}\t${MAX[i]}\t40`),
  ];
  const { months, missing } = read(text.join('\r\n'));
  expect(months[0]).toEqual({
    minC: -17,
    maxC: -8,
    meanC: -12.5,
    rainMm: 40,
    rh: 0.75,
    windMS: 3,
    rainDays: 10,
    sunHours: 5,
  });
  expect(missing).toEqual(['rh', 'windMS', 'rainDays', 'sunHours']);
});

test('a column a month, with decimal commas and true minus signs', () => {
  const line = (name: string, xs: number[]) =>
    `${name};${xs
      .map((x) =>
        String(x + 0.5)
          .replace('.', ',')
          .replace('-', '−'),
      )
      .join(';')}`;
  const { months } = read(
    [`;${NAMES.join(';')}`, line('Mean min', MIN), line('Mean max', MAX)].join('\n'),
  );
  expect(months.map((m) => m.minC)).toEqual(MIN.map((x) => x + 0.5));
  expect(months[6]?.maxC).toBe(26.5);
});

test('bare numbers are mean, minimum, maximum and so on; two alone are minimum and maximum', () => {
  const eight = MIN.map((m, i) => `${(m + (MAX[i] ?? 0)) / 2} ${m} ${MAX[i]} 80 3 40 8 5`).join(
    '\n',
  );
  expect(read(eight).months[3]).toMatchObject({
    meanC: 5.5,
    minC: 0,
    maxC: 11,
    rh: 0.8,
    sunHours: 5,
  });
  expect(read(MIN.map((m, i) => `${m}\t${MAX[i]}`).join('\n')).months[11]).toMatchObject({
    minC: -13,
    maxC: -5,
  });
});

test('an imperial plan reads °F, mph and inches', () => {
  const { months } = read(MIN.map(() => '50\t41\t59\t70\t10\t2\t8\t5').join('\n'), 'imperial');
  expect(months[0]?.meanC).toBeCloseTo(10, 9);
  expect(months[0]?.windMS).toBeCloseTo(4.4704, 9);
  expect(months[0]?.rainMm).toBeCloseTo(50.8, 9);
});

test('what cannot be taken is told with its month', () => {
  expect(codes('')).toEqual(['normals.empty']);
  expect(codes('1\t2\n3\t4')).toEqual(['normals.notTwelve']);
  expect(codes(MIN.map((m, i) => `${m}\t${i === 4 ? 'x' : m}\t${MAX[i]}`).join('\n'))).toEqual([
    'normals.unreadable',
  ]);
  expect(codes(MIN.map((m, i) => `${MAX[i]}\t${m}`).join('\n'))[0]).toBe('plan.normalsOrder');
});

test('a unit in a cell wins over the plan’s', () => {
  const row = '23 °F\t41 °F\t80 %\t36 km/h\t2 in\t10\t5 h';
  const heading = 'min\tmax\thumidity\twind\train\train days\tsun';
  const read = readNormals([heading, ...Array<string>(12).fill(row)].join('\n'), 'metric');
  const [first] = read.ok ? read.value.months : [];
  expect(first?.minC).toBeCloseTo(-5, 9);
  expect(first?.maxC).toBeCloseTo(5, 9);
  expect([first?.rh, first?.windMS, first?.rainMm]).toEqual([0.8, 10, 50.8]);
});

test('rain of “1,200” is what the other numbers of its column make of it, else it is asked about', () => {
  const rows = (rain: (m: number) => string) =>
    ['min;max;rain', ...Array.from({ length: 12 }, (_, m) => `2;9;${rain(m)}`)].join('\n');
  const decimal = readNormals(
    rows((m) => (m === 0 ? '1,200' : '45,5')),
    'metric',
  );
  expect(decimal.ok && decimal.value.months[0]?.rainMm).toBe(1.2);
  const asked = readNormals(
    rows((m) => (m === 0 ? '1,200' : '45')),
    'metric',
  );
  expect(asked.ok ? [] : asked.issues.map((i) => i.code)).toEqual(['columns.comma']);
});
