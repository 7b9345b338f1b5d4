'use client';
import { create } from 'zustand';
import type { StationId } from '@/core/kernel/station';
import type { Plan } from '@/core/model/schema';

/** A text that a field could not take: kept as it was typed until it is put right. */
export interface Refused {
  /** The field's own place: plan, thing and label. */
  readonly key: string;
  /** Where the field is. */
  readonly station: StationId;
  /** The thing it belongs to; null: the station's own. */
  readonly thing: string | null;
  /** The fold it stands in; null: it stands in none. */
  readonly fold: string | null;
  /** The field, as it is called. */
  readonly label: string;
  readonly text: string;
  readonly why: string;
}

/** Every text that was refused and not yet put right, in the order they were typed. */
export const useRefused = create<{ readonly list: readonly Refused[] }>(() => ({ list: [] }));

const without = (key: string): readonly Refused[] =>
  useRefused.getState().list.filter((r) => r.key !== key);

/** Keeps a refused text. */
export const keepRefused = (refused: Refused): void =>
  useRefused.setState({ list: [...without(refused.key), refused] });

/** The field has been put right, or its text given up. */
export function forgetRefused(key: string): void {
  const list = without(key);
  if (list.length !== useRefused.getState().list.length) useRefused.setState({ list });
}

/** The text of a field that was refused when it was last on the screen. */
export const refusedAt = (key: string): Refused | null =>
  useRefused.getState().list.find((r) => r.key === key) ?? null;

/** Those of a plan whose thing is still in it. */
export const refusedOf = (list: readonly Refused[], plan: Plan): readonly Refused[] =>
  list.filter(
    ({ key, thing }) =>
      key.startsWith(`${plan.id}/`) &&
      (thing === null || [...plan.fixtures, ...plan.flock].some((t) => t.id === thing)),
  );
