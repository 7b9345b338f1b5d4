'use client';
import { PopDoorRows } from './doors';
import { LightTable } from './LightTable';

/** The birds' doors, and light for laying. */
export function DoorFields() {
  return (
    <>
      <PopDoorRows />
      <LightTable />
    </>
  );
}
