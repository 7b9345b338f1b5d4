import type { Assessment } from '@/core/assess';
import type { Plan } from '@/core/model/schema';

/** Plans that can stand side by side. */
export const MOST_COMPARED = 3;

/** A plan as it is stored. */
export interface Compared {
  readonly plan: Plan;
  readonly revision: number;
  /** The day it is assessed on, YYYY-MM-DD. */
  readonly on: string;
}

/** A plan that stands in a column, with what was worked from it. */
export interface Column extends Compared {
  readonly letter: string;
  /** As it is stored; `plan` is told in the units of the first column. */
  readonly own: Plan;
  readonly assessment: Assessment;
}

export const LETTERS = ['A', 'B', 'C'] as const;

/** What tells the plans apart in the chart, beside their letters. */
export const LETTER_FILLS: Readonly<Record<string, string>> = {
  A: 'bg-ink',
  B: 'bg-straw border border-straw-line',
  C: 'bg-chalk-faint',
};

/** The address of plans side by side. */
export const compareHref = (ids: readonly string[]): string =>
  `/compare?${ids.map((id) => `plan=${encodeURIComponent(id)}`).join('&')}`;

/** A label column and one for each plan; narrow, the label stands over its row. */
export const ROW =
  'grid gap-x-4 grid-cols-[repeat(var(--plans),minmax(0,1fr))] lg:grid-cols-[11rem_repeat(var(--plans),minmax(0,1fr))]';
export const LABEL = 'max-lg:col-span-full';
