'use client';
import type { Clash } from '@/core/edit/merge';
import type { Plan } from '@/core/model/schema';
import { type BenchStore, standing } from './benchState';

/** A plan as it is stored, newer than this window had it. */
export interface Stored {
  readonly plan: Plan;
  readonly revision: number;
}

/** What two windows' edits meet in. */
export interface Meeting {
  readonly store: BenchStore;
  /** Makes the plan another, as one step that can be undone. */
  takeIn(next: Plan, name: string): void;
}

/** What joining and telling of two windows' edits takes: fetched when they first meet. */
const fetchJoining = async () => {
  const [{ mergePlans }, { planDifferences }, { differencesText }, { parsePlan }] =
    await Promise.all([
      import('@/core/edit/merge'),
      import('@/core/edit/differences'),
      import('@/text/differences'),
      import('@/core/edit/parse'),
    ]);
  return { mergePlans, planDifferences, differencesText, parsePlan };
};

type Joining = Awaited<ReturnType<typeof fetchJoining>>;

/** The name of the step that brings another window's edits here. */
const THEIRS = 'Edits of another window';

/**
 * Brings what another window has saved into this one. Edits that do not touch the same value are joined, and said;
 * where both changed one value, nothing is taken and the keeper is asked. While a hand holds something nothing is
 * joined: what is held is not yet where it will be.
 * @param base    the plan that both windows edited: this window's last save
 * @param stored  as it is stored now
 * @returns       whether both could be joined; then this window stands on what is stored
 */
export async function meet(
  of: Meeting,
  base: Plan,
  stored: Stored,
): Promise<'joined' | 'clash' | 'held' | 'left'> {
  const joining = await fetchJoining();
  const { plan, held } = of.store.getState();
  if (plan?.id !== stored.plan.id) return 'left';
  if (held) return 'held';
  const { plan: joined, clashes } = joining.mergePlans(base, plan, stored.plan);
  const wrong = clashes.length === 0 && !joining.parsePlan(joined).ok;
  if (clashes.length > 0 || wrong) {
    const told = wrong ? wholeClashes(joining, plan, stored.plan) : clashes;
    of.store.setState({
      save: {
        kind: 'conflict',
        base,
        theirs: stored.plan,
        revision: stored.revision,
        clashes: told,
      },
    });
    return 'clash';
  }
  const come = joining.planDifferences(plan, joined);
  of.store.setState({ revision: stored.revision });
  of.takeIn(joined, THEIRS);
  if (come.length > 0)
    tell(of.store, `From another window. ${joining.differencesText(come, joined)}.`);
  return 'joined';
}

/**
 * Ends a clash: all that does not clash is joined, and of what does the values of one window are taken. The others
 * are one step of undo away.
 * @returns what was stored, on which the plan now stands; null where nothing clashed
 */
export async function settleClash(of: Meeting, keep: 'here' | 'there'): Promise<Stored | null> {
  const { mergePlans, parsePlan } = await fetchJoining();
  const { save } = of.store.getState();
  const plan = standing(of.store.getState());
  if (save.kind !== 'conflict' || !plan) return null;
  const { base, theirs, revision } = save;
  const joined = (side: 'here' | 'there'): Plan => {
    const made = mergePlans(base, plan, theirs, side).plan;
    // two sets of edits that make no plan together are taken whole
    return parsePlan(made).ok ? made : side === 'here' ? plan : theirs;
  };
  const other = keep === 'here' ? 'there' : 'here';
  const [kept, left] = [joined(keep), joined(other)];
  of.store.setState({ revision, save: { kind: 'saving' } });
  of.takeIn(left, THEIRS);
  of.takeIn(kept, keep === 'here' ? 'Keep this window’s values' : 'Take the other window’s values');
  return { plan: theirs, revision };
}

/** Two plans that can't be joined at all: every value that differs. */
function wholeClashes({ planDifferences }: Joining, here: Plan, there: Plan): Clash[] {
  return planDifferences(here, there).flatMap((d): Clash[] => {
    if (d.change !== 'changed') {
      const isThere = d.change === 'added';
      return [
        {
          part: d.part,
          name: d.name,
          path: [],
          here: isThere ? undefined : {},
          there: isThere ? {} : undefined,
        },
      ];
    }
    return d.values.map(({ path, from, to }) => ({
      part: d.part,
      name: d.name,
      path,
      here: from,
      there: to,
    }));
  });
}

/** Says what came from another window, until the next edit here. */
const tell = (store: BenchStore, news: string): void => store.setState({ news, said: news });

/** Edits never saved, joined with what has been saved since; as they were where that can't be done. */
export async function joinUnsaved(kept: Stored, now: Plan): Promise<Plan> {
  const address = `/api/plans/${now.id}/saves/${kept.revision}`;
  const response = await fetch(address).catch(() => null);
  if (!response?.ok) return kept.plan;
  const { mergePlans, parsePlan } = await fetchJoining();
  const base = parsePlan(await response.json().catch(() => null));
  if (!base.ok) return kept.plan;
  const joined = parsePlan(mergePlans(base.value, kept.plan, now).plan);
  return joined.ok ? joined.value : kept.plan;
}
