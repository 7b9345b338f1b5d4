import { z } from 'zod';
import { fail, issue, type Outcome, ok } from '@/core/kernel/outcome';
import { YEAR_HOURS } from '@/core/weather/hours';
import { HOURLY, type Hourly, type HourlyFile, RANGE } from './hourly';

/** How packed hours begin. */
const MARK = 'WIDE-RAFTER-HOURS-1\n';
const FLOAT_BYTES = 4;
const COLUMN_BYTES = YEAR_HOURS * FLOAT_BYTES;
/** A head is longer than this only where somebody plays a trick. */
const MOST_HEAD_BYTES = 2000;
/** The longest that packed hours can be. */
export const MOST_PACKED_BYTES = MARK.length + 4 + MOST_HEAD_BYTES + HOURLY.length * COLUMN_BYTES;

const head = z.strictObject({
  place: z.string().max(200),
  latitudeDeg: z.number().min(-90).max(90),
  longitudeDeg: z.number().min(-180).max(180),
  zoneH: z.number().min(-14).max(14),
  altitudeM: z.number().min(-450).max(6000),
  filled: z.partialRecord(z.enum(HOURLY), z.int().min(0).max(YEAR_HOURS)),
  absent: z.array(z.enum(HOURLY)),
});

/**
 * A file of hours as it is kept and sent: a mark, the length of its head, the head as JSON, then the columns that it
 * has, 8,760 numbers of four bytes each, the least first. The same hours give the same bytes.
 */
export function packHours(file: HourlyFile): Uint8Array<ArrayBuffer> {
  const { place, latitudeDeg, longitudeDeg, zoneH, altitudeM, filled, absent, columns } = file;
  const known = { place: place.slice(0, 200), latitudeDeg, longitudeDeg, zoneH, altitudeM };
  const json = new TextEncoder().encode(JSON.stringify({ ...known, filled, absent }));
  const there = HOURLY.filter((name) => !absent.includes(name));
  const start = MARK.length + 4 + json.length;
  const bytes = new Uint8Array(start + there.length * COLUMN_BYTES);
  const view = new DataView(bytes.buffer);
  bytes.set(new TextEncoder().encode(MARK));
  view.setUint32(MARK.length, json.length, true);
  bytes.set(json, MARK.length + 4);
  there.forEach((name, k) => {
    for (let i = 0; i < YEAR_HOURS; i++)
      view.setFloat32(start + k * COLUMN_BYTES + i * FLOAT_BYTES, columns[name][i] as number, true);
  });
  return bytes;
}

const NOT_PACKED = issue('weather.notPacked');

/** Packed hours read back, and checked: they may come from anywhere. */
export function unpackHours(bytes: Uint8Array): Outcome<HourlyFile> {
  if (bytes.length > MOST_PACKED_BYTES || bytes.length < MARK.length + 4) return fail(NOT_PACKED);
  if (new TextDecoder().decode(bytes.subarray(0, MARK.length)) !== MARK) return fail(NOT_PACKED);
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const headBytes = view.getUint32(MARK.length, true);
  if (headBytes > MOST_HEAD_BYTES) return fail(NOT_PACKED);
  const start = MARK.length + 4 + headBytes;
  const read = head.safeParse(jsonOf(bytes.subarray(MARK.length + 4, start)));
  if (!read.success) return fail(NOT_PACKED);
  const { filled, absent, ...place } = read.data;
  const there = HOURLY.filter((name) => !absent.includes(name));
  const isWhole = bytes.length === start + there.length * COLUMN_BYTES;
  const isEnough =
    !absent.includes('tempC') && (!absent.includes('rh') || !absent.includes('dewC'));
  if (!isWhole || !isEnough) return fail(NOT_PACKED);
  const columns = {} as Record<Hourly, Float32Array>;
  for (const name of absent) columns[name] = new Float32Array(YEAR_HOURS).fill(Number.NaN);
  for (const [k, name] of there.entries()) {
    const column = Float32Array.from({ length: YEAR_HOURS }, (_, i) =>
      view.getFloat32(start + k * COLUMN_BYTES + i * FLOAT_BYTES, true),
    );
    const [least, most] = RANGE[name];
    if (!column.every((x) => x >= least && x <= most)) return fail(NOT_PACKED);
    columns[name] = column;
  }
  return ok({ ...place, columns, filled: filled as HourlyFile['filled'], absent });
}

function jsonOf(bytes: Uint8Array): unknown {
  try {
    return JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch {
    return null;
  }
}
