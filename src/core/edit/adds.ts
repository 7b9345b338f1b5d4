import type { FlockSizes } from '../birds/flockSizes';
import type { Fixture, Plan } from '../model/schema';
import { newBar, newBoard, newCeiling, newLedge } from './new/bars';
import { newDish, newDrinker, newDustBath, newFeeder } from './new/floorThings';
import { newNestBank } from './new/nests';
import { newObstacle } from './new/obstacles';
import { newDoor, newHatch, newPopDoor, newVent, newWindow } from './new/openings';

/**
 * What each button adds, fit for this flock and put where there is room.
 * @param plan   with the final depth of its litter
 * @param sizes  of its flock
 */
export type Adds = (plan: Plan, sizes: FlockSizes) => Fixture;

export const ADDS = {
  bar: (plan, sizes) => newBar(plan, sizes),
  nestBank: (plan, sizes) => newNestBank(plan, sizes),
  window: (plan, sizes) => newWindow(plan, sizes),
  vent: (plan, sizes) => newVent(plan, {}, sizes),
  door: (plan, sizes) => newDoor(plan, {}, sizes),
  hatch: (plan) => newHatch(plan),
  popDoor: (plan, sizes) => newPopDoor(plan, {}, sizes),
  feeder: (plan, sizes) => newFeeder(plan, {}, sizes),
  ports: (plan, sizes) =>
    newFeeder(plan, { type: 'port', outlets: 2, hung: false, capacityL: 20 }, sizes),
  pedal: (plan, sizes) => newFeeder(plan, { type: 'pedal', hung: false, capacityL: 10 }, sizes),
  shell: (plan, sizes) => newDish(plan, 'shell', sizes),
  grit: (plan, sizes) => newDish(plan, 'grit', sizes),
  drinker: (plan, sizes) => newDrinker(plan, {}, sizes),
  nipples: (plan, sizes) => newDrinker(plan, { type: 'nipple', outlets: 4, capacityL: 20 }, sizes),
  cups: (plan, sizes) => newDrinker(plan, { type: 'cup', outlets: 3, capacityL: 20 }, sizes),
  dustBath: (plan, sizes) => newDustBath(plan, {}, sizes),
  board: (plan) => newBoard(plan),
  ledge: (plan) => newLedge(plan),
  ceiling: (plan) => newCeiling(plan),
  obstacle: (plan) => newObstacle(plan),
} as const satisfies Record<string, Adds>;
