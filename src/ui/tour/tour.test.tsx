import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { DAY, sample } from '@/core/tests/plans';
import { TOUR } from '@/text/tour';
import { goTo, openPlan, useBench } from '../session/bench';
import { hasSeenTour, leaveTour, takeStep, useTour } from './tour';

beforeEach(() => {
  localStorage.clear();
  useTour.setState({ step: null });
  openPlan(sample('pell-garth'), 1, DAY);
});
afterEach(() => void jest.restoreAllMocks());

const at = (id: string): number => TOUR.findIndex((step) => step.id === id);

test('each step shows what it speaks of, and past the last the tour has been seen', () => {
  expect(hasSeenTour()).toBe(false);
  goTo('flock');
  takeStep(at('coop'));
  expect(useBench.getState()).toMatchObject({ station: 'roosts', pane: 'coop' });
  goTo('air');
  takeStep(at('finding'));
  const { station, assessment } = useBench.getState();
  expect(station).toBe(assessment?.findings[0]?.station);
  takeStep(at('staves'));
  expect(useBench.getState().pane).toBe('staves');
  takeStep(TOUR.length);
  expect(useTour.getState().step).toBeNull();
  expect(hasSeenTour()).toBe(true);
});

test('in a browser that keeps nothing the tour is not pressed on anybody again and again', () => {
  const refuse = () => {
    throw new Error('blocked');
  };
  jest.spyOn(Storage.prototype, 'getItem').mockImplementation(refuse);
  jest.spyOn(Storage.prototype, 'setItem').mockImplementation(refuse);
  takeStep(0);
  leaveTour();
  expect(useTour.getState().step).toBeNull();
  expect(hasSeenTour()).toBe(true);
});
