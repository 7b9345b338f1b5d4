import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, expect, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DAY, sample, sampleClimate, soundCoop } from '@/core/tests/plans';
import { useRefused } from '../../forms/refused';
import { openPlan } from '../../session/bench';
import { figure, plan, type } from '../../tests/hands';
import { show, standIns } from '../../tests/shown';
import { ClimateFields } from './ClimateFields';

beforeAll(standIns);
beforeEach(() => useRefused.setState({ list: [] }));

test('with a climate the nights and afternoons that it is designed for are told, and its place is changed', async () => {
  openPlan(
    soundCoop((d) => {
      d.climate = sampleClimate('wet-upland');
    }),
    1,
    DAY,
  );
  show(<ClimateFields />);
  expect(figure('climate.designWinter')).toBeInTheDocument();
  const height = screen.getByLabelText(/^Altitude/, { selector: 'input' });
  await type(height, '900 m');
  expect(plan().climate?.altitudeM).toBe(900);
  await type(height, '90000 m');
  expect(screen.getByRole('alert')).toBeInTheDocument();
  expect(plan().climate?.altitudeM).toBe(900);
});

test('without one it says what is left out, and one is chosen by its name', async () => {
  openPlan({ ...sample('pell-garth'), climate: null }, 1, DAY);
  show(<ClimateFields />);
  expect(screen.getByText(/Without one, feed and water are worked at 20 °C/)).toBeInTheDocument();
  await userEvent.setup().selectOptions(screen.getByLabelText('Climate'), 'wet-upland');
  expect(plan().climate?.source).toMatchObject({ kind: 'shipped', id: 'wet-upland' });
});
