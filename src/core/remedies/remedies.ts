import { produce } from 'immer';
import { type Assessment, createAssessor } from '../assess';
import { flockSizes } from '../birds/flockSizes';
import { parseEdit } from '../edit/parseEdit';
import { sleepingBars } from '../geometry/bars';
import type { Finding } from '../kernel/finding';
import { REFERENCE_HEN_KG } from '../model/classes.data';
import { keepsPins } from '../model/pins';
import type { Plan } from '../model/schema';
import type {
  LazyProposer,
  Proposal,
  ProposalContext,
  Proposers,
  Remedy,
  Told,
} from '../proposals/remedy';
import { AIR_REMEDIES } from '../stations/air/remedies/air';
import { BROODER_REMEDIES } from '../stations/brooder/remedies/brooder';
import { DOOR_REMEDIES } from '../stations/door/remedies/doors';
import { FLOCK_REMEDIES } from '../stations/flock/remedies/flock';
import { FLOOR_REMEDIES } from '../stations/floor/remedies/floor';
import { LITTER_REMEDIES } from '../stations/litter/remedies/litter';
import { withFinalDepth } from '../stations/litterCourse';
import { NEST_REMEDIES } from '../stations/nests/remedies/banks';
import { MORE_NEST_REMEDIES } from '../stations/nests/remedies/fittings';
import { REACH_REMEDIES } from '../stations/reach/remedies/reach';
import { WAY_REMEDIES } from '../stations/roosts/remedies/bars';
import { ROOST_REMEDIES } from '../stations/roosts/remedies/places';
import { CLASH_REMEDIES } from '../stations/shell/remedies/clashes';
import { SHELL_REMEDIES } from '../stations/shell/remedies/shell';
import { VESSEL_REMEDIES } from '../stations/vessels/remedies/vessels';
import { RAIN_REMEDIES } from '../stations/water/remedies/rain';
import { costsOf, faultOf, isStill, ONE_FAULT } from './brought';
import { hoursOf, OTHER_WISE } from './costs';
import { goesBothWays, isSilly, isTwice } from './sense';
import { MENDED_ANEW, setAnew } from './setAnew';
import {
  BUILT_HOURS,
  byWorth,
  isClean,
  isOtherWise,
  isSpotless,
  ofAKind,
  type Proved,
  weight,
} from './worth';

/** What may mend each kind of finding. */
const OF_EACH: Proposers = {
  ...ROOST_REMEDIES,
  ...NEST_REMEDIES,
  ...FLOOR_REMEDIES,
  ...FLOCK_REMEDIES,
  ...CLASH_REMEDIES,
  ...SHELL_REMEDIES,
  ...WAY_REMEDIES,
  ...MORE_NEST_REMEDIES,
  ...VESSEL_REMEDIES,
  ...RAIN_REMEDIES,
  ...AIR_REMEDIES,
  ...DOOR_REMEDIES,
  ...REACH_REMEDIES,
  ...LITTER_REMEDIES,
  ...BROODER_REMEDIES,
};

/** What may mend each kind of finding; what takes most work is tried last. */
export const PROPOSERS: Proposers<LazyProposer> = {
  ...OF_EACH,
  ...Object.fromEntries(MENDED_ANEW.map((code) => [code, [...(OF_EACH[code] ?? []), setAnew]])),
};

/** Changes that one remedy is made of at most, each told on a line. */
const MOST_STEPS = 4;

/** Proposals proved for a finding, and further changes tried for a proposal that brings something. */
const MOST_PROVED = 16;

const MOST_TRIED = 16;

/** Where nothing is clean, so many of the best are gone on with once more, and so many further changes tried for each. */
const LOOKED_DEEPER = 3;

const MOST_TRIED_DEEPER = 60;

