import type { View } from '@/core/drawing/shape';
import { faceOf } from '@/core/drawing/view';
import { placeLabels } from '@/core/geometry/labels';
import { solidOf } from '@/core/geometry/solids';
import type { Fixture, Plan } from '@/core/model/schema';
import { heightOf } from '@/core/placing/lines';

/** One measure of a chain: from here to there along the page, m. */
export interface Measure {
  readonly fromM: number;
  readonly toM: number;
}

/** Shorter than this nothing is measured, m. */
const LEAST_M = 0.004;

const chain = (stops: readonly number[]): Measure[] =>
  stops
    .slice(1)
    .map((toM, i): Measure => ({ fromM: stops[i] ?? 0, toM }))
    .filter(({ fromM, toM }) => toM - fromM > LEAST_M);

/** A bar seen end on is measured by its middle, everything else by its two sides. */
function stopsOf(fixture: Fixture, low: number, high: number, isEndOn: boolean): number[] {
  return isEndOn && fixture.kind === 'bar' ? [(low + high) / 2] : [low, high];
}

/**
 * The measures of a fixture as a joiner writes them: a chain from wall to wall across the page, and one up the page,
 * from the litter or the floor to its own height, or from wall to wall.
 */
export function measuresOf(
  fixture: Fixture,
  plan: Plan,
  view: View,
): { readonly across: readonly Measure[]; readonly up: readonly Measure[] } {
  const { shell, litter } = plan;
  const face = faceOf(solidOf(fixture, plan), view, shell);
  const acrossM = view === 'left' || view === 'right' ? shell.widthM : shell.lengthM;
  const endOn = fixture.kind === 'bar' && face.a1 - face.a0 < fixture.lengthM - LEAST_M;
  const inside = (m: number, most: number): number => Math.max(0, Math.min(most, m));
  const across = chain([
    0,
    ...stopsOf(fixture, inside(face.a0, acrossM), inside(face.a1, acrossM), endOn),
    acrossM,
  ]);
  if (view === 'above') {
    const flat = fixture.kind === 'bar' && face.b1 - face.b0 < fixture.lengthM - LEAST_M;
    const [low, high] = [inside(face.b0, shell.widthM), inside(face.b1, shell.widthM)];
    return { across, up: chain([0, ...stopsOf(fixture, low, high, flat), shell.widthM]) };
  }
  if ('wall' in fixture) return { across, up: chain([0, face.b0, face.b1]) };
  const height = heightOf(fixture);
  if (fixture.kind === 'obstacle') return { across, up: chain([0, face.b0, face.b1]) };
  return { across, up: height === null ? [] : chain([litter.depthM, height]) };
}

/** A measure with its figures on the page, px. */
export interface Placed {
  readonly from: number;
  readonly to: number;
  /** Where the middle of its figures stands. */
  readonly at: number;
  readonly text: string;
}

/**
 * Figures beside a chain of measures, moved apart so that none touches another.
 * @param measures  px along the page, rising, with what is written
 * @param widthPx   breadth of the longest figures
 * @param room      where figures may stand, px
 * @returns         none where there is no room for all
 */
export function placeFigures(
  measures: readonly { readonly from: number; readonly to: number; readonly text: string }[],
  widthPx: number,
  [least, most]: readonly [number, number],
): Placed[] {
  if (measures.length * widthPx > most - least) return [];
  const at = placeLabels(
    measures.map(({ from, to }) => (from + to) / 2),
    widthPx,
    least + widthPx / 2,
    most - widthPx / 2,
  );
  return measures.map((m, i) => ({ ...m, at: at[i] ?? (m.from + m.to) / 2 }));
}
