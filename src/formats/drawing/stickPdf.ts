import { degrees, type PDFFont, type PDFPage } from 'pdf-lib';
import type { Assessment } from '@/core/assess';
import { placeLabels } from '@/core/geometry/labels';
import type { Plan } from '@/core/model/schema';
import { MARK_NAMES } from '@/text/marks';
import { EDGE_MM, OVERLAP_MM, PAPERS, type PaperId } from './paper';
import { type Fonts, INK, newDocument, PT, SOFT, titleBlock } from './pdf';
import { written } from './written';

/** A mark on a stick: how far from its zero, m, and what it is. */
interface Mark {
  readonly m: number;
  readonly words: string;
}

/** One rod, marked at full size. */
interface Rod {
  readonly name: string;
  readonly from: string;
  readonly lengthM: number;
  readonly marks: readonly Mark[];
}

/** Breadth of a rod on paper, and of a strip with its words, mm. */
const ROD_MM = 12;
const STRIP_MM = 60;
/** Height kept for a line of words, mm, and room over the title block. */
const LINE_MM = 3.6;
const BLOCK_MM = 18;

/** The rods of a coop: its heights, and its lengths from the left and from the front. */
export function rodsOf({ units, shell }: Plan, { marks, feet }: Assessment): Rod[] {
  const told = (m: number): string => written(m, units);
  return [
    {
      name: 'Heights',
      from: 'the bare floor',
      lengthM: shell.roof.highM,
      marks: marks.map((k) => ({
        m: k.z,
        words: `${MARK_NAMES[k.kind]}, ${told(k.heightM)}`,
      })),
    },
    {
      name: 'From the left wall',
      from: 'the left wall',
      lengthM: shell.lengthM,
      marks: feet.x.map((k) => ({ m: k.m, words: told(k.m) })),
    },
    {
      name: 'From the front wall',
      from: 'the front wall',
      lengthM: shell.widthM,
      marks: feet.y.map((k) => ({ m: k.m, words: told(k.m) })),
    },
  ];
}

/**
 * The story sticks at full size: strips to be cut out and laid end to end, each sharing a strip of its length with
 * the next, and a table of the marks.
 */
export async function sticksPdf(
  plan: Plan,
  assessment: Assessment,
  { day, paper }: { readonly day: string; readonly paper: PaperId },
  fonts: Fonts,
): Promise<Uint8Array> {
  const { pdf, text, figures } = await newDocument(fonts);
  pdf.setTitle(`${plan.name}, story sticks`);
  const { widthMm, heightMm, name: paperName } = PAPERS[paper];
  const tall = heightMm - 2 * EDGE_MM - BLOCK_MM;
  const across = Math.max(1, Math.floor((widthMm - 2 * EDGE_MM) / STRIP_MM));
  const strips = rodsOf(plan, assessment).flatMap((rod) => {
    const longMm = rod.lengthM * 1000;
    const count = Math.max(1, Math.ceil((longMm - OVERLAP_MM) / (tall - OVERLAP_MM) - 1e-9));
    return Array.from({ length: count }, (_, i) => ({
      rod,
      part: i + 1,
      of: count,
      fromMm: i * (tall - OVERLAP_MM),
    }));
  });
  for (let i = 0; i < strips.length; i += across) {
    const page = pdf.addPage([widthMm * PT, heightMm * PT]);
    strips.slice(i, i + across).forEach((strip, k) => {
      drawStrip(page, strip, EDGE_MM + k * STRIP_MM, EDGE_MM + BLOCK_MM, tall, { text, figures });
    });
    titleBlock(page, [widthMm, heightMm], {
      words: [plan.name, `Story sticks at full size on ${paperName}`, day, 'Print at 100 %'],
      text,
      units: plan.units,
    });
  }
  tableOf(pdf.addPage([widthMm * PT, heightMm * PT]), plan, assessment, [widthMm, heightMm], {
    text,
    figures,
  });
  return pdf.save();
}

