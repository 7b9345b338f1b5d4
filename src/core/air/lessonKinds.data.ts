/**
 * What a coop's air teaches at first sight. Bare: nothing is open yet, so it is set beside the area that it needs
 * (bareWet: even then some water settles); built: its own openings (builtCold: shut it would be no warmer). Same: shutting changes nothing; dry: shut it stays dry.
 */
export const LESSON_VARIANTS = [
  'damp.bare',
  'damp.bareWet',
  'damp.built',
  'damp.builtCold',
  'frost.bare',
  'frost.bareWet',
  'frost.built',
  'frost.builtCold',
  'heat.bare',
  'heat.built',
  'same',
  'dry',
] as const;
export type LessonVariant = (typeof LESSON_VARIANTS)[number];

/** Figures of a lesson: those that it has are told, pressed for their working. */
export const LESSON_NUMBERS = [
  'month',
  'out',
  'area',
  'open',
  'shut',
  'openRise',
  'shutRise',
  'gain',
  'openSettled',
  'shutSettled',
  'more',
] as const;
