import 'fake-indexeddb/auto';
import { set } from 'idb-keyval';
import { sample } from '@/core/tests/plans';
import { forgetUnsaved, keepUnsaved, unsavedOf } from './unsaved';

const plan = sample('pell-garth');

// the browser's own way of copying data, which older test runtimes lack
globalThis.structuredClone ??= (value: unknown) => JSON.parse(JSON.stringify(value));

test('a plan is kept until it is forgotten, with the revision it was edited on', async () => {
  expect(await unsavedOf(plan.id)).toBeNull();
  await keepUnsaved({ ...plan, name: 'Edited' }, 7);
  expect(await unsavedOf(plan.id)).toMatchObject({ revision: 7, plan: { name: 'Edited' } });
  expect(await unsavedOf('another')).toBeNull();
  await forgetUnsaved(plan.id);
  expect(await unsavedOf(plan.id)).toBeNull();
});

test('what cannot be read any more is not offered', async () => {
  await set(`unsaved/${plan.id}`, { plan: { format: 'old' }, revision: 1, when: '2026-01-01' });
  expect(await unsavedOf(plan.id)).toBeNull();
  await set(`unsaved/${plan.id}`, 'rubbish');
  expect(await unsavedOf(plan.id)).toBeNull();
  await keepUnsaved(plan, 1);
  await set('unsaved/other', { plan, revision: 1, when: '2026-01-01' });
  expect(await unsavedOf('other')).toBeNull();
});
