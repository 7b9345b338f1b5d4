import type { Reading } from '@/core/air/thermometer';
import type { Outcome } from '@/core/kernel/outcome';
import { issueText } from '@/text/issues';
import { readReadings, writeReadings } from './readings';

const good = (read: Outcome<readonly Reading[]>): readonly Reading[] => {
  if (!read.ok) throw new Error(read.issues.map(issueText).join(' '));
  return read.value;
};
const why = (read: Outcome<readonly Reading[]>): string => {
  if (read.ok) throw new Error('it was read');
  return read.issues.map(issueText).join(' ');
};

const week: Reading[] = Array.from({ length: 48 }, (_, i) => ({
  dayOfYear: i < 24 ? 11 : 12,
  hour: i % 24,
  inC: -2.5 + i / 10,
  outC: -6.1,
  inRh: 0.91,
  outRh: 0.8,
}));

test('what is written is read back as it was', () => {
  const text = writeReadings(week, '2027-01-12');
  expect(text.split('\r\n')[1]).toBe('2027-01-12 00:00,-2.5,91,-6.1,80');
  expect(good(readReadings(text, 'metric'))).toEqual(week);
  // headings say °C: the plan's own units change nothing
  expect(good(readReadings(text, 'imperial'))).toEqual(week);
});

test('typed without headings they go in their order, in the plan’s degrees, humidity or none', () => {
  expect(good(readReadings('2027-01-12 07:30, -3, 92, -6, 88', 'metric'))).toEqual([
    { dayOfYear: 11, hour: 7.5, inC: -3, inRh: 0.92, outC: -6, outRh: 0.88 },
  ]);
  const [warm] = good(readReadings('2027-01-12 7:00,32,,14', 'imperial'));
  expect(warm).toMatchObject({ inC: 0, inRh: null, outC: -10, outRh: null });
});

test('a logger’s own headings are known in any order', () => {
  const text =
    'Timestamp;Outdoor temp (°F);Coop temp (°F);Coop humidity\n2027-07-01T15:00;86;95;40';
  const [one] = good(readReadings(text, 'metric'));
  expect(one?.outC).toBeCloseTo(30, 9);
  expect(one?.inC).toBeCloseTo(35, 9);
  expect(one).toMatchObject({ dayOfYear: 181, hour: 15, inRh: 0.4, outRh: null });
});

test.each([
  ['', /no reading/],
  ['time,inside,inside humidity\n2027-01-12 07:00,3,90', /outdoors/],
  ['inside,outside\n3,4', /time/],
  ['12/01/2027 07:00,3,90,1', /Line 1.*no time/],
  ['2027-01-12 07:00,warm,90,1', /Line 1.*no number/],
  ['2027-01-12 07:00,3,90,', /Line 1/],
  ['2027-01-12 07:00,300,90,1', /Line 1.*can't be/],
  ['2027-01-12 27:00,3,90,1', /no time/],
])('%j is refused with its reason', (text, reason) => {
  expect(why(readReadings(text, 'metric'))).toMatch(reason);
});

test('a unit in a cell wins over the heading’s and the plan’s', () => {
  const text = 'time,inside °C,outside °C\n2027-01-12 07:00,41 °F,-6 °C';
  expect(readReadings(text, 'metric')).toMatchObject({ ok: true, value: [{ inC: 5, outC: -6 }] });
  const bare = '2027-01-12 07:00, 41 °F, 92, -6 C, 88';
  expect(readReadings(bare, 'imperial')).toMatchObject({ ok: true, value: [{ inC: 5, outC: -6 }] });
});
