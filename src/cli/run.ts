import { parseArgs } from 'node:util';
import { assess } from '@/core/assess';
import { parsePlanText } from '@/core/edit/parse';
import { dayIn, isDay } from '@/core/kernel/units/day';
import { RULE_BOOK } from '@/core/rules/book';
import { assessmentJson } from '@/formats/assessmentJson';
import { issueLine } from '@/text/issues';
import { runArrange } from './arrange';
import { runDraw } from './draw';
import { report } from './report';
import { runRough } from './rough';
import type { CliWorld } from './world';

export const USAGE = `Usage: wide-rafter assess <plan.json> [--on YYYY-MM-DD] [--json]
       wide-rafter rough "10 brown hens" [--space 2.4x1.8x2.0] [--climate cold-continental]
                         [--units imperial] [-o plan.json] [--on YYYY-MM-DD] [--json]
       wide-rafter draw <plan.json> -o out.svg|dxf|png|pdf [--view front|right|rear|left|above|sticks]
                        [--scale 1:20] [--paper a4|a3|letter|tabloid] [--on YYYY-MM-DD]
       wide-rafter arrange <plan.json> -o out.json [--seed 1] [--pin bar-1] [--on YYYY-MM-DD]

  assess     what the coop carries, stave by stave, and what is wrong with it
  rough      a whole fit-out for these birds, with its reasons
  arrange    where everything goes, searched anew; what is pinned stays
  draw       a view to scale, or the story sticks at full size
  --on       the day assessed; today if left out
  --json     every figure with its source, for other programs
  --space    length x width x height inside, m (or ft with --units imperial); left out: you are told
  --climate  a shipped climate, such as cold-continental; left out: none
  -o         the file to write; - writes it out
  --scale    1:20, or "3/4 in to the foot"`;

type ExitCode = 0 | 1 | 2;

/** Largest plan file read, bytes. */
const MOST_BYTES = 1_000_000;

/**
 * The command `wide-rafter`.
 * @param args  the words after the command's name
 * @returns     exit code: 0 read, 1 unreadable plan (message on stderr), 2 wrong usage
 */
export function runCli(args: readonly string[], world: CliWorld): ExitCode | Promise<ExitCode> {
  const [command] = args;
  if (command === 'draw') return runDraw(args.slice(1), world, USAGE);
  if (command === 'arrange') return runArrange(args.slice(1), world, USAGE);
  if (command === 'rough') return runRough(args.slice(1), world, USAGE);
  const asked = readArgs(args);
  if ('wrong' in asked) {
    world.err(`${asked.wrong}\n\n${USAGE}`);
    return 2;
  }
  if (asked.help) {
    world.out(USAGE);
    return 0;
  }
  const { file } = asked;
  let text: string;
  try {
    const bytes = world.sizeOf(file);
    if (bytes > MOST_BYTES) {
      world.err(`${file} is ${Math.ceil(bytes / 1e6)} MB large; a plan file is at most 1 MB.`);
      return 1;
    }
    text = world.readText(file);
  } catch (error) {
    world.err(`${file} can't be read: ${error instanceof Error ? error.message : String(error)}`);
    return 1;
  }
  const book = world.book ?? RULE_BOOK;
  const parsed = parsePlanText(text, book);
  if (!parsed.ok) {
    world.err(
      [`${file} is not a plan this program can read.`, ...parsed.issues.map(issueLine)].join('\n'),
    );
    return 1;
  }
  const plan = parsed.value;
  const on = asked.on ?? dayIn(world.now(), plan.timeZone);
  const assessment = assess(plan, { on, book });
  world.out(
    asked.json ? JSON.stringify(assessmentJson(assessment), null, 2) : report(plan, assessment),
  );
  return 0;
}

type Asked =
  | { readonly wrong: string }
  | {
      readonly help: boolean;
      readonly file: string;
      readonly on: string | null;
      readonly json: boolean;
    };

function readArgs(args: readonly string[]): Asked {
  try {
    const { values, positionals } = parseArgs({
      args: [...args],
      allowPositionals: true,
      options: {
        on: { type: 'string' },
        json: { type: 'boolean' },
        help: { type: 'boolean', short: 'h' },
      },
    });
    if (values.help) return { help: true, file: '', on: null, json: false };
    const [command, file, ...rest] = positionals;
    if (command !== 'assess') return { wrong: 'Say what to do: assess, rough, draw, or arrange.' };
    if (file === undefined) return { wrong: 'Name a plan file.' };
    if (rest.length > 0) return { wrong: `One plan file at a time; also read: ${rest.join(' ')}` };
    if (values.on !== undefined && !isDay(values.on)) {
      return { wrong: `--on ${values.on} is not a day. Write it as 2027-03-01.` };
    }
    return { help: false, file, on: values.on ?? null, json: values.json ?? false };
  } catch (error) {
    return { wrong: error instanceof Error ? error.message : String(error) };
  }
}
