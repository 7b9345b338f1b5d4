import type { RemedyCode } from '../kernel/codes.data';
import type { Finding } from '../kernel/finding';
import type { Fixture, OfKind, Plan } from '../model/schema';
import type { Proposal, ProposalContext, Proposer, RemedyNumber } from './remedy';

/** The finding's first fixture, if it is of this kind. */
export function fixtureIn<K extends Fixture['kind']>(
  plan: Plan,
  finding: Finding,
  kinds: readonly K[],
): OfKind<K> | null {
  const found = plan.fixtures.find((f) => finding.fixtures.includes(f.id) && isOf(f, kinds));
  return (found as OfKind<K> | undefined) ?? null;
}

const isOf = <K extends Fixture['kind']>(f: Fixture, kinds: readonly K[]): boolean =>
  (kinds as readonly string[]).includes(f.kind);

/** Changes one fixture of a draft. */
export function changing<K extends Fixture['kind']>(
  fixture: OfKind<K>,
  change: (own: OfKind<K>, draft: Plan) => void,
): (draft: Plan) => void {
  return (draft) => {
    const own = draft.fixtures.find((f) => f.id === fixture.id);
    if (own) change(own as OfKind<K>, draft);
  };
}

/** A remedy that sets something of the finding's fixture. */
export const setting =
  <K extends Fixture['kind']>(
    code: RemedyCode,
    kinds: readonly K[],
    change: (own: OfKind<K>, finding: Finding, draft: Plan, ctx: ProposalContext) => void,
    numbers: (
      fixture: OfKind<K>,
      finding: Finding,
      ctx: ProposalContext,
    ) => Readonly<Record<string, RemedyNumber>> = () => ({}),
  ): Proposer =>
  (finding, ctx) => {
    const fixture = fixtureIn(ctx.plan, finding, kinds);
    if (!fixture) return [];
    return [
      {
        code,
        fixtures: [fixture.id],
        numbers: numbers(fixture, finding, ctx),
        change: changing(fixture, (own, draft) => change(own, finding, draft, ctx)),
      },
    ];
  };

/** A remedy that changes something of the plan beside its fixtures. */
export const planning =
  (
    code: RemedyCode,
    change: (draft: Plan, finding: Finding, ctx: ProposalContext) => void,
    numbers: (
      finding: Finding,
      ctx: ProposalContext,
    ) => Readonly<Record<string, RemedyNumber>> = () => ({}),
  ): Proposer =>
  (finding, ctx) => [
    {
      code,
      fixtures: [],
      numbers: numbers(finding, ctx),
      change: (draft) => change(draft, finding, ctx),
    },
  ];

/** A remedy that adds fixtures. */
export const adding =
  (
    code: RemedyCode,
    make: (finding: Finding, ctx: ProposalContext) => readonly Fixture[],
    numbers: (
      finding: Finding,
      ctx: ProposalContext,
    ) => Readonly<Record<string, RemedyNumber>> = () => ({}),
  ): Proposer =>
  (finding, ctx): Proposal[] => {
    const made = make(finding, ctx);
    if (made.length === 0) return [];
    return [
      {
        code,
        fixtures: [],
        numbers: numbers(finding, ctx),
        change: (draft) => void draft.fixtures.push(...made),
      },
    ];
  };

/** A number of the finding; NaN where it has none, so that its proposal is never valid. */
export const told = (finding: Finding, name: string): number =>
  finding.numbers[name]?.value ?? Number.NaN;
