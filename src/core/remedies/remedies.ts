import { produce } from 'immer';
import { type Assessment, createAssessor } from '../assess';
import { REFERENCE_HEN_KG } from '../birds/classes.data';
import { type Finding, SEVERITIES } from '../finding';
import { parseEdit } from '../plan/parseEdit';
import type { Plan } from '../plan/schema';
import { AIR_REMEDIES } from './air';
import { BROODER_REMEDIES } from './brooder';
import { DOOR_REMEDIES } from './doors';
import { LITTER_REMEDIES } from './litter';
import { FLOOR_REMEDIES, NEST_REMEDIES } from './nests';
import { MORE_NEST_REMEDIES } from './nests.more';
import { OTHER_REMEDIES } from './others';
import { REACH_REMEDIES } from './reach';
import type { Proposer, Remedy } from './remedy';
import { ROOST_REMEDIES } from './roosts';
import { SHELL_REMEDIES } from './shell';
import { VESSEL_REMEDIES } from './vessels';
import { WAY_REMEDIES } from './ways';

/** What may mend each kind of finding. */
export const PROPOSERS: Readonly<Record<string, readonly Proposer[]>> = {
  ...ROOST_REMEDIES,
  ...NEST_REMEDIES,
  ...FLOOR_REMEDIES,
  ...OTHER_REMEDIES,
  ...SHELL_REMEDIES,
  ...WAY_REMEDIES,
  ...MORE_NEST_REMEDIES,
  ...VESSEL_REMEDIES,
  ...AIR_REMEDIES,
  ...DOOR_REMEDIES,
  ...REACH_REMEDIES,
  ...LITTER_REMEDIES,
  ...BROODER_REMEDIES,
};

/** Findings that no change of the fit-out can mend, with the reason. */
export const WITHOUT_REMEDY: Readonly<Record<string, string>> = {
  'flock.cocks.tooFew': 'Whether eggs are to be fertile is the keeper’s to say.',
  'flock.ducks.withHens': 'It is met by how they are kept, not by what is built.',
  'flock.limit.birds': 'Which birds go is the keeper’s to say.',
  'flock.limit.permit': 'The permit is the authority’s to give.',
  'flock.limit.cocks': 'Which birds go is the keeper’s to say.',
  'reach.headroom.none': 'The roof is the shell’s, and the shell’s structure is outside this tool.',
  'flock.limit.setback': 'Where the coop stands is not part of its fit-out.',
};

/** At most so many are offered for one finding. */
const OFFERED = 3;

/**
 * What would mend a finding: each proposal is put to an assessment first, and offered only where the finding
 * is gone after it and the coop carries no fewer. Those that bring and worsen nothing of equal or higher
 * severity come first; the others say what they bring or worsen.
 * @param plan     a valid plan
 * @param finding  one of its findings
 * @param before   its assessment
 * @param assess   an assessor, so that the flock is not worked again for each proposal
 */
export function remedies(
  plan: Plan,
  finding: Finding,
  before: Assessment,
  assess = createAssessor(),
): Remedy[] {
  const ctx = {
    plan,
    heaviestKg: before.flock.heaviestOnBarsKg ?? REFERENCE_HEN_KG,
    value: (id: string) => before.figures.get(id)?.value,
  };
  const proposals = (PROPOSERS[finding.code] ?? []).flatMap((propose) => propose(finding, ctx));
  const proved: Remedy[] = [];
  for (const { change, more, ...told } of proposals) {
    if (more && proved.some((r) => r.code === told.code && isClean(r))) continue;
    const next = produce(plan, (draft) => change(draft as Plan));
    if (next === plan || !parseEdit(plan, next).ok) continue;
    const after = assess(next, { on: before.on, lean: true });
    if (after.findings.some((f) => isStill(f, finding))) continue;
    if ((after.carries ?? 0) < (before.carries ?? 0)) continue;
    const brings = broughtBy(before, after, finding);
    const rails = Object.fromEntries(
      after.staves.flatMap((s) => (s.carries === null ? [] : [[s.station, s.carries]])),
    );
    const { carries } = after;
    const worsens = madeWorse(before, after, finding);
    proved.push({ ...told, finding: finding.key, plan: next, brings, worsens, carries, rails });
    if (proved.filter(isClean).length >= OFFERED) break;
  }
  return proved
    .sort((a, b) => costs(a) - costs(b))
    .filter((r, i) => isClean(r) || i === 0)
    .slice(0, OFFERED);
}

/** How many faults as bad a remedy brings or makes worse. */
const costs = (r: Remedy): number => r.brings.length + r.worsens.length;
const isClean = (r: Remedy): boolean => costs(r) === 0;

/** The same fault: by its key, or of the same first fixture, whichever others it now concerns. */
const isStill = (f: Finding, mended: Finding): boolean =>
  f.key === mended.key ||
  (f.code === mended.code && f.fixtures.length > 0 && f.fixtures[0] === mended.fixtures[0]);

/** Codes of equal or higher severity that there are more of afterwards. */
function broughtBy(before: Assessment, after: Assessment, finding: Finding): string[] {
  const rank = SEVERITIES.indexOf(finding.severity);
  const count = (a: Assessment): Map<string, number> => {
    const counts = new Map<string, number>();
    for (const f of a.findings) {
      if (SEVERITIES.indexOf(f.severity) <= rank) counts.set(f.code, (counts.get(f.code) ?? 0) + 1);
    }
    return counts;
  };
  const had = count(before);
  return [...count(after)].filter(([code, n]) => n > (had.get(code) ?? 0)).map(([code]) => code);
}

/** Beyond this the gap between need and there has grown by more than arithmetic's last digits. */
const GROWN = 1e-9;

/** Codes of equal or higher severity told both before and after whose gap has grown. */
function madeWorse(before: Assessment, after: Assessment, finding: Finding): string[] {
  const rank = SEVERITIES.indexOf(finding.severity);
  const gaps = new Map(before.findings.map((f) => [f.key, shortBy(f)]));
  const grown = after.findings.filter((f) => {
    const [was, is] = [gaps.get(f.key), shortBy(f)];
    return was != null && is !== null && is > was + GROWN && SEVERITIES.indexOf(f.severity) <= rank;
  });
  return [...new Set(grown.map((f) => f.code))];
}

/** How far off a finding says it is, in its own unit; null where it names neither what is missing nor what is there. */
function shortBy({ numbers: { missing, needed, there } }: Finding): number | null {
  if (missing) return missing.value;
  return needed && there && needed.unit === there.unit
    ? Math.abs(needed.value - there.value)
    : null;
}
