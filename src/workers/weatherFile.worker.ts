import { type Issue, issue } from '@/core/kernel/outcome';
import type { Commas } from '@/core/kernel/units/thousands';
import type { MonthNormals } from '@/core/model/climates.data';
import type { HourlyFile } from '@/formats/weather/hourly';
import { monthsOfFile } from '@/formats/weather/monthsOfFile';
import { packHours } from '@/formats/weather/packedHours';
import { MOST_WEATHER_BYTES, readWeather } from '@/formats/weather/readWeather';

/** A file to read, and the place for a table that does not name it. */
export interface WeatherFileMessage {
  readonly file: File;
  readonly latitudeDeg: number;
  readonly altitudeM: number;
  /** What a comma before three figures is, where the keeper was asked. */
  readonly commas: Commas | null;
}

/** What was read, ready to be kept; or what is wrong with it. */
export type WeatherFileTold =
  | { readonly ok: false; readonly issues: readonly Issue[] }
  | {
      readonly ok: true;
      readonly packed: Uint8Array<ArrayBuffer>;
      readonly months: readonly MonthNormals[];
      readonly about: Omit<HourlyFile, 'columns'>;
    };

self.onmessage = async ({ data }: MessageEvent<WeatherFileMessage>): Promise<void> => {
  const { file, commas, ...where } = data;
  const told =
    file.size > MOST_WEATHER_BYTES
      ? tooLarge(file.size)
      : read(await bytesOf(file), file.name, where, commas);
  self.postMessage(told, { transfer: told.ok ? [told.packed.buffer] : [] });
};

const bytesOf = async (file: File): Promise<Uint8Array> => new Uint8Array(await file.arrayBuffer());

const tooLarge = (bytes: number): WeatherFileTold => ({
  ok: false,
  issues: [issue('weather.tooLarge', { megabytes: Math.ceil(bytes / 1_000_000) })],
});

function read(
  bytes: Uint8Array,
  name: string,
  where: Omit<WeatherFileMessage, 'file' | 'commas'>,
  commas: Commas | null,
): WeatherFileTold {
  const found = readWeather(name, bytes, where, commas);
  if (!found.ok) return found;
  const { columns, ...about } = found.value;
  return {
    ok: true,
    packed: packHours({ ...about, columns }),
    months: monthsOfFile(found.value),
    about,
  };
}
