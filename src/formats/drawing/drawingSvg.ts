import type { Pen, Shape } from '@/core/drawing/shape';
import { PAPER_PENS } from './pens';

/** A pen as attributes. @param times  line weights so many times as heavy */
export function penAttributes(pen: Pen, times = 1): string {
  const { fill = 'none', fillOpacity, line, width = 1, dash } = PAPER_PENS[pen];
  const scaled = (n: number): string => String(Math.round(n * times * 1e4) / 1e4);
  return [
    `fill="${fill}"`,
    ...(fillOpacity === undefined ? [] : [`fill-opacity="${fillOpacity}"`]),
    ...(line ? [`stroke="${line}" stroke-width="${scaled(width)}"`] : []),
    ...(dash ? [`stroke-dasharray="${dash.map(scaled).join(' ')}"`] : []),
  ].join(' ');
}

/** Room round a drawing, pixels. */
const MARGIN = 12;

const px = (n: number): string => String(Math.round(n * 10) / 10);

/**
 * Shapes of the core as one drawing on its own, for any program that shows SVG.
 * @param shapes  in metres, across and up, in the order they are drawn
 * @param face    what of the view is shown, m
 * @param scale   pixels to the metre
 * @param name    what is drawn, for who hears it
 */
export function drawingSvg(
  shapes: readonly Shape[],
  face: { readonly a0: number; readonly a1: number; readonly b0: number; readonly b1: number },
  scale: number,
  name: string,
): string {
  const u = (a: number): number => MARGIN + (a - face.a0) * scale;
  const v = (b: number): number => MARGIN + (face.b1 - b) * scale;
  const [wide, tall] = [u(face.a1) + MARGIN, v(face.b0) + MARGIN];
  const drawn = shapes.map((shape) => {
    const look = penAttributes(shape.pen);
    if (shape.kind === 'ellipse') {
      const [a, b] = shape.middle;
      return `<ellipse cx="${px(u(a))}" cy="${px(v(b))}" rx="${px(shape.half[0] * scale)}" ry="${px(shape.half[1] * scale)}" ${look}/>`;
    }
    const d = shape.commands
      .map(
        ([letter, ...points]) =>
          letter + points.map((n, i) => px(i % 2 === 0 ? u(n) : v(n))).join(' '),
      )
      .join('');
    return `<path d="${d}" fill-rule="evenodd" ${look}/>`;
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${px(wide)} ${px(tall)}" width="${px(wide)}" height="${px(tall)}" role="img" aria-label="${escaped(name)}">`,
    ...drawn,
    '</svg>',
  ].join('\n');
}

export const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`);
