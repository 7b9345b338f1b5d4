'use client';
import { useMemo } from 'react';
import { labelOf } from '@/core/measure/label';
import { PLAN_LIMITS } from '@/core/model/limits';
import type { Plan } from '@/core/model/schema';
import { MESH_HELD } from '@/text/choices.data';
import { labelText } from '@/text/measuring';
import { Part } from '../../furniture/FigureList';
import { type Spec, SpecFields } from '../../furniture/spec';
import { edit, useBench, usePlan } from '../../session/bench';
import { GRID } from './PartitionPart';

const NOT_SEEN = { id: 'unknown', name: 'not looked at' } as const;

const SOLD: readonly Spec<Plan>[] = [
  {
    kind: 'openAmount',
    label: 'Sold for',
    unit: 'birds',
    none: 'no label',
    least: 1,
    most: PLAN_LIMITS.birds,
    get: (p) => p.soldFor,
    set: (p, n) => {
      p.soldFor = n === null ? null : Math.round(n);
    },
  },
  {
    kind: 'choice',
    label: 'Its mesh is held by',
    choices: [NOT_SEEN, ...MESH_HELD],
    get: (p) => p.shell.meshFixedBy ?? NOT_SEEN.id,
    set: (p, v) => {
      p.shell.meshFixedBy = v === NOT_SEEN.id ? null : (v as Plan['shell']['meshFixedBy']);
    },
  },
  {
    kind: 'openLength',
    label: 'Thinnest board of its walls',
    none: 'not looked at',
    most: 0.2,
    get: (p) => p.shell.boardM,
    set: (p, m) => {
      p.shell.boardM = m;
    },
  },
];

/** A coop that was bought: its label against what it carries, and what matters in how it was made. */
export function BoughtPart() {
  const plan = usePlan();
  const on = useBench((s) => s.on);
  const label = useMemo(() => labelOf(plan, on), [plan, on]);
  return (
    <Part title="If it was bought">
      {label ? (
        <p className="border-straw-line border-l-3 pl-2 text-[0.93rem]" data-label>
          {labelText(label)}
        </p>
      ) : null}
      <div className={GRID}>
        <SpecFields
          of={plan}
          specs={SOLD}
          change={(name, recipe) => edit(name, (d) => recipe(d, d))}
        />
      </div>
    </Part>
  );
}
