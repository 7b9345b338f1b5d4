'use client';
import type { Outcome } from '@/core/kernel/outcome';
import { fieldAt, type PathOf, valueAt } from '@/core/model/field';
import { type Fixture, fixture as fixtureSchema, type OfKind } from '@/core/model/fixtures.schema';
import { type Plan, planSchema } from '@/core/model/schema';
import { edit, usePlan } from '../session/bench';
import { editFixture } from './fixtures';
import { Fields, type Rows } from './rows';

/** Parts of the plan, by their place in it. */
type At = '' | Exclude<PathOf<Plan>, 'fixtures' | 'flock'>;
type PartAt<P extends string, T = Plan> = P extends ''
  ? T
  : P extends `${infer K}.${infer Rest}`
    ? PartAt<Rest, NonNullable<T[K & keyof T]>>
    : NonNullable<T[P & keyof T]>;

/**
 * Fields of a part of the plan; nothing where the plan has no such part.
 * @param named  what an edit is called, by the label of its field
 */
export function PlanFields<P extends At>({
  at,
  rows,
  named = (label) => label,
}: {
  at: P;
  rows: Rows<PartAt<P>>;
  named?: (label: string) => string;
}) {
  const plan = usePlan();
  const partOf = (whole: Plan): PartAt<P> | null =>
    (at === '' ? whole : valueAt(whole, at)) as PartAt<P> | null;
  const of = partOf(plan);
  if (of === null) return null;
  const change = (label: string, recipe: (part: PartAt<P>, plan: Plan) => void): Outcome<unknown> =>
    edit(named(label), (draft) => {
      const own = partOf(draft);
      if (own) recipe(own, draft);
    });
  return (
    <Fields
      {...{ of, rows, plan, change }}
      name={at.slice(at.lastIndexOf('.') + 1)}
      fieldOf={(path) => fieldAt(planSchema, plan, at === '' ? path : `${at}.${path}`)}
    />
  );
}

/**
 * Fields of a fixture.
 * @param after  what follows of itself from any change of it
 */
export function FixtureFields<K extends Fixture['kind']>({
  fixture,
  rows,
  after,
}: {
  fixture: OfKind<K>;
  rows: Rows<OfKind<K>>;
  after?: (fixture: OfKind<K>, plan: Plan) => void;
}) {
  const plan = usePlan();
  const { kind, id } = fixture;
  return (
    <Fields<OfKind<K>>
      {...{ of: fixture, rows, plan }}
      name={kind}
      fieldOf={(path) => fieldAt(fixtureSchema, fixture, path)}
      change={(label, recipe) =>
        editFixture(kind, id, label, (own) => {
          recipe(own as OfKind<K>, plan);
          after?.(own as OfKind<K>, plan);
        })
      }
    />
  );
}
