/** @jest-environment jsdom */
import { expect, jest, test } from '@jest/globals';

let come: () => void = () => undefined;
jest.unstable_mockModule('./engineHere', () => ({
  engineHere: () => null,
  fetchEngine: () =>
    new Promise((resolve) => {
      come = () => resolve({});
    }),
}));

test('an edit that breaks while it waits for the core keeps none of those after it waiting', async () => {
  const told = jest.fn();
  globalThis.reportError = told;
  const { EditQueue } = await import('./queue');
  const queue = new EditQueue();
  const done: string[] = [];
  queue.inTurn(
    () => done.push('first'),
    () => undefined,
  );
  queue.inTurn(
    () => {
      throw new Error('broken');
    },
    () => undefined,
  );
  queue.inTurn(
    () => done.push('third'),
    () => undefined,
  );
  queue.after(() => done.push('after'));
  come();
  await new Promise((r) => setTimeout(r, 50));
  expect(done).toEqual(['first', 'third', 'after']);
  expect(told).toHaveBeenCalledWith(expect.objectContaining({ message: 'broken' }));
});
