'use client';
import { AtTheBench } from './AtTheBench';
import { PopDoorRows } from './doors';
import { LightTable } from './LightTable';

/** The birds' doors, and light for laying. */
export function DoorFields() {
  return (
    <>
      <PopDoorRows />
      <AtTheBench station="door" />
      <LightTable />
    </>
  );
}
