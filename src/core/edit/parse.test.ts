import { bareCoop, DAY, hens, sample } from '@/core/tests/plans';
import { BREEDS, type Breed } from '../model/breeds.data';
import { CLIMATES } from '../model/climates.data';
import { newGroup, ownBreedFrom } from './defaults';
import { newBar } from './new/bars';
import { newNestBank } from './new/nests';
import { parseKept, parseKeptText, parsePlan, parsePlanText } from './parse';
import { samplePlans } from './samples.data';

const issues = (raw: unknown) => {
  const outcome = parsePlan(raw);
  return outcome.ok ? [] : outcome.issues.map((i) => `${i.code} @ ${i.path.join('.')}`);
};
const pell = sample('pell-garth');

test('samples, new plans and what is added to them are good plans', () => {
  for (const plan of samplePlans(DAY)) expect(issues(plan)).toEqual([]);
  const plan = bareCoop();
  expect(
    issues({ ...plan, flock: [newGroup(plan, DAY)], fixtures: [newBar(plan), newNestBank(plan)] }),
  ).toEqual([]);
});

test.each([
  ['no object', 7, ['plan.notObject @ ']],
  ['a list', [], ['plan.notObject @ ']],
  ['another format', { format: 'x' }, ['plan.format @ format']],
  ['a later version', { ...pell, version: 2 }, ['plan.laterVersion @ version']],
  ['unknown keys, by name', { ...pell, colour: 'red' }, ['plan.unknownKeys @ ']],
  ['a missing shell', { ...pell, shell: undefined }, ['plan.type @ shell']],
  [
    'a fixture of no kind',
    { ...pell, fixtures: [{ id: 'a', kind: 'sofa' }] },
    ['plan.invalid @ fixtures.0.kind'],
  ],
  ['a name of nothing', { ...pell, name: '  ' }, ['plan.tooSmall @ name']],
  [
    'a number that is none',
    { ...pell, litter: { school: 'deep', depthM: Number.NaN } },
    ['plan.type @ litter.depthM'],
  ],
  [
    'a coop too long',
    { ...pell, shell: { ...pell.shell, lengthM: 31 } },
    ['plan.tooBig @ shell.lengthM'],
  ],
  [
    'a breed nobody knows',
    { ...pell, flock: [hens(1, { breed: 'griffin' })] },
    ['plan.unknownBreed @ flock.0.breed'],
  ],
  [
    'a day that is none',
    { ...pell, flock: [hens(1, { arrivesOn: '2027-02-30' })] },
    ['plan.textFormat @ flock.0.arrivesOn'],
  ],
  ['one id twice', { ...pell, flock: [hens(1), hens(2)] }, ['plan.duplicateId @ flock.1.id']],
  [
    'too many birds',
    { ...pell, flock: [hens(1999), hens(2, { id: 'b' })] },
    ['plan.tooManyBirds @ flock'],
  ],
  [
    'leaving before coming',
    { ...pell, flock: [hens(1, { leavesOn: '2025-01-01' })] },
    ['plan.leavesBeforeArrival @ flock.0.leavesOn'],
  ],
  [
    'coming before hatching',
    { ...pell, flock: [hens(1, { hatchedOn: '2026-02-01' })] },
    ['plan.arrivesBeforeHatch @ flock.0.arrivesOn'],
  ],
  [
    'a school nobody knows',
    { ...pell, schools: { 'floor.area': 'mine' } },
    ['plan.unknownSchool @ schools.floor.area'],
  ],
  [
    'a school only to compare with',
    { ...pell, schools: { 'floor.area': 'floor.area.statutory' } },
    ['plan.unknownSchool @ schools.floor.area'],
  ],
  [
    'a topic nobody knows',
    { ...pell, schools: { sofas: 'x' } },
    ['plan.unknownTopic @ schools.sofas'],
  ],
  [
    'an own figure beyond sense',
    { ...pell, schools: { 'nests.hens': { custom: 99 } } },
    ['plan.customOutOfRange @ schools.nests.hens.custom'],
  ],
  [
    'a roof upside down',
    {
      ...pell,
      shell: { ...pell.shell, roof: { kind: 'mono', lowM: 2, highM: 1, highSide: 'rear' } },
    },
    ['plan.roofUpsideDown @ shell.roof.highM'],
  ],
  [
    'a flat roof of two heights',
    { ...pell, shell: { ...pell.shell, roof: { kind: 'flat', lowM: 2, highM: 2.1 } } },
    ['plan.flatRoofUneven @ shell.roof.highM'],
  ],
  ['a zone nobody lives in', { ...pell, timeZone: 'Mars/Olympus' }, ['plan.timeZone @ timeZone']],
])('%s is refused at its place', (_, raw, expected) => {
  expect(issues(raw)).toEqual(expected);
});