function drawStrip(
  page: PDFPage,
  {
    rod,
    part,
    of,
    fromMm,
  }: { readonly rod: Rod; readonly part: number; readonly of: number; readonly fromMm: number },
  x: number,
  y: number,
  tall: number,
  { text, figures }: { readonly text: PDFFont; readonly figures: PDFFont },
): void {
  const longMm = rod.lengthM * 1000;
  const toMm = Math.min(longMm, fromMm + tall);
  const at = (mm: number): number => y + (mm - fromMm);
  const line = (
    x0: number,
    y0: number,
    x1: number,
    y1: number,
    thickness: number,
    dash?: number[],
  ): void =>
    page.drawLine({
      start: { x: x0 * PT, y: y0 * PT },
      end: { x: x1 * PT, y: y1 * PT },
      thickness,
      color: INK,
      ...(dash ? { dashArray: dash } : {}),
    });
  line(x, at(fromMm), x, at(toMm), 0.5);
  line(x + ROD_MM, at(fromMm), x + ROD_MM, at(toMm), 0.5);
  // where the next strip is laid over this one
  if (part > 1)
    line(x - 2, at(fromMm + OVERLAP_MM), x + ROD_MM, at(fromMm + OVERLAP_MM), 0.4, [2, 2]);
  if (part < of) line(x - 2, at(toMm - OVERLAP_MM), x + ROD_MM, at(toMm - OVERLAP_MM), 0.4, [2, 2]);
  if (part === 1) line(x, at(0), x + ROD_MM, at(0), 1);
  const seen = rod.marks.filter((m) => m.m * 1000 >= fromMm - 1e-6 && m.m * 1000 <= toMm + 1e-6);
  const labels = placeLabels(
    seen.map((m) => at(m.m * 1000)),
    LINE_MM,
    y,
    y + tall,
  );
  seen.forEach((m, i) => {
    const [own, label] = [at(m.m * 1000), labels[i] ?? at(m.m * 1000)];
    line(x, own, x + ROD_MM, own, 0.6);
    line(x + ROD_MM, own, x + ROD_MM + 4, label, 0.3);
    page.drawText(m.words, {
      x: (x + ROD_MM + 5) * PT,
      y: (label - 1) * PT,
      size: 7.5,
      font: figures,
      color: INK,
    });
  });
  page.drawText(`${rod.name}, ${part} of ${of}`, {
    x: (x + 4) * PT,
    y: (at(fromMm) + 14) * PT,
    size: 7,
    font: text,
    color: SOFT,
    rotate: degrees(90),
  });
}

/** The marks of every rod as a table: what to mark where, from which zero. */
function tableOf(
  page: PDFPage,
  plan: Plan,
  assessment: Assessment,
  [wide, tall]: readonly [number, number],
  { text, figures }: { readonly text: PDFFont; readonly figures: PDFFont },
): void {
  const told = (m: number): string => written(m, plan.units);
  const put = (words: string, x: number, y: number, size: number, font: PDFFont): void =>
    page.drawText(words, { x: x * PT, y: y * PT, size, font, color: INK });
  const column = (wide - 2 * EDGE_MM) / 2;
  let [x, y] = [EDGE_MM, tall - EDGE_MM - 6];
  put(`${plan.name}: marks for the tape`, x, y, 12, text);
  const first = y - 9;
  y = first;
  const next = (): void => {
    y -= LINE_MM + 1;
    if (y > EDGE_MM + 4) return;
    x += column;
    y = first;
  };
  for (const rod of rodsOf(plan, assessment)) {
    put(`${rod.name}, from ${rod.from}`, x, y, 9, text);
    next();
    for (const m of rod.marks) {
      put(told(m.m), x + 2, y, 8, figures);
      put(m.words, x + 34, y, 8, text);
      next();
    }
    next();
  }
}
