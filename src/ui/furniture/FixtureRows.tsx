'use client';
import { Plus } from 'lucide-react';
import type { ReactNode } from 'react';
import type { Fixture, OfKind, Plan } from '@/core/model/schema';
import { usePlan } from '../session/bench';
import type { AddId } from '../session/engine';
import { useStanding } from '../session/standing';
import { FixtureRow } from './FixtureRow';
import { editFixture } from './fixtures';
import { More, type Spec, SpecFields } from './spec';
import { useAdd } from './useAdd';

/** All fixtures of a kind, edited in place, with a way to add one. */
export function FixtureRows<K extends Fixture['kind']>({
  kind,
  specs,
  more = [],
  moreTitle = 'More',
  empty,
  adds,
  summary,
  filter = () => true,
}: {
  kind: K;
  specs: readonly Spec<OfKind<K>>[];
  more?: readonly Spec<OfKind<K>>[];
  moreTitle?: string;
  empty: string;
  adds: readonly { readonly name: string; readonly make: AddId }[];
  summary?: (fixture: OfKind<K>) => ReactNode;
  filter?: (fixture: OfKind<K>) => boolean;
}) {
  const plan = usePlan();
  const add = useAdd();
  const own = useStanding(kind).filter(filter);
  return (
    <div className="flex flex-col gap-2.5">
      {own.length === 0 ? <p className="text-soft">{empty}</p> : null}
      {own.map((fixture) => {
        const change = (name: string, recipe: (f: OfKind<K>, p: Plan) => void) =>
          editFixture(kind, fixture.id, name, (f) => recipe(f as OfKind<K>, plan));
        return (
          <FixtureRow key={fixture.id} fixture={fixture} summary={summary?.(fixture)}>
            <SpecFields of={fixture} specs={specs} change={change} />
            {more.length > 0 ? (
              <More title={moreTitle}>
                <SpecFields of={fixture} specs={more} change={change} />
              </More>
            ) : null}
          </FixtureRow>
        );
      })}
      <div className="flex flex-wrap gap-2">
        {adds.map(({ name, make }, i) => (
          <button
            key={name}
            type="button"
            className={`button ${own.length === 0 && i === 0 ? 'button-primary' : ''}`}
            onClick={() => add(make)}
          >
            <Plus size={15} aria-hidden /> {name}
          </button>
        ))}
      </div>
    </div>
  );
}
