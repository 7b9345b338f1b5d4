import type { Rain } from './schema';

type Barrel = Rain['barrel'];

/** Barrels stand so far off the wall, and off one another, m (assumption). */
export const BARREL_OFF_M = 0.05;

/**
 * Wall that barrels beside one another take, m.
 * @example barrelsWideM({ acrossM: 0.58, count: 2 }) // 1.21
 */
export const barrelsWideM = ({ acrossM, count }: Pick<Barrel, 'acrossM' | 'count'>): number =>
  count * acrossM + (count - 1) * BARREL_OFF_M;

/**
 * Height of one barrel, m: a cylinder of its litres.
 * @example barrelHighM({ litres: 200, acrossM: 0.58 }) // 0.757
 */
export const barrelHighM = ({ litres, acrossM }: Pick<Barrel, 'litres' | 'acrossM'>): number =>
  litres / 1000 / ((Math.PI * acrossM ** 2) / 4);
