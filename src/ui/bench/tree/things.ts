import { ofEachPlan } from '../../session/own';

/** Where a list of things can be opened: under the drawing, or on a phone before the panel. */
export type ThingsPlace = 'bench' | 'phone';

/** Where the list of things is open; null: it is shut. */
export const useThings = ofEachPlan<{ readonly open: ThingsPlace | null }>(() => ({ open: null }));

export const openThings = (open: ThingsPlace | null): void => useThings.setState({ open });

/** Opens it where this window has it. */
export const openThingsHere = (): void =>
  openThings(matchMedia('(min-width: 1024px)').matches ? 'bench' : 'phone');
