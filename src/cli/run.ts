import { assess } from '@/core/assess';
import { RULE_BOOK } from '@/core/rules/book';
import { assessmentJson } from '@/formats/assessmentJson';
import { runAir } from './air';
import { runArrange } from './arrange';
import { runDraw } from './draw';
import { dayFor, readPlan, readWords } from './planFile';
import { report } from './report';
import { runRough } from './rough';
import { runAway, runStores } from './stores';
import type { CliWorld } from './world';

export const USAGE = `Usage: wide-rafter assess <plan.json> [--on YYYY-MM-DD] [--json]
       wide-rafter rough "8 Leghorns" [--space 2.7x1.8x2.0] [--climate cold-continental]
                         [--units imperial] [-o plan.json] [--on YYYY-MM-DD] [--json]
       wide-rafter draw <plan.json> -o out.svg|dxf|png|pdf [--view front|right|rear|left|above|run|sticks]
                        [--scale 1:20] [--paper a4|a3|letter|tabloid] [--on YYYY-MM-DD]
       wide-rafter strip <plan.json> --fixture feeder-1 -o strip.pdf [--paper a4|letter] [--on YYYY-MM-DD]
       wide-rafter stores <plan.json> [--on YYYY-MM-DD] [--json]
       wide-rafter away <plan.json> --from YYYY-MM-DD --to YYYY-MM-DD [--json]
       wide-rafter arrange <plan.json> -o out.json [--seed 1] [--pin bar-1] [--zone near|beyond] [--on YYYY-MM-DD]
       wide-rafter air <plan.json> [--weather file.epw|file.csv [--commas point|thousands]] [--on YYYY-MM-DD] [--json]
       wide-rafter air <plan.json> --hour "To=-10,RH=0.8,U=2,face=front,solar=0" [--on YYYY-MM-DD] [--json]

  assess     what the coop carries, stave by stave, and what is wrong with it
  rough      a whole fit-out for these birds, with its reasons
  arrange    where everything goes, searched anew; what is pinned stays
  draw       a view to scale, or the story sticks at full size
  strip      a strip at full size to mark the holes of a home-made feeder or drinker
  stores     feeders, drinkers, rain and frost
  away       how long the birds can be left, and what ends it
  air        the coop's air: what it needs, and a year of it; or one hour with its flows and balances
  --on       the day assessed; today if left out
  --json     every figure with its source, for other programs
  --space    length x width x height inside, m (or ft with --units imperial); left out: you are told
  --climate  a shipped climate, such as cold-continental; left out: none
  --weather  a year of hours, instead of the climate's typical year
  --commas   what the comma of 1,200 is in that file, where its other numbers do not say
  --hour     outdoors °C, humidity (over ice below 0 °C), wind at the eaves m/s and the wall it meets, sun W;
             also activity, inside, closable, doors
  -o         the file to write; - writes it out
  --scale    1:20, or "3/4 in to the foot"`;

type ExitCode = 0 | 1 | 2;

/**
 * The command `wide-rafter`.
 * @param args  the words after the command's name
 * @returns     exit code: 0 read, 1 unreadable plan (message on stderr), 2 wrong usage
 */
export function runCli(args: readonly string[], world: CliWorld): ExitCode | Promise<ExitCode> {
  const [command] = args;
  if (args.includes('--help') || args.includes('-h')) {
    world.out(USAGE);
    return 0;
  }
  if (command === 'air') return runAir(args.slice(1), world, USAGE);
  if (command === 'strip') return runDraw([...args.slice(1), '--view', 'strip'], world, USAGE);
  if (command === 'stores') return runStores(args.slice(1), world, USAGE);
  if (command === 'away') return runAway(args.slice(1), world, USAGE);
  if (command === 'draw') return runDraw(args.slice(1), world, USAGE);
  if (command === 'arrange') return runArrange(args.slice(1), world, USAGE);
  if (command === 'rough') return runRough(args.slice(1), world, USAGE);
  const asked =
    command === 'assess'
      ? readWords(args.slice(1), { json: { type: 'boolean' } }, ({ json = false }) => ({ json }))
      : { wrong: 'Say what to do: assess, rough, draw, strip, stores, away, arrange, or air.' };
  if ('wrong' in asked) {
    world.err(`${asked.wrong}\n\n${USAGE}`);
    return 2;
  }
  const plan = readPlan(asked.file, world);
  if (plan === null) return 1;
  const book = world.book ?? RULE_BOOK;
  const assessment = assess(plan, { on: dayFor(asked.on, plan, world), book });
  world.out(
    asked.json ? JSON.stringify(assessmentJson(assessment), null, 2) : report(plan, assessment),
  );
  return 0;
}
