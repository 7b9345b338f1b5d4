import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { parse } from '@babel/parser';
import { exampleScope } from './core/tests/exampleScope';

/** A function of the core that other files may call, as its file has it. */
interface Exported {
  readonly file: string;
  readonly name: string;
  readonly comment: string;
  /** Names of the parameters that are numbers, or lists of them. */
  readonly numbers: readonly string[];
  readonly givesNothing: boolean;
  readonly throws: boolean;
}

interface Node {
  readonly type: string;
  readonly [key: string]: unknown;
}

const CORE = join(process.cwd(), 'src/core');
const FILES = readdirSync(CORE, { recursive: true })
  .map(String)
  .filter((f) => f.endsWith('.ts') && !/\.test\.ts$|^tests\//.test(f))
  .sort();

const isNumber = (type: Node | undefined): boolean => {
  switch (type?.type) {
    case 'TSNumberKeyword':
      return true;
    case 'TSArrayType':
      return isNumber(type.elementType as Node);
    case 'TSTypeOperator':
      return isNumber(type.typeAnnotation as Node);
    case 'TSUnionType':
      return (type.types as Node[]).some(isNumber);
    default:
      return false;
  }
};

/** Names of a parameter's numbers: one named, or none. */
function numbersOf(parameter: Node): string[] {
  const given = (parameter.type === 'AssignmentPattern' ? parameter.left : parameter) as Node;
  const annotation = (given.typeAnnotation as Node | undefined)?.typeAnnotation as Node | undefined;
  const byDefault =
    parameter.type === 'AssignmentPattern' && (parameter.right as Node).type === 'NumericLiteral';
  return isNumber(annotation) || byDefault ? [String(given.name)] : [];
}

/** Functions that a file exports. */
function exportedBy(file: string): Exported[] {
  const text = readFileSync(join(CORE, file), 'utf8');
  const program = parse(text, { sourceType: 'module', plugins: ['typescript'] }).program;
  return (program.body as unknown as Node[]).flatMap((statement) => {
    const declared = statement.declaration as Node | null | undefined;
    if (statement.type !== 'ExportNamedDeclaration' || !declared) return [];
    const comment = ((statement.leadingComments ?? []) as { value: string }[])
      .map((c) => c.value)
      .join('\n');
    const functions: [Node, Node][] =
      declared.type === 'FunctionDeclaration'
        ? [[declared.id as Node, declared]]
        : ((declared.declarations ?? []) as Node[]).flatMap((d): [Node, Node][] =>
            (d.init as Node | null)?.type === 'ArrowFunctionExpression'
              ? [[d.id as Node, d.init as Node]]
              : [],
          );
    return functions.map(([id, fn]): Exported => {
      const returns = (fn.returnType as Node | undefined)?.typeAnnotation as Node | undefined;
      const body = text.slice(fn.start as number, fn.end as number);
      return {
        file,
        name: String(id.name),
        comment,
        numbers: (fn.params as Node[]).flatMap(numbersOf),
        givesNothing: returns?.type === 'TSVoidKeyword',
        throws: /\bthrow new RangeError/.test(body),
      };
    });
  });
}

const FUNCTIONS = FILES.flatMap(exportedBy);
const TAKE_NUMBERS = FUNCTIONS.filter((f) => f.numbers.length > 0 && !f.givesNothing);

test('a function that takes numbers says what it does and gives an example with its answer', () => {
  expect(TAKE_NUMBERS.length).toBeGreaterThan(130);
  const without = TAKE_NUMBERS.filter(({ comment }) => !/@example .+ \/\/ .+/.test(comment));
  expect(without.map(({ file, name }) => `${file} ${name}`)).toEqual([]);
});

/** Ends of names that tell a unit. */
const UNIT_AT_THE_END = /(M|M2|Kg|G|C|L|W|Deg|Day|Days|Hours|Year|Years)$/;
/** Names that are a unit, a count or a place by themselves; x, y and z are m from the front left corner of the floor. */
const UNIT_BY_ITSELF = new Set(
  `x y z m m2 kg deg celsius fahrenheit litres watts metres hours years days day dayNo seed
  hens birds chicks counts boxes brackets planned carries lot d`.split(/\s+/),
);

test('each number is in a unit that its name tells, or that the comment does', () => {
  const unclear = TAKE_NUMBERS.flatMap(({ file, name, numbers, comment }) =>
    numbers
      .filter((n) => !UNIT_AT_THE_END.test(n) && !UNIT_BY_ITSELF.has(n))
      .filter((n) => !new RegExp(`@param\\s+${n}\\b`).test(comment))
      .map((n) => `${file} ${name}: ${n}`),
  );
  expect(unclear).toEqual([]);
});

test('a function that refuses a number says so', () => {
  const silent = FUNCTIONS.filter(({ throws, comment }) => throws && !comment.includes('@throws'));
  expect(silent.map(({ file, name }) => `${file} ${name}`)).toEqual([]);
});

/** An example with its answer: `@example  expression // answer`, then words in brackets if there are any. */
const EXAMPLE = /@example\s+(.+?) \/\/ (.+?)(?:\s+\([^()]*[a-z]{2}[^()]*\))?\s*(?:\*\/|\n|$)/g;

const EXAMPLES = FILES.map((file): [string, [string, string][]] => {
  const text = readFileSync(join(CORE, file), 'utf8');
  return [file, [...text.matchAll(EXAMPLE)].map((m) => [m[1] ?? '', m[2] ?? ''])];
}).filter(([, examples]) => examples.length > 0);

test('every example has its answer', () => {
  for (const file of FILES) {
    const text = readFileSync(join(CORE, file), 'utf8');
    const own = EXAMPLES.find(([f]) => f === file)?.[1].length ?? 0;
    expect([file, text.match(/@example/g)?.length ?? 0]).toEqual([file, own]);
  }
});

const SCOPE = exampleScope();

/** What an expression of plain JavaScript gives where these names stand for these values. */
function evaluate(expression: string, scope: Readonly<Record<string, unknown>>): unknown {
  return new Function(...Object.keys(scope), `return (${expression})`)(...Object.values(scope));
}

/** The same answer, each number to the decimals that it is given with. */
function expectAnswer(found: unknown, given: unknown): void {
  if (typeof given === 'number' && Number.isFinite(given)) {
    const decimals = /\.(\d+)$/.exec(String(given))?.[1]?.length ?? 0;
    const slack = decimals === 0 ? 1e-9 : 0.51 * 10 ** -decimals;
    expect(Math.abs(Number(found) - given)).toBeLessThanOrEqual(slack);
    return;
  }
  if (given === null || typeof given !== 'object') {
    expect(found).toBe(given);
    return;
  }
  expect(Object.keys(found as object)).toEqual(Object.keys(given));
  for (const [key, value] of Object.entries(given)) {
    expectAnswer((found as Record<string, unknown>)[key], value);
  }
}

describe.each(EXAMPLES)('examples of %s', (file, examples) => {
  test.each(examples)('%s is %s', async (expression, answer) => {
    const own: Record<string, unknown> = await import(pathToFileURL(join(CORE, file)).href);
    expectAnswer(evaluate(expression, { ...SCOPE, ...own }), evaluate(answer, {}));
  });
});
