import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

// Every ink that is read, on every ground that it may stand on, by day and by lamp: worked from the tokens.

const ROOT = join(import.meta.dirname, '../..');
const CSS = readFileSync(join(ROOT, 'app/globals.css'), 'utf8');

/** Tokens by their names, as a day and as a lamp see them. */
const TOKENS: ReadonlyMap<string, readonly [day: string, lamp: string]> = new Map(
  [...CSS.matchAll(/--([a-z0-9-]+): light-dark\((#[0-9a-f]{6}), (#[0-9a-f]{6})\)/g)].map((m) => [
    m[1] ?? '',
    [m[2] ?? '', m[3] ?? ''] as const,
  ]),
);
/** What the classes call the tokens. */
const CALLED: ReadonlyMap<string, string> = new Map(
  [...CSS.matchAll(/--color-([a-z-]+): var\(--([a-z0-9-]+)\)/g)].map((m) => [
    m[1] ?? '',
    m[2] ?? '',
  ]),
);

/** Light that a colour gives off, 0…1. Source: WCAG 2.2, relative luminance. */
function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
    const c = Number.parseInt(hex.slice(at, at + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}
/** Source: WCAG 2.2, contrast ratio. */
function contrast(a: string, b: string): number {
  const [dark = 0, light = 0] = [luminance(a), luminance(b)].sort((x, y) => x - y);
  return (light + 0.05) / (dark + 0.05);
}
const of = (token: string): readonly [string, string] => {
  const found = TOKENS.get(CALLED.get(token) ?? token);
  if (!found) throw new Error(`no token ${token}`);
  return found;
};

/** Words are read from these, on whichever of the walls they stand. */
const INKS = ['ink', 'soft', 'chalk', 'oxide', 'verdigris'] as const;
const WALLS = ['paper', 'raised', 'sunk'] as const;
/** Grounds of one thing each, and what is read on them. */
const ON_ITS_OWN = [
  ['ink', 'chalk-soft'],
  ['ink', 'oxide-soft'],
  ['raised', 'chalk'],
  ['paper', 'ink'],
] as const;

const filesOf = (dir: string): string[] =>
  readdirSync(dir, { withFileTypes: true }).flatMap((entry) => {
    const path = join(dir, entry.name);
    if (entry.isDirectory()) return filesOf(path);
    return entry.name.endsWith('.tsx') && !entry.name.endsWith('.test.tsx') ? [path] : [];
  });

/** Inks and grounds that one element has together in its classes. */
const together = (): Set<string> => {
  const found = new Set<string>();
  for (const path of [...filesOf(join(ROOT, 'ui')), ...filesOf(join(ROOT, 'app'))]) {
    for (const [classes] of readFileSync(path, 'utf8').matchAll(/(["'`])[^"'`\n]+\1/g)) {
      const named = (kind: string): string[] =>
        [...classes.matchAll(new RegExp(`(?<![\\w:-])${kind}-([a-z-]+)`, 'g'))]
          .map((m) => m[1] ?? '')
          .filter((name) => CALLED.has(name) && name !== 'transparent' && name !== 'current');
      for (const ground of named('bg'))
        for (const ink of named('text')) found.add(`${ink} ${ground}`);
    }
  }
  return found;
};

const USED: readonly (readonly [ink: string, ground: string])[] = [
  ...INKS.flatMap((ink) => WALLS.map((wall) => [ink, wall] as const)),
  ...ON_ITS_OWN,
];

test.each(USED)('%s is read on %s, by day and by lamp', (ink, ground) => {
  const [inks, grounds] = [of(ink), of(ground)];
  for (const at of [0, 1] as const) {
    expect(contrast(inks[at], grounds[at])).toBeGreaterThanOrEqual(4.5);
  }
});

test('no element has an ink on a ground that is not looked at here', () => {
  const known = new Set(USED.map(([ink, ground]) => `${ink} ${ground}`));
  expect([...together()].filter((pair) => !known.has(pair))).toEqual([]);
});

test('what has no words is told from its ground all the same: lines of fields and of signs', () => {
  for (const [line, ground] of [
    ['strong', 'paper'],
    ['strong', 'raised'],
    ['chalk', 'paper'],
    ['oxide', 'raised'],
    ['verdigris', 'paper'],
    ['straw-line', 'paper'],
  ] as const) {
    const [lines, grounds] = [of(line), of(ground)];
    for (const at of [0, 1] as const) {
      expect(contrast(lines[at], grounds[at])).toBeGreaterThanOrEqual(3);
    }
  }
});

test('black on white is 21, and a colour on itself 1', () => {
  expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 9);
  expect(contrast('#8d8675', '#8d8675')).toBe(1);
  // a worked case: (0.2126 + 0.05) / 0.05 for pure red on black
  expect(contrast('#ff0000', '#000000')).toBeCloseTo(5.252, 3);
});
