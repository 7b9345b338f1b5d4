import { within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Fixture, OfKind, Plan } from '@/core/model/schema';
import { useBench } from '../session/bench';

/** The plan that is open. */
export const plan = (): Plan => {
  const open = useBench.getState().plan;
  if (!open) throw new Error('no plan is open');
  return open;
};
/** A fixture of it, by its kind and id. */
export const fixture = <K extends Fixture['kind']>(kind: K, id: string): OfKind<K> => {
  const own = plan().fixtures.find((f) => f.id === id && f.kind === kind);
  if (!own) throw new Error(`no ${kind} ${id}`);
  return own as OfKind<K>;
};
/** The row of a fixture in a panel. */
export const row = (id: string) => {
  const own = document.querySelector<HTMLElement>(`[data-row="${id}"]`);
  if (!own) throw new Error(`no row ${id}`);
  return within(own);
};
/** Types into a field and leaves it by Enter; a field takes its text a moment after it has the focus. */
export async function type(field: HTMLElement, text: string): Promise<void> {
  const user = userEvent.setup();
  await user.click(field);
  await new Promise((r) => setTimeout(r, 40));
  await user.clear(field);
  await user.type(field, `${text}{Enter}`);
}

/** A figure on the page, by its id. */
export const figure = (id: string): Element | null =>
  document.querySelector(`[data-figure="${id}"]`);
