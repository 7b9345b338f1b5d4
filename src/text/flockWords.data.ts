/** Numbers in words. */
export const NUMBERS: Readonly<Record<string, number>> = {
  ...Object.fromEntries(
    [
      ...['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'],
      ...['eleven', 'twelve', 'thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen'],
      ...['eighteen', 'nineteen', 'twenty'],
    ].map((word, i) => [word, i + 1]),
  ),
  ...{ thirty: 30, forty: 40, fifty: 50, a: 1, an: 1, single: 1, couple: 2, pair: 2, trio: 3 },
  ...{ dozen: 12 },
};

/** Words for birds of no one breed, and what they say of sex and age. */
export const KINDS: readonly {
  readonly pattern: RegExp;
  readonly sex: 'hen' | 'cock' | 'unsexed';
  readonly breed: string | null;
  readonly young?: 'chicks' | 'pullets';
}[] = [
  { pattern: /\b(chicks?|hatchlings?|ducklings?)\b/, sex: 'unsexed', breed: null, young: 'chicks' },
  {
    pattern: /\b(pullets?|point[- ]of[- ]lay|growers?)\b/,
    sex: 'hen',
    breed: null,
    young: 'pullets',
  },
  { pattern: /\b(cock|cocks|cockerels?|roosters?|roos?|drakes?)\b/, sex: 'cock', breed: null },
  {
    pattern: /\b(hens?|layers?|chickens?|birds?|chooks?|girls|ladies|bantams?|ducks?|poultry)\b/,
    sex: 'hen',
    breed: null,
  },
];

/** A breed for birds of which only this much was said. */
export const PLAIN: readonly (readonly [RegExp, string])[] = [
  [/\bduck(s|lings?)?\b|\bdrakes?\b/, 'any-duck'],
  [/\bbantams?\b|\bsmall\b|\blittle\b/, 'any-bantam'],
  [/\b(brown|red|ginger|rescue|hybrid)\b/, 'brown-hybrid'],
  [/\blight\b/, 'any-light'],
  [/\b(heavy|large|big)\b/, 'any-heavy'],
  [/\b(mixed|assorted|different|various)\b/, 'mixed-flock'],
  [/\b(medium|standard|ordinary|average)\b/, 'any-medium'],
];

/** Words that say nothing of who the birds are. */
export const FILLERS =
  /\b(of|my|our|the|some|more|old|young|new|breed|that|lay|laying|egg|eggs|for|grown|adult|adults|we|i|have|keep|get|want|day|live|backyard|pet|female|male|also|another|good|a|an|or|to|many|several|few|lots|any|dozens?)\b/g;
