import type { Assessment } from '@/core/assess';
import { drawRun, type RunMeasure } from '@/core/drawing/run/run';
import { polyline, type Shape } from '@/core/drawing/shape';
import type { Plan } from '@/core/model/schema';
import { RUN_MEASURES } from '@/text/views';
import type { Sheet, SheetText } from './sheet';
import { written } from './written';

/** Words on paper, mm high, and how far they stand off their line. */
const WORDS_MM = 2.4;
const OFF_MM = 1.6;
/** Kept free under the drawing, and at its sides, for what is written, mm. */
const ROUND_MM = 14;
const BESIDE_MM = 48;

/** The run from its side and from above, with its measures; null where the plan has none. */
export function runSheet(plan: Plan, { birds }: Assessment, scale: number): Sheet | null {
  const drawn = drawRun(plan, birds);
  if (drawn === null) return null;
  const { items, measures, face } = drawn;
  const m = (mm: number): number => (mm * scale) / 1000;
  const of = (what: (typeof items)[number]['what']): Shape[] =>
    items.filter((i) => i.what === what).flatMap((i) => i.shapes);
  const told = measures.map((measure) => measureOnPaper(measure, plan, m));
  return {
    name: plan.name,
    view: 'run',
    scale,
    face: {
      a0: face.a0 - m(BESIDE_MM),
      a1: face.a1 + m(BESIDE_MM),
      b0: face.b0 - m(ROUND_MM),
      b1: face.b1 + m(4),
    },
    layers: [
      { layer: 'shell', shapes: of('house'), texts: [] },
      { layer: 'other', shapes: of('fixture'), texts: [] },
      { layer: 'birds', shapes: of('bird'), texts: [] },
      {
        layer: 'sticks',
        shapes: told.flatMap((w) => w.shapes),
        texts: told.map((w) => w.text),
      },
    ],
  };
}

function measureOnPaper(
  { key, from, to, metres }: RunMeasure,
  { units }: Plan,
  m: (mm: number) => number,
): { shapes: Shape[]; text: SheetText } {
  const tick = m(1);
  const isLevel = from[1] === to[1];
  const ends = [from, to].map(([a, b]) =>
    isLevel
      ? polyline('thingLine', [a, b - tick], [a, b + tick])
      : polyline('thingLine', [a - tick, b], [a + tick, b]),
  );
  const [a, b] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
  return {
    shapes: [polyline('thingLine', from, to), ...ends],
    text: {
      at: isLevel
        ? [a, b - m(OFF_MM + WORDS_MM)]
        : [a + m(key === 'floor' ? -OFF_MM : OFF_MM), b - m(WORDS_MM / 2)],
      text: `${written(metres, units)} ${RUN_MEASURES[key]}`,
      sizeMm: WORDS_MM,
      anchor: isLevel ? 'middle' : key === 'floor' ? 'end' : 'start',
    },
  };
}
