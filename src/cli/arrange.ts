import { parseArgs } from 'node:util';
import { parsePlanText } from '@/core/edit/parse';
import { dayIn, isDay } from '@/core/kernel/units/day';
import { type Arrangement, arrange } from '@/core/layout/arrange';
import { arrangedTitle, goodAt } from '@/text/arranged';
import { issueLine } from '@/text/issues';
import type { CliWorld } from './world';

type World = Pick<CliWorld, 'readText' | 'writeText' | 'now' | 'out' | 'err'>;

interface Asked {
  readonly file: string;
  readonly out: string;
  readonly seed: number;
  readonly pinned: readonly string[];
  readonly on: string | null;
}

/**
 * `wide-rafter arrange`: where everything goes, searched anew; the best of three answers is written.
 * @returns exit code: 0 arranged, 1 the plan can't be read, nothing fits or the file can't be written, 2 wrong usage
 */
export function runArrange(args: readonly string[], world: World, usage: string): 0 | 1 | 2 {
  const asked = readArgs(args);
  if ('wrong' in asked) {
    world.err(`${asked.wrong}\n\n${usage}`);
    return 2;
  }
  const fail = (why: string): 1 => {
    world.err(why);
    return 1;
  };
  const told = (error: unknown): string => (error instanceof Error ? error.message : String(error));
  let text: string;
  try {
    text = world.readText(asked.file);
  } catch (error) {
    return fail(`${asked.file} can't be read: ${told(error)}`);
  }
  const parsed = parsePlanText(text);
  if (!parsed.ok) {
    const issues = parsed.issues.map(issueLine);
    return fail([`${asked.file} is not a plan this program can read.`, ...issues].join('\n'));
  }
  const plan = parsed.value;
  if (plan.partition !== null) {
    return fail('A coop in two zones is not arranged: take its mesh wall out first.');
  }
  const unknown = asked.pinned.find((id) => !plan.fixtures.some((f) => f.id === id));
  if (unknown !== undefined) return fail(`--pin ${unknown}: nothing in the plan has that id.`);
  const on = asked.on ?? dayIn(world.now(), plan.timeZone);
  const ask = { on, seed: asked.seed, pinned: [...plan.pinned, ...asked.pinned] };
  let best: readonly Arrangement[] = [];
  let tried = 0;
  for (const step of arrange(plan, ask)) ({ best, tried } = step);
  const [first] = best;
  if (!first) return fail('Nothing fits here. Fewer birds, or a larger room.');
  try {
    world.writeText(asked.out, `${JSON.stringify(first.plan, null, 2)}\n`);
  } catch (error) {
    return fail(`${asked.out} can't be written: ${told(error)}`);
  }
  world.out(
    [
      `Tried ${tried} arrangements.`,
      ...best.map(
        (own, i) => `${i + 1}. ${arrangedTitle(own)}: ${goodAt(own, best, plan.units).join('; ')}`,
      ),
      `The first is in ${asked.out}.`,
    ].join('\n'),
  );
  return 0;
}

function readArgs(args: readonly string[]): Asked | { readonly wrong: string } {
  try {
    const { values, positionals } = parseArgs({
      args: [...args],
      allowPositionals: true,
      options: {
        seed: { type: 'string' },
        pin: { type: 'string', multiple: true },
        on: { type: 'string' },
        out: { type: 'string', short: 'o' },
      },
    });
    const [file, ...rest] = positionals;
    if (file === undefined) return { wrong: 'Name a plan file.' };
    if (rest.length > 0) return { wrong: `One plan file at a time; also read: ${rest.join(' ')}` };
    if (values.out === undefined) return { wrong: 'Say where the plan goes: -o out.json.' };
    const seed = Number(values.seed ?? 1);
    if (!(Number.isInteger(seed) && seed >= 0 && seed < 2 ** 31)) {
      return { wrong: `--seed ${values.seed} is no whole number.` };
    }
    if (values.on !== undefined && !isDay(values.on)) {
      return { wrong: `--on ${values.on} is not a day. Write it as 2027-03-01.` };
    }
    return { file, out: values.out, seed, pinned: values.pin ?? [], on: values.on ?? null };
  } catch (error) {
    return { wrong: error instanceof Error ? error.message : String(error) };
  }
}
