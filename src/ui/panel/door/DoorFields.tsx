'use client';
import { AtTheBench } from '../../furniture/AtTheBench';
import { PopDoorRows } from '../openings/doors';
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
