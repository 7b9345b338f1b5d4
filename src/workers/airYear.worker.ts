import { type AirYear, airYear, keptBy } from '@/core/air/airYear';
import { airExtremes, type Extremes } from '@/core/air/extremes';
import { flockByDay } from '@/core/birds/flock';
import type { Plan } from '@/core/model/schema';
import { workClimate } from '@/core/weather/climate';
import { unpackHours } from '@/formats/weather/packedHours';
import { hoursOfFile } from '@/formats/weather/typicalYear';

/** What the year is worked for. */
export interface AirYearMessage {
  readonly plan: Plan;
  readonly on: string;
  /** Hours that were brought in, packed; null: the climate's typical year. */
  readonly packed: ArrayBuffer | null;
}

/** How far it has come, then the year, null where the plan has no climate; and after it what many years may bring. */
export type AirYearTold =
  | { readonly kind: 'working'; readonly share: number }
  | { readonly kind: 'done'; readonly year: AirYear | null }
  | { readonly kind: 'extremes'; readonly extremes: Extremes };

self.onmessage = ({ data: { plan, on, packed } }: MessageEvent<AirYearMessage>): void => {
  const tell = (told: AirYearTold, hand: Transferable[] = []): void =>
    self.postMessage(told, { transfer: hand });
  const climate = workClimate(plan.climate);
  if (climate === null) {
    tell({ kind: 'done', year: null });
    return;
  }
  const read = packed && unpackHours(new Uint8Array(packed));
  const weather = read?.ok ? hoursOfFile(read.value) : undefined;
  const flock = flockByDay(plan, on);
  const run = airYear(plan, flock, climate, weather);
  let next = run.next();
  for (; !next.done; next = run.next()) tell({ kind: 'working', share: next.value });
  const { rh, riseK, heatC, ammoniaPpm, calendar } = next.value;
  const shares = keptBy(plan, calendar);
  tell(
    { kind: 'done', year: next.value },
    [rh, riseK, heatC, ammoniaPpm].map((c) => c.buffer as ArrayBuffer),
  );
  const years = airExtremes(plan, flock, climate, shares);
  let step = years.next();
  while (!step.done) step = years.next();
  tell({ kind: 'extremes', extremes: step.value });
};
