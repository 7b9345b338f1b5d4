'use client';
import { Plus } from 'lucide-react';
import type { Plan } from '@/core/model/schema';
import { Fold } from '../../furniture/Fold';
import { PlanFields } from '../../furniture/PlanFields';
import type { Rows } from '../../furniture/rows';
import { among } from '../../furniture/shown';
import { edit, usePlan } from '../../session/bench';

export const GRID = 'grid grid-cols-2 gap-x-3 gap-y-1.5 max-sm:grid-cols-1';

/** A mesh wall that parts two ages or kinds, each with its own side of everything. */
export function PartitionPart() {
  const { partition, flock } = usePlan();
  return (
    <Fold title="Two zones">
      {partition === null ? (
        <>
          <p className="text-[0.87rem] text-soft">
            A removable mesh wall keeps two ages or kinds apart in one coop. Each zone is then sized
            by itself: bars, nests, feeder, drinker, pop door, a way in for you, and half of the
            run.
          </p>
          <button
            type="button"
            className="button self-start"
            onClick={() =>
              edit('Part the coop', (d) => {
                d.partition = {
                  axis: 'x',
                  atM: Math.round(d.shell.lengthM * 50) / 100,
                  beyond: d.flock.slice(-1).map((g) => g.id),
                };
              })
            }
          >
            <Plus size={15} aria-hidden /> Part it in two
          </button>
        </>
      ) : (
        <>
          <div className={GRID}>
            <PlanFields at="partition" rows={partitionRows(flock)} />
          </div>
          <button
            type="button"
            className="button self-start"
            onClick={() =>
              edit('Take the partition out', (d) => {
                d.partition = null;
              })
            }
          >
            Take the partition out
          </button>
        </>
      )}
    </Fold>
  );
}

const AXES = [
  { id: 'x', name: 'left from right' },
  { id: 'y', name: 'front from rear' },
] as const;

const partitionRows = (flock: Plan['flock']): Rows<NonNullable<Plan['partition']>> => [
  {
    path: 'axis',
    choices: AXES,
    after: (p, { shell }) => {
      p.atM = Math.round((p.axis === 'x' ? shell.lengthM : shell.widthM) * 50) / 100;
    },
  },
  'atM',
  ...flock.map((g) => ({
    path: 'beyond' as const,
    label: `${g.name} live beyond it`,
    as: among(g.id),
  })),
];
