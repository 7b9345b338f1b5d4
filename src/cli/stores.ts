import { parseArgs } from 'node:util';
import { assess } from '@/core/assess';
import { awayOf } from '@/core/awayOf';
import { awayJson } from '@/formats/awayJson';
import { storesJson } from '@/formats/storesJson';
import { wrongDates } from '@/text/awayDates';
import { awaySentence, lastsText, limitName, mendText } from '@/text/awayWords';
import { dayFor, readPlan, toldOf, wrongFile } from './planFile';
import type { CliWorld } from './world';

/**
 * `wide-rafter stores`: feeders, drinkers, rain and frost of a plan.
 * @returns exit code: 0 worked, 1 unreadable plan, 2 wrong usage
 */
export function runStores(args: readonly string[], world: CliWorld, usage: string): 0 | 1 | 2 {
  const asked = readArgs(args);
  if ('wrong' in asked) {
    world.err(`${asked.wrong}\n\n${usage}`);
    return 2;
  }
  const plan = readPlan(asked.file, world);
  if (plan === null) return 1;
  const assessment = assess(plan, { on: dayFor(asked.on, plan, world) });
  const found = storesJson(plan, assessment);
  if (asked.json) {
    world.out(JSON.stringify(found, null, 2));
    return 0;
  }
  const lines = found.figures.map((f) => `${f.id}: ${Number(f.value.toPrecision(4))} ${f.unit}`);
  if (found.rain) {
    const reliability = (100 * found.rain['rain.reliability']).toFixed(1);
    lines.push(`rain.reliability: ${reliability} % of days`);
  }
  world.out(lines.join('\n'));
  return 0;
}

/**
 * `wide-rafter away`: how long the birds can be left.
 * @returns exit code: 0 worked, 1 unreadable plan, 2 wrong usage
 */
export function runAway(args: readonly string[], world: CliWorld, usage: string): 0 | 1 | 2 {
  const asked = readArgs(args);
  const wrong = 'wrong' in asked ? asked.wrong : wrongDates(asked.from ?? null, asked.to ?? null);
  if (wrong !== null || 'wrong' in asked) {
    world.err(`${wrong}\n\n${usage}`);
    return 2;
  }
  const plan = readPlan(asked.file, world);
  if (plan === null) return 1;
  const [from, to] = [asked.from ?? '', asked.to ?? ''];
  const found = awayOf(plan, from, to);
  if (asked.json) {
    world.out(JSON.stringify(awayJson(found, from, to), null, 2));
    return 0;
  }
  world.out(
    [
      awaySentence(found.days, found.wanted, found.lasts[0]),
      ...found.lasts.map((l) =>
        l.days < found.wanted
          ? `${limitName(l.limit)}: ${lastsText(l, found.wanted)}. ${mendText(l, plan.units)}`
          : `${limitName(l.limit)}: ${lastsText(l, found.wanted)}.`,
      ),
    ].join('\n'),
  );
  return 0;
}

type Asked =
  | { readonly wrong: string }
  | {
      readonly file: string;
      readonly on: string | null;
      readonly from: string | undefined;
      readonly to: string | undefined;
      readonly json: boolean;
    };

function readArgs(args: readonly string[]): Asked {
  try {
    const { values, positionals } = parseArgs({
      args: [...args],
      allowPositionals: true,
      options: {
        on: { type: 'string' },
        from: { type: 'string' },
        to: { type: 'string' },
        json: { type: 'boolean' },
      },
    });
    const wrong = wrongFile(positionals, values.on);
    if (wrong !== null) return { wrong };
    const [file = ''] = positionals;
    return {
      file,
      on: values.on ?? null,
      from: values.from,
      to: values.to,
      json: values.json ?? false,
    };
  } catch (error) {
    return { wrong: toldOf(error) };
  }
}
