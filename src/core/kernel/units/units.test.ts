import { formatArea } from './area';
import { dayIn, isDay } from './day';
import { formatMass, readMass } from './mass';
import { atMost, below, readDecimal, wholeDown, wholeUp } from './number';

const mass = (text: string, units: 'metric' | 'imperial' = 'metric') => {
  const outcome = readMass(text, units);
  return outcome.ok ? outcome.value : outcome.issues[0]?.code;
};

test('a mass is read in either system', () => {
  expect(mass('3.2 kg')).toBe(3.2);
  expect(mass('3200 g')).toBe(3.2);
  expect(mass('3,2')).toBe(3.2);
  expect(mass('7 lb 1 oz')).toBeCloseTo(3.203495, 5);
  expect(mass('7.5', 'imperial')).toBeCloseTo(3.401943, 5);
});

test('what is not a mass is refused', () => {
  expect(mass('')).toBe('mass.empty');
  expect(mass('heavy')).toBe('mass.unreadable');
  expect(mass('-2 kg')).toBe('mass.unreadable');
  expect(mass('0')).toBe('mass.unreadable');
  expect(mass('3 kg x')).toBe('mass.unreadable');
});

test('masses and areas are written in the units asked for', () => {
  expect(formatMass(3.2, 'metric')).toBe('3.2 kg');
  expect(formatMass(2.95, 'metric')).toBe('2.95 kg');
  expect(formatMass(3.2, 'imperial')).toBe('7.1 lb');
  expect(formatArea(6.3, 'metric')).toBe('6.30 m²');
  expect(formatArea(8.918, 'imperial')).toBe('96.0 ft²');
  // what is open, what is asked for, and what is missing are three numbers and none of them is nothing
  expect([0.044, 0.047, 0.003, 0.0001].map((m2) => formatArea(m2, 'metric'))).toEqual([
    '0.044 m²',
    '0.047 m²',
    '0.003 m²',
    '0.001 m²',
  ]);
  expect(formatArea(0.003, 'imperial')).toBe('0.03 ft²');
  expect(formatArea(0, 'metric')).toBe('0.00 m²');
});

test('a quotient is tidied before it is floored, ceiled or compared', () => {
  expect(wholeDown((1.24 - 0.1) / 0.38)).toBe(3);
  expect(wholeDown(2.999999)).toBe(2);
  expect(wholeUp(0.3 / 0.1)).toBe(3);
  expect(wholeUp(3.000001)).toBe(4);
  expect(atMost(0.1 + 0.2, 0.3)).toBe(true);
  expect(below(0.3, 0.1 + 0.2)).toBe(false);
});

test('a decimal has one separator at most', () => {
  expect(readDecimal('4,5')).toBe(4.5);
  expect(readDecimal('.5')).toBe(0.5);
  expect(readDecimal('1,234.5')).toBeNull();
  expect(readDecimal('1e9')).toBeNull();
  expect(readDecimal('Infinity')).toBeNull();
});

test('a day is told in the time zone of the coop', () => {
  const instant = new Date('2026-11-24T23:30:00Z');
  expect(dayIn(instant, 'UTC')).toBe('2026-11-24');
  expect(dayIn(instant, 'Asia/Tokyo')).toBe('2026-11-25');
  expect(dayIn(instant, 'America/Denver')).toBe('2026-11-24');
  expect(isDay('2028-02-29')).toBe(true);
  expect(isDay('2027-02-29')).toBe(false);
  expect(isDay('27-2-1')).toBe(false);
});
