import fontkit from '@pdf-lib/fontkit';
import { Resvg } from '@resvg/resvg-js';
import type { Fonts } from './pdf';
import type { Sheet, SheetText } from './sheet';
import { sheetSvg } from './svg';

/** Pixels to the inch of a picture, and the largest side that it is drawn with. */
const DPI = 150;
const MOST_PX = 6000;

/** A sheet as a picture, its words drawn as outlines. */
export function sheetPng(sheet: Sheet, fonts: Fonts): Uint8Array {
  const font = fontkit.create(fonts.figures as Buffer);
  const outline = (t: SheetText, x: number, y: number, sizeMm: number): string => {
    const run = font.layout(t.text);
    const scale = (sizeMm * 1.4) / font.unitsPerEm;
    const wide = run.positions.reduce((sum, p) => sum + p.xAdvance, 0) * scale;
    let at = x - (t.anchor === 'end' ? wide : t.anchor === 'middle' ? wide / 2 : 0);
    return run.glyphs
      .map((glyph, i) => {
        const d = glyph.path.toSVG();
        const put = `<path transform="translate(${at} ${y}) scale(${scale} ${-scale})" d="${d}" fill="#2a2926"/>`;
        at += (run.positions[i]?.xAdvance ?? 0) * scale;
        return put;
      })
      .join('');
  };
  const { face, scale } = sheet;
  const inches = (((face.a1 - face.a0) * 1000) / scale / 25.4) as number;
  const tall = ((face.b1 - face.b0) * 1000) / scale / 25.4;
  const times = Math.min(DPI, MOST_PX / Math.max(inches, tall));
  const picture = new Resvg(sheetSvg(sheet, outline), {
    background: '#ffffff',
    fitTo: { mode: 'width', value: Math.round(inches * times) },
  });
  return picture.render().asPng();
}
