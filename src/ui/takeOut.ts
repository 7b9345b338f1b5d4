import type { FileOut } from '@/formats/fileOut';

/** Hands a file to the browser to keep: what is on the screen, saved or not. */
export function takeOut({ name, type, text }: FileOut): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
