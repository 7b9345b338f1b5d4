import { assess } from '@/core/assess';
import { awayOf } from '@/core/tending/awayOf';
import { awayJson } from '@/formats/awayJson';
import { storesJson } from '@/formats/storesJson';
import { wrongDates } from '@/text/awayDates';
import { awaySentence, fillsText, LOOK_IN, lastsText, limitName, mendText } from '@/text/awayWords';
import { dayFor, readPlan, readWords } from './planFile';
import type { CliWorld } from './world';

/**
 * `wide-rafter stores`: feeders, drinkers, rain and frost of a plan.
 * @returns exit code: 0 worked, 1 unreadable plan, 2 wrong usage
 */
export function runStores(args: readonly string[], world: CliWorld, usage: string): 0 | 1 | 2 {
  const asked = readWords(args, { json: { type: 'boolean' } }, ({ json = false }) => ({ json }));
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
    const percent = (share: number): string => (100 * share).toFixed(1);
    lines.push(
      `rain.reliability: ${percent(found.rain['rain.reliability'])} % of days without frost`,
      `rain.reliabilityAll: ${percent(found.rain['rain.reliabilityAll'])} % of all days`,
    );
  }
  world.out(lines.join('\n'));
  return 0;
}

const AWAY = {
  from: { type: 'string' },
  to: { type: 'string' },
  json: { type: 'boolean' },
} as const;

/**
 * `wide-rafter away`: how long the birds can be left.
 * @returns exit code: 0 worked, 1 unreadable plan, 2 wrong usage
 */
export function runAway(args: readonly string[], world: CliWorld, usage: string): 0 | 1 | 2 {
  const asked = readWords(args, AWAY, ({ from = '', to = '', json = false }) => {
    const wrong = wrongDates(from || null, to || null);
    return wrong === null ? { from, to, json } : { wrong };
  });
  if ('wrong' in asked) {
    world.err(`${asked.wrong}\n\n${usage}`);
    return 2;
  }
  const plan = readPlan(asked.file, world);
  if (plan === null) return 1;
  const { from, to } = asked;
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
      ...fillsText(found),
      LOOK_IN,
    ].join('\n'),
  );
  return 0;
}
