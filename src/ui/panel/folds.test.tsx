import '@testing-library/jest-dom/jest-globals';
import { afterEach, beforeAll, beforeEach, expect, jest, test } from '@jest/globals';
import { act, fireEvent, render, screen, within } from '@testing-library/react';
import { aired } from '@/core/tests/aired';
import { DAY, sample } from '@/core/tests/plans';
import { useRefused } from '../forms/refused';
import { leave } from '../furniture/folds';
import { SavedState } from '../header/SavedState';
import { goTo, openPlan, pick, useBench } from '../session/bench';
import { Shown, standIns } from '../tests/shown';
import { BarRows } from './roosts/BarRows';
import { ShellDetails } from './shell/ShellDetails';

beforeAll(standIns);
beforeEach(() => {
  localStorage.clear();
  for (const name of ['Foot, storage and site', 'Windows', 'Run']) leave(name, false);
  useRefused.setState({ list: [] });
});
afterEach(() => void jest.restoreAllMocks());

const fold = (name: string): HTMLElement => screen.getByRole('button', { name });
const isOpen = (name: string): boolean => fold(name).getAttribute('aria-expanded') === 'true';

test('a fold stays as it was left when its panel comes back', () => {
  openPlan(sample('pell-garth'), 1, DAY);
  const first = render(
    <Shown>
      <ShellDetails />
    </Shown>,
  );
  expect(isOpen('Run')).toBe(false);
  fireEvent.click(fold('Run'));
  expect(screen.getByRole('button', { name: 'Add a run' })).toBeInTheDocument();
  first.unmount();
  render(
    <Shown>
      <ShellDetails />
    </Shown>,
  );
  expect(isOpen('Run')).toBe(true);
  fireEvent.click(fold('Run'));
  expect(isOpen('Run')).toBe(false);
});

test('in a browser that keeps nothing a fold opens all the same', () => {
  jest.spyOn(Storage.prototype, 'getItem').mockImplementation(() => {
    throw new Error('blocked');
  });
  jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new Error('blocked');
  });
  openPlan(sample('pell-garth'), 1, DAY);
  render(
    <Shown>
      <ShellDetails />
    </Shown>,
  );
  fireEvent.click(fold('Run'));
  expect(isOpen('Run')).toBe(true);
});

test('a fold is open while a thing in it is picked, and shut by its own button', () => {
  const plan = aired('osk-landing');
  const window = plan.fixtures.find((f) => f.kind === 'window');
  openPlan(plan, 1, DAY);
  render(
    <Shown>
      <ShellDetails />
    </Shown>,
  );
  act(() => pick(window?.id ?? null));
  expect(isOpen('Windows')).toBe(true);
  fireEvent.click(fold('Windows'));
  expect([isOpen('Windows'), useBench.getState().picked]).toEqual([false, null]);
});

/** Types what no field takes, and leaves it. */
function typeIn(field: HTMLElement, text: string): void {
  fireEvent.focus(field);
  fireEvent.change(field, { target: { value: text } });
  fireEvent.keyDown(field, { key: 'Enter' });
}

test('a text refused in a fold is led to when the fold is shut again', async () => {
  openPlan(sample('pell-garth'), 1, DAY);
  act(() => goTo('shell'));
  render(
    <Shown>
      <SavedState />
      <ShellDetails />
    </Shown>,
  );
  fireEvent.click(fold('Foot, storage and site'));
  typeIn(screen.getByLabelText(/^Apron round the foot/, { selector: 'input' }), 'wide');
  fireEvent.click(fold('Foot, storage and site'));
  fireEvent.click(screen.getByRole('button', { name: /Saved, but not/ }));
  const field = await screen.findByDisplayValue('wide');
  await act(() => new Promise((r) => requestAnimationFrame(() => r(undefined))));
  expect(field).toHaveFocus();
});

test('of three bars each is a line; one is opened, and a text refused in it is led to', async () => {
  openPlan(sample('osk-landing'), 1, DAY);
  act(() => goTo('roosts'));
  render(
    <Shown>
      <SavedState />
      <BarRows Details={() => null} />
    </Shown>,
  );
  expect(document.querySelectorAll('input')).toHaveLength(0);
  const line = document.querySelector<HTMLElement>('[data-row="bar-1"]');
  if (!line) throw new Error('it has a line');
  expect(line).toHaveTextContent(/3\.00 m8 birds/);
  fireEvent.click(within(line).getByRole('button', { name: /^Open / }));
  expect(useBench.getState().picked).toBe('bar-1');
  typeIn(screen.getByLabelText(/^Length/, { selector: 'input' }), 'long');
  fireEvent.click(screen.getByRole('button', { name: /^Close / }));
  expect(document.querySelectorAll('input')).toHaveLength(0);
  fireEvent.click(screen.getByRole('button', { name: /Saved, but not/ }));
  const field = await screen.findByDisplayValue('long');
  await act(() => new Promise((r) => requestAnimationFrame(() => r(undefined))));
  expect(field).toHaveFocus();
});
