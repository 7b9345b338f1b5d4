export const MADE = 'Made from the code by `npm run docs`; CI checks it against the code.';

export const row = (...cells: readonly (string | number)[]): string =>
  `| ${cells.map((c) => String(c).replaceAll('|', '\\|')).join(' | ')} |`;

export const table = (head: readonly string[], rows: readonly string[]): string =>
  [row(...head), row(...head.map(() => '---')), ...rows].join('\n');

/** Ages of a step, days. */
export const until = (to: number, from: number | undefined): string =>
  Number.isFinite(to) ? `${from === undefined ? 0 : from + 1}–${to}` : `over ${from}`;

export const round = (value: number): number => Math.round(value * 10_000) / 10_000;
