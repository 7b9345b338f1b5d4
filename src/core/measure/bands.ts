/** A measure as it was taken: what it is taken for, and between what it may be, m. Exact: all three alike. */
export interface Band {
  readonly atM: number;
  readonly fromM: number;
  readonly toM: number;
  /** Whether nobody has taken it yet: it gives no verdict. */
  readonly open?: true;
}

/** Parts of a keeper's body to measure by, each as a share of their stature. */
export const BODY = {
  ankle: 0.05,
  shin: 0.16,
  knee: 0.285,
  thigh: 0.41,
  hip: 0.53,
  elbow: 0.63,
  chest: 0.72,
  shoulder: 0.82,
  chin: 0.87,
  eyes: 0.936,
  head: 1,
  hand: 0.108,
  forearm: 0.254,
  arm: 0.44,
  pace: 0.43,
} as const satisfies Readonly<Record<string, number>>;
export type BodyPart = keyof typeof BODY;

/** A measure taken by the body is right to so much of itself, and to no less than a few centimetres. */
const BODY_SPREAD = 0.12;
const BODY_LEAST_M = 0.04;
/** "About 50 cm" is right to a tenth, and to no less than two centimetres. */
const ABOUT_SPREAD = 0.1;
const ABOUT_LEAST_M = 0.02;

/** A measure that was read off a tape. @example exactly(0.5).toM // 0.5 */
export const exactly = (m: number): Band => ({ atM: m, fromM: m, toM: m });

/** Whether a measure is only roughly known. @example isRough(exactly(0.5)) // false */
export const isRough = ({ fromM, toM }: Band): boolean => toM - fromM > 1e-9;

/**
 * A measure said to be about so much.
 * @source  wide-rafter (assumption): a tenth either way, at least 2 cm
 * @example about(0.5).toM // 0.55
 */
export const about = (m: number): Band => around(m, Math.max(ABOUT_LEAST_M, m * ABOUT_SPREAD));

/**
 * A measure taken by the keeper's own body: so many hands or paces, or as high as a knee.
 * @param times     how many of them
 * @param statureM  the keeper's own height, m
 * @source  shares of stature after the usual tables of body measures; the spread is wide-rafter's (assumption)
 * @example byBody('knee', 1, 1.68).atM // 0.48
 */
export function byBody(part: BodyPart, times: number, statureM: number): Band {
  const m = hundredths(BODY[part] * statureM * times);
  return around(m, Math.max(BODY_LEAST_M, m * BODY_SPREAD));
}

/** A measure between two. @example between(0.5, 0.4).fromM // 0.4 */
export const between = (oneM: number, otherM: number): Band => ({
  atM: hundredths((oneM + otherM) / 2),
  fromM: Math.min(oneM, otherM),
  toM: Math.max(oneM, otherM),
});

const hundredths = (m: number): number => Math.round(m * 100) / 100;

const around = (m: number, spread: number): Band => ({
  atM: m,
  fromM: Math.max(0, hundredths(m - spread)),
  toM: hundredths(m + spread),
});

/**
 * A height measured over the litter, over the bare floor: with litter as deep as it is taken for. Where the litter is
 * rough, what stands on it moves along (`withMeasure`), and is not counted twice.
 * @param litterM  m
 * @example stacked(about(0.5), 0.1).atM // 0.6
 */
export const stacked = (height: Band, litterM: number): Band => ({
  ...height,
  atM: height.atM + litterM,
  fromM: height.fromM + litterM,
  toM: height.toM + litterM,
});
