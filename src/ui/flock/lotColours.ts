/** Fills that tell lots apart, in the order of the flock; outlines and names say it without colour too. */
const COLOURS = 6;

export const lotColour = (i: number): string => `--lot-${(i % COLOURS) + 1}`;
