import { escaped, penAttributes } from './drawingSvg';
import type { Sheet, SheetText } from './sheet';

/** Pixels of 96 to the inch in a millimetre of paper. */
const PX_MM = 96 / 25.4;

const mm = (m: number): string => String(Math.round(m * 1e6) / 1e3);

/**
 * A sheet as SVG in millimetres of the coop: one unit is one millimetre, the file's own size is that of the print.
 * Layers are groups; up in the coop is up on the page.
 * @param words  how words are written: as text, unless the reader has no font for it
 */
export function sheetSvg(
  { name, face, layers, scale }: Sheet,
  words: (text: SheetText, x: number, y: number, sizeMm: number) => string = asText,
): string {
  const [wide, tall] = [(face.a1 - face.a0) * 1000, (face.b1 - face.b0) * 1000];
  // line weights are those of the paper
  const times = scale / PX_MM;
  const drawn = layers.map(({ layer, shapes, texts }) => {
    const paths = shapes.map((shape) => {
      const look = penAttributes(shape.pen, times);
      if (shape.kind === 'ellipse') {
        const [a, b] = shape.middle;
        return `<ellipse cx="${mm(a)}" cy="${mm(-b)}" rx="${mm(shape.half[0])}" ry="${mm(shape.half[1])}" ${look}/>`;
      }
      const d = shape.commands
        .map(
          ([letter, ...points]) =>
            letter + points.map((n, i) => mm(i % 2 === 0 ? n : -n)).join(' '),
        )
        .join('');
      return `<path d="${d}" fill-rule="evenodd" ${look}/>`;
    });
    const told = texts.map((t) => words(t, t.at[0] * 1000, -t.at[1] * 1000, t.sizeMm * scale));
    return `<g id="${layer.replaceAll(' ', '-')}" data-layer="${layer}">\n${[...paths, ...told].join('\n')}\n</g>`;
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${mm(face.a0)} ${mm(-face.b1)} ${mm(wide / 1000)} ${mm(tall / 1000)}" width="${wide / scale}mm" height="${tall / scale}mm" role="img" aria-label="${escaped(name)}">`,
    ...drawn,
    '</svg>',
    '',
  ].join('\n');
}

const round = (n: number): number => Math.round(n * 100) / 100;

const asText = (t: SheetText, x: number, y: number, size: number): string =>
  `<text x="${round(x)}" y="${round(y)}" font-size="${round(size * 1.4)}" font-family="'Atkinson Hyperlegible Next', sans-serif" text-anchor="${t.anchor}" fill="#2a2926">${escaped(t.text)}</text>`;
