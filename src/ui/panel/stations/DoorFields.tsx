'use client';
import { LightTable } from './LightTable';
import { PopDoorRows } from './openings';

/** The birds' doors, and light for laying. */
export function DoorFields() {
  return (
    <>
      <PopDoorRows />
      <LightTable />
    </>
  );
}
