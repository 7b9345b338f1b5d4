import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { parse } from '@babel/parser';

// What belongs to one open plan lives in its session: a module's top holds constants, and the few that are the
// process's own.

const ROOT = join(import.meta.dirname, '../..');

/** What changes after loading at the top of a module, and is the whole window's or the whole server's. */
const OF_THE_PROCESS: ReadonlySet<string> = new Set([
  // the session that is open, and the core it works with, fetched once
  'ui/session/bench.ts here',
  'ui/session/engineHere.ts here',
  'ui/session/engineHere.ts coming',
  // what this window knows of every plan's saves, and who hears of them
  'ui/session/known.ts plans',
  'ui/session/known.ts listening',
  // texts that fields could not take, of every plan, until they are put right
  'ui/forms/refused.ts useRefused',
  // folds that were opened, the same on every plan
  'ui/furniture/folds.ts useFolds',
  // what the keyboard, the tour and the room of rules do in the window, whichever plan is open
  'ui/furniture/focus.ts asked',
  'ui/keys/useBenchKeys.ts useKeys',
  'ui/rules/room.ts useHouseRules',
  'ui/tour/tour.ts useTour',
  // one for the server's process, however often a module is loaded
  'server/cards.ts held',
  'server/firstSight.ts kept',
  'server/jobs/pool.ts held',
  'server/log.ts held',
  'server/startup.ts held',
]);

const filesOf = (dir: string): string[] =>
  readdirSync(dir, { withFileTypes: true }).flatMap((entry) => {
    const path = join(dir, entry.name);
    if (entry.isDirectory()) return filesOf(path);
    return /\.tsx?$/.test(entry.name) && !/\.test\.tsx?$/.test(entry.name) ? [path] : [];
  });

/** Names at the top of a module that may hold something else after it has been loaded. */
function changingIn(code: string): string[] {
  const { body } = parse(code, { sourceType: 'module', plugins: ['jsx', 'typescript'] }).program;
  return body.flatMap((statement) => {
    const own =
      statement.type === 'ExportNamedDeclaration'
        ? (statement.declaration ?? statement)
        : statement;
    if (own.type !== 'VariableDeclaration') return [];
    return own.declarations.flatMap(({ id, init }) => {
      if (id.type !== 'Identifier') return [];
      const type = id.typeAnnotation
        ? code.slice(id.typeAnnotation.start ?? 0, id.typeAnnotation.end ?? 0)
        : '';
      const value = init ? code.slice(init.start ?? 0, init.end ?? 0) : '';
      const isFixed = /\b(readonly|Readonly\w*)\b/.test(type) || /\bas const$/.test(value);
      const holds =
        /^new (Map|Set|WeakMap|WeakSet|Array)\b/.test(value) ||
        (init?.type === 'ArrayExpression' && !isFixed && init.elements.length === 0) ||
        (init?.type === 'ObjectExpression' && init.properties.length === 0) ||
        /^(create|createStore)(<|\()/.test(value) ||
        /^globalThis\b/.test(value);
      return own.kind === 'let' || (holds && !isFixed) ? [id.name] : [];
    });
  });
}

const found = ['ui', 'server']
  .flatMap((room) => filesOf(join(ROOT, room)))
  .flatMap((path) =>
    changingIn(readFileSync(path, 'utf8')).map((name) => `${relative(ROOT, path)} ${name}`),
  );

test('no variable at the top of a module holds what belongs to one open plan', () => {
  expect(found.filter((name) => !OF_THE_PROCESS.has(name))).toEqual([]);
});

test('the few that are named are there', () => {
  expect([...OF_THE_PROCESS].filter((name) => !found.includes(name))).toEqual([]);
});

test('a variable, a map, a list and a store are known for what they are', () => {
  const seen = changingIn(`
    let a = 0;
    const b = new Map();
    export const c: Work[] = [];
    export const d = create<{ open: boolean }>(() => ({ open: false }));
    const e = {};
    const held = globalThis as { x?: number };
    const fixed: ReadonlySet<string> = new Set(['a']);
    const list = [1, 2, 3];
    const readonlyList: readonly string[] = [];
  `);
  expect(seen).toEqual(['a', 'b', 'c', 'd', 'e', 'held']);
});
