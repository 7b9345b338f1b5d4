import { type Command, circle, type Point, path, polyline, type Shape } from '@/core/drawing/shape';
import { formatTape, type Tape } from '@/core/kernel/units/tape';
import type { RoundHoles } from '@/core/stores/vessels/holes';
import { portSpacing } from '@/core/stores/vessels/ports';
import { developed } from '@/core/stores/vessels/strip';
import { acrossAtM } from '@/core/stores/vessels/volume';
import { EDGE_MM, PAPERS, type PaperId } from './paper';
import { BLOCK_MM } from './pdf';
import type { Sheet, SheetText } from './sheet';

type Part = Pick<Sheet, 'name' | 'face' | 'scale' | 'layers'>;

/** Half of the strip's breadth on paper, m, and what overlaps where its ends meet. */
const HALF_M = 0.015;
const TAB_M = 0.02;
/** Lengths of the strip share so much with one another, and keep so far from the edge of what is printed, m. */
const LAP_M = 0.01;
const MARGIN_M = 0.004;
/** Words on the strip, mm. */
const WORDS_MM = 2.2;

/** What a lying sheet of a paper prints, m. */
const roomOf = (paper: PaperId): readonly [number, number] => [
  (PAPERS[paper].heightMm - 2 * EDGE_MM) / 1000,
  (PAPERS[paper].widthMm - 2 * EDGE_MM - BLOCK_MM) / 1000,
];

/** One length of the strip: from so far round to so far, and the row of the sheet that it lies in. */
interface Length {
  readonly fromM: number;
  readonly toM: number;
  readonly sheet: number;
  readonly row: number;
}

/** How a strip is cut into lengths, row under row: each shares a lap with the next. */
function lengthsOf(
  totalM: number,
  radiusM: number,
  paper: PaperId,
): { readonly longM: number; readonly rowM: number; readonly lengths: readonly Length[] } {
  const [wide, tall] = roomOf(paper);
  const longM = wide - 2 * MARGIN_M;
  // an arc takes so much more of its row
  const bowM = radiusM === Number.POSITIVE_INFINITY ? 0 : longM ** 2 / (8 * radiusM);
  const rows = Math.max(1, Math.floor(tall / (2 * HALF_M + 2 * bowM + MARGIN_M)));
  const count = Math.max(1, Math.ceil((totalM - LAP_M) / (longM - LAP_M) - 1e-9));
  const lengths = Array.from({ length: count }, (_, i): Length => {
    const fromM = i * (longM - LAP_M);
    return {
      fromM,
      toM: Math.min(totalM, fromM + longM),
      sheet: Math.floor(i / rows),
      row: i % rows,
    };
  });
  return { longM, rowM: tall / rows, lengths };
}

/** The strip laid flat in lengths: straight round a can, arcs round a pail, for its wall leans. */
export function stripSheets(
  name: string,
  { made, holes, holeM, middleM }: RoundHoles,
  tape: Tape,
  paper: PaperId,
): Part[] {
  const across = acrossAtM(made.body, middleM);
  const { aroundM, marks } = portSpacing(across, holes, holeM, tape);
  const flat = developed(made.body, middleM);
  const { longM, rowM, lengths } = lengthsOf(aroundM + TAB_M, flat.radiusM, paper);
  const [wide, tall] = roomOf(paper);
  const sheets = (lengths.at(-1)?.sheet ?? 0) + 1;
  return Array.from({ length: sheets }, (_, k): Part => {
    const own = lengths.filter((l) => l.sheet === k);
    const drawn = own.map((length) => {
      // its middle lies level in its row
      const at = (s: number, up: number): Point => {
        const [a, b] = flat.at(s - (length.fromM + longM / 2), up);
        return [wide / 2 + a, tall - (length.row + 0.5) * rowM + b];
      };
      return lengthShapes(
        at,
        length,
        marks,
        aroundM,
        lengths.indexOf(length),
        lengths.length,
        tape,
      );
    });
    return {
      name,
      face: { a0: 0, a1: wide, b0: 0, b1: tall },
      scale: 1,
      layers: [
        {
          layer: 'feed and water',
          shapes: drawn.flatMap((d) => d.shapes),
          texts: drawn.flatMap((d) => d.texts),
        },
      ],
    };
  });
}

function lengthShapes(
  at: (s: number, up: number) => Point,
  { fromM, toM }: Length,
  marks: readonly { readonly m: number; readonly tapeM: number }[],
  aroundM: number,
  i: number,
  count: number,
  tape: Tape,
): { shapes: Shape[]; texts: SheetText[] } {
  const edge = (off: number): Command[] => {
    const steps = 40;
    return Array.from({ length: steps + 1 }, (_, n): Command => {
      const [a, b] = at(fromM + ((toM - fromM) * n) / steps, off);
      return [n === 0 ? 'M' : 'L', a, b];
    });
  };
  const cross = (s: number, pen: 'divider' | 'fold'): Shape =>
    polyline(pen, at(s, -HALF_M), at(s, HALF_M));
  const isOn = (s: number): boolean => s >= fromM - 1e-9 && s <= toM + 1e-9;
  const seen = marks.map((m, n) => ({ ...m, n })).filter(({ m }) => isOn(m));
  const ends = [0, aroundM].filter(isOn);
  const laps = [
    ...(i > 0 ? [fromM + LAP_M] : []),
    ...(i < count - 1 ? [toM - LAP_M] : []),
    fromM,
    toM,
  ];
  const words = (s: number, off: number, text: string): SheetText => ({
    at: at(s, off),
    text,
    sizeMm: WORDS_MM,
    anchor: 'start',
  });
  return {
    shapes: [
      path('divider', ...edge(HALF_M)),
      path('divider', ...edge(-HALF_M)),
      path('leader', ...edge(0)),
      ...laps.map((s) => cross(s, 'fold')),
      ...ends.map((s) => cross(s, 'divider')),
      ...seen.flatMap(({ m }) => [cross(m, 'divider'), circle('outlet', at(m, 0), 0.0008)]),
    ],
    texts: [
      ...seen.flatMap(({ m, n, tapeM }) => [
        words(m + 0.003, 0.005, `Hole ${n + 1}`),
        words(m + 0.003, -0.009, formatTape(tapeM, tape)),
      ]),
      ...(isOn(aroundM) ? [words(aroundM + 0.002, 0.005, 'lap')] : []),
      words(fromM + 0.014, -0.0125, `${i + 1} of ${count}`),
    ],
  };
}
