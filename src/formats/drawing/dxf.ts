import { DxfWriter, point3d, Units } from '@tarikjabiri/dxf';
import type { Command, Point } from '@/core/drawing/shape';
import type { LAYERS, Sheet } from './sheet';

/** Curves are drawn by so many straight pieces each. */
const PIECES = 12;

/** Colours of the layers, by the numbers that programs for drawings know. */
const COLOURS: Readonly<Record<(typeof LAYERS)[number], number>> = {
  shell: 7,
  openings: 5,
  bars: 30,
  nests: 32,
  'feed and water': 140,
  other: 8,
  birds: 9,
  sticks: 40,
};

/**
 * A sheet as DXF, in millimetres of the coop, a layer for each kind of thing. Curves are polylines.
 * @returns the file's text
 */
export function sheetDxf({ layers, scale }: Sheet): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  for (const { layer, shapes, texts } of layers) {
    const name = layer.replaceAll(' ', '_').toUpperCase();
    dxf.addLayer(name, COLOURS[layer], 'Continuous');
    const options = { layerName: name };
    for (const shape of shapes) {
      if (shape.kind === 'ellipse') {
        const [[a, b], [ra, rb]] = [shape.middle, shape.half];
        if (Math.abs(ra - rb) < 1e-9) {
          dxf.addCircle(point3d(a * 1000, b * 1000), ra * 1000, options);
        } else {
          const isWide = ra >= rb;
          const end = isWide ? point3d(ra * 1000, 0) : point3d(0, rb * 1000);
          dxf.addEllipse(
            point3d(a * 1000, b * 1000),
            end,
            isWide ? rb / ra : ra / rb,
            0,
            2 * Math.PI,
            options,
          );
        }
        continue;
      }
      for (const { points, isClosed } of piecesOf(shape.commands)) {
        dxf.addLWPolyline(
          points.map(([a, b]) => ({ point: { x: a * 1000, y: b * 1000 } })),
          { ...options, flags: isClosed ? 1 : 0 },
        );
      }
    }
    for (const { at, text, sizeMm, anchor } of texts) {
      const height = sizeMm * scale;
      // words begin where they would if each letter were as broad as two thirds of its height
      const wide = text.length * height * 0.66;
      const x = at[0] * 1000 - (anchor === 'end' ? wide : anchor === 'middle' ? wide / 2 : 0);
      dxf.addText(point3d(x, at[1] * 1000), height, plain(text), options);
    }
  }
  return dxf.stringify();
}

/** Words in letters that every reader has. */
const plain = (text: string): string =>
  text
    .replaceAll('×', 'x')
    .replaceAll('’', "'")
    .replaceAll('½', ' 1/2')
    .replaceAll('¼', ' 1/4')
    .replaceAll('¾', ' 3/4')
    .replaceAll('²', '2');

interface Piece {
  readonly points: readonly Point[];
  readonly isClosed: boolean;
}

/** A path as polylines: each from where the pen is set down to where it is lifted. */
export function piecesOf(commands: readonly Command[]): Piece[] {
  const pieces: { points: Point[]; isClosed: boolean }[] = [];
  let last: Point = [0, 0];
  for (const command of commands) {
    const own = pieces.at(-1);
    if (command[0] === 'M') {
      last = [command[1], command[2]];
      pieces.push({ points: [last], isClosed: false });
    } else if (command[0] === 'Z') {
      if (own) own.isClosed = true;
    } else if (command[0] === 'L') {
      last = [command[1], command[2]];
      own?.points.push(last);
    } else if (command[0] === 'C') {
      own?.points.push(...curve(last, command));
      last = [command[5], command[6]];
    }
  }
  return pieces.filter((p) => p.points.length > 1);
}

/** Points along a curve, its end the last. */
function curve(
  [x, y]: Point,
  [, ax, ay, bx, by, cx, cy]: Extract<Command, readonly ['C', ...unknown[]]>,
): Point[] {
  return Array.from({ length: PIECES }, (_, i): Point => {
    const t = (i + 1) / PIECES;
    const s = 1 - t;
    const [k0, k1, k2, k3] = [s * s * s, 3 * s * s * t, 3 * s * t * t, t * t * t];
    return [k0 * x + k1 * ax + k2 * bx + k3 * cx, k0 * y + k1 * ay + k2 * by + k3 * cy];
  });
}