/**
 * What would mend a finding. Each proposal is put to an assessment, and offered only where the finding is gone after
 * it and the coop carries no fewer. One that brings something is gone on with: up to four changes are proved as one.
 * They stand by what they bring, then by work and money; one that brings something as bad as what it mends is
 * offered only where nothing else is, and says so; what is only awkward is not mended by anything worse.
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
  const proved: Proved[] = [];
  const begun: Proved[] = [];
  for (const proposal of proposalsFor(finding, contextOf(plan, before))) {
    if (proved.length >= MOST_PROVED && !proposal.last) continue;
    if (proposal.last && proved.some((r) => isClean(r.costs) && !isOtherWise(r))) break;
    if (
      proposal.more &&
      proved.some((r) => r.steps[0]?.code === proposal.code && isClean(r.costs))
    ) {
      continue;
    }
    const first = prove(plan, proposal, before, assess);
    if (first === null || !mends(first.after, before, finding)) continue;
    const costs = costsOf(before, first.after, finding);
    const one: Proved = {
      ...first,
      steps: linesOf(proposal),
      hours: hoursOf(proposal),
      costs,
    };
    proved.push(isSpotless(costs) ? one : goOn(plan, one, finding, before, assess));
    begun.push(one);
  }
  if (proved.length > 0 && !proved.some((r) => isClean(r.costs))) {
    const first = begun.sort((a, b) => weight(a.costs) - weight(b.costs) || byWorth(a, b));
    for (const one of first.slice(0, LOOKED_DEEPER)) {
      proved.push(goOn(plan, one, finding, before, assess, true));
      if (isClean(proved.at(-1)?.costs ?? one.costs)) break;
    }
  }
  const takesBar = (r: Proved): number => (takesBarWhileShort(plan, before, r) ? 1 : 0);
  const best = proved.sort((a, b) => takesBar(a) - takesBar(b) || byWorth(a, b));
  const clean = best.filter((r) => isClean(r.costs));
  // nobody mends what is only awkward by what leaves birds short or does them harm
  // and nobody builds for it where as much is awkward afterwards
  const last = best
    .slice(0, 1)
    .filter(
      (r) =>
        finding.severity !== 'awkward' ||
        (!r.costs.graver &&
          (r.hours < BUILT_HOURS || r.after.findings.length < before.findings.length)),
    );
  return ofAKind(clean.length > 0 ? clean : last).map((r) => remedyOf(r, finding));
}

/** Bars are short: then none is taken out while anything else mends it. */
const SHORT_OF_BARS = /^roosts\.(length|places|reach)\.short$/;
const ANEW = /[aA]new|roosts\.lay/;

const takesBarWhileShort = (
  plan: Plan,
  before: Assessment,
  r: Pick<Proved, 'plan' | 'steps'>,
): boolean =>
  before.findings.some((f) => SHORT_OF_BARS.test(f.code)) &&
  sleepingBars(r.plan).length < sleepingBars(plan).length &&
  !r.steps.some((s) => ANEW.test(s.code));

const contextOf = (plan: Plan, before: Assessment): ProposalContext => {
  const { lots } = before.flock;
  // who has left before the day asks for nothing: proposals are made for those who live here, and change the whole plan
  const flock = plan.flock.filter((g) => lots.some((lot) => lot.group.id === g.id));
  const settled = { ...withFinalDepth(plan, before.litterFinalM), flock };
  return {
    plan: settled,
    sizes: flockSizes(settled, before.flock),
    heaviestKg: before.flock.heaviestOnBarsKg ?? REFERENCE_HEN_KG,
    value: (id: string) => before.figures.get(id)?.value,
  };
};

/** Proposals one by one: those at the end are not even made where something before them will do. */
function* proposalsFor(finding: Finding, ctx: ProposalContext): Iterable<Proposal> {
  for (const propose of PROPOSERS[finding.code] ?? []) yield* propose(finding, ctx);
}

const toldOf = ({ code, fixtures, numbers, wall, parts }: Proposal): Told => ({
  code,
  fixtures,
  numbers,
  ...(wall === undefined ? {} : { wall }),
  ...(parts === undefined ? {} : { parts }),
});

const linesOf = (proposal: Proposal): readonly Told[] => [
  toldOf(proposal),
  ...(proposal.also ?? []),
];

