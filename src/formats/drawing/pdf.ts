import fontkit from '@pdf-lib/fontkit';
import {
  clip,
  closePath,
  endPath,
  lineTo,
  moveTo,
  PDFDocument,
  type PDFFont,
  type PDFPage,
  popGraphicsState,
  pushGraphicsState,
  rgb,
} from 'pdf-lib';
import type { Shape } from '@/core/drawing/shape';
import type { UnitSystem } from '@/core/kernel/units/length';
import { EDGE_MM, OVERLAP_MM, PAPERS, type PaperId, scaleName, tilesOf } from './paper';
import { PAPER_PENS } from './pens';
import type { Sheet, SheetText } from './sheet';

/** Points of print in a millimetre. */
export const PT = 72 / 25.4;
/** A pixel of 96 to the inch in points. */
const PX_PT = 72 / 96;

/** Fonts as files hold them. */
export interface Fonts {
  readonly text: Uint8Array;
  readonly figures: Uint8Array;
}

/** What a title block says beside the name, the view and the scale. */
export interface Title {
  readonly view: string;
  readonly day: string;
  readonly paper: PaperId;
  readonly units: UnitSystem;
}

/** Breadth of the title block at the foot of each sheet, mm. */
export const BLOCK_MM = 16;

/** Inks of words and lines on paper. */
export const INK = rgb(0.165, 0.161, 0.149);
export const SOFT = rgb(0.34, 0.33, 0.29);

/** A document to be printed, and the letters it is written in. */
export interface Paper {
  readonly pdf: PDFDocument;
  readonly text: PDFFont;
  readonly figures: PDFFont;
}

/** A document with the program's own fonts in it. */
export async function newDocument(fonts: Fonts): Promise<Paper> {
  const pdf = await PDFDocument.create();
  pdf.registerFontkit(fontkit);
  const text = await pdf.embedFont(fonts.text, { subset: true });
  const figures = await pdf.embedFont(fonts.figures, { subset: true });
  return { pdf, text, figures };
}

/** How a drawing falls on paper: the way of the sheet that takes fewer, lying where both take as many. */
export function sheetsFor({ face, scale }: Pick<Sheet, 'face' | 'scale'>, id: PaperId) {
  const sizeMm = [
    ((face.a1 - face.a0) * 1000) / scale,
    ((face.b1 - face.b0) * 1000) / scale,
  ] as const;
  const { widthMm, heightMm } = PAPERS[id];
  const [lying, upright] = (
    [
      [heightMm, widthMm],
      [widthMm, heightMm],
    ] as const
  ).map(([w, h]) => {
    const room = [w - 2 * EDGE_MM, h - 2 * EDGE_MM - BLOCK_MM] as const;
    return { sizeMm, paper: [w, h] as const, room, tiles: tilesOf(sizeMm, room) };
  });
  if (!lying || !upright) throw new Error('a sheet lies one way or the other');
  return upright.tiles.length < lying.tiles.length ? upright : lying;
}

/**
 * A sheet to scale on paper, with its title block and a line to check the print by; where one sheet is too small, on
 * several that share a strip with their neighbours.
 * @returns the file
 */
export async function sheetPdf(sheet: Sheet, title: Title, fonts: Fonts): Promise<Uint8Array> {
  const paper = await newDocument(fonts);
  paper.pdf.setTitle(`${sheet.name}, ${title.view}`);
  putSheet(paper, sheet, title);
  return paper.pdf.save();
}

/** Puts a sheet to scale into a document, on as many pages as it takes. */
export function putSheet(
  { pdf, text, figures }: Paper,
  sheet: Pick<Sheet, 'name' | 'face' | 'scale' | 'layers'>,
  title: Title,
): void {
  const { face, scale } = sheet;
  const { sizeMm, paper, room, tiles } = sheetsFor(sheet, title.paper);
  const upright = PAPERS[title.paper];
  const [spareX, spareY] =
    tiles.length > 1 ? [0, 0] : [(room[0] - sizeMm[0]) / 2, (room[1] - sizeMm[1]) / 2];
  tiles.forEach((tile, i) => {
    const page = pdf.addPage([paper[0] * PT, paper[1] * PT]);
    const left = EDGE_MM;
    const top = paper[1] - EDGE_MM;
    const onPage = {
      x: (a: number): number =>
        (left + spareX - tile.fromXMm + ((a - face.a0) * 1000) / scale) * PT,
      y: (b: number): number => (top - spareY + tile.fromYMm - ((face.b1 - b) * 1000) / scale) * PT,
      scale: (1000 / scale) * PT,
    };
    page.pushOperators(
      pushGraphicsState(),
      ...boxPath(left, top - room[1], room[0], room[1]),
      clip(),
      endPath(),
    );
    for (const { shapes, texts } of sheet.layers) {
      for (const shape of shapes) drawShape(page, shape, onPage);
      for (const t of texts) drawText(page, t, onPage, figures);
    }
    page.pushOperators(popGraphicsState());
    if (tiles.length > 1)
      overlapMarks(page, left, top, room, text, `${tile.column + 1}·${tile.row + 1}`);
    titleBlock(page, paper, {
      words: [
        sheet.name,
        title.view,
        `Scale ${scaleName(scale)} on ${upright.name}`,
        title.day,
        ...(tiles.length > 1 ? [`Sheet ${i + 1} of ${tiles.length}`] : []),
      ],
      text,
      units: title.units,
    });
  });
}

interface OnPage {
  readonly x: (a: number) => number;
  readonly y: (b: number) => number;
  /** Points a metre of the coop. */
  readonly scale: number;
}

