import type { Pen, Shape } from '@/core/drawing/shape';

/** How each pen looks on paper: fill, line, its weight and dashes, in millimetres of the drawing's own scale. */
const PENS: Readonly<Record<Pen, string>> = {
  room: 'fill="#fbf9f3"',
  littered: 'fill="#d9c79a" fill-opacity=".5"',
  wall: 'fill="#c9c2b2"',
  wallEdge: 'fill="none" stroke="#2a2926" stroke-width="1.2"',
  roofBehind: 'fill="none" stroke="#8d8778" stroke-dasharray="7 4"',
  ground: 'fill="none" stroke="#2a2926" stroke-width="2"',
  partition: 'fill="none" stroke="#2a2926" stroke-width="1.6" stroke-dasharray="2 4"',
  litter: 'fill="#d9c79a"',
  litterTop: 'fill="none" stroke="#8a6a1f" stroke-width=".8"',
  litterEnd: 'fill="none" stroke="#8a6a1f" stroke-dasharray="6 4"',
  timber: 'fill="#e0c070" stroke="#8a6a1f" stroke-width=".9"',
  endGrain: 'fill="none" stroke="#8a6a1f" stroke-width=".7"',
  thing: 'fill="#e8e2d2" stroke="#2a2926"',
  thingLine: 'fill="none" stroke="#2a2926" stroke-width=".7"',
  divider: 'fill="none" stroke="#2a2926" stroke-width=".8"',
  hollow: 'fill="#2a2926" fill-opacity=".25"',
  hole: 'fill="#f3efe4" stroke="#2a2926" stroke-dasharray="6 3"',
  holeBefore: 'fill="none" stroke="#2a2926" stroke-dasharray="6 3"',
  cutHole: 'fill="#f3efe4" stroke="#2a2926"',
  fold: 'fill="none" stroke="#2a2926" stroke-width=".7" stroke-dasharray="6 3"',
  mesh: 'fill="none" stroke="#57534a" stroke-dasharray="3 2"',
  dust: 'fill="#d9c79a" stroke="#2a2926" stroke-width="1.1"',
  grain: 'fill="#57534a"',
  outlet: 'fill="#2a2926"',
  chain: 'fill="none" stroke="#2a2926" stroke-dasharray="2 2"',
  bird: 'fill="#efe6d2" stroke="#57534a" stroke-width="1.1"',
  birdLine: 'fill="none" stroke="#57534a" stroke-width=".8"',
  astray: 'fill="#f3d9cf" stroke="#9b3b24" stroke-width="1.1" stroke-dasharray="4 2.5"',
  astrayLine: 'fill="none" stroke="#9b3b24" stroke-width=".8"',
  outOfReach: 'fill="#9b3b24" fill-opacity=".25"',
  broken: 'fill="#9b3b24" fill-opacity=".2"',
  brokenEdge: 'fill="none" stroke="#9b3b24" stroke-dasharray="5 3"',
  ghost: 'fill="#cfdcec" stroke="#2b5f9e" stroke-width="1.3" stroke-dasharray="4 3"',
};

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
    const look = PENS[shape.pen];
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

const escaped = (text: string): string => text.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`);
