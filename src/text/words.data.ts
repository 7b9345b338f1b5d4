/** A word that is not said, and what is said for it; see docs/words.md. */
export const NOT_SAID: readonly (readonly [RegExp, string])[] = [
  [/(?<!high )\bperch(es|ed)?\b/i, 'bar'],
  [/\broosts?\b(?! hold)/i, 'bar, but for the station'],
  [/\bschools?\b/i, 'rule'],
  [/\bnest box(es)?\b/i, 'box'],
  [/\bventilation\b/i, 'air'],
  [/(?<!oyster )\bshell (dish|in a dish|and grit)|\bof shell\b/i, 'oyster shell'],
  [/\bpop ?hole\b|\bhen door\b/i, 'pop door'],
  [/\blumber\b/i, 'timber'],
  [/(?<!by )\beye\b/i, 'sensor'],
  [/\bwants?\b|\bwanted\b/i, 'need'],
  [/\bheld to\b|\bhold to\b/i, 'judged from'],
  [/(?<!\bsmall )\bhouses?\b(?! order| rules)|\bhen ?house\b/i, 'coop'],
  [/\bminimum\b|\bmaximum\b/i, 'at least, at most'],
  [/\brooster|\bchook/i, 'cock, hen'],
  [/\bstressed\b|\bcapacity\b/i, 'plain words'],
  [/\bpsi\b|\bMPa\b/i, 'nothing: the stress is in the working'],
  [/\ba dim-down\b|\bgrippy\b|\bsquabbl|\bcrouch|\bhog\b/i, 'a plain word'],
];

/** The longest sentence, in words. */
export const MOST_WORDS = 25;
