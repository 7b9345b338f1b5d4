import { parseArgs } from 'node:util';
import { dayIn, isDay } from '@/core/kernel/units/day';
import { METRES_PER_FOOT } from '@/core/kernel/units/factors.data';
import { readDecimal } from '@/core/kernel/units/number';
import { askedBack } from '@/core/kernel/units/thousands';
import { CLIMATES } from '@/core/model/climates.data';
import { askedOf, MOST_ROUGH_M, roughAskSchema } from '@/formats/roughAsk';
import { type RoughJson, roughJson } from '@/formats/roughJson';
import { issueLine, issueText } from '@/text/issues';
import type { CliWorld } from './world';

/** What the command needs of the world outside it. */
type World = Pick<CliWorld, 'now' | 'out' | 'err' | 'writeText'>;

interface Asked {
  readonly birds: string;
  readonly space: readonly [number, number, number] | null;
  readonly climate: string | null;
  readonly units: 'metric' | 'imperial';
  readonly on: string;
  readonly out: string | null;
  readonly json: boolean;
}

/**
 * `wide-rafter rough`: a whole fit-out for birds named in plain words.
 * @returns exit code: 0 fits, 1 the birds can't be read, do not fit or the file can't be written, 2 wrong usage
 */
export function runRough(args: readonly string[], world: World, usage: string): 0 | 1 | 2 {
  const asked = readArgs(args, world.now());
  if ('wrong' in asked) {
    world.err(`${asked.wrong}\n\n${usage}`);
    return 2;
  }
  const { birds, space, climate, units, on } = asked;
  const ask = roughAskSchema.parse({
    birds,
    units,
    climate,
    name: birds.slice(0, 60),
    space:
      space === null
        ? null
        : { lengthM: space[0], widthM: space[1], heightM: space[2], kind: null },
  });
  const read = askedOf(ask, on);
  if (!read.ok) {
    world.err(read.issues.map(issueLine).join('\n'));
    return 1;
  }
  const made = roughJson(read.value.answers, on);
  if (made.kind === 'fits' && asked.out !== null) {
    try {
      world.writeText(asked.out, `${JSON.stringify(made.plan, null, 2)}\n`);
    } catch (error) {
      const why = error instanceof Error ? error.message : String(error);
      world.err(`${asked.out} can't be written: ${why}`);
      return 1;
    }
  }
  world.out(asked.json ? JSON.stringify(made, null, 2) : told(made, asked.out));
  return made.kind === 'fits' ? 0 : 1;
}

/** The fit-out in lines: its sentence, its reasons, and what is left to think of. */
function told(made: RoughJson, file: string | null): string {
  if (made.kind !== 'fits') return made.text;
  return [
    made.sentence,
    '',
    ...made.why.flatMap((w) =>
      w.heading ? ['', w.text, ''] : [`- ${w.text}${w.rule === null ? '' : ` (${w.rule})`}`],
    ),
    ...(made.findings.length === 0
      ? []
      : ['', 'Still to think of:', ...made.findings.map((f) => `- ${f.title}. ${f.text}`)]),
    ...(file === null ? [] : ['', `The plan is in ${file}.`]),
  ].join('\n');
}

function readArgs(args: readonly string[], now: Date): Asked | { readonly wrong: string } {
  try {
    const { values, positionals } = parseArgs({
      args: [...args],
      allowPositionals: true,
      options: {
        space: { type: 'string' },
        climate: { type: 'string' },
        units: { type: 'string' },
        on: { type: 'string' },
        out: { type: 'string', short: 'o' },
        json: { type: 'boolean' },
      },
    });
    const [birds, ...rest] = positionals;
    if (birds === undefined) return { wrong: 'Say who lives there: "6 Sussex".' };
    if (rest.length > 0) return { wrong: `Put the birds in quotes; also read: ${rest.join(' ')}` };
    const units = values.units ?? 'metric';
    if (units !== 'metric' && units !== 'imperial') {
      return { wrong: `--units ${units} is neither metric nor imperial.` };
    }
    const { climate, on } = values;
    if (climate !== undefined && !CLIMATES.some((c) => c.id === climate)) {
      return { wrong: `--climate ${climate} is none of: ${CLIMATES.map((c) => c.id).join(', ')}.` };
    }
    if (on !== undefined && !isDay(on)) {
      return { wrong: `--on ${on} is not a day. Write it as 2027-03-01.` };
    }
    const space = values.space === undefined ? null : readSpace(values.space, units);
    if (space === undefined) {
      const asked = askedBack(values.space ?? '');
      return {
        wrong: asked
          ? `--space ${issueText(asked)}`
          : `--space ${values.space} can't be taken. Write it as 2.4x1.8x2.0, with no side over 12 m.`,
      };
    }
    return {
      birds,
      space,
      climate: climate ?? null,
      units,
      on: on ?? dayIn(now, 'UTC'),
      out: values.out ?? null,
      json: values.json ?? false,
    };
  } catch (error) {
    return { wrong: error instanceof Error ? error.message : String(error) };
  }
}

/** Three lengths with an x between them; undefined where they are not that. */
function readSpace(
  text: string,
  units: 'metric' | 'imperial',
): readonly [number, number, number] | undefined {
  const sides = text
    .toLowerCase()
    .split(/\s*[x×]\s*/)
    .map((side) => readDecimal(side) ?? Number.NaN);
  const [l, w, h] = sides;
  if (sides.length !== 3 || l === undefined || w === undefined || h === undefined) return undefined;
  const to = units === 'metric' ? 1 : METRES_PER_FOOT;
  const m = [l * to, w * to, h * to] as const;
  return m.every((side) => side >= 0.4 && side <= MOST_ROUGH_M) && m[2] <= 8 ? m : undefined;
}
