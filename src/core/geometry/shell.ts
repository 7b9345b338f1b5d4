import type { Shell, Side } from '../model/schema';

/**
 * Inside height of the roof's underside over a point of the floor, m above the bare floor.
 * @param x  m from the left wall
 * @param y  m from the front wall
 * @example  roofHeightM({ lengthM: 2, widthM: 2.1, roof: { kind: 'mono', highSide: 'rear', lowM: 1.9, highM: 2.4 } }, 1, 1.05) // 2.15
 */
export function roofHeightM(shell: Shell, x: number, y: number): number {
  const { roof, lengthM, widthM } = shell;
  if (roof.kind === 'flat') return roof.highM;
  const rise = roof.highM - roof.lowM;
  if (roof.kind === 'mono')
    return roof.lowM + rise * towards(roof.highSide, x / lengthM, y / widthM);
  const across = roof.ridgeAxis === 'x' ? y / widthM : x / lengthM;
  return roof.lowM + rise * (1 - Math.abs(2 * across - 1));
}

/** The roof's underside at its lowest over a rectangle of the floor, m above the bare floor. */
export const roofOverM = (
  shell: Shell,
  { x0, x1, y0, y1 }: { x0: number; x1: number; y0: number; y1: number },
): number =>
  Math.min(
    roofHeightM(shell, x0, y0),
    roofHeightM(shell, x0, y1),
    roofHeightM(shell, x1, y0),
    roofHeightM(shell, x1, y1),
  );

/** Share of the way from the opposite side to this one, 0…1. */
function towards(side: Side, alongX: number, alongY: number): number {
  switch (side) {
    case 'rear':
      return alongY;
    case 'front':
      return 1 - alongY;
    case 'right':
      return alongX;
    case 'left':
      return 1 - alongX;
  }
}
