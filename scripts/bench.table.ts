/** The day that plans are timed on. */
export const ON = '2026-11-24';

export const quantile = (xs: readonly number[], q: number): number =>
  [...xs].sort((a, b) => a - b)[Math.min(xs.length - 1, Math.floor(q * xs.length))] ?? Number.NaN;

export const figure = (x: number, digits = 2): string => x.toFixed(digits);

/** The head of the table that the lines stand in. */
export const heads = (): void => console.log('| figure | measured | target |\n| --- | --- | --- |');

export function line(name: string, value: string, target: string): void {
  console.log(`| ${name} | ${value} | ${target} |`);
}

export function timed(times: number, work: (i: number) => void): number[] {
  return Array.from({ length: times }, (_, i) => {
    const from = performance.now();
    work(i);
    return performance.now() - from;
  });
}
