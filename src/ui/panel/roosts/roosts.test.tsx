import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, expect, test } from '@jest/globals';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DAY, sample, soundCoop } from '@/core/tests/plans';
import { useRefused } from '../../forms/refused';
import { goTo, openPlan, useBench } from '../../session/bench';
import { fixture, plan } from '../../tests/hands';
import { show, standIns } from '../../tests/shown';
import { BarDetails } from '../all';
import { StationPanel } from '../StationPanel';

beforeAll(standIns);
beforeEach(() => {
  useRefused.setState({ list: [] });
  openPlan(sample('pell-garth'), 1, DAY);
});

test('a distance from the rear wall is an input on to the coordinate', async () => {
  const user = userEvent.setup();
  goTo('roosts');
  show(<StationPanel />);
  const row = within(document.querySelector<HTMLElement>('[data-row="bar-1"]') ?? document.body);
  const field = row.getByLabelText(/From the rear wall/, { selector: 'input, select, textarea' });
  expect(field).toHaveValue('16 cm');
  await user.clear(field);
  await user.type(field, '45{Enter}');
  expect(plan()?.fixtures[0]).toMatchObject({ y: expect.closeTo(1.65, 9) });
  const height = row.getByLabelText(/^Height above litter/, {
    selector: 'input, select, textarea',
  });
  await user.clear(height);
  await user.type(height, '60 cm{Enter}');
  expect(plan()?.fixtures[0]).toMatchObject({ z: expect.closeTo(0.7, 9) });
  expect(screen.queryByText('Bar too near the wall')).toBeNull();
});

test('a bar is added, duplicated and removed', async () => {
  const user = userEvent.setup();
  goTo('roosts');
  show(<StationPanel />);
  await user.click(screen.getByRole('button', { name: 'Add a bar' }));
  await user.click(screen.getByRole('button', { name: 'Duplicate Bar 3' }));
  expect(
    plan()
      ?.fixtures.filter((f) => f.kind === 'bar')
      .map((f) => f.id),
  ).toEqual(['bar-1', 'bar-2', 'bar-3', 'bar-4']);
  await user.click(screen.getByRole('button', { name: 'Remove Rear bar' }));
  expect(plan()?.fixtures.some((f) => f.id === 'bar-1')).toBe(false);
  expect(useBench.getState().past.map((s) => s.name)).toEqual([
    'Add Bar 3',
    'Add Bar 4',
    'Remove Rear bar',
  ]);
});

test('a bar’s timber is chosen in its row', async () => {
  openPlan(soundCoop(), 1, DAY);
  const user = userEvent.setup();
  show(<BarDetails bar={fixture('bar', 'bar')} />);
  await user.selectOptions(
    screen.getByLabelText('Made of', { selector: 'input, select, textarea' }),
    'bamboo',
  );
  expect(fixture('bar', 'bar').material).toBe('bamboo');
});
