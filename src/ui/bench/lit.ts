import { ofEachPlan } from '../session/own';

/** Fixtures that are lit because their mark is rested on. */
export const useLit = ofEachPlan<{ readonly fixtures: readonly string[] }>(() => ({
  fixtures: [],
}));

const NONE: readonly string[] = [];

/** Lights fixtures on every drawing; none puts the light out. */
export const light = (fixtures: readonly string[] = NONE): void => useLit.setState({ fixtures });
