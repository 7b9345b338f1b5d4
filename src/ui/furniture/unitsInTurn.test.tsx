import { expect, test } from '@jest/globals';
import { act, waitFor } from '@testing-library/react';
import { assess } from '@/core/assess';
import { sightOf } from '@/core/sight';
import { DAY, sample } from '@/core/tests/plans';
import { FINDING_WORDS } from '@/text/findings';
import { engine } from '../session/engine';
import { lateEngine } from '../tests/lateEngine';

const come = lateEngine();
const { takeOver, useBench } = await import('../session/bench');
const { createSession } = await import('../session/session');
const { changeUnits } = await import('./changeUnits');

test('units changed three times before the core has come are three edits, one after the other', async () => {
  const plan = sample('pell-garth');
  takeOver(
    createSession(plan, 3, DAY, {
      sight: sightOf(assess(plan, { on: DAY })),
      foretold: {},
      words: FINDING_WORDS,
    }),
  );
  for (let i = 0; i < 3; i++) changeUnits();
  expect(useBench.getState().plan?.units).toBe('metric');
  act(() => come(engine));
  await waitFor(() => expect(useBench.getState().past).toHaveLength(3));
  expect(useBench.getState().plan?.units).toBe('imperial');
});
