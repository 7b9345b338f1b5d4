'use client';
import { useMemo } from 'react';
import { labelOf } from '@/core/measure/label';
import type { Plan } from '@/core/model/schema';
import { MESH_HELD } from '@/text/choices.data';
import { labelText } from '@/text/measuring';
import { Fold } from '../../furniture/Fold';
import { PlanFields } from '../../furniture/PlanFields';
import type { Rows } from '../../furniture/rows';
import { useBench, usePlan } from '../../session/bench';
import { GRID } from './PartitionPart';

const SOLD: Rows<Pick<Plan, 'soldFor'>> = [{ path: 'soldFor', none: 'no label', unit: 'birds' }];
const MADE: Rows<Plan['shell']> = [
  { path: 'meshFixedBy', choices: MESH_HELD, none: 'not looked at' },
  { path: 'boardM', none: 'not looked at' },
];

/** A coop that was bought: its label against what it carries, and what matters in how it was made. */
export function BoughtPart() {
  const plan = usePlan();
  const on = useBench((s) => s.on);
  const label = useMemo(() => labelOf(plan, on), [plan, on]);
  return (
    <>
      {label ? (
        <p className="border-straw-line border-l-3 pl-2 text-[0.93rem]" data-label>
          {labelText(label)}
        </p>
      ) : null}
      <Fold title="If it was bought">
        <div className={GRID}>
          <PlanFields at="" rows={SOLD} />
          <PlanFields at="shell" rows={MADE} />
        </div>
      </Fold>
    </>
  );
}
