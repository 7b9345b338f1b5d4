import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, expect, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DAY, soundCoop } from '@/core/tests/plans';
import { useRefused } from '../../forms/refused';
import { openPlan, undo } from '../../session/bench';
import { fixture, plan, row, type } from '../../tests/hands';
import { show, standIns } from '../../tests/shown';
import { AirFields } from '../all';

beforeAll(standIns);
beforeEach(() => {
  useRefused.setState({ list: [] });
  openPlan(soundCoop(), 1, DAY);
});

test('a vent is added, opened and covered, and its net area follows', async () => {
  const user = userEvent.setup();
  show(<AirFields />);
  await user.click(screen.getByRole('button', { name: 'Add a vent' }));
  expect(plan().fixtures.filter((f) => f.kind === 'vent')).toHaveLength(2);
  const net = () => document.querySelector('[data-figure="air.opening.vent"]')?.textContent;
  const before = net();
  await user.selectOptions(
    row('vent').getByLabelText('Covered with', { selector: 'input, select, textarea' }),
    'mesh6',
  );
  expect(fixture('vent', 'vent').cover).toBe('mesh6');
  expect(net()).not.toBe(before);
  await user.click(row('vent').getByText('Ridge, holes, screen, baffle'));
  await type(
    row('vent').getByLabelText(/^Drilled holes/, { selector: 'input, select, textarea' }),
    '40',
  );
  expect(fixture('vent', 'vent').holes).toEqual({ count: 40, diameterM: 0.025 });
  await type(
    row('vent').getByLabelText(/^Each hole across/, { selector: 'input, select, textarea' }),
    '3 cm',
  );
  expect(fixture('vent', 'vent').holes).toEqual({ count: 40, diameterM: 0.03 });
  await user.click(
    row('vent').getByLabelText('A baffle turns the air up', {
      selector: 'input, select, textarea',
    }),
  );
  expect(fixture('vent', 'vent').baffle).toBe(true);
  undo();
  expect(fixture('vent', 'vent').baffle).toBe(false);
});
