import '@testing-library/jest-dom/jest-globals';
import { beforeAll, beforeEach, expect, jest, test } from '@jest/globals';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { DAY, sample } from '@/core/tests/plans';
import { openPlan, useBench } from '../session/bench';
import { Shown, standIns } from '../tests/shown';
import { Figure } from './Figure';
import { afterMarks, marksOf } from './marks';
import { WorkingHost } from './WorkingHost';

beforeAll(standIns);
beforeEach(() => openPlan(sample('pell-garth'), 1, DAY));

test('a figure opens its working under its block, and shuts it again', async () => {
  render(
    <Shown>
      <WorkingHost>
        <Figure id="roosts.capacity" bare />
      </WorkingHost>
    </Shown>,
  );
  const figure = screen.getByRole('button', { name: '6' });
  const { assessment } = useBench.getState();
  expect(assessment?.figures.get('roosts.capacity')?.value).toBe(6);
  expect(figure).toHaveAttribute('aria-expanded', 'false');
  fireEvent.click(figure);
  expect(figure).toHaveAttribute('aria-expanded', 'true');
  const working = document.getElementById(figure.getAttribute('aria-controls') ?? '');
  await waitFor(() => expect(working).not.toBeEmptyDOMElement());
  fireEvent.click(figure);
  expect(figure).toHaveAttribute('aria-expanded', 'false');
  expect(working).toBeEmptyDOMElement();
});

test('a figure that nobody has worked is a fault of ours, and told as one', () => {
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const broken = () =>
    render(
      <Shown>
        <WorkingHost>
          <Figure id="roosts.nothing" />
        </WorkingHost>
      </Shown>,
    );
  expect(broken).toThrow('the assessment has no figure roosts.nothing');
  jest.restoreAllMocks();
});

test('marks that follow a number stay on its line', () => {
  expect(marksOf('; the rest')).toBe(';');
  expect(afterMarks('; the rest')).toBe(' the rest');
  expect(marksOf(' and more.')).toBe('');
  expect(afterMarks(' and more.')).toBe(' and more.');
});
