'use client';
import { Plus } from 'lucide-react';
import type { ReactNode } from 'react';
import type { Fixture, OfKind } from '@/core/model/schema';
import type { AddId } from '../session/engine';
import { useStanding } from '../session/standing';
import { FixtureRow } from './FixtureRow';
import { More } from './Fold';
import { FixtureFields } from './PlanFields';
import type { Rows } from './rows';
import { useAdd } from './useAdd';

/** All fixtures of a kind, edited in place, with a way to add one. */
export function FixtureRows<K extends Fixture['kind']>({
  kind,
  rows,
  more = [],
  moreTitle = 'More',
  empty,
  adds,
  told,
  summary,
  filter = () => true,
}: {
  kind: K;
  rows: Rows<OfKind<K>>;
  more?: Rows<OfKind<K>>;
  moreTitle?: string;
  empty: string;
  adds: readonly { readonly name: string; readonly make: AddId }[];
  /** The figures of one that matter where it stands in a line. */
  told?: (fixture: OfKind<K>) => readonly string[];
  summary?: (fixture: OfKind<K>) => ReactNode;
  filter?: (fixture: OfKind<K>) => boolean;
}) {
  const add = useAdd();
  const own = useStanding(kind).filter(filter);
  return (
    <div className="flex flex-col gap-2.5">
      {own.length === 0 ? <p className="text-soft">{empty}</p> : null}
      {own.map((fixture) => (
        <FixtureRow
          key={fixture.id}
          fixture={fixture}
          told={told?.(fixture) ?? []}
          of={own.length}
          summary={summary?.(fixture)}
        >
          <FixtureFields fixture={fixture} rows={rows} />
          {more.length > 0 ? (
            <More title={moreTitle}>
              <FixtureFields fixture={fixture} rows={more} />
            </More>
          ) : null}
        </FixtureRow>
      ))}
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
