'use client';
import { FigureList, Part } from '../../furniture/FigureList';
import { PlanFields } from '../../furniture/PlanFields';
import { DoorRows, HatchRows } from '../openings/doors';

const KEEPER = ['statureM', 'armM', 'reachM', 'barrowRimM'] as const;

/** The keeper's own measures, and the doors and hatches she works through. */
export function ReachFields() {
  return (
    <>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1.5 max-sm:grid-cols-1">
        <PlanFields at="keeper" rows={KEEPER} />
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
