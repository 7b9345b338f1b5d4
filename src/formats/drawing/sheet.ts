import type { Assessment } from '@/core/assess';
import { draw } from '@/core/drawing/draw';
import { type Face, type Point, polyline, rect, type Shape, type View } from '@/core/drawing/shape';
import { acrossPage, roomOf, WALL_DRAWN_M } from '@/core/drawing/view';
import { placeLabels } from '@/core/geometry/labels';
import type { Fixture, Plan } from '@/core/model/schema';
import { MARK_NAMES } from '@/text/marks';
import { written } from './written';

/** What is drawn together, and can be shown or hidden together in a program for drawings. */
export const LAYERS = [
  'shell',
  'openings',
  'bars',
  'nests',
  'feed and water',
  'other',
  'birds',
  'sticks',
] as const;
export type Layer = (typeof LAYERS)[number];

/** Words on a drawing. */
export interface SheetText {
  readonly at: Point;
  readonly text: string;
  /** Height of its capitals on paper, mm. */
  readonly sizeMm: number;
  readonly anchor: 'start' | 'middle' | 'end';
}

/** A view of a coop to be put out: shapes in metres of the coop, and words. */
export interface Sheet {
  readonly name: string;
  readonly view: View | 'run';
  /** Metres of the coop to a metre of paper. */
  readonly scale: number;
  readonly face: Face;
  readonly layers: readonly {
    readonly layer: Layer;
    readonly shapes: readonly Shape[];
    readonly texts: readonly SheetText[];
  }[];
}

const LAYER_OF: Readonly<Record<Fixture['kind'], Layer>> = {
  bar: 'bars',
  board: 'bars',
  ceiling: 'other',
  ledge: 'other',
  nestBank: 'nests',
  window: 'openings',
  vent: 'openings',
  door: 'openings',
  hatch: 'openings',
  popDoor: 'openings',
  feeder: 'feed and water',
  drinker: 'feed and water',
  dish: 'feed and water',
  dustBath: 'other',
  obstacle: 'other',
};

/** On paper, mm: a rod's breadth, how far it is off the drawing, a line of words, and their size. */
const ROD_MM = 4;
const OFF_MM = 7;
const LINE_MM = 4.4;
const WORDS_MM = 2.4;
/** Breadth kept for a figure with its name, and for a figure alone. */
const NAMED_MM = 46;
const FIGURE_MM = 17;

/** A plan in one view with its story sticks, to be drawn at a scale. */
export function sheetOf(plan: Plan, assessment: Assessment, view: View, scale: number): Sheet {
  const items = draw(plan, view, { birds: assessment.birds });
  const shapes = new Map<Layer, Shape[]>(LAYERS.map((l) => [l, []]));
  for (const item of items) {
    const layer =
      item.what === 'fixture'
        ? LAYER_OF[item.fixture.kind]
        : item.what === 'bird'
          ? 'birds'
          : item.what === 'rain'
            ? LAYER_OF.drinker
            : 'shell';
    shapes.get(layer)?.push(...item.shapes);
  }
  const drawn = wholeOf(items.map((i) => i.face));
  const sticks = sticksOf(plan, assessment, view, scale, drawn);
  return {
    name: plan.name,
    view,
    scale,
    face: sticks.face,
    layers: LAYERS.map((layer) => ({
      layer,
      shapes: layer === 'sticks' ? sticks.shapes : (shapes.get(layer) ?? []),
      texts: layer === 'sticks' ? sticks.texts : [],
    })).filter(({ shapes: own }) => own.length > 0),
  };
}

const wholeOf = (faces: readonly Face[]): Face => ({
  a0: Math.min(...faces.map((f) => f.a0)),
  a1: Math.max(...faces.map((f) => f.a1)),
  b0: Math.min(...faces.map((f) => f.b0)),
  b1: Math.max(...faces.map((f) => f.b1)),
});

