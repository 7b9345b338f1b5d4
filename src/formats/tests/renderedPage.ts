import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Fonts } from '../drawing/pdf';

const require = createRequire(import.meta.url);
const font = (name: string): Uint8Array =>
  readFileSync(
    require.resolve(
      `@fontsource/atkinson-hyperlegible-${name}/files/atkinson-hyperlegible-${name}-latin-400-normal.woff`,
    ),
  );
/** The program's own letters. */
export const fonts = (): Fonts => ({ text: font('next'), figures: font('mono') });

/** Pixels to a millimetre that pages are drawn with to be measured. */
export const PX_MM = 10;

/** A page of a PDF drawn by another program: how dark each pixel is, 0 black. */
export function pageOf(
  pdf: Uint8Array,
  page: number,
): { at: (xMm: number, yMm: number) => number; heightMm: number } {
  const dir = mkdtempSync(join(tmpdir(), 'wide-rafter-print-'));
  try {
    const file = join(dir, 'in.pdf');
    writeFileSync(file, pdf);
    execFileSync('pdftoppm', [
      ...[
        '-r',
        String(PX_MM * 25.4),
        '-gray',
        '-f',
        String(page),
        '-l',
        String(page),
        '-singlefile',
      ],
      ...[file, join(dir, 'out')],
    ]);
    const image = readFileSync(join(dir, 'out.pgm'));
    const head = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(image.subarray(0, 40).toString('latin1'));
    if (!head) throw new Error('no picture');
    const [wide, tall] = [Number(head[1]), Number(head[2])];
    const pixels = image.subarray(head[0].length);
    return {
      heightMm: tall / PX_MM,
      at: (xMm, yMm) => pixels[Math.round(yMm * PX_MM) * wide + Math.round(xMm * PX_MM)] ?? 255,
    };
  } finally {
    rmSync(dir, { recursive: true, force: true });
  }
}
