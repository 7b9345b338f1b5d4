import '@testing-library/jest-dom/jest-globals';
import { expect, jest, test } from '@jest/globals';
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { assess } from '@/core/assess';
import { sightOf } from '@/core/sight';
import { DAY, sample } from '@/core/tests/plans';
import { FINDING_WORDS } from '@/text/findings';
import type { ArrangeMessage } from '@/workers/arrange.worker';
import { engine } from '../session/engine';
import { lateEngine } from '../tests/lateEngine';

const come = lateEngine();
// what a search was asked, and how many were called off
const asked: ArrangeMessage[] = [];
let calledOff = 0;
jest.unstable_mockModule('@/workers/arrange.client', () => ({
  arrangeApart: (message: ArrangeMessage) => {
    asked.push(message);
    return () => {
      calledOff++;
    };
  },
}));
const { edit, takeOver, useBench } = await import('../session/bench');
const { createSession } = await import('../session/session');
const { ArrangeIt } = await import('./ArrangeIt');

const pin = (id: string): void =>
  void edit('Pin', (d) => {
    d.pinned.push(id);
  });

test('a search asked for after a pin that waits for the core is begun with that pin', async () => {
  const plan = sample('pell-garth');
  takeOver(
    createSession(plan, 3, DAY, {
      sight: sightOf(assess(plan, { on: DAY })),
      foretold: {},
      words: FINDING_WORDS,
    }),
  );
  const { container } = render(<ArrangeIt />);
  const search = () => container.querySelector('[data-arrange]');
  act(() => pin('feeder-1'));
  fireEvent.click(screen.getByRole('button', { name: 'Arrange it for me' }));
  expect(asked).toEqual([]);
  act(() => come(engine));
  await waitFor(() => expect(asked).toHaveLength(1));
  expect(asked[0]?.ask.pinned).toEqual(['feeder-1']);
  expect(asked[0]?.plan.pinned).toEqual(['feeder-1']);
  expect(search()).toBeInTheDocument();
  // of another plan no answer is offered, and the search for it is called off
  act(() => pin('bar-1'));
  expect(search()).toBeNull();
  expect(calledOff).toBe(1);
});

test('a search whose plan becomes another before its worker has come is not begun', async () => {
  const plan = sample('osk-landing');
  takeOver(
    createSession(plan, 3, DAY, {
      sight: sightOf(assess(plan, { on: DAY })),
      foretold: {},
      words: FINDING_WORDS,
    }),
  );
  const { container } = render(<ArrangeIt />);
  const before = asked.length;
  fireEvent.click(screen.getByRole('button', { name: 'Arrange it for me' }));
  act(() => pin('bar-1'));
  await act(() => new Promise((r) => setTimeout(r, 20)));
  expect(asked.length).toBe(before);
  expect(container.querySelector('[data-arrange]')).toBeNull();
  expect(useBench.getState().plan?.pinned).toEqual(['bar-1']);
});
