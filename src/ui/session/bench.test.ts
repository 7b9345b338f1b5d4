import { expect, test } from '@jest/globals';
import { assess } from '@/core/assess';
import { sightOf } from '@/core/sight';
import { DAY, sample } from '@/core/tests/plans';
import { FINDING_WORDS } from '@/text/findings';
import { addNew } from './adding';
import { edit, sessionHere, takeOver, undo, useBench } from './bench';
import { engineHere, fetchEngine } from './engineHere';
import { createSession } from './session';

const plan = sample('osk-landing');

test('what is done before the core has come waits for it in its order, and none of it is lost', async () => {
  const assessment = assess(plan, { on: DAY });
  takeOver(
    createSession(plan, 3, DAY, { sight: sightOf(assessment), foretold: {}, words: FINDING_WORDS }),
  );
  expect(engineHere()).toBeNull();
  sessionHere().start();
  // seen first, without the core: the sentence and the staves of the server
  expect(useBench.getState()).toMatchObject({ worked: false, revision: 3 });
  expect(useBench.getState().assessment?.staves).toEqual(assessment.staves);
  const lengthen = (name: string, lengthM: number) =>
    edit(name, (d) => {
      const bar = d.fixtures.find((f) => f.kind === 'bar');
      if (bar?.kind === 'bar') bar.lengthM = lengthM;
    });
  expect(lengthen('Longer', 2.2).ok).toBe(true);
  lengthen('Longer still', 2.4);
  lengthen('Endless', -1);
  addNew('feeder', (f) => void edit('Add a feeder', (d) => void d.fixtures.push(f)));
  expect(useBench.getState().plan).toBe(plan);
  expect(undo()).toBeNull();
  await fetchEngine();
  // one after another, each when the page shows the one before
  while (useBench.getState().said !== 'Add a feeder') await new Promise((r) => setTimeout(r));
  const { plan: now, past, worked, said } = useBench.getState();
  expect(worked).toBe(true);
  expect(past.map((step) => step.name)).toEqual(['Longer', 'Longer still', 'Add a feeder']);
  expect(now?.fixtures.find((f) => f.kind === 'bar')).toMatchObject({ lengthM: 2.4 });
  expect(now?.fixtures.some((f) => f.kind === 'feeder')).toBe(true);
  expect(said).toBe('Add a feeder');
  expect(useBench.getState().assessment?.flock.lots.length).toBeGreaterThan(0);
  expect(undo()).toBe('Add a feeder');
});
