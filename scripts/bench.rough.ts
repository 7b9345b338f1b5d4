// How long a coop takes to be roughed out, where the birds fit and where they do not.
import fc from 'fast-check';
import { roughOut } from '@/core/layout/roughOut';
import { anyBirdsInAnyShell } from '@/core/tests/anyBirds';
import { figure, line, ON, quantile } from './bench.table';

/** Flocks after the first few, which run code that has never run. */
const FLOCKS = 80;
const FIRST = 5;

export function roughing(): void {
  const took = { fits: [] as number[], tooSmall: [] as number[] };
  fc.sample(anyBirdsInAnyShell, { numRuns: FLOCKS + FIRST, seed: 7 }).forEach((plan, i) => {
    const from = performance.now();
    const { kind } = roughOut(plan, ON);
    if (i >= FIRST) took[kind].push(performance.now() - from);
  });
  const both = (times: readonly number[]): string =>
    `${figure(quantile(times, 0.5), 0)} / ${figure(Math.max(...times), 0)} ms`;
  line(
    `${took.fits.length} random flocks roughed out, median / worst`,
    both(took.fits),
    '< 300 / < 800 ms',
  );
  line(
    `${took.tooSmall.length} that do not fit, with the room that holds them, median / worst`,
    both(took.tooSmall),
    'worst < 3,000 ms',
  );
}