/** The plan with a proposal done, assessed; null where it changes nothing, moves what is pinned or gives no valid plan. */
function prove(
  plan: Plan,
  { change }: Proposal,
  before: Assessment,
  assess: ReturnType<typeof createAssessor>,
): { plan: Plan; after: Assessment } | null {
  const next = produce(plan, (draft) => change(draft as Plan));
  if (next === plan || !keepsPins(plan, next) || isSilly(plan, next)) return null;
  if (!parseEdit(plan, next).ok) return null;
  return { plan: next, after: assess(next, { on: before.on, lean: true }) };
}

const mends = (after: Assessment, before: Assessment, finding: Finding): boolean =>
  !after.findings.some((f) => isStill(f, finding)) &&
  // nor has it only moved to another of its kind
  countOf(after, finding) < countOf(before, finding) &&
  // fewer birds are carried only where fewer are to live here
  (after.carries ?? 0) >= Math.min(before.carries ?? 0, after.planned) &&
  (!isRenamed(after, finding) || placesAt(after, finding) > placesAt(before, finding));

const countOf = (a: Assessment, { code }: Finding): number =>
  a.findings.filter((f) => f.code === code).length;

/** Whether a shortage that is gone stands under another of its names: it is mended only as far as more is carried. */
const isRenamed = (after: Assessment, finding: Finding): boolean =>
  ONE_FAULT.some((codes) => codes.includes(finding.code)) &&
  after.findings.some((f) => faultOf(f) === faultOf(finding));

const placesAt = (a: Assessment, { station }: Finding): number =>
  a.staves.find((s) => s.station === station)?.carries ?? 0;

/**
 * Mends what a proposal brought, change by change, as long as each leaves less than there was.
 * @param deeper  of all further changes the best is taken, and not the first that is better
 */
function goOn(
  plan: Plan,
  first: Proved,
  finding: Finding,
  before: Assessment,
  assess: ReturnType<typeof createAssessor>,
  deeper = false,
): Proved {
  const most = deeper ? MOST_TRIED_DEEPER : MOST_TRIED;
  let now = first;
  let tried = 0;
  while (now.steps.length < MOST_STEPS && now.costs.fresh.length > 0) {
    let better: Proved | null = null;
    for (const brought of now.costs.fresh) {
      // what its own figures say is not in a lean assessment: those that ask for them are left out
      for (const proposal of proposalsFor(brought, contextOf(now.plan, now.after))) {
        if (proposal.last || ++tried > most) break;
        if (OTHER_WISE.has(proposal.code)) continue;
        const steps = [...now.steps, ...linesOf(proposal)];
        if (steps.length > MOST_STEPS || isTwice(steps)) continue;
        const next = prove(now.plan, proposal, before, assess);
        if (next === null || !mends(next.after, before, finding)) continue;
        if (goesBothWays(plan, next.plan, steps)) continue;
        if (takesBarWhileShort(plan, before, { plan: next.plan, steps })) continue;
        const had = before.findings.some((f) => f.key === brought.key);
        if (!had && next.after.findings.some((f) => isStill(f, brought))) continue;
        const costs = costsOf(before, next.after, finding);
        if (weight(costs) >= weight((better ?? now).costs)) continue;
        better = {
          ...next,
          costs,
          steps,
          hours: now.hours + hoursOf(proposal),
        };
        if (!deeper || isSpotless(costs)) break;
      }
      if ((better && (!deeper || isSpotless(better.costs))) || tried > most) break;
    }
    if (better === null) return now;
    now = better;
  }
  return now;
}

function remedyOf({ plan, after, steps, hours, costs }: Proved, finding: Finding): Remedy {
  const [first] = steps;
  if (!first) throw new Error('a remedy without a change');
  return {
    ...first,
    finding: finding.key,
    steps,
    plan,
    hours,
    brings: costs.brings,
    lesser: costs.lesser,
    worsens: costs.worsens,
    carries: after.carries,
    rails: Object.fromEntries(
      after.staves.flatMap((s) => (s.carries === null ? [] : [[s.station, s.carries]])),
    ),
  };
}
