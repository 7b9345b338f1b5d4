import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Fonts } from './pdf';

const require = createRequire(import.meta.url);

const font = (name: 'next' | 'mono'): Uint8Array => {
  const own = `atkinson-hyperlegible-${name}`;
  return readFileSync(require.resolve(`@fontsource/${own}/files/${own}-latin-400-normal.woff`));
};

/** The program's own fonts, in the form that prints and pictures take. Only Node reads them. */
export const ownFonts = (): Fonts => ({ text: font('next'), figures: font('mono') });
