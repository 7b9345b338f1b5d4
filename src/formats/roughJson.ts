import { assess } from '@/core/assess';
import type { RoughAnswers } from '@/core/layout/answers';
import type { Choices } from '@/core/layout/fitOut';
import { insteadOf } from '@/core/layout/instead';
import { rough } from '@/core/layout/rough';
import type { Plan } from '@/core/model/schema';
import { chosenSchool, RULE_BOOK, rowsOf } from '@/core/rules/book';
import type { PlacedBird } from '@/core/stations/roosts/perched';
import { decisionText, insteadText } from '@/text/decisions';
import { findingText, findingTitle } from '@/text/findings';
import { inUnits } from '@/text/inUnits';
import { sayValue } from '@/text/say';
import { sentenceText } from '@/text/sentence';
import { STATION_NAMES } from '@/text/stations';
import { TOPIC_NAMES } from '@/text/topics';

/** One decision of a fit-out, as it is told. */
export interface WhyJson {
  readonly text: string;
  /** Whether it names what the lines after it are about, and is no decision itself. */
  readonly heading: boolean;
  readonly station: string;
  readonly fixtures: readonly string[];
  /** The rule it goes by: its topic and the rule chosen. */
  readonly rule: string | null;
  /** Why its keepers hold it. */
  readonly ruleWhy: string | null;
  /** What could be chosen instead here. */
  readonly instead: readonly { readonly text: string; readonly choices: Choices }[];
}

export type RoughJson =
  | {
      readonly kind: 'fits';
      readonly plan: Plan;
      readonly sentence: string;
      readonly why: readonly WhyJson[];
      readonly findings: readonly { readonly title: string; readonly text: string }[];
      /** Where each bird sleeps, to be drawn. */
      readonly birds: readonly PlacedBird[];
    }
  | {
      readonly kind: 'tooSmall';
      readonly station: string;
      readonly birds: number;
      readonly holds: number;
      readonly smallest: { readonly lengthM: number; readonly widthM: number } | null;
      readonly text: string;
    }
  | { readonly kind: 'tooMany'; readonly birds: number; readonly text: string };

/**
 * A fit-out as programs and pages read it: the plan, its sentence, why it is so, and what could be chosen instead.
 * @param alternatives  whether what could be chosen instead is looked for: it takes as long again as the fit-out
 */
export function roughJson(
  answers: RoughAnswers,
  on: string,
  choices: Choices = {},
  alternatives = false,
): RoughJson {
  const made = rough(answers, on, choices);
  if (made.kind === 'tooMany') {
    return {
      ...made,
      text: `No room up to 9 m holds ${made.birds} birds well. Divide them between two coops.`,
    };
  }
  if (made.kind === 'tooSmall') {
    return { ...made, text: missText(made, answers) };
  }
  const { plan } = made;
  const assessment = assess(plan, { on });
  const bare = { ...plan, fixtures: [], partition: null };
  const others = alternatives ? insteadOf(bare, on, made, choices) : [];
  return {
    kind: 'fits',
    plan,
    sentence: sentenceText(assessment.sentence),
    birds: assessment.birds,
    why: made.why.map((d) => ({
      text: decisionText(d, plan),
      heading: d.code === 'shell.beyond',
      station: d.station,
      fixtures: d.fixtures,
      ...(d.topic === null ? { rule: null, ruleWhy: null } : ruleOf(d.topic, plan)),
      instead: others
        .filter((o) => o.aspect === d.aspect)
        .map((o) => ({ text: insteadText(o), choices: o.choices })),
    })),
    findings: assessment.findings.map((f) => ({
      title: findingTitle(f),
      text: findingText(f, plan, assessment.figures),
    })),
  };
}

function missText(
  made: {
    station: string;
    birds: number;
    holds: number;
    smallest: { lengthM: number; widthM: number } | null;
  },
  { units }: RoughAnswers,
): string {
  const name = STATION_NAMES[made.station as keyof typeof STATION_NAMES].toLowerCase();
  const here =
    made.holds === 0
      ? 'None of these birds fits here'
      : `${made.holds} of these ${made.birds} birds fit here`;
  const { smallest } = made;
  const room =
    smallest === null
      ? 'No room of this shape up to 12 m holds them all: the roof is too low, or there are too many.'
      : `The smallest room of this shape for all of them is ${sayValue(smallest.lengthM, 'm', units)} × ${sayValue(smallest.widthM, 'm', units)}.`;
  return `They do not fit: the ${name} runs out first. ${here}. ${room}`
    .replace('roosts runs', 'roosts run')
    .replace('nests runs', 'nests run');
}

function ruleOf(topic: string, plan: Plan): { rule: string; ruleWhy: string | null } {
  const names: Readonly<Record<string, string>> = TOPIC_NAMES;
  const { id } = chosenSchool(RULE_BOOK, plan.schools, topic);
  const row = rowsOf(RULE_BOOK, topic).find((r) => r.id === id);
  return {
    rule: inUnits(`${names[topic] ?? topic}: ${row?.school ?? 'your own figure'}`, plan.units),
    ruleWhy: row ? inUnits(row.why, plan.units) : null,
  };
}
