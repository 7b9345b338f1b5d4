/** Marks at a text's beginning that tell its letters. */
const MARKS: readonly (readonly [readonly number[], string])[] = [
  [[0xef, 0xbb, 0xbf], 'utf-8'],
  [[0xff, 0xfe], 'utf-16le'],
  [[0xfe, 0xff], 'utf-16be'],
];

/** The text of a file: by its mark, else as UTF-8, else as Western letters of one byte each. */
export function decodeText(bytes: Uint8Array): string {
  const marked = MARKS.find(([mark]) => mark.every((b, i) => bytes[i] === b));
  if (marked) return new TextDecoder(marked[1]).decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}
