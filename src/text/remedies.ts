import type { FindingCode } from '@/core/kernel/codes.data';
import type { Finding } from '@/core/kernel/finding';
import type { Plan } from '@/core/model/schema';
import type { Remedy, Told } from '@/core/proposals/remedy';
import { WITHOUT_REMEDY } from '@/core/remedies/without';
import { FINDING_WORDS } from './findings';
import { formatBare } from './format';
import { inUnits } from './inUnits';
import { NOTHING_FITS, REMEDY_WORDS } from './remedyWords.data';
import { sayValue } from './say';

/**
 * One change of a remedy, and what it is done piece by piece; empty where it is one piece. Set one after another,
 * with the marks they bring along, the lines are `remedyText`.
 */
export interface RemedyLine {
  readonly text: string;
  readonly parts: readonly string[];
}

/** What a remedy does, change by change. */
export function remedyLines(remedy: Pick<Remedy, 'steps' | 'plan'>, plan: Plan): RemedyLine[] {
  // what an earlier step adds has its name in the plan that comes of it
  const named = { ...remedy.plan, units: plan.units };
  const say = (step: Told): string =>
    stepText(step, step.fixtures.every((id) => hasThing(plan, id)) ? plan : named);
  const last = remedy.steps.length - 1;
  return remedy.steps.map((step, i) => {
    const own = i === 0 ? say(step) : asPart(say(step));
    const text = i === last && i > 0 ? `and ${own}` : own;
    const parts = (step.parts ?? []).map((part) => asPart(say(part)));
    const end = i === last ? '' : ', ';
    if (parts.length === 0) return { text: `${text}${end}`, parts };
    return {
      text: `${text}: `,
      parts: parts.map((part, k) => `${part}${k === parts.length - 1 ? end : '; '}`),
    };
  });
}

const asPart = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** What a remedy does, as it is named when it is done and taken back: every change of it in one line. */
export const remedyText = (remedy: Pick<Remedy, 'steps' | 'plan'>, plan: Plan): string =>
  remedyLines(remedy, plan)
    .map(({ text, parts }) => `${text}${parts.join('')}`)
    .join('');

/** What one change does. */
export function stepText(remedy: Told, plan: Plan): string {
  const words = REMEDY_WORDS[remedy.code];
  if (words === undefined) throw new Error(`no words for the remedy ${remedy.code}`);
  return inUnits(words, plan.units).replace(
    /\{(\w+)(\|bare)?\}/g,
    (_, name: string, bare?: string) => {
      if (name === 'fixtures') return namesOf(remedy.fixtures, plan);
      if (name === 'wall' && remedy.wall !== undefined) return remedy.wall;
      const number = remedy.numbers[name];
      if (!number) throw new Error(`the remedy ${remedy.code} has no ${name}`);
      return bare
        ? formatBare(number.value, number.unit, plan.units)
        : sayValue(number.value, number.unit, plan.units);
    },
  );
}

/** What a remedy brings or worsens, in words, what is as bad as what it mends first; null for most. */
export function bringsText({
  brings,
  lesser,
  worsens,
}: Pick<Remedy, 'brings' | 'lesser' | 'worsens'>): string | null {
  const titles = (codes: readonly FindingCode[]): string =>
    codes.map((code) => FINDING_WORDS[code].title.toLowerCase()).join(', ');
  const told = [
    ...(brings.length > 0 ? [`But this causes, as bad: ${titles(brings)}.`] : []),
    ...(lesser.length > 0 ? [`But this causes: ${titles(lesser)}.`] : []),
    ...(worsens.length > 0 ? [`But this makes worse: ${titles(worsens)}.`] : []),
  ];
  return told.length > 0 ? told.join(' ') : null;
}

/** Why no remedy stands under a finding. */
export const reasonWithout = (code: string): string =>
  WITHOUT_REMEDY[code] ??
  NOTHING_FITS[code] ??
  'The program found no change that mends this. Each one it tried does not help, causes something worse, or does not fit. Change it by hand, keep fewer birds, or build larger.';

const hasThing = (plan: Plan, id: string): boolean =>
  [...plan.fixtures, ...plan.flock].some((f) => f.id === id);

function namesOf(ids: readonly string[], plan: Plan): string {
  const names = ids.map(
    (id) => [...plan.fixtures, ...plan.flock].find((f) => f.id === id)?.name ?? id,
  );
  const last = names.pop();
  return names.length === 0 ? (last ?? '') : `${names.join(', ')} and ${last}`;
}

/** A remedy as it is shown: its words, and what it brings. */
export interface ShownRemedy {
  readonly code: string;
  readonly lines: readonly RemedyLine[];
  /** All of it in one line, as it is named when it has been done. */
  readonly said: string;
  readonly brings: string | null;
}

/** What is shown under a finding: what would mend it, or why nothing does. */
export interface ShownRemedies {
  readonly remedies: readonly ShownRemedy[];
  readonly without: string | null;
}

export const shownRemedies = (
  remedies: readonly Remedy[],
  finding: Pick<Finding, 'code'>,
  plan: Plan,
): ShownRemedies => ({
  remedies: remedies.map((remedy) => ({
    code: remedy.code,
    lines: remedyLines(remedy, plan),
    said: remedyText(remedy, plan),
    brings: bringsText(remedy),
  })),
  without: remedies.length === 0 ? reasonWithout(finding.code) : null,
});
