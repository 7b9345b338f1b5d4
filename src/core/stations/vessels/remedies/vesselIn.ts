import { isReached } from '../../../birds/vesselReach';
import type { Finding } from '../../../kernel/finding';
import { below } from '../../../kernel/units/number';
import type { Vessel } from '../../../model/schema';
import type { ProposalContext } from '../../../proposals/remedy';
import { ruled } from '../../../rules/rules.data';
import { vesselKind } from '../../../rules/vesselKinds.data';

export const VESSELS = ['feeder', 'drinker'] as const;

const isVessel = (f: { readonly kind: string }): f is Vessel =>
  (VESSELS as readonly string[]).includes(f.kind);

/**
 * The vessel of a finding that is changed, or copied: where several are told, one that the lightest bird gets at and
 * can use, since more of another serves those without a place nothing.
 */
export function vesselIn(
  { plan, sizes }: Pick<ProposalContext, 'plan' | 'sizes'>,
  finding: Finding,
): Vessel | null {
  const own = vesselsIn(plan, finding);
  return own.find((v) => servesAll(v, plan, sizes.lightestKg)) ?? own[0] ?? null;
}

/** The vessel of a finding in whose place another kind is set: one that serves some of them nothing, where there is one. */
export function vesselToReplace(
  { plan, sizes }: Pick<ProposalContext, 'plan' | 'sizes'>,
  finding: Finding,
): Vessel | null {
  const own = vesselsIn(plan, finding);
  return own.find((v) => !servesAll(v, plan, sizes.lightestKg)) ?? own[0] ?? null;
}

/** The vessels that a finding names. */
export const vesselsIn = (plan: ProposalContext['plan'], finding: Finding): Vessel[] =>
  plan.fixtures.filter((f): f is Vessel => finding.fixtures.includes(f.id) && isVessel(f));

function servesAll(v: Vessel, plan: ProposalContext['plan'], lightestKg: number): boolean {
  const { lightest } = vesselKind(v);
  return (
    isReached(v, plan, lightestKg) && (lightest === null || !below(lightestKg, ruled(lightest)))
  );
}
