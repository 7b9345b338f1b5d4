/** What had the focus, and all that it lay in, each with its place among its neighbours. */
export interface WayUp {
  readonly from: HTMLElement | null;
  readonly inDialog: boolean;
  readonly steps: readonly { readonly parent: Element; readonly at: number }[];
}

/** Notes the way up from what has the focus, to be gone when it is no longer there. */
export function wayUp(from: HTMLElement | null, inDialog = false): WayUp {
  const steps: { parent: Element; at: number }[] = [];
  for (let e: Element | null = from; e?.parentElement; e = e.parentElement) {
    steps.push({ parent: e.parentElement, at: [...e.parentElement.children].indexOf(e) });
  }
  return { from, inDialog, steps };
}

/** What can have the focus, and a heading that it was made for. */
const TAKES_FOCUS =
  'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea, summary, [tabindex]';

/**
 * Where the focus goes when what had it is gone: what stands in its place in the nearest thing that is still there,
 * else what stands before it there.
 */
export function placeLeft({ steps }: WayUp): HTMLElement | null {
  for (const { parent, at } of steps) {
    if (!parent.isConnected) continue;
    if (parent === document.body) return null;
    const near = [...parent.children];
    for (const one of [...near.slice(at), ...near.slice(0, at).reverse()]) {
      const place = [one, ...one.querySelectorAll(TAKES_FOCUS)].find(takesFocus);
      if (place instanceof HTMLElement) return place;
    }
  }
  return null;
}

const takesFocus = (e: Element): boolean =>
  e instanceof HTMLElement &&
  e.matches(TAKES_FOCUS) &&
  !(e.tabIndex < 0 && !/^H[1-6]$/.test(e.tagName)) &&
  e.closest('[hidden], [inert], [aria-hidden="true"], details:not([open]) > :not(summary)') ===
    null;
