import { unitsOfRegion } from './region';

test.each([
  [['en-US'], 'imperial'],
  [['en'], 'imperial'],
  [['en-GB', 'en-US'], 'metric'],
  [['de'], 'metric'],
  [['fr-CA'], 'metric'],
  [['es-US'], 'imperial'],
  [['my'], 'imperial'],
  [['not a language!', 'en-US'], 'imperial'],
  [[], 'metric'],
] as const)('a browser set to %j begins in %s units', (languages, units) => {
  expect(unitsOfRegion(languages)).toBe(units);
});
