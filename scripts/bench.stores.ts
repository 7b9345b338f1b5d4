// Rain, frost and days away: thirty years of a barrel, the barrels looked for, a vessel's heap. Called by bench.core.ts.

import { flockByDay } from '@/core/birds/flock';
import { newRain } from '@/core/edit/new/rain';
import { runBarrel } from '@/core/stores/rain/barrel';
import { rainDays, rainOutlook, storeOf } from '@/core/stores/rain/outlook';
import { roundHeapL } from '@/core/stores/vessels/deadHeap';
import { awayOf } from '@/core/tending/awayOf';
import { frostWays } from '@/core/tending/frostWays';
import { sample } from '@/core/tests/plans';
import { figure, line, ON, quantile, timed } from './bench.table';

const median = (runs: number, what: (i: number) => unknown): string =>
  figure(quantile(timed(runs, what), 0.5));

/** Times feed and water stores. */
export function stores(): void {
  const plan = { ...sample('pell-garth'), rain: newRain(sample('pell-garth')) };
  const flock = flockByDay(plan, ON);
  line(
    'days of thirty-one years, generated, and the barrel and roofs looked for among them',
    `${median(9, () => {
      const days = rainDays(flock);
      const store = storeOf(plan, flock);
      return days && store && rainOutlook(days, store);
    })} ms`,
    '< 300 ms',
  );
  const days = rainDays(flock);
  const store = storeOf(plan, flock);
  if (!days || !store) throw new Error('it rains there');
  line(
    'one barrel through thirty years, as it is dragged',
    `${median(200, (i) => runBarrel(days, { ...store, barrelL: 20 + i }))} ms`,
    '',
  );
  line(
    'ways to keep a drinker open, ten winters by the hour',
    `${median(9, () => frostWays(plan, { flock }))} ms`,
    '',
  );
  line(
    'a week away, thirty years of it',
    `${median(5, () => awayOf(plan, '2027-01-10', '2027-01-17'))} ms`,
    '',
  );
  line(
    'the heap of a can with six holes',
    `${median(200, (i) => roundHeapL(0.3 + i / 1e4, 6, { reposeDeg: 35, fillM: 0.5, lipM: 0.02, acrossM: 0.07 }))} ms`,
    '',
  );
}
