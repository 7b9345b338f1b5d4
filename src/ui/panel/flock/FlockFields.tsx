'use client';
import { useAssessment } from '../../session/bench';
import { ClimateFields } from '../climate/ClimateFields';
import { DemandTable } from './DemandTable';
import { LimitFields } from './LimitFields';

/** What the flock asks for, and what it lives under: the weather of the place, and the local rules. */
export function FlockFields() {
  const { planned } = useAssessment();
  return (
    <>
      {planned > 0 ? <DemandTable /> : null}
      <ClimateFields />
      <LimitFields />
    </>
  );
}
