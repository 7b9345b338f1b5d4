import type { Rain } from './schema';

type Barrel = Rain['barrel'];

/** Barrels stand so far off the wall, and off one another, m (assumption). */
export const BARREL_OFF_M = 0.05;

/** A barrel of which only its litres are said is so many times as tall as wide (assumption). */
const TALL_BY_WIDE = 1.3;

/**
 * A barrel across, m: as said, or as barrels of its litres are.
 * @example barrelAcrossM({ litres: 200, acrossM: null }) // 0.5808
 */
export const barrelAcrossM = ({ litres, acrossM }: Pick<Barrel, 'litres' | 'acrossM'>): number =>
  acrossM ?? Math.cbrt((4 * litres) / 1000 / (Math.PI * TALL_BY_WIDE));

/**
 * Wall that barrels beside one another take, m.
 * @example barrelsWideM({ litres: 200, acrossM: 0.58, count: 2 }) // 1.21
 */
export const barrelsWideM = (barrel: Pick<Barrel, 'litres' | 'acrossM' | 'count'>): number =>
  barrel.count * barrelAcrossM(barrel) + (barrel.count - 1) * BARREL_OFF_M;

/**
 * Height of one barrel, m: a cylinder of its litres.
 * @example barrelHighM({ litres: 200, acrossM: 0.58 }) // 0.757
 */
export const barrelHighM = (barrel: Pick<Barrel, 'litres' | 'acrossM'>): number =>
  barrel.litres / 1000 / ((Math.PI * barrelAcrossM(barrel) ** 2) / 4);
