// How soon the program has answered its first page. Called by bench.ts.
import { emptyPage } from './bench.empty';
import { PORT, startServer } from './bench.server';
import { figure, line, quantile } from './bench.table';

const TIMES = 7;

/** On a new directory, then on one that is there: by turns with an empty page, so that both are slowed alike. */
export async function starts(dir: string): Promise<void> {
  const fresh = await startServer(dir);
  line('start to first page, new directory', `${figure(fresh.ms / 1000, 1)} s`, '≤ 7 s');
  await fresh.stop();
  const empty = emptyPage(PORT + 1);
  const [again, bare]: [number[], number[]] = [[], []];
  for (let i = 0; i < TIMES; i++) {
    const server = await startServer(dir);
    again.push(server.ms);
    await server.stop();
    bare.push(await empty.start());
  }
  empty.remove();
  const times = again.map((ms, i) => ms / (bare[i] ?? ms));
  const seconds = (all: readonly number[]): string => `${figure(quantile(all, 0.5) / 1000, 2)} s`;
  line('start to first page, existing directory, median of 7', seconds(again), '≤ 2.5 s');
  line('start of an empty Next.js page, by turns with it, median of 7', seconds(bare), '');
  line(
    'start to first page in starts of an empty page, median of pairs',
    figure(quantile(times, 0.5), 1),
    '≤ 3.0',
  );
}
