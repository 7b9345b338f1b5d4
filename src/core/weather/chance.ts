import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** Draws of one seed: the same seed gives the same draws in the same order. */
export interface Chance {
  /** Evenly within 0…1, 1 left out. */
  readonly even: () => number;
  /** Standard normal. */
  readonly normal: () => number;
  /** Gamma of scale 1. @param shape  above 0 */
  readonly gamma: (shape: number) => number;
}

/**
 * Draws from a seed.
 * @param seed  any whole number
 * @example     Math.round(chanceOf(1).even()) // 1
 * @source      normal: Box and Muller 1958; gamma: Marsaglia and Tsang 2000, with their step for shapes under 1
 */
export function chanceOf(seed: number): Chance {
  const random = xoroshiro128plus(seed);
  const even = (): number => uniformFloat64(random);
  let spare: number | null = null;
  const normal = (): number => {
    if (spare !== null) {
      const kept = spare;
      spare = null;
      return kept;
    }
    const radius = Math.sqrt(-2 * Math.log(1 - even()));
    const angle = 2 * Math.PI * even();
    spare = radius * Math.sin(angle);
    return radius * Math.cos(angle);
  };
  const gamma = (shape: number): number => {
    if (shape < 1) return gamma(shape + 1) * (1 - even()) ** (1 / shape);
    const d = shape - 1 / 3;
    const c = 1 / Math.sqrt(9 * d);
    for (;;) {
      const x = normal();
      const v = (1 + c * x) ** 3;
      if (v > 0 && Math.log(1 - even()) < 0.5 * x * x + d * (1 - v + Math.log(v))) return d * v;
    }
  };
  return { even, normal, gamma };
}
