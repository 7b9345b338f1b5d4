const WORDS: Readonly<Record<string, number>> = Object.fromEntries(
  [
    ...['zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'],
    ...['eleven', 'twelve', 'thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen'],
    ...['eighteen', 'nineteen', 'twenty'],
  ].map((word, n) => [word, n]),
);

const HALVES: readonly (readonly [RegExp, string])[] = [
  [/\b(a |one )?half( an?)?\b/g, '1/2'],
  [/\b(a |one )?quarter( of an?)?\b/g, '1/4'],
  [/\bthree quarters( of an?)?\b/g, '3/4'],
];

/**
 * Numbers written as words, as figures: up to twenty, with halves and quarters. All else stays as it is.
 * @param text  in small letters
 * @example     figuresFor('six feet') // '6 feet'
 * @example     figuresFor('two and a half metres') // '2 1/2 metres'
 * @example     figuresFor('half a metre') // '1/2 metre'
 */
export function figuresFor(text: string): string {
  if (!/[a-z]{3}/.test(text)) return text;
  const [, three] = HALVES[2] as readonly [RegExp, string];
  let t = text.replace(/\bthree quarters( of an?)?\b/g, three);
  for (const [pattern, figures] of HALVES.slice(0, 2)) t = t.replace(pattern, figures);
  return t
    .replace(/\b(?:a|an)(?= (?:foot|inch|yard|metre|meter)\b)/g, '1')
    .replace(/[a-z]+/g, (word) => (Object.hasOwn(WORDS, word) ? String(WORDS[word]) : word))
    .replace(/(\d) and (?=\d)/g, '$1 ')
    .replace(/\b(foot|feet|ft|metres?|meters?|yards?) and (?=\d)/g, '$1 ');
}
