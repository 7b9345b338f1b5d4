'use client';
import type { Plan } from '@/core/model/schema';
import { FigureList, Part } from '../../furniture/FigureList';
import { type Spec, SpecFields } from '../../furniture/spec';
import { edit, usePlan } from '../../session/bench';
import { DoorRows, HatchRows } from '../openings/doors';

const KEEPER: readonly Spec<Plan['keeper']>[] = [
  {
    kind: 'length',
    label: 'Your stature',
    least: 1,
    most: 2.3,
    get: (k) => k.statureM,
    set: (k, m) => {
      k.statureM = m;
    },
  },
  {
    kind: 'length',
    label: 'Your arm reaches',
    least: 0.3,
    most: 1.5,
    get: (k) => k.armM,
    set: (k, m) => {
      k.armM = m;
    },
  },
  {
    kind: 'length',
    label: 'You collect up to',
    least: 0.5,
    most: 2.5,
    get: (k) => k.reachM,
    set: (k, m) => {
      k.reachM = m;
    },
  },
  {
    kind: 'length',
    label: 'Your barrow’s rim',
    most: 1.5,
    get: (k) => k.barrowRimM,
    set: (k, m) => {
      k.barrowRimM = m;
    },
  },
];

/** The keeper's own measures, and the doors and hatches she works through. */
export function ReachFields() {
  const { keeper } = usePlan();
  return (
    <>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1.5 max-sm:grid-cols-1">
        <SpecFields
          of={keeper}
          specs={KEEPER}
          change={(name, recipe) => edit(name, (d) => recipe(d.keeper, d))}
        />
      </div>
      <FigureList
        rows={[
          { name: 'Headroom you need', id: 'reach.headroom' },
          { name: 'Floor out of reach', id: 'reach.unreached' },
        ]}
      />
      <Part title="Doors">
        <DoorRows />
      </Part>
      <Part title="Hatches and flaps">
        <HatchRows />
      </Part>
    </>
  );
}
