import type { FileOut } from '@/formats/fileOut';

/** Hands a file to the browser to keep: what is on the screen, saved or not. */
export const takeOut = ({ name, type, text }: FileOut): void =>
  keepFile(new Blob([text], { type }), name);

/** Hands what a file holds to the browser to keep. */
export function keepFile(blob: Blob, name: string): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
