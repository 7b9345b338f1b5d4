import localFont from 'next/font/local';

/**
 * The letters nearly every text is set in, asked for with the page itself, so that nothing moves when they come.
 * Letters outside them come from the families named after these in `globals.css`.
 */
const title = localFont({
  src: '../../node_modules/@fontsource-variable/bricolage-grotesque/files/bricolage-grotesque-latin-wght-normal.woff2',
  weight: '200 800',
  display: 'optional',
  variable: '--letters-title',
  adjustFontFallback: false,
});

const text = localFont({
  src: '../../node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
  weight: '200 800',
  display: 'optional',
  variable: '--letters-text',
  adjustFontFallback: false,
});

const figures = localFont({
  src: '../../node_modules/@fontsource-variable/atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono-latin-wght-normal.woff2',
  weight: '200 800',
  display: 'optional',
  variable: '--letters-figures',
  adjustFontFallback: false,
});

export const LETTERS = `${title.variable} ${text.variable} ${figures.variable}`;
