import { readPrice, writePrice } from './price';

test.each([
  ['$0.15', 0.15, '$'],
  ['0.15', 0.15, null],
  ['0,15 €', 0.15, '€'],
  ['€ 0,15', 0.15, '€'],
  ['15 kr', 15, 'kr'],
  ['CHF 0.27', 0.27, 'CHF'],
  ['A$0.31', 0.31, 'A$'],
  ['12', 12, null],
  ['18p', 18, 'p'],
])('“%s” is read with its currency', (text, amount, currency) => {
  expect(readPrice(text)).toEqual({ amount, currency });
});

test.each(['', 'dear', '$', '$0.15€', '0.15 a kWh', '1.2.3', '$$5'])('“%s” is no price', (text) => {
  expect(readPrice(text)).toBeNull();
});

test('a sign stands before its amount, letters after it, and what is written is read again', () => {
  expect(writePrice(0.15, '$')).toBe('$0.15');
  expect(writePrice(0.15, 'A$')).toBe('A$0.15');
  expect(writePrice(15, 'kr')).toBe('15 kr');
  expect(writePrice(15, null)).toBe('15');
  // tenths are written as money is; finer than hundredths nothing is taken off
  expect(writePrice(15.5, '$')).toBe('$15.50');
  expect(writePrice(0.1532, '€')).toBe('€0.1532');
  for (const currency of ['$', 'A$', 'kr', null]) {
    expect(readPrice(writePrice(0.15, currency))).toEqual({ amount: 0.15, currency });
  }
});
