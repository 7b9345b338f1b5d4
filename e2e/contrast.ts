import type { Page } from '@playwright/test';

/** Least contrast of text, by the web's own guidelines. */
const LEAST = 4.5;
/** A colour behind a text counts from this share of its area on: a line or a focus ring that crosses it does not. */
const LEAST_SHARE = 0.2;
/** Pictures taken at most of one page, each scrolled to what is not yet decided. */
const MOST_PICTURES = 12;

/** A text that the checker could not decide, and what was measured of it. */
interface Measured {
  readonly html: string;
  /** Null: it could not be brought into a picture. */
  readonly ratio: number | null;
}

/**
 * Decides the contrast of texts that a checker of styles leaves open: each against the colours that lie behind it in
 * a picture of the page without its letters.
 * @param selectors  of the texts, one each
 * @returns          those that are too faint, or could not be seen
 */
export async function tooFaint(page: Page, selectors: readonly string[]): Promise<Measured[]> {
  const found: Measured[] = [];
  let open = [...selectors];
  let again = false;
  for (let i = 0; i < MOST_PICTURES && open.length > 0; i++) {
    await page.evaluate(
      (first) => document.querySelector(first)?.scrollIntoView({ block: 'center' }),
      open[0] ?? '',
    );
    // what floats beside a thing that was scrolled follows it in the next frames
    await page.evaluate(
      () => new Promise((r) => requestAnimationFrame(() => requestAnimationFrame(r))),
    );
    await letters(page, false);
    const png = (await page.screenshot({ scale: 'css' })).toString('base64');
    await letters(page, true);
    const round = await measure(page, open, png);
    // what floats may have been on its way: what is faint is looked at again
    if (round.faint.length > 0 && i + 1 < MOST_PICTURES && !again) {
      again = true;
      await page.waitForTimeout(500);
      continue;
    }
    again = false;
    found.push(...round.faint);
    open = round.open;
  }
  return [...found, ...open.map((html) => ({ html, ratio: null }))];
}

/** Shows or hides all letters, and nothing else. */
const letters = (page: Page, shown: boolean): Promise<void> =>
  page.evaluate((show) => {
    document.documentElement.style.setProperty(
      '-webkit-text-fill-color',
      show ? '' : 'transparent',
    );
    for (const text of document.querySelectorAll<SVGTextElement>('text')) {
      text.style.visibility = show ? '' : 'hidden';
    }
  }, shown);

const measure = (
  page: Page,
  selectors: readonly string[],
  png: string,
): Promise<{ faint: Measured[]; open: string[] }> =>
  page.evaluate(
    async ({ all, picture, least, share }) => {
      const image = new Image();
      image.src = `data:image/png;base64,${picture}`;
      await image.decode();
      const canvas = document.createElement('canvas');
      canvas.width = image.width;
      canvas.height = image.height;
      const context = canvas.getContext('2d', { willReadFrequently: true });
      if (!context) throw new Error('no canvas');
      context.drawImage(image, 0, 0);
      const light = (rgb: readonly number[]): number => {
        const [x, y, z] = rgb.map((c) => {
          const s = c / 255;
          return s <= 0.04045 ? s / 12.92 : ((s + 0.055) / 1.055) ** 2.4;
        });
        return 0.2126 * (x ?? 0) + 0.7152 * (y ?? 0) + 0.0722 * (z ?? 0);
      };
      const ratio = (a: readonly number[], b: readonly number[]): number => {
        const [dark, bright] = [light(a), light(b)].sort((p, q) => p - q) as [number, number];
        return (bright + 0.05) / (dark + 0.05);
      };
      // any way a colour is written, as red, green and blue
      const rgbOf = (colour: string): readonly number[] => {
        context.fillStyle = colour;
        const hex = String(context.fillStyle);
        return [1, 3, 5].map((i) => Number.parseInt(hex.slice(i, i + 2), 16));
      };
      /** Whether it is kept for readers of the screen alone, or lies under something else. */
      const isUnseen = (element: Element): boolean => {
        const box = element.getBoundingClientRect();
        const inView =
          box.bottom > 0 && box.top < innerHeight && box.right > 0 && box.left < innerWidth;
        const svg = element.closest('svg');
        const isOnTop = [0.02, 0.5, 0.98].every((at) => {
          const top = document.elementFromPoint(box.x + box.width * at, box.y + box.height / 2);
          return (
            !top || top.contains(element) || element.contains(top) || (svg?.contains(top) ?? false)
          );
        });
        if (inView && !isOnTop) return true;
        for (let e: Element | null = element; e; e = e.parentElement) {
          const { width, height } = e.getBoundingClientRect();
          if (width <= 1 && height <= 1) return true;
        }
        return false;
      };
      const faint: { html: string; ratio: number }[] = [];
      const open: string[] = [];
      // what lies beside something that floats is decided where that is shut
      const popup = document.querySelector('[data-radix-popper-content-wrapper]');
      for (const selector of all) {
        const element = document.querySelector(selector);
        if (!element || isUnseen(element) || (popup && !popup.contains(element))) continue;
        // of a text beside a picture in one element only the text counts
        const words = [...element.childNodes].find(
          (n) => n.nodeType === 3 && n.textContent?.trim(),
        );
        const range = document.createRange();
        if (words) range.selectNodeContents(words);
        const box = (words ? range : element).getBoundingClientRect();
        const [x, y, width, height] = [box.x, box.y, box.width, box.height].map(Math.floor) as [
          number,
          number,
          number,
          number,
        ];
        if (x < 0 || y < 0 || x + width > canvas.width || y + height > canvas.height) {
          open.push(selector);
          continue;
        }
        const { data } = context.getImageData(x, y, Math.max(1, width), Math.max(1, height));
        const colours = new Map<string, number>();
        for (let i = 0; i < data.length; i += 4) {
          const key = `${data[i]},${data[i + 1]},${data[i + 2]}`;
          colours.set(key, (colours.get(key) ?? 0) + 1);
        }
        const style = getComputedStyle(element);
        const ink = rgbOf(element instanceof SVGElement ? style.fill : style.color);
        const behind = [...colours].filter(([, n]) => (n * 4) / data.length >= share);
        const worst = Math.min(...behind.map(([key]) => ratio(ink, key.split(',').map(Number))));
        if (!(worst >= least)) faint.push({ html: element.outerHTML.slice(0, 160), ratio: worst });
      }
      return { faint, open };
    },
    { all: selectors, picture: png, least: LEAST, share: LEAST_SHARE },
  );
