import { isRough } from '@/core/measure/bands';
import { readRough } from './roughWords';

const TALL = 1.68;
const read = (text: string, units: 'metric' | 'imperial' = 'metric', room = false): string => {
  const band = readRough(text, units, TALL, room);
  if (!band.ok) return band.issues[0]?.code ?? 'refused';
  const cm = (m: number): number => Math.round(m * 1000) / 10;
  const { atM, fromM, toM } = band.value;
  return isRough(band.value) ? `${cm(atM)} (${cm(fromM)}–${cm(toM)})` : String(cm(atM));
};

test.each([
  ['62', '62'],
  ['62 cm', '62'],
  ['1.2 m', '120'],
  ['about 50 cm', '50 (45–55)'],
  ['about 50', '50 (45–55)'],
  ['~50', '50 (45–55)'],
  ['roughly half a metre', '50 (45–55)'],
  ['50 or so', '50 (45–55)'],
  ['50cm ish', '50 (45–55)'],
  ['about 10 cm', '10 (8–12)'],
  ['40 to 50', '45 (40–50)'],
  ['40-50 cm', '45 (40–50)'],
  ['between 40 and 50 cm', '45 (40–50)'],
  ['1.2 to 1.3 m', '125 (120–130)'],
  ['90 cm to 1.1 m', '100 (90–110)'],
  ['knee high', '48 (42–54)'],
  ['about knee high', '48 (42–54)'],
  ['up to my knee', '48 (42–54)'],
  ['hip height', '89 (78–100)'],
  ['eye level', '157 (138–176)'],
  ['chest', '121 (106–136)'],
  ['three hands', '54 (48–60)'],
  ['2 paces', '144 (127–161)'],
  ['half a pace', '36 (32–40)'],
  ['a forearm', '43 (38–48)'],
])('%s in a plan of centimetres', (text, said) => {
  expect(read(text)).toBe(said);
});

test.each([
  ['18', '45.7'],
  ['18 in', '45.7'],
  ['about 2 ft', '61 (55–67)'],
  ['16 to 20 in', '46 (40.6–50.8)'],
  ['1-6', '45.7'],
  ['two and a half feet', '76.2'],
])('%s in a plan of feet and inches', (text, said) => {
  expect(read(text, 'imperial')).toBe(said);
});

test('a room’s small bare number is feet, also with about before it', () => {
  expect(read('6', 'imperial', true)).toBe('182.9');
  expect(read('about 6', 'imperial', true)).toBe('183 (165–201)'.replace('183', '182.9'));
});

test('a taller keeper has higher knees', () => {
  const knee = (tall: number): number => {
    const band = readRough('knee high', 'metric', tall);
    return band.ok ? band.value.atM : 0;
  };
  expect(knee(1.9)).toBeGreaterThan(knee(1.5));
});

test.each([
  '',
  'tall',
  'some',
  'banana high',
  'knee deep in 4 troubles',
  '40 to',
  'to 50',
  '-5',
  '1,2,3 cm',
  'no idea',
  'fifty hands high up',
  '999 hands',
])('“%s” is asked back, never guessed', (text) => {
  expect(read(text)).toMatch(/^length\./);
});