test('all that is wrong is told, not only the first', () => {
  const raw = { ...pell, name: '', horizonYears: 9, flock: [hens(0)] };
  expect(issues(raw)).toHaveLength(3);
});

test('text that is not JSON, and a byte order mark, are told apart', () => {
  expect(parsePlanText('{"format":')).toMatchObject({
    ok: false,
    issues: [{ code: 'plan.notJson' }],
  });
  expect(parsePlanText(`﻿${JSON.stringify(pell)}`).ok).toBe(true);
});

test('a file from before groups had rearing, sorting and figures of their own is read as it was meant', () => {
  const { ownBreeds, ...rest } = sample('pell-garth');
  const old = {
    ...rest,
    limits: {},
    climate: null,
    flock: rest.flock.map(({ raisedHere, sorted, figures, ...group }) => group),
  };
  const read = parsePlan(old);
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  expect(read.value).toEqual({ ...sample('pell-garth'), climate: null });
  expect(ownBreeds).toEqual([]);
});

test('own breeds, sorted cocks and normals are held to what they can be', () => {
  const plan = sample('pell-garth');
  const [group] = plan.flock;
  if (!group) throw new Error('no group');
  const codes = (raw: unknown): string[] => {
    const read = parsePlan(raw);
    return read.ok ? [] : read.issues.map((i) => i.code);
  };
  const own = { ...ownBreedFrom(plan, BREEDS[0] as Breed) };
  expect(codes({ ...plan, ownBreeds: [own], flock: [{ ...group, breed: own.id }] })).toEqual([]);
  expect(codes({ ...plan, ownBreeds: [own, own] })).toEqual(['plan.duplicateId']);
  expect(codes({ ...plan, ownBreeds: [{ ...own, id: 'sussex' }] })).toEqual(['plan.breedTaken']);
  const sorted = { on: '2027-01-01', cocksKept: 3 };
  expect(codes({ ...plan, flock: [{ ...group, count: 5, sex: 'unsexed', sorted }] })).toEqual([
    'plan.tooManyCocksKept',
  ]);
  const month = CLIMATES[0]?.months[0];
  const months = Array.from({ length: 12 }, () => ({ ...month, meanC: 40 }));
  const source = { kind: 'normals', name: 'Mine', months };
  const climate = { source, latitudeDeg: 50, altitudeM: 0, exposure: 'open' };
  expect(new Set(codes({ ...plan, climate }))).toEqual(new Set(['plan.normalsOrder']));
});

test('a name that hides or turns others is refused where it is typed, and left plain where it was kept', () => {
  const turned = 'Pell\u202eGarth\n';
  const old = {
    ...pell,
    name: turned,
    flock: pell.flock.map((g) => ({ ...g, name: '\u2066\u0007' })),
    fixtures: pell.fixtures.map((f, i) => (i === 0 ? { ...f, name: `${f.name}\ud800` } : f)),
  };
  const refused = parsePlan(old);
  expect(refused.ok ? [] : refused.issues.map((i) => i.path.join('.'))).toEqual(
    expect.arrayContaining(['name', 'flock.0.name', 'fixtures.0.name']),
  );
  const read = parseKept(old);
  if (!read.ok) throw new Error('an old plan does not open');
  expect(read.value.name).toBe('Pell Garth');
  expect(read.value.flock.every((g) => g.name === '?')).toBe(true);
  expect(parsePlan(read.value).ok).toBe(true);
  expect(parseKeptText(JSON.stringify(old))).toEqual(read);
  // what has nothing hidden in it is read as ever, and what is no plan is none
  expect(parseKept(pell)).toEqual(parsePlan(pell));
  for (const none of [null, 4, [], { name: turned }]) expect(parseKept(none).ok).toBe(false);
});