/** The rods at the left and along the foot, each mark with its figures. */
function sticksOf(
  plan: Plan,
  { marks, feet }: Assessment,
  view: View,
  scale: number,
  drawn: Face,
): { shapes: Shape[]; texts: SheetText[]; face: Face } {
  const m = (mm: number): number => (mm * scale) / 1000;
  const { acrossM, upM } = roomOf(view, plan.shell);
  const told = (metres: number): string => written(metres, plan.units);
  const rod = { a0: drawn.a0 - m(OFF_MM + ROD_MM), a1: drawn.a0 - m(OFF_MM), b0: 0, b1: upM };
  const up =
    view === 'above'
      ? feet.y.map((f) => ({ at: f.m, text: told(f.m) }))
      : marks.map((k) => ({ at: k.z, text: `${told(k.heightM)} ${MARK_NAMES[k.kind]}` }));
  const upAt = placeLabels(
    up.map((k) => k.at),
    m(LINE_MM),
    -m(LINE_MM * 3),
    upM + m(LINE_MM * 6),
  );
  const foot = {
    a0: 0,
    a1: acrossM,
    b0: drawn.b0 - m(OFF_MM + ROD_MM),
    b1: drawn.b0 - m(OFF_MM),
  };
  const along = feet[view === 'left' || view === 'right' ? 'y' : 'x']
    .map((f) => ({ at: acrossPage(view, plan.shell, f.m), text: told(f.m) }))
    .sort((a, b) => a.at - b.at);
  // figures go down in as many rows as keep each within its own breadth of its mark
  const rows = Math.max(1, Math.ceil((along.length * m(FIGURE_MM)) / (acrossM + m(2 * FIGURE_MM))));
  const rowAt = Array.from({ length: rows }, (_, row) =>
    placeLabels(
      along.filter((__, i) => i % rows === row).map((k) => k.at),
      m(FIGURE_MM),
      -m(FIGURE_MM),
      acrossM + m(FIGURE_MM),
    ),
  );
  const footAt = along.map((k, i) => rowAt[i % rows]?.[Math.floor(i / rows)] ?? k.at);
  const shapes: Shape[] = [
    rect('timber', rod),
    ...up.flatMap((k, i) => [
      polyline('thingLine', [rod.a0, k.at], [rod.a1, k.at]),
      polyline('leader', [rod.a0, k.at], [rod.a0 - m(3), upAt[i] ?? k.at]),
    ]),
    rect('timber', foot),
    ...along.flatMap((k, i) => [
      polyline('thingLine', [k.at, foot.b0], [k.at, foot.b1]),
      polyline(
        'leader',
        [k.at, foot.b0],
        [footAt[i] ?? k.at, foot.b0 - m(3 + (i % rows) * LINE_MM)],
      ),
    ]),
  ];
  const texts: SheetText[] = [
    ...up.map(
      (k, i): SheetText => ({
        at: [rod.a0 - m(4), (upAt[i] ?? k.at) - m(WORDS_MM * 0.36)],
        text: k.text,
        sizeMm: WORDS_MM,
        anchor: 'end',
      }),
    ),
    ...along.map(
      (k, i): SheetText => ({
        at: [footAt[i] ?? k.at, foot.b0 - m(3 + WORDS_MM + (i % rows) * LINE_MM)],
        text: k.text,
        sizeMm: WORDS_MM,
        anchor: 'middle',
      }),
    ),
  ];
  return {
    shapes,
    texts,
    face: {
      a0: rod.a0 - m(NAMED_MM),
      a1: Math.max(drawn.a1, acrossM + m(FIGURE_MM)) + WALL_DRAWN_M,
      b0: Math.min(foot.b0 - m(4 + rows * LINE_MM), -m(LINE_MM * 4)),
      b1: Math.max(drawn.b1, (upAt.at(-1) ?? 0) + m(LINE_MM)) + m(3),
    },
  };
}
