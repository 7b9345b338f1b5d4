import { onTape, type Tape, tapeStepM } from '../../kernel/units/tape';

/** Holes evenly round a can, as a keeper marks them. */
export interface Spacing {
  /** Round the can at the height of the holes, outside, m. */
  readonly aroundM: number;
  /** From middle to middle along the wall, m. */
  readonly arcM: number;
  /** Wall left between two holes, m. */
  readonly webM: number;
  /** Every hole's middle from one zero, m, and the mark of the tape that is nearest. */
  readonly marks: readonly { readonly m: number; readonly tapeM: number }[];
  /** How far the last gap is out where the rounded arc is stepped off round the can, m; below 0 it is too wide. */
  readonly steppedOffM: number;
  /** Whether stepping off is good enough. */
  readonly canStep: boolean;
}

/** Stepping off may be out by so much over the whole round, m. Source: domain notes, "Settled", 27. */
const MOST_OFF_M = { mm: 0.0015, inches: 0.0254 / 16 } as const;

/**
 * Spaces holes round a can.
 * @param acrossM  the can's outside across at the height of the holes, m
 * @param holes    how many
 * @param holeM    one hole across, m
 * @source domain notes, "Home-made vessels"
 * @example portSpacing(0.4, 6, 0.1, 'mm').arcM // 0.2094
 */
export function portSpacing(acrossM: number, holes: number, holeM: number, tape: Tape): Spacing {
  const aroundM = Math.PI * acrossM;
  const arcM = aroundM / holes;
  const steppedOffM = holes * (onTape(arcM, tape) - arcM);
  return {
    aroundM,
    arcM,
    webM: arcM - holeM,
    marks: Array.from({ length: holes }, (_, i) => ({
      m: i * arcM,
      tapeM: onTape(i * arcM, tape),
    })),
    steppedOffM,
    canStep: Math.abs(steppedOffM) <= (tape === 'mm' ? MOST_OFF_M.mm : MOST_OFF_M.inches) + 1e-9,
  };
}

/**
 * How far off a hole's mark on the tape is at most, m: half of one of its marks.
 * @example mostOffM('mm') // 0.0005
 */
export const mostOffM = (tape: Tape): number => tapeStepM(tape) / 2;

/**
 * The largest number of holes that leaves enough wall between them.
 * @param aroundM  round the can, m
 * @param holeM    one hole across, m
 * @param webM     least wall between two, m
 * @example mostHoles(1.256, 0.111, 0.04) // 8
 */
export const mostHoles = (aroundM: number, holeM: number, webM: number): number =>
  Math.max(0, Math.floor(aroundM / (holeM + webM) + 1e-9));
