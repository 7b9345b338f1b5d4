import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, expect, test } from '@jest/globals';
import { screen } from '@testing-library/react';
import { DAY, sample } from '@/core/tests/plans';
import { useRefused } from '../../forms/refused';
import { goTo, openPlan } from '../../session/bench';
import { figure } from '../../tests/hands';
import { show, standIns } from '../../tests/shown';
import { StationPanel } from '../StationPanel';

beforeAll(standIns);
beforeEach(() => {
  useRefused.setState({ list: [] });
  openPlan(sample('pell-garth'), 1, DAY);
});

test('the floor says what stands on it, down to what is usable', () => {
  goTo('floor');
  show(<StationPanel />);
  expect(screen.getByText('Drawer boxes')).toBeInTheDocument();
  expect(figure('floor.taken.nests-1')).toHaveTextContent('0.43 m²');
  expect(screen.getByText('Usable').closest('div')).toHaveTextContent('5.73 m²');
});
