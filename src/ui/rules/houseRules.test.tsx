import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, expect, test } from '@jest/globals';
import { fireEvent, screen, within } from '@testing-library/react';
import { RULE_BOOK } from '@/core/rules/book';
import { DAY, sample } from '@/core/tests/plans';
import { openPlan, useBench } from '../session/bench';
import { show, standIns } from '../tests/shown';
import { HouseRules } from './HouseRules';
import { openHouseRules, useHouseRules } from './room';

beforeAll(standIns);
beforeEach(() => {
  // no other plan is there to take rules from
  globalThis.fetch = (() => Promise.resolve({ json: () => Promise.resolve([]) })) as never;
  openPlan(sample('pell-garth'), 1, DAY);
});

test('every topic that keepers differ about stands on the page, with its schools', () => {
  show(<HouseRules />);
  const groups = screen.getAllByRole('radiogroup');
  expect(groups).toHaveLength(RULE_BOOK.topics.length);
  for (const group of groups) {
    expect(within(group).getAllByRole('radio').length).toBeGreaterThan(1);
  }
});

test('a school that is chosen is the plan’s from then on', () => {
  show(<HouseRules />);
  const before = useBench.getState().plan?.schools;
  const other = screen
    .getAllByRole('radio')
    .find((r) => r.getAttribute('aria-checked') !== 'true' && !(r as HTMLInputElement).checked);
  fireEvent.click(other as HTMLElement);
  expect(useBench.getState().plan?.schools).not.toEqual(before);
});

test('the page is left by its own button, for the coop', () => {
  openHouseRules();
  show(<HouseRules />);
  fireEvent.click(within(document.body).getByRole('button', { name: 'Back to the coop' }));
  expect(useHouseRules.getState().open).toBe(false);
});
