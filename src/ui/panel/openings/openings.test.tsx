import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, expect, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DAY, soundCoop } from '@/core/tests/plans';
import { useRefused } from '../../forms/refused';
import { openPlan } from '../../session/bench';
import { fixture, plan, row, type } from '../../tests/hands';
import { show, standIns } from '../../tests/shown';
import { AirFields, DoorFields } from '../all';

beforeAll(standIns);
beforeEach(() => {
  useRefused.setState({ list: [] });
  openPlan(soundCoop(), 1, DAY);
});

test('an opening is made wider, and goes to another wall, with the same row in every panel that has it', async () => {
  const user = userEvent.setup();
  show(<DoorFields />);
  const field = (label: RegExp | string) =>
    row('pop').getByLabelText(label, { selector: 'input, select, textarea' });
  await type(field(/^Width/), '45 cm');
  expect(fixture('popDoor', 'pop').widthM).toBeCloseTo(0.45, 9);
  await user.selectOptions(field('In the wall'), 'left');
  expect(fixture('popDoor', 'pop').wall).toBe('left');
  await type(field(/^Width/), 'wide');
  expect(screen.getByRole('alert')).toBeInTheDocument();
  expect(fixture('popDoor', 'pop').widthM).toBeCloseTo(0.45, 9);
});

test('a window is added with a name and an id of its own', async () => {
  const user = userEvent.setup();
  show(<AirFields />);
  const before = plan().fixtures.map((f) => f.id);
  await user.click(screen.getByRole('button', { name: 'Add a window' }));
  const added = plan().fixtures.filter((f) => !before.includes(f.id));
  expect(added.map((f) => f.kind)).toEqual(['window']);
  expect(row(added[0]?.id ?? '').getByLabelText('Name')).toHaveValue(added[0]?.name);
});
