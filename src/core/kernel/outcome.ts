/** One thing wrong with an input, as data: `src/text/issues.ts` turns it into a sentence. */
export interface Issue {
  readonly code: string;
  /** Where in the input it stands, outermost key first. */
  readonly path: readonly (string | number)[];
  /** What explains it: limits, what was read, what is known. */
  readonly details: Readonly<Record<string, string | number | readonly string[]>>;
}

/** Bad input is data: either a value, or every issue found (never only the first). */
export type Outcome<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly issues: readonly Issue[] };

export const ok = <T>(value: T): Outcome<T> => ({ ok: true, value });

export const fail = <T = never>(...issues: Issue[]): Outcome<T> => ({ ok: false, issues });

export const issue = (
  code: string,
  details: Issue['details'] = {},
  path: Issue['path'] = [],
): Issue => ({ code, path, details });
