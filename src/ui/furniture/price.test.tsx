import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, expect, test } from '@jest/globals';
import { fireEvent, screen } from '@testing-library/react';
import { DAY, sample } from '@/core/tests/plans';
import { useRefused } from '../forms/refused';
import { openPlan } from '../session/bench';
import { plan, type } from '../tests/hands';
import { show, standIns } from '../tests/shown';
import { PriceField } from './PriceField';

beforeAll(standIns);
beforeEach(() => {
  useRefused.setState({ list: [] });
  openPlan({ ...sample('pell-garth'), prices: { currency: null, bag: null, kWh: null } }, 1, DAY);
  show(<PriceField of="kWh" />);
});
const field = (): HTMLElement => screen.getByRole('textbox');

test('a price keeps the currency it was typed with, and is given back with it', async () => {
  await type(field(), '$0.15');
  expect(plan().prices).toEqual({ currency: '$', bag: null, kWh: 0.15 });
  fireEvent.blur(field());
  expect(field()).toHaveValue('$0.15');
  // without one typed it stays
  await type(field(), '0.2');
  expect(plan().prices).toEqual({ currency: '$', bag: null, kWh: 0.2 });
});

test('a currency that was given up is nobody’s, and what is no price is told', async () => {
  await type(field(), '0.15');
  fireEvent.change(field(), { target: { value: '9 kr' } });
  fireEvent.keyDown(field(), { key: 'Escape' });
  fireEvent.keyDown(field(), { key: 'ArrowUp' });
  expect(plan().prices).toEqual({ currency: null, bag: null, kWh: 0.16 });
  await type(field(), 'dear');
  expect(screen.getByRole('alert')).toHaveTextContent('$0.15 or 15 kr');
  await type(field(), '-1');
  expect(screen.getByRole('alert')).toHaveTextContent('from 0 to 1,000,000');
  expect(plan().prices.kWh).toBe(0.16);
});
