import fc from 'fast-check';
import { type AmountKind, amountUnit, inPrinted, isAmountKind, readAmount } from './amount';

const KINDS: readonly AmountKind[] = ['kg', 'egg', 'L', '°C', 'm²', 'altitude'];
const SYSTEMS = ['metric', 'imperial'] as const;

test.each([
  ['20', 'kg', 'metric', 20],
  ['20', 'kg', 'imperial', 9.0718474],
  ['5 lb', 'kg', 'metric', 2.26796185],
  ['5kg', 'kg', 'imperial', 5],
  ['750 g', 'kg', 'metric', 0.75],
  ['2 oz', 'egg', 'metric', 0.056699046],
  ['58', 'egg', 'metric', 0.058],
  ['2 gal', 'L', 'metric', 7.570823568],
  ['2 QT', 'L', 'imperial', 1.892705892],
  ['12,5 l', 'L', 'imperial', 12.5],
  ['50 °F', '°C', 'metric', 10],
  ['50', '°C', 'imperial', 10],
  ['−5', '°C', 'metric', -5],
  ['-5 c', '°C', 'imperial', -5],
  ['1 ft²', 'm²', 'metric', 0.09290304],
  ['200 cm2', 'm²', 'metric', 0.02],
  ['500 ft', 'altitude', 'metric', 152.4],
] as const)('%s (%s, %s) is %d', (text, kind, units, si) => {
  expect(readAmount(text, kind, units)).toBeCloseTo(si, 8);
});

test.each([
  ['1e99', 'kg'],
  ['5 lb', 'L'],
  ['5 L', 'kg'],
  ['5 kg kg', 'kg'],
  ['', 'kg'],
  ['kg', 'kg'],
  ['2,1.5 kg', 'kg'],
  ['5 constructor', 'kg'],
  ['5 __proto__', 'kg'],
  ['<b>5</b>', 'm²'],
  ['9'.repeat(400), 'L'],
] as const)('%s is no amount of %s', (text, kind) => {
  expect(readAmount(text, kind, 'metric')).toBeNull();
});

test('what is printed is read back as it was, in either system', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...KINDS),
      fc.constantFrom(...SYSTEMS),
      fc.integer({ min: -100_000, max: 100_000 }),
      (kind, units, n) => {
        const value = n / 1000;
        const printed = `${inPrinted(value, kind, units)} ${amountUnit(kind, units)}`;
        if (/e/.test(printed.split(' ')[0] ?? '')) return;
        expect(readAmount(printed, kind, units)).toBeCloseTo(value, 6);
      },
    ),
  );
});

test('units that are no amount of either system are told apart', () => {
  expect(KINDS.every(isAmountKind)).toBe(true);
  for (const other of ['W', 'days', 'holes', 'toString', ''])
    expect(isAmountKind(other)).toBe(false);
});
