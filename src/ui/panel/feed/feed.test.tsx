import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, expect, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DAY, sample, soundCoop } from '@/core/tests/plans';
import { useRefused } from '../../forms/refused';
import { openPlan } from '../../session/bench';
import { fixture, plan, row, type } from '../../tests/hands';
import { show, spoilt, standIns } from '../../tests/shown';
import { FeedFields, WaterFields } from '../all';
import { MonthBars } from './MonthBars';

beforeAll(standIns);
beforeEach(() => {
  useRefused.setState({ list: [] });
  openPlan(soundCoop(), 1, DAY);
});

test('what does not fit a field is told at it, and changes nothing', async () => {
  show(<FeedFields />);
  const every = screen.getByLabelText(/^Filled every/, { selector: 'input, select, textarea' });
  await type(every, '90');
  expect(screen.getByRole('alert')).toHaveTextContent('from 1 days to 60 days');
  expect(plan().fills.feedDays).toBe(7);
  await type(every, '10');
  expect(plan().fills.feedDays).toBe(10);
  await type(every, 'soon');
  expect(screen.getByRole('alert')).toHaveTextContent('not a number');
  expect(plan().fills.feedDays).toBe(10);
});

test('a feeder says what it holds and weighs, and changes its kind', async () => {
  const user = userEvent.setup();
  show(<FeedFields />);
  expect(row('feeder').getByText(/full and swinging it pulls like/)).toBeInTheDocument();
  await user.selectOptions(
    row('feeder').getByLabelText('Kind', { selector: 'input, select, textarea' }),
    'trough',
  );
  expect(fixture('feeder', 'feeder').type).toBe('trough');
  await type(
    row('feeder').getByLabelText(/^Trough, length/, { selector: 'input, select, textarea' }),
    '80 cm',
  );
  expect(fixture('feeder', 'feeder').lengthM).toBeCloseTo(0.8, 9);
  await type(
    row('feeder').getByLabelText(/^Rim above litter/, { selector: 'input, select, textarea' }),
    '20 cm',
  );
  expect(fixture('feeder', 'feeder').rimZ).toBeCloseTo(0.3, 9);
  await user.click(screen.getByRole('button', { name: 'Pedal-lid box' }));
  expect(plan().fixtures.some((f) => f.kind === 'feeder' && f.type === 'pedal')).toBe(true);
  await user.click(screen.getByRole('button', { name: 'Grit' }));
  expect(plan().fixtures.some((f) => f.kind === 'dish' && f.holds === 'grit')).toBe(true);
});

test('a drinker becomes a line of nipples with a tank', async () => {
  const user = userEvent.setup();
  show(<WaterFields />);
  await user.selectOptions(
    row('drinker').getByLabelText('Kind', { selector: 'input, select, textarea' }),
    'nipple',
  );
  await user.click(row('drinker').getByText('Place, weight, tray, tank, frost'));
  await type(
    row('drinker').getByLabelText(/^Tank above litter/, { selector: 'input, select, textarea' }),
    '1.2 m',
  );
  expect(fixture('drinker', 'drinker').tankZ).toBeCloseTo(1.2 + plan().litter.depthM, 9);
  await user.click(
    row('drinker').getByLabelText('A tray stands under it', {
      selector: 'input, select, textarea',
    }),
  );
  expect(fixture('drinker', 'drinker').tray).toBe(false);
});

test('feed and water are drawn as bars of their months, the largest as high as the picture', () => {
  openPlan(sample('pell-garth'), 1, DAY);
  for (const what of ['feed', 'water'] as const) {
    const { container, unmount } = show(<MonthBars of={what} title={what} />);
    expect(spoilt(container)).toEqual([]);
    const heights = [...container.querySelectorAll('rect')].map((r) =>
      Number(r.getAttribute('height')),
    );
    expect(heights.length).toBeGreaterThanOrEqual(24);
    expect(Math.min(...heights)).toBeGreaterThanOrEqual(0);
    unmount();
  }
});
