import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, expect, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DAY, soundCoop } from '@/core/tests/plans';
import { useRefused } from '../../forms/refused';
import { openPlan } from '../../session/bench';
import { fixture, plan, row, type } from '../../tests/hands';
import { show, standIns } from '../../tests/shown';
import { ReachFields } from '../all';

beforeAll(standIns);
beforeEach(() => {
  useRefused.setState({ list: [] });
  openPlan(soundCoop(), 1, DAY);
});

test('reach: the keeper’s own measures, a hatch and its flap', async () => {
  const user = userEvent.setup();
  show(<ReachFields />);
  await type(
    screen.getByLabelText(/^Your stature/, { selector: 'input, select, textarea' }),
    '1.80 m',
  );
  expect(plan().keeper.statureM).toBeCloseTo(1.8, 9);
  await user.click(screen.getByRole('button', { name: 'Add a hatch' }));
  const hatch = plan().fixtures.find((f) => f.kind === 'hatch');
  if (!hatch) throw new Error('no hatch');
  await user.click(row(hatch.id).getByText('Latch, flap, stay'));
  await type(
    row(hatch.id).getByLabelText(/^Clear width in front/, {
      selector: 'input, select, textarea',
    }),
    '90 cm',
  );
  expect(fixture('hatch', hatch.id).frontM).toBeCloseTo(0.9, 9);
  await user.selectOptions(
    row(hatch.id).getByLabelText('Latch', { selector: 'input, select, textarea' }),
    'single',
  );
  expect(fixture('hatch', hatch.id).latch).toBe('single');
});
