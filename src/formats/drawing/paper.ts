import type { UnitSystem } from '@/core/kernel/units/length';

/** Sheets that a home printer takes, mm, upright. */
export const PAPERS = {
  a4: { name: 'A4', widthMm: 210, heightMm: 297 },
  a3: { name: 'A3', widthMm: 297, heightMm: 420 },
  letter: { name: 'Letter', widthMm: 215.9, heightMm: 279.4 },
  tabloid: { name: 'Tabloid', widthMm: 279.4, heightMm: 431.8 },
} as const;
export type PaperId = keyof typeof PAPERS;

export const paperFor = (units: UnitSystem): PaperId => (units === 'metric' ? 'a4' : 'letter');

/** No printer prints nearer to the edge of the sheet, mm. */
export const EDGE_MM = 12;

/** Scales of shop drawings, and how each is written. */
export const SCALES = {
  metric: [
    { scale: 5, name: '1:5' },
    { scale: 10, name: '1:10' },
    { scale: 20, name: '1:20' },
    { scale: 25, name: '1:25' },
    { scale: 50, name: '1:50' },
  ],
  imperial: [
    { scale: 8, name: '1 1/2 in to the foot' },
    { scale: 12, name: '1 in to the foot' },
    { scale: 16, name: '3/4 in to the foot' },
    { scale: 24, name: '1/2 in to the foot' },
    { scale: 48, name: '1/4 in to the foot' },
  ],
} as const;

/** How a scale is written on the drawing. @example scaleName(16) // '3/4 in to the foot' */
export const scaleName = (scale: number): string =>
  [...SCALES.metric, ...SCALES.imperial].find((s) => s.scale === scale)?.name ?? `1:${scale}`;

const FOOT_IN = 12;

/**
 * A scale as a person writes it: 1:20, or 3/4 in to the foot.
 * @returns metres of the coop to a metre of paper; null for what is no scale
 * @example readScale('3/4 in to the foot') // 16
 */
export function readScale(text: string): number | null {
  const ratio = /^\s*1\s*:\s*(\d+(?:\.\d+)?)\s*$/.exec(text);
  if (ratio) return within(Number(ratio[1]));
  const inches =
    /^\s*(?:(\d+)\s+)?(?:(\d+)\s*\/\s*(\d+)|(\d+(?:\.\d+)?))\s*(?:in|inch|inches|")\s*(?:to|=)\s*(?:the|a|1)\s*(?:foot|ft|')\s*$/i.exec(
      text,
    );
  if (!inches) return null;
  const [, whole, over, under, plain] = inches;
  const size = Number(whole ?? 0) + (plain ? Number(plain) : Number(over) / Number(under));
  return within(FOOT_IN / size);
}

const within = (scale: number): number | null =>
  Number.isFinite(scale) && scale >= 1 && scale <= 100 ? scale : null;

/** One sheet of a print that takes several: where its part of the drawing begins, mm from the upper left corner of the whole. */
export interface Tile {
  readonly column: number;
  readonly row: number;
  readonly fromXMm: number;
  readonly fromYMm: number;
}

/** Sheets share so much of the drawing with their neighbours, mm. */
export const OVERLAP_MM = 10;

/**
 * How a drawing falls on sheets.
 * @param sizeMm  of the whole drawing
 * @param roomMm  that one sheet prints
 * @example tilesOf([100, 500], [180, 260]).length // 2
 */
export function tilesOf(
  [wide, tall]: readonly [number, number],
  [roomWide, roomTall]: readonly [number, number],
): Tile[] {
  const count = (size: number, room: number): number =>
    Math.max(1, Math.ceil((size - OVERLAP_MM) / (room - OVERLAP_MM) - 1e-9));
  const [columns, rows] = [count(wide, roomWide), count(tall, roomTall)];
  return Array.from({ length: columns * rows }, (_, i): Tile => {
    const [column, row] = [i % columns, Math.floor(i / columns)];
    return {
      column,
      row,
      fromXMm: column * (roomWide - OVERLAP_MM),
      fromYMm: row * (roomTall - OVERLAP_MM),
    };
  });
}
