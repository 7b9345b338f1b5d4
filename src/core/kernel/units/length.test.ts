import fc from 'fast-check';
import { METRES_PER_INCH } from './factors.data';
import { formatLength, readLength, readRoomLength, type UnitSystem } from './length';

const read = (text: string, units: UnitSystem = 'metric'): number | string => {
  const outcome = readLength(text, units);
  return outcome.ok ? outcome.value : (outcome.issues[0]?.code ?? '');
};

describe('a length as typed', () => {
  test.each([
    ['2.1 m', 2.1],
    ['2,1 m', 2.1],
    ['210', 2.1],
    ['55 cm', 0.55],
    ['38mm', 0.038],
    ['6\' 10 1/2"', 2.0955],
    ['6′ 10 1/2″', 2.0955],
    ['6 ft 10½ in', 2.0955],
    ['83 in', 2.1082],
    ['3/4"', 0.01905],
    ["12'", 3.6576],
    ["7' 4", 2.2352],
    ['  1,25 M ', 1.25],
    ['6-3', 1.905],
    ['6-3 1/2"', 1.9177],
    ['6-3-1/2', 1.9177],
    ["6 1/2'", 1.9812],
    ["6-1/2'", 1.9812],
    ['6½ ft', 1.9812],
    ['six feet', 1.8288],
    ['Six foot three', 1.905],
    ['six feet and three inches', 1.905],
    ['two metres', 2],
    ['two and a half metres', 2.5],
    ['half a metre', 0.5],
    ['half an inch', 0.0127],
    ['three quarters of an inch', 0.01905],
    ['1 yd', 0.9144],
    ['1 yard 6 in', 1.0668],
    ['2 1/2 yards', 2.286],
    ['12 centimetres', 0.12],
    ['3 ft. 2 in.', 0.9652],
  ])('%s is read whatever the units of the plan', (text, metres) => {
    expect(read(text, 'metric')).toBeCloseTo(metres, 9);
    if (text !== '210') expect(read(text, 'imperial')).toBeCloseTo(metres, 9);
  });

  test('a bare number takes the unit printed in its field', () => {
    expect(read('83', 'metric')).toBe(0.83);
    expect(read('83', 'imperial')).toBeCloseTo(2.1082, 9);
    expect(read('10 1/2', 'imperial')).toBeCloseTo(0.2667, 9);
  });

  test.each([
    ['', 'length.empty'],
    ['   ', 'length.empty'],
    ['1.234,5', 'length.twoSeparators'],
    ['1,234,5 m', 'length.twoSeparators'],
    ['-3 cm', 'length.negative'],
    ['−3 cm', 'length.negative'],
    ['two pints', 'length.unreadable'],
    ['6-13', 'length.unreadable'],
    ['6-', 'length.unreadable'],
    ['a lot', 'length.unreadable'],
    ['3 furlongs', 'length.unreadable'],
    ['6\' 1/0"', 'length.unreadable'],
    ['1e3', 'length.unreadable'],
    ['NaN', 'length.unreadable'],
    ['m', 'length.unreadable'],
    ['.', 'length.unreadable'],
  ])('%j is refused with a reason', (text, code) => {
    expect(read(text)).toBe(code);
  });
});

describe('a length as written', () => {
  test.each([
    [0.55, 'metric', '55 cm'],
    [0.3399, 'metric', '34 cm'],
    [0.2833, 'metric', '28.3 cm'],
    [0.9996, 'metric', '1.00 m'],
    [2.1, 'metric', '2.10 m'],
    [0, 'metric', '0 cm'],
    [-0.1, 'metric', '−10 cm'],
    [2.0955, 'imperial', '6′ 10 1/2″'],
    [0.3, 'imperial', '11 3/4″'],
    // what was typed in finer parts is given back so, what comes of metres is not made finer than it is
    [0.0492125, 'imperial', '1 15/16″'],
    [0.05, 'imperial', '2″'],
    [0.28178125, 'imperial', '11 3/32″'],
    [3.6576, 'imperial', '12′'],
    [0, 'imperial', '0″'],
    [-0.0254, 'imperial', '−1″'],
  ] as const)('%d m in %s is %s', (metres, units, text) => {
    expect(formatLength(metres, { units })).toBe(text);
  });

  test('a small thing is in inches all through, and reads back the same', () => {
    const text = formatLength(14.5 * METRES_PER_INCH, { units: 'imperial', inches: true });
    expect(text).toBe('14 1/2″');
    expect(readLength(text, 'imperial')).toEqual({ ok: true, value: 0.3683 });
    expect(formatLength(-26 * METRES_PER_INCH, { units: 'imperial', inches: true })).toBe('−26″');
    expect(formatLength(1.2, { units: 'metric', inches: true })).toBe('1.20 m');
  });

  test('sixteenths, eighths and thirty-seconds are told apart', () => {
    const text = (denominator: 8 | 16 | 32) =>
      formatLength((11 + 1.2 / 32) * METRES_PER_INCH, { units: 'imperial', denominator });
    expect([text(32), text(16), text(8)]).toEqual(['11 1/32″', '11 1/16″', '11″']);
  });

  test('there and back is exact to 1/32 in, and to half of the last figure shown in metric', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 30, noNaN: true }), (metres) => {
        const back = (units: UnitSystem): number => {
          const outcome = readLength(formatLength(metres, { units }), units);
          return outcome.ok ? outcome.value : Number.NaN;
        };
        expect(Math.abs(back('imperial') - metres)).toBeLessThanOrEqual(
          METRES_PER_INCH / 32 + 1e-9,
        );
        expect(Math.abs(back('metric') - metres)).toBeLessThanOrEqual(0.005 + 1e-9);
      }),
    );
  });
});

test('in a room’s field a bare number up to 30 is feet, with a fraction too; above, or with a mark, it is what it says', () => {
  const read = (text: string, units: UnitSystem = 'imperial'): number => {
    const outcome = readRoomLength(text, units);
    return outcome.ok ? outcome.value / METRES_PER_INCH : Number.NaN;
  };
  expect(read('8')).toBeCloseTo(96, 9);
  expect(read('6.5')).toBeCloseTo(78, 9);
  expect(read('6 1/2')).toBeCloseTo(78, 9);
  expect(read('6½')).toBeCloseTo(78, 9);
  expect(read('30')).toBeCloseTo(360, 9);
  expect(read('30 1/2')).toBeCloseTo(30.5, 9);
  expect(read('96')).toBeCloseTo(96, 9);
  expect(read('78 1/2')).toBeCloseTo(78.5, 9);
  expect(read('6 1/2"')).toBeCloseTo(6.5, 9);
  expect(read("6' 1/2")).toBeCloseTo(72.5, 9);
  expect(read('210', 'metric')).toBeCloseTo(210 / 2.54, 9);
  expect(read('6 1/0')).toBeNaN();
});
