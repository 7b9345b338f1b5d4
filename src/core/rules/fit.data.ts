import type { Evidence } from '../kernel/evidence';
import { FACTS } from './singleRules.data';
import type { Scale } from './types';

/** A single figure of the trade on which no school is chosen in the plan. */
export interface FitRule {
  readonly valueM: number;
  readonly scale: Scale;
  readonly evidence: Evidence;
  readonly source: string;
}

const keepers = (valueM: number, scale: Scale = 'none'): FitRule => ({
  valueM,
  scale,
  evidence: 'keepers',
  source: 'keepers',
});

/** Distances of the fit-out, m, for a medium hen of 2.2 kg; sideways ones scale with a bird's length. */
export const FIT = {
  /** Bar to bar at one height, centre to centre. */
  'roosts.apart.level': keepers(0.4572, 'sideways'),
  /** Bar to bar, sideways, where one stands a step above the other. */
  'roosts.apart.stair': keepers(0.38, 'sideways'),
  /** Least rise that makes two bars a stair. */
  'roosts.stair.rise': keepers(0.3),
  /** Bar's centre to the wall behind it. */
  'roosts.wall': keepers(0.38, 'sideways'),
  /** Lowest sleeping bar above the litter as it is started, and as it is cleaned out. */
  'roosts.lowest': keepers(0.45),
  'roosts.lowest.final': keepers(0.25),
  /** Lowest sleeping bar above the highest nest entrance. */
  'roosts.aboveNests': keepers(0.15),
  /** Droppings fall this far in front of and behind a bar's centre. */
  'roosts.shadow': keepers(0.25, 'length'),
  /** Lost at a bar's end that meets a wall. */
  'roosts.end.loss': keepers(0.05),
  /** An end nearer to a wall than this loses length. */
  'roosts.end.near': keepers(0.15),
  /** Least width of a bar where nights are hard: a hen covers her toes on it. */
  'roosts.section.cold': keepers(0.0635),
  /** A fixture raised this far above the litter leaves the floor under it usable. */
  'floor.raised': keepers(0.45),
} as const satisfies Record<string, FitRule>;

export type FitRuleId = keyof typeof FIT;

/** Bedding held in by the front lip of a nest box, m. Source: keepers' usage. */
export const NEST_LIP_M = FACTS['nests.lip.board'].value;
