/** Most of each that a plan may hold. */
export const PLAN_LIMITS = {
  fixtures: 200,
  groups: 100,
  birds: 2000,
  ownBreeds: 50,
  /** Letters of a name. */
  name: 80,
} as const;
