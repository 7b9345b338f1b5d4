import { METRES_PER_FOOT } from '../kernel/units/factors.data';

export interface Size {
  readonly lengthM: number;
  readonly widthM: number;
}

/** Shells grow by whole steps: thirty centimetres, or a foot, m. */
export const SHELL_STEP_M = { metric: 0.3, imperial: METRES_PER_FOOT } as const;
/**
 * Without the dust of binary arithmetic, m.
 * @example exact(0.1 + 0.2) // 0.3
 */
export const exact = (m: number): number => Math.round(m * 1e7) / 1e7;
