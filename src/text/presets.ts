import type { Preset } from '@/core/rules/presets.data';

/** A set of rules, and who it is for. */
export const PRESET_WORDS: Readonly<
  Record<Preset['id'], { readonly name: string; readonly why: string }>
> = {
  careful: {
    name: 'The careful set',
    why: 'More room, lower steps. For shut-in winters, old or heavy birds, and keepers who like to be sure.',
  },
  usual: {
    name: 'The usual set',
    why: 'What most keepers build to, and where every plan starts.',
  },
  tight: {
    name: 'The tight set',
    why: 'As close as some keepers still find right. For calm birds that only sleep here and range all day.',
  },
};
