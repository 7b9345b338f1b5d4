import { canBeFinished } from '@/core/edit/zones';
import type { Arrangement } from '@/core/layout/arrange';
import { arrangeZone } from '@/core/layout/arrangeZone';
import { ZONES, type ZoneId } from '@/core/model/scope';
import { arrangedTitle, goodAt, NOTHING_FITS } from '@/text/arranged';
import { dayFor, readPlan, readWords, toldOf, type Wrong } from './planFile';
import type { CliWorld } from './world';

type World = Omit<CliWorld, 'writeBytes' | 'fonts'>;

interface Asked {
  readonly out: string;
  readonly seed: number;
  readonly pinned: readonly string[];
  /** Of a coop in two zones; null: not said. */
  readonly zone: ZoneId | null;
}

const CANNOT =
  'Nobody lives here, or its mesh wall makes two rooms of another shape: that is not arranged.';

/**
 * `wide-rafter arrange`: where everything goes, searched anew; the best of three answers is written.
 * @returns exit code: 0 arranged, 1 the plan can't be read, nothing fits or the file can't be written, 2 wrong usage
 */
export function runArrange(args: readonly string[], world: World, usage: string): 0 | 1 | 2 {
  const asked = readWords(args, OPTIONS, readSearch);
  if ('wrong' in asked) {
    world.err(`${asked.wrong}\n\n${usage}`);
    return 2;
  }
  const fail = (why: string): 1 => {
    world.err(why);
    return 1;
  };
  const plan = readPlan(asked.file, world);
  if (plan === null) return 1;
  if (plan.partition !== null && asked.zone === null) {
    return fail('This coop has two zones. Say which one: --zone near, or --zone beyond.');
  }
  if (!canBeFinished(plan)) return fail(CANNOT);
  const unknown = asked.pinned.find((id) => !plan.fixtures.some((f) => f.id === id));
  if (unknown !== undefined) return fail(`--pin ${unknown}: nothing in the plan has that id.`);
  const ask = {
    on: dayFor(asked.on, plan, world),
    seed: asked.seed,
    pinned: [...plan.pinned, ...asked.pinned],
  };
  let best: readonly Arrangement[] = [];
  let tried = 0;
  for (const step of arrangeZone(plan, asked.zone ?? 'near', ask)) ({ best, tried } = step);
  const [first] = best;
  if (!first) return fail(NOTHING_FITS);
  try {
    world.writeText(asked.out, `${JSON.stringify(first.plan, null, 2)}\n`);
  } catch (error) {
    return fail(`${asked.out} can't be written: ${toldOf(error)}`);
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

const OPTIONS = {
  seed: { type: 'string' },
  pin: { type: 'string', multiple: true },
  zone: { type: 'string' },
  out: { type: 'string', short: 'o' },
} as const;

/** What the words of a search mean. */
function readSearch(values: {
  readonly seed?: string | undefined;
  readonly pin?: string[] | undefined;
  readonly zone?: string | undefined;
  readonly out?: string | undefined;
}): Asked | Wrong {
  if (values.out === undefined) return { wrong: 'Say where the plan goes: -o out.json.' };
  const seed = Number(values.seed ?? 1);
  if (!(Number.isInteger(seed) && seed >= 0 && seed < 2 ** 31)) {
    return { wrong: `--seed ${values.seed} is no whole number.` };
  }
  const zone = ZONES.find((z) => z === values.zone) ?? null;
  if (values.zone !== undefined && zone === null) {
    return { wrong: `--zone ${values.zone} is neither near nor beyond.` };
  }
  return { out: values.out, seed, pinned: values.pin ?? [], zone };
}
