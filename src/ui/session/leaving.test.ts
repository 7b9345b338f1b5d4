import 'fake-indexeddb/auto';
import { expect, test } from '@jest/globals';
import { assess } from '@/core/assess';
import type { Plan } from '@/core/model/schema';
import { sightOf } from '@/core/sight';
import { DAY, sample } from '@/core/tests/plans';
import { FINDING_WORDS } from '@/text/findings';
import { addGroup } from './adding';
import { edit, sessionHere, takeOver } from './bench';
import { engineHere, fetchEngine } from './engineHere';
import { createSession } from './session';
import { unsavedOf } from './unsaved';

const pageOf = (plan: Plan) =>
  createSession(plan, 3, DAY, {
    sight: sightOf(assess(plan, { on: DAY })),
    foretold: {},
    words: FINDING_WORDS,
  });

test('an edit whose page is left before the core has come is never made on the next plan, and is offered on its own', async () => {
  const [plan, other] = [sample('osk-landing'), sample('pell-garth')];
  const left = pageOf(plan);
  takeOver(left);
  sessionHere().start();
  edit('Rename', (d) => {
    d.name = 'Renamed';
  });
  edit('Spoil', (d) => {
    d.name = '';
  });
  edit('Litter', (d) => {
    d.litter.depthM = 0.17;
  });
  addGroup();
  expect(left.store.getState().save.kind).toBe('saving');
  expect(engineHere()).toBeNull();
  const next = pageOf(other);
  takeOver(next);
  await fetchEngine();
  await Promise.resolve();
  expect(next.store.getState().plan).toBe(other);
  expect(next.store.getState().past).toEqual([]);
  // the database of the browser answers in its own time
  let kept = await unsavedOf(plan.id);
  while (kept?.plan.litter.depthM !== 0.17) kept = await unsavedOf(plan.id);
  expect(kept).toMatchObject({ revision: 3, plan: { name: 'Renamed' } });
});
