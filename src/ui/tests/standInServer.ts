import { MOST_SAVE_BYTES, parseSaveText, type Save } from '@/core/edit/parseSave';

/** What Node's server takes of header lines, bytes. */
const MOST_HEADER_BYTES = 16_384;

/**
 * Reads a save as the server does, with its own limits.
 * @returns the save, or the status with which it is refused
 */
export function readSave(init: RequestInit): Save | number {
  const headers = init.headers as Readonly<Record<string, string>>;
  const lines = Object.entries(headers).map(([key, value]) => `${key}: ${value}\r\n`);
  if (lines.join('').length > MOST_HEADER_BYTES) return 431;
  if (!(headers['if-match'] ?? '').match(/^"\d{1,9}"$/)) return 428;
  const text = String(init.body);
  if (Buffer.byteLength(text) > MOST_SAVE_BYTES) return 413;
  const read = parseSaveText(text);
  return read.ok ? read.value : 422;
}
