import { parsePlanText } from '@/core/edit/parse';
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
  const parsed = parsePlanText(text, world.book ?? RULE_BOOK);
  if (parsed.ok) return parsed.value;
  const issues = parsed.issues.map(issueLine);
  return fail([`${file} is not a plan this program can read.`, ...issues].join('\n'));
}

/** The day that is asked for, else today where the coop stands. */
export const dayFor = (on: string | null, plan: Plan, world: Pick<CliWorld, 'now'>): string =>
  on ?? dayIn(world.now(), plan.timeZone);

/** Why the words after a command name no one plan file and a day; null where they do. */
export function wrongFile(
  [file, ...rest]: readonly string[],
  on: string | undefined,
): string | null {
  if (file === undefined) return 'Name a plan file.';
  if (rest.length > 0) return `One plan file at a time; also read: ${rest.join(' ')}`;
  return on === undefined || isDay(on) ? null : `--on ${on} is not a day. Write it as 2027-03-01.`;
}
