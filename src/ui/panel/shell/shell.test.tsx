import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, expect, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DAY, sample, soundCoop } from '@/core/tests/plans';
import { useRefused } from '../../forms/refused';
import { goTo, openPlan } from '../../session/bench';
import { plan } from '../../tests/hands';
import { show, standIns } from '../../tests/shown';
import { ShellDetails } from '../all';
import { StationPanel } from '../StationPanel';

beforeAll(standIns);
beforeEach(() => {
  useRefused.setState({ list: [] });
  openPlan(soundCoop(), 1, DAY);
});

test('a run is added, roofed by half and taken away; the coop is parted and made one again', async () => {
  const user = userEvent.setup();
  show(<ShellDetails />);
  await user.click(screen.getByRole('button', { name: 'Add a run' }));
  expect(document.querySelector('[data-figure="shell.run.have"]')).not.toBeNull();
  await user.selectOptions(
    screen.getByLabelText('Roofed', { selector: 'input, select, textarea' }),
    'half',
  );
  expect(plan().run?.roof).toBe('half');
  await user.click(
    screen.getByLabelText('Solid on the left', { selector: 'input, select, textarea' }),
  );
  expect(plan().run?.solidSides).toEqual(['rear', 'left']);
  await user.click(screen.getByRole('button', { name: 'Remove the run' }));
  expect(plan().run).toBeNull();
  await user.click(screen.getByRole('button', { name: 'Part it in two' }));
  expect(plan().partition).toMatchObject({ axis: 'x', atM: 2, beyond: ['hens'] });
  await user.click(
    screen.getByLabelText('Hens live beyond it', { selector: 'input, select, textarea' }),
  );
  expect(plan().partition?.beyond).toEqual([]);
  await user.click(screen.getByRole('button', { name: 'Take the partition out' }));
  expect(plan().partition).toBeNull();
});

test('a roof of another kind keeps its heights, and a low side above the high one is refused', async () => {
  openPlan(sample('pell-garth'), 1, DAY);
  const user = userEvent.setup();
  goTo('shell');
  show(<StationPanel />);
  await user.selectOptions(
    screen.getByLabelText('Roof', { selector: 'input, select, textarea' }),
    'gable',
  );
  expect(plan()?.shell.roof).toEqual({ kind: 'gable', lowM: 1.9, highM: 2.4, ridgeAxis: 'x' });
  const low = screen.getByLabelText(/Height, low side/, { selector: 'input, select, textarea' });
  await user.clear(low);
  await user.type(low, '2.5 m{Enter}');
  expect(screen.getByRole('alert')).toHaveTextContent('high side of the roof is lower');
  expect(low).toHaveValue('2.5 m');
  expect(plan()?.shell.roof.lowM).toBe(1.9);
});
