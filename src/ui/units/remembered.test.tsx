import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { rememberUnits, unitsToBegin } from './remembered';

beforeEach(() => localStorage.clear());
afterEach(() => void jest.restoreAllMocks());

const inRegion = (...languages: string[]): void =>
  void jest.spyOn(navigator, 'languages', 'get').mockReturnValue(languages);

test('a new plan begins in the units chosen last, before any in those of the browser’s region', () => {
  inRegion('en-US');
  expect(unitsToBegin()).toBe('imperial');
  inRegion('en-GB', 'en-US');
  expect(unitsToBegin()).toBe('metric');
  rememberUnits('imperial');
  expect(unitsToBegin()).toBe('imperial');
});

test('in a browser that keeps nothing, or has something else there, the region decides', () => {
  inRegion('de-DE');
  localStorage.setItem('wide-rafter-units', 'cubits');
  expect(unitsToBegin()).toBe('metric');
  const refuse = () => {
    throw new Error('blocked');
  };
  jest.spyOn(Storage.prototype, 'getItem').mockImplementation(refuse);
  jest.spyOn(Storage.prototype, 'setItem').mockImplementation(refuse);
  rememberUnits('imperial');
  expect(unitsToBegin()).toBe('metric');
});
