import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DAY, sampleClimate, soundCoop } from '@/core/tests/plans';
import { useRefused } from '../../forms/refused';
import { openPlan } from '../../session/bench';
import { fixture, row, type } from '../../tests/hands';
import { show, spoilt, standIns } from '../../tests/shown';
import { DoorFields } from '../all';
import { LightTable } from './LightTable';

beforeAll(standIns);
beforeEach(() => {
  useRefused.setState({ list: [] });
  openPlan(soundCoop(), 1, DAY);
});

test('a pop door gets a ramp, and powered it asks for what a machine needs', async () => {
  const user = userEvent.setup();
  show(<DoorFields />);
  expect(
    row('pop').queryByLabelText(/^Closes after sunset/, { selector: 'input, select, textarea' }),
  ).toBeNull();
  await user.selectOptions(
    row('pop').getByLabelText('Works', { selector: 'input, select, textarea' }),
    'light',
  );
  await type(
    row('pop').getByLabelText(/^Closes after sunset/, { selector: 'input, select, textarea' }),
    '45',
  );
  expect(fixture('popDoor', 'pop')).toMatchObject({ works: 'light', closesAfterMin: 45 });
  await user.click(row('pop').getByText('Ramp, step, latch, safety'));
  await type(
    row('pop').getByLabelText(/^Ramp, length/, { selector: 'input, select, textarea' }),
    '1.2 m',
  );
  expect(fixture('popDoor', 'pop').ramp).toEqual({ lengthM: 1.2, widthM: 0.3, cleatM: 0.14 });
  await user.click(
    row('pop').getByLabelText('Its sensor sees a lamp', {
      selector: 'input, select, textarea',
    }),
  );
  expect(fixture('popDoor', 'pop').lampInView).toBe(true);
});

describe('the light through the year', () => {
  const lit = (school: string) =>
    soundCoop((d) => {
      d.climate = sampleClimate('wet-upland');
      d.schools['light.laying'] = school;
    });

  test('a school with a lamp draws it and has its weeks in a table', () => {
    openPlan(lit('light.laying.morning'), 1, DAY);
    const { container } = show(<LightTable />);
    expect(spoilt(container)).toEqual([]);
    fireEvent.click(screen.getByText('The lamp, week by week'));
    const rows = within(screen.getByRole('table')).getAllByRole('row');
    // a row for each week in which it burns: fewer than the year has, more than its dark half
    expect(rows.length).toBeGreaterThan(26);
    expect(rows.length).toBeLessThanOrEqual(53);
    expect(container.textContent).not.toMatch(/NaN|undefined/);
  });

  test('winter rest burns none, and without a place it asks for one', () => {
    openPlan(lit('light.laying.none'), 1, DAY);
    const { container, unmount } = show(<LightTable />);
    expect(container).toBeEmptyDOMElement();
    unmount();
    openPlan(soundCoop(), 1, DAY);
    show(<LightTable />);
    expect(screen.getByText(/Choose a place under Flock/)).toBeInTheDocument();
  });
});
