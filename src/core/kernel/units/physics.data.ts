/** Freezing of water on the absolute scale, K. */
export const KELVIN = 273.15;

/** Standard gravity, m/s². Source: CGPM 1901. */
export const GRAVITY = 9.80665;
