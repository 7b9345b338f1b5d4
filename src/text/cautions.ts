import type { StationId } from '@/core/finding';

/** What can hurt a person or a bird, shown once where the choice is made. */
export const CAUTIONS: Readonly<Partial<Record<StationId, readonly string[]>>> = {
  flock: [
    'Local rules on the number of birds, setbacks and cocks differ, and they decide. Ask your local authority.',
  ],
  shell: [
    "The shell's structure, snow load and anchoring are outside this tool. Local codes and a builder decide.",
  ],
  roosts: [
    'Sizes here are for birds. A person must not hang from bars or shelves.',
    'Cured or bare timber only: no lead paint, creosote, sleepers or arsenic-treated wood.',
  ],
  nests: ['A lid or flap over 3 kg wants a stay or a catch: children collect eggs.'],
};