const boxPath = (x: number, y: number, w: number, h: number) => [
  moveTo(x * PT, y * PT),
  lineTo((x + w) * PT, y * PT),
  lineTo((x + w) * PT, (y + h) * PT),
  lineTo(x * PT, (y + h) * PT),
  closePath(),
];

const colour = (hex: string) => {
  const n = Number.parseInt(hex.slice(1), 16);
  return rgb(((n >> 16) & 255) / 255, ((n >> 8) & 255) / 255, (n & 255) / 255);
};

/** Draws a shape with its pen. */
export function drawShape(page: PDFPage, shape: Shape, { x, y, scale }: OnPage): void {
  const pen = PAPER_PENS[shape.pen];
  const look = {
    ...(pen.fill ? { color: colour(pen.fill), opacity: pen.fillOpacity ?? 1 } : {}),
    ...(pen.line
      ? { borderColor: colour(pen.line), borderWidth: (pen.width ?? 1) * PX_PT }
      : { borderWidth: 0 }),
    ...(pen.dash ? { borderDashArray: pen.dash.map((n) => n * PX_PT) } : {}),
  };
  if (shape.kind === 'ellipse') {
    page.drawEllipse({
      x: x(shape.middle[0]),
      y: y(shape.middle[1]),
      xScale: shape.half[0] * scale,
      yScale: shape.half[1] * scale,
      ...look,
    });
    return;
  }
  // a path's own y runs down from where it is put
  const d = shape.commands
    .map(
      ([letter, ...n]) =>
        letter + n.map((m, i) => (i % 2 === 0 ? x(m) : -y(m)).toFixed(4)).join(' '),
    )
    .join(' ');
  page.drawSvgPath(d, { x: 0, y: 0, ...look });
}

function drawText(page: PDFPage, t: SheetText, { x, y }: OnPage, font: PDFFont): void {
  const size = t.sizeMm * 1.4 * PT;
  const wide = font.widthOfTextAtSize(t.text, size);
  const back = t.anchor === 'end' ? wide : t.anchor === 'middle' ? wide / 2 : 0;
  page.drawText(t.text, { x: x(t.at[0]) - back, y: y(t.at[1]), size, font, color: INK });
}

/** Where a sheet is laid over its neighbours: a line along each shared strip, and the sheet's place. */
export function overlapMarks(
  page: PDFPage,
  left: number,
  top: number,
  [wide, tall]: readonly [number, number],
  font: PDFFont,
  place: string,
): void {
  const dashed = { thickness: 0.5, color: SOFT, dashArray: [3, 3] };
  for (const at of [left + OVERLAP_MM, left + wide - OVERLAP_MM]) {
    page.drawLine({
      start: { x: at * PT, y: top * PT },
      end: { x: at * PT, y: (top - tall) * PT },
      ...dashed,
    });
  }
  for (const at of [top - OVERLAP_MM, top - tall + OVERLAP_MM]) {
    page.drawLine({
      start: { x: left * PT, y: at * PT },
      end: { x: (left + wide) * PT, y: at * PT },
      ...dashed,
    });
  }
  page.drawText(place, { x: (left + 1) * PT, y: (top - 4) * PT, size: 8, font, color: SOFT });
}

/** The line that a print is checked by, mm: a whole measure of the tape in hand. */
const CHECKS = {
  metric: { mm: 100, words: '100 mm' },
  imperial: { mm: 101.6, words: '4 in' },
} as const;

/** What the sheet is, and a line of a known length: where it measures otherwise, the printer has shrunk the page. */
export function titleBlock(
  page: PDFPage,
  [wide]: readonly [number, number],
  {
    words,
    text,
    units,
  }: { readonly words: readonly string[]; readonly text: PDFFont; readonly units: UnitSystem },
): void {
  const y = EDGE_MM;
  const rule = { thickness: 0.8, color: INK };
  page.drawLine({
    start: { x: EDGE_MM * PT, y: (y + BLOCK_MM - 3) * PT },
    end: { x: (wide - EDGE_MM) * PT, y: (y + BLOCK_MM - 3) * PT },
    ...rule,
  });
  const [name, ...rest] = words;
  page.drawText(name ?? '', { x: EDGE_MM * PT, y: (y + 8) * PT, size: 11, font: text, color: INK });
  page.drawText(rest.join('   ·   '), {
    x: EDGE_MM * PT,
    y: (y + 3) * PT,
    size: 8,
    font: text,
    color: SOFT,
    maxWidth: (wide - 2 * EDGE_MM - CHECKS[units].mm - 6) * PT,
    lineHeight: 9,
  });
  const right = wide - EDGE_MM;
  checkLine(page, right - CHECKS[units].mm, y + 5, text, units);
}

/** A line of a known length with its ends. */
function checkLine(page: PDFPage, x: number, y: number, font: PDFFont, units: UnitSystem): void {
  const { mm, words } = CHECKS[units];
  const rule = { thickness: 0.6, color: INK };
  page.drawLine({
    start: { x: x * PT, y: y * PT },
    end: { x: (x + mm) * PT, y: y * PT },
    ...rule,
  });
  for (const at of [x, x + mm]) {
    page.drawLine({
      start: { x: at * PT, y: (y - 1.5) * PT },
      end: { x: at * PT, y: (y + 1.5) * PT },
      ...rule,
    });
  }
  page.drawText(`This line is ${words} long where the print is true`, {
    x: (x + 2) * PT,
    y: (y + 1.6) * PT,
    size: 7,
    font,
    color: SOFT,
  });
}
