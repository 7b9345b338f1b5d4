'use client';
import { Plus } from 'lucide-react';
import type { Plan } from '@/core/model/schema';
import { Part } from '../../furniture/FigureList';
import { type Spec, SpecFields } from '../../furniture/spec';
import { edit, usePlan } from '../../session/bench';

export const GRID = 'grid grid-cols-2 gap-x-3 gap-y-1.5 max-sm:grid-cols-1';

/** A mesh wall that parts two ages or kinds, each with its own side of everything. */
export function PartitionPart() {
  const { partition, flock, shell } = usePlan();
  return (
    <Part title="Two zones">
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
            <SpecFields
              of={partition}
              specs={partitionSpecs(flock, shell)}
              change={(name, recipe) =>
                edit(name, (d) => {
                  if (d.partition) recipe(d.partition, d);
                })
              }
            />
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
    </Part>
  );
}

type Partition = NonNullable<Plan['partition']>;

const partitionSpecs = (flock: Plan['flock'], shell: Plan['shell']): Spec<Partition>[] => [
  {
    kind: 'choice',
    label: 'Parts',
    choices: [
      { id: 'x', name: 'left from right' },
      { id: 'y', name: 'front from rear' },
    ],
    get: (p) => p.axis,
    set: (p, v) => {
      p.axis = v as Partition['axis'];
      p.atM = Math.round((p.axis === 'x' ? shell.lengthM : shell.widthM) * 50) / 100;
    },
  },
  {
    kind: 'length',
    label: 'Stands at',
    least: 0.1,
    get: (p) => p.atM,
    set: (p, m) => {
      p.atM = m;
    },
  },
  ...flock.map(
    (g): Spec<Partition> => ({
      kind: 'yes',
      label: `${g.name} live beyond it`,
      get: (p) => p.beyond.includes(g.id),
      set: (p, v) => {
        p.beyond = v ? [...p.beyond, g.id] : p.beyond.filter((id) => id !== g.id);
      },
    }),
  ),
];
