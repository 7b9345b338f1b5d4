import { type ParseArgsConfig, parseArgs } from 'node:util';
import { parseKeptText } from '@/core/edit/parse';
import { dayIn, isDay } from '@/core/kernel/units/day';
import type { Plan } from '@/core/model/schema';
import { RULE_BOOK } from '@/core/rules/book';
import { issueLine } from '@/text/issues';
import type { CliWorld } from './world';

/** Largest plan file read, bytes. */
const MOST_BYTES = 1_000_000;
/** What is piped in goes by this name: how large it is nobody knows before it has been read. */
export const PIPE = '-';

/** What went wrong, as it is thrown. */
export const toldOf = (error: unknown): string =>
  error instanceof Error ? error.message : String(error);

/**
 * Reads a plan file.
 * @returns the plan; null where it can't be read: why has been said
 */
export function readPlan(
  file: string,
  world: Pick<CliWorld, 'sizeOf' | 'readText' | 'err' | 'book'>,
): Plan | null {
  const fail = (why: string): null => {
    world.err(why);
    return null;
  };
  let text: string;
  try {
    const bytes = file === PIPE ? 0 : world.sizeOf(file);
    if (bytes > MOST_BYTES) {
      return fail(`${file} is ${Math.ceil(bytes / 1e6)} MB large; a plan file is at most 1 MB.`);
    }
    text = world.readText(file);
  } catch (error) {
    return fail(`${file} can't be read: ${toldOf(error)}`);
  }
  const parsed = parseKeptText(text, world.book ?? RULE_BOOK);
  if (parsed.ok) return parsed.value;
  const issues = parsed.issues.map(issueLine);
  return fail([`${file} is not a plan this program can read.`, ...issues].join('\n'));
}

/** The day that is asked for, else today where the coop stands. */
export const dayFor = (on: string | null, plan: Plan, world: Pick<CliWorld, 'now'>): string =>
  on ?? dayIn(world.now(), plan.timeZone);

/** The words after a command can't be taken, and why. */
export interface Wrong {
  readonly wrong: string;
}

type Options = NonNullable<ParseArgsConfig['options']>;
const ON = { on: { type: 'string' } } as const;
type Values<O extends Options> = ReturnType<
  typeof parseArgs<{ allowPositionals: true; options: O & typeof ON }>
>['values'];

/**
 * What a command is asked of one plan file on a day (`--on`).
 * @param options  those it takes besides, as `parseArgs` of Node has them
 * @param read     what their values mean to it, or what is wrong with them
 */
export function readWords<const O extends Options, T extends object>(
  args: readonly string[],
  options: O,
  read: (values: Values<O>) => T | Wrong,
): (T & { readonly file: string; readonly on: string | null }) | Wrong {
  try {
    const { values, positionals } = parseArgs({
      args: [...args],
      allowPositionals: true,
      options: { ...options, ...ON },
    });
    const { on = null } = values as { readonly on?: string };
    const [file, ...rest] = positionals;
    if (file === undefined) return { wrong: 'Name a plan file.' };
    if (rest.length > 0) return { wrong: `One plan file at a time; also read: ${rest.join(' ')}` };
    if (on !== null && !isDay(on)) {
      return { wrong: `--on ${on} is not a day. Write it as 2027-03-01.` };
    }
    const asked = read(values as Values<O>);
    return 'wrong' in asked ? asked : { ...asked, file, on };
  } catch (error) {
    return { wrong: toldOf(error) };
  }
}
