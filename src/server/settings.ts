import { resolve } from 'node:path';

/** Where plans are kept: WIDE_RAFTER_DATA, else ./data. */
export const dataDir = (): string =>
  resolve(/* turbopackIgnore: true */ process.env.WIDE_RAFTER_DATA || 'data');

/** Whether an empty data directory is to be filled with the sample plans. */
export const wantsSamples = (): boolean => process.env.WIDE_RAFTER_SAMPLES === '1';

/** The server's clock; fixed to a day by WIDE_RAFTER_DAY, so that tests and pictures stay the same. */
export function now(): Date {
  const fixed = process.env.WIDE_RAFTER_DAY;
  return fixed ? new Date(`${fixed}T12:00:00Z`) : new Date();
}
