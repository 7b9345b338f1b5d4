import type { SitterSheet } from '@/text/sitterSheet';
import { EDGE_MM, PAPERS, type PaperId } from './paper';
import { type Fonts, INK, newDocument, PT, SOFT } from './pdf';

/** Heights of lines on paper, mm, and how small they may be made so that all is on one page. */
const LINE_MM = 5.4;
const BLANK_MM = 9;
const LEAST = 0.7;

/** The sitter's sheet on one page. */
export async function sitterPdf(
  sheet: SitterSheet,
  paper: PaperId,
  fonts: Fonts,
): Promise<Uint8Array> {
  const { pdf, text } = await newDocument(fonts);
  pdf.setTitle(sheet.title);
  const { widthMm, heightMm } = PAPERS[paper];
  const page = pdf.addPage([widthMm * PT, heightMm * PT]);
  const roomMm = heightMm - 2 * EDGE_MM - 22;
  const wideMm = widthMm - 2 * EDGE_MM;
  // long lines are broken where they fit; all of it is made smaller where one page is not enough
  const asked = (times: number): number =>
    sheet.parts.reduce(
      (sum, p) =>
        sum +
        12 * times +
        p.lines.reduce(
          (n, l) => n + (p.blank ? BLANK_MM : LINE_MM * broken(l, times).length) * times,
          0,
        ),
      0,
    );
  const broken = (line: string, times: number): string[] => {
    const words = line.split(' ');
    const lines: string[] = [];
    let now = '';
    for (const word of words) {
      const next = now === '' ? word : `${now} ${word}`;
      if (now !== '' && text.widthOfTextAtSize(next, 11 * times) > (wideMm - 10) * PT) {
        lines.push(now);
        now = word;
      } else now = next;
    }
    return [...lines, now];
  };
  let times = 1;
  while (times > LEAST && asked(times) > roomMm) times -= 0.02;
  let y = heightMm - EDGE_MM - 7;
  const put = (words: string, x: number, size: number, color = INK): void =>
    page.drawText(words, { x: (EDGE_MM + x) * PT, y: y * PT, size, font: text, color });
  const rule = (from: number, to: number, at: number, thickness: number): void =>
    page.drawLine({
      start: { x: (EDGE_MM + from) * PT, y: at * PT },
      end: { x: (EDGE_MM + to) * PT, y: at * PT },
      thickness,
      color: INK,
    });
  put(sheet.title.slice(0, 60), 0, 18);
  y -= 7;
  put(sheet.dates, 0, 11, SOFT);
  rule(0, wideMm, y - 3, 1);
  y -= 5;
  for (const part of sheet.parts) {
    y -= 8 * times;
    put(part.title, 0, 13 * times);
    y -= 1;
    for (const line of part.lines) {
      if (part.blank) {
        y -= BLANK_MM * times;
        put(line, 0, 11 * times);
        rule(62, wideMm, y - 1, 0.5);
        continue;
      }
      broken(line, times).forEach((words, i) => {
        y -= LINE_MM * times;
        if (part.tick && i === 0) {
          page.drawRectangle({
            x: EDGE_MM * PT,
            y: y * PT,
            width: 3 * times * PT,
            height: 3 * times * PT,
            borderWidth: 0.8,
            borderColor: INK,
          });
        }
        put(words, 6, 11 * times);
      });
    }
    y -= 3 * times;
  }
  return pdf.save();
}
