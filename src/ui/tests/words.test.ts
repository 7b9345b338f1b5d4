import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { parse } from '@babel/parser';
import { MOST_WORDS, NOT_SAID } from '@/text/words.data';

interface Text {
  readonly where: string;
  readonly text: string;
}

const ROOT = join(import.meta.dirname, '../..');
const ROOMS = ['ui', 'app', 'server', 'formats', 'cli'];

const filesOf = (dir: string): string[] =>
  readdirSync(dir, { withFileTypes: true }).flatMap((entry) => {
    const path = join(dir, entry.name);
    if (entry.isDirectory()) return filesOf(path);
    return /\.tsx?$/.test(entry.name) && !/\.test\.tsx?$/.test(entry.name) ? [path] : [];
  });

/** Attributes that a reader sees or hears. */
const SPOKEN = /^(title|alt|placeholder|label|aria-label|aria-description|hint|name|empty|unit)$/;

/** Looks like something to read: a capital or a blank between two words, and no list of classes. */
const isSpoken = (text: string): boolean =>
  /[a-z]/i.test(text) &&
  (/^[“A-Z]/.test(text) || /[.!?:,]$/.test(text)) &&
  /\s/.test(text.trim()) &&
  !/[[\]{}<>=]|--|\w:\w|-\[|^\w+-\w+( |$)|^[A-Z]+ [A-Z]|\b(SELECT|INSERT|UPDATE|DELETE)\b/.test(
    text,
  );

/** A node of the parser's tree, as far as words are read out of it. */
type Node = Readonly<{ type: string } & Record<string, unknown>>;

const isNode = (value: unknown): value is Node =>
  typeof value === 'object' && value !== null && typeof (value as Node).type === 'string';

const cooked = (quasi: unknown): string =>
  (quasi as { value: { cooked: string } }).value.cooked ?? '';

/** What a part of an element says: its own letters, a text in braces, or one word for what comes in there. */
function childText(child: Node): string {
  if (child.type === 'JSXText') return child.value as string;
  const inner = child.expression;
  return isNode(inner) && inner.type === 'StringLiteral' ? (inner.value as string) : ' … ';
}

/** What one node says, or nothing. */
function textOf(node: Node): string | null {
  if (node.type === 'JSXElement' || node.type === 'JSXFragment')
    return (node.children as Node[]).map(childText).join('');
  if (node.type === 'JSXAttribute') {
    const value = node.value;
    const name = String((node.name as Node).name);
    return SPOKEN.test(name) && isNode(value) && value.type === 'StringLiteral'
      ? (value.value as string)
      : null;
  }
  if (node.type === 'TemplateLiteral') {
    const text = (node.quasis as unknown[]).map(cooked).join('…');
    return isSpoken(text.replace(/…/g, 'x')) ? text : null;
  }
  if (node.type === 'StringLiteral')
    return isSpoken(node.value as string) ? (node.value as string) : null;
  return null;
}

/** All that a file says: its elements' texts, their spoken attributes, and sentences in its strings. */
function spokenIn(code: string, where: string): Text[] {
  const found: Text[] = [];
  const visit = (node: Node): void => {
    if (node.type === 'ImportDeclaration') return;
    const flat = textOf(node)?.replace(/\s+/g, ' ').trim() ?? '';
    if (/[a-z]{2}/i.test(flat)) found.push({ where, text: flat });
    for (const value of Object.values(node))
      for (const child of Array.isArray(value) ? value : [value]) if (isNode(child)) visit(child);
  };
  visit(parse(code, { sourceType: 'module', plugins: ['jsx', 'typescript'] }).program as never);
  return found;
}

const TEXTS: readonly Text[] = ROOMS.flatMap((room) => filesOf(join(ROOT, room))).flatMap((path) =>
  spokenIn(readFileSync(path, 'utf8'), relative(ROOT, path)),
);

test('one word for one thing in panels, pages, messages and the shell too', () => {
  const found = TEXTS.flatMap(({ where, text }) =>
    NOT_SAID.filter(([pattern]) => pattern.test(text.replace(/`[^`]*`/g, ''))).map(
      ([pattern, say]) => `${where}: “${pattern.exec(text)?.[0]}” in “${text}”; say ${say}`,
    ),
  );
  expect(found).toEqual([]);
});

test('no sentence of theirs is longer than twenty-five words', () => {
  expect(TEXTS.length).toBeGreaterThan(600);
  const long = TEXTS.flatMap(({ where, text }) =>
    text.split(/(?<=[.!?])\s+(?=[“A-Z…\d])/).map((sentence) => ({ where, sentence })),
  ).filter(({ sentence }) => sentence.split(/\s+/).filter((w) => w !== '…').length > MOST_WORDS);
  expect(long).toEqual([]);
  if (process.env.SHOW_SENTENCES) {
    process.stdout.write(TEXTS.map(({ where, text }) => `${text}  (${where})\n`).join(''));
  }
});
