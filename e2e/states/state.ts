import type { Locator, Page } from '@playwright/test';

/** Compares what is read from top to bottom with the reading of that name; `clean` takes out what changes by itself. */
export type Read = (
  name: string,
  what: Locator | readonly Locator[],
  clean?: (text: string) => string,
) => Promise<void>;

/** A page with something open on it. */
export interface State {
  readonly path: string;
  readonly open: (page: Page, read: Read) => Promise<void>;
  /** Laid out in another way on a phone, and looked at there too. */
  readonly phone?: true;
  /** Words stand over a drawing: their contrast is measured in a picture. */
  readonly drawn?: true;
}

/** States by what stands open in them. */
export type States = Readonly<Record<string, State>>;
