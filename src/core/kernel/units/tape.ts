import { METRES_PER_INCH } from './factors.data';
import type { UnitSystem } from './length';

/** What a keeper's own tape is marked in: whole millimetres, or parts of an inch. */
export const TAPES = ['mm', 'eighths', 'sixteenths', 'thirtySeconds'] as const;
export type Tape = (typeof TAPES)[number];

const PARTS: Readonly<Record<Exclude<Tape, 'mm'>, number>> = {
  eighths: 8,
  sixteenths: 16,
  thirtySeconds: 32,
};

/** The tape that is taken where the keeper has said nothing. @example tapeFor('imperial') // 'sixteenths' */
export const tapeFor = (units: UnitSystem): Tape => (units === 'metric' ? 'mm' : 'sixteenths');

/** One mark of a tape, m. @example tapeStepM('eighths') // 0.003175 */
export const tapeStepM = (tape: Tape): number =>
  tape === 'mm' ? 0.001 : METRES_PER_INCH / PARTS[tape];

/**
 * The mark nearest to a measure, m.
 * @param m     m
 * @example onTape(0.1251, 'mm') // 0.125
 */
export const onTape = (m: number, tape: Tape): number => {
  const step = tapeStepM(tape);
  return Math.round(Math.round(m / step) * step * 1e9) / 1e9;
};

/**
 * A measure as it is read off the tape: its nearest mark, in whole millimetres or inches and a fraction.
 * @param m     m, 0 or more
 * @example formatTape(0.3333, 'mm') // '333 mm'
 * @example formatTape(0.3333, 'sixteenths') // '13 1/8 in'
 * @example formatTape(0.01, 'eighths') // '3/8 in'
 */
export function formatTape(m: number, tape: Tape): string {
  if (tape === 'mm') return `${Math.round(m * 1000)} mm`;
  const parts = PARTS[tape];
  const all = Math.round((m / METRES_PER_INCH) * parts);
  const whole = Math.floor(all / parts);
  let [over, under] = [all - whole * parts, parts];
  if (over === 0) return `${whole} in`;
  while (over % 2 === 0) [over, under] = [over / 2, under / 2];
  return `${whole === 0 ? '' : `${whole} `}${over}/${under} in`;
}

/**
 * A measure as it was worked, before it was brought to the tape: a tenth of a millimetre, or a thousandth of an inch.
 * @param m     m
 * @example formatTrue(0.33333, 'mm') // '333.3 mm'
 * @example formatTrue(0.33333, 'eighths') // '13.123 in'
 */
export const formatTrue = (m: number, tape: Tape): string =>
  tape === 'mm' ? `${(m * 1000).toFixed(1)} mm` : `${(m / METRES_PER_INCH).toFixed(3)} in`;
