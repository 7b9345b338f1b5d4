import { produce } from 'immer';
import { sample } from '../tests/plans';
import { dropOrphans, ID_PLACES, withNewIds } from './ids';
import { breedId, id } from './parts.schema';
import { planSchema } from './schema';

interface Def {
  readonly type: string;
  readonly shape?: Readonly<Record<string, Schema>>;
  readonly element?: Schema;
  readonly valueType?: Schema;
  readonly innerType?: Schema;
  readonly options?: readonly Schema[];
}
interface Schema {
  readonly _zod: { readonly def: Def };
}

/** Every place of the schema at which an id stands. */
function idPlaces(schema: Schema, path: readonly string[] = []): string[] {
  if (schema === (id as unknown) || schema === (breedId as unknown)) return [path.join('.')];
  const { shape, element, valueType, innerType, options } = schema._zod.def;
  return [
    ...Object.entries(shape ?? {}).flatMap(([key, one]) => idPlaces(one, [...path, key])),
    ...[element, valueType].flatMap((one) => (one ? idPlaces(one, [...path, '*']) : [])),
    ...(innerType ? idPlaces(innerType, path) : []),
    ...(options ?? []).flatMap((one) => idPlaces(one, path)),
  ];
}

test('every place of the schema at which an id stands is on the list, and no other', () => {
  const found = [...new Set(idPlaces(planSchema as unknown as Schema))].sort();
  expect(found).toEqual(Object.keys(ID_PLACES).sort());
});

const base = sample('osk-landing');
const [first] = base.fixtures;
const [group] = base.flock;
if (!first || !group) throw new Error('the sample is empty');
const named = produce(base, (d) => {
  d.partition = { axis: 'x', atM: 1.5, beyond: [group.id] };
  d.pinned = [first.id];
  d.roughly = [{ fixture: first.id, key: 'x', atM: 1, fromM: 0.9, toM: 1.1 }];
});

test('a thing that gets another id keeps its pin, its rough measures and its place beyond a partition', () => {
  const next = withNewIds(named, {
    fixture: new Map([[first.id, 'other-1']]),
    group: new Map([[group.id, 'birds-9']]),
    breed: new Map(),
  });
  expect(next.fixtures[0]).toEqual({ ...first, id: 'other-1' });
  expect(next.pinned).toEqual(['other-1']);
  expect(next.roughly[0]?.fixture).toBe('other-1');
  expect(next.flock[0]?.id).toBe('birds-9');
  expect(next.partition?.beyond).toEqual(['birds-9']);
});

test('nothing names a thing that is not there any more', () => {
  const next = produce(named, (d) => {
    d.fixtures.shift();
    d.flock.shift();
    expect(dropOrphans(d)).toBe(true);
  });
  expect([next.pinned, next.roughly, next.partition?.beyond]).toEqual([[], [], []]);
  expect(dropOrphans({ ...named })).toBe(false);
});
