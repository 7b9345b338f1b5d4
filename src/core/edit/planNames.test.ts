import fc from 'fast-check';
import { PLAN_LIMITS } from '../model/limits';
import { copyName, freeName, isNameTaken } from './planNames';

test('a name is taken in whatever letters and spaces it is written', () => {
  expect(isNameTaken('  pell   GARTH ', ['Pell Garth'])).toBe(true);
  expect(isNameTaken('Pell Garth 2', ['Pell Garth'])).toBe(false);
});

test('copies are numbered, and so is a name brought in twice', () => {
  expect(copyName('Shed', ['Shed'])).toBe('Shed (copy)');
  expect(copyName('Shed (copy)', ['Shed', 'Shed (copy)'])).toBe('Shed (copy 2)');
  expect(copyName('Shed (copy 2)', ['Shed', 'Shed (copy)', 'Shed (copy 2)'])).toBe('Shed (copy 3)');
  expect(freeName('Shed', ['Barn'])).toBe('Shed');
  expect(freeName('Shed (2)', ['Shed', 'Shed (2)'])).toBe('Shed (3)');
});

test('whatever the names, the new one is free, whole and no longer than a name may be', () => {
  const name = fc
    .string({ unit: 'grapheme', minLength: 1, maxLength: PLAN_LIMITS.name })
    .filter((n) => n.isWellFormed() && n.length <= PLAN_LIMITS.name && n.trim() !== '');
  fc.assert(
    fc.property(fc.array(name, { minLength: 1, maxLength: 8 }), (names) => {
      const all = [...names];
      for (const make of [copyName, freeName, copyName, freeName]) {
        const made = make(names[0] ?? '', all);
        expect(isNameTaken(made, all)).toBe(false);
        expect(made.length).toBeLessThanOrEqual(PLAN_LIMITS.name);
        expect(made.isWellFormed()).toBe(true);
        all.push(made);
      }
    }),
  );
});
