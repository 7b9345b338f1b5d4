import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, expect, test } from '@jest/globals';
import { fireEvent, screen } from '@testing-library/react';
import { DAY, soundCoop } from '@/core/tests/plans';
import { useRefused } from '../../forms/refused';
import { openPlan, useBench } from '../../session/bench';
import { plan, type } from '../../tests/hands';
import { show, standIns } from '../../tests/shown';
import { FlockFields } from '../all';

beforeAll(standIns);
beforeEach(() => {
  useRefused.setState({ list: [] });
  openPlan(soundCoop(), 1, DAY);
});

test('what a local rule allows is entered, held to, and left open again', async () => {
  show(<FlockFields />);
  const most = screen.getByLabelText(/^Most birds/, { selector: 'input' });
  await type(most, '4');
  expect(plan().limits.mostBirds).toBe(4);
  const told = () => useBench.getState().assessment?.findings.map((f) => f.code);
  expect(told()).toContain('flock.limit.birds');
  await type(most, 'many');
  expect(screen.getByRole('alert')).toBeInTheDocument();
  expect(plan().limits.mostBirds).toBe(4);
  fireEvent.change(most, { target: { value: '' } });
  fireEvent.keyDown(most, { key: 'Enter' });
  expect(plan().limits.mostBirds).toBeNull();
  expect(told()).not.toContain('flock.limit.birds');
});
