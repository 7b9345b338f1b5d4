import { freeNumber } from '@/core/edit/freeNumber';
import type { Outcome } from '@/core/kernel/outcome';
import type { Fixture, Plan } from '@/core/model/schema';
import { edit, inView, pick, say, sessionHere, useBench, withEngine } from '../session/bench';

type Kind = Fixture['kind'];
type OfKind<K extends Kind> = Extract<Fixture, { kind: K }>;

/** What was done, and to what: "Rear bar: length". */
export const namedFor = (thing: string | undefined, name: string): string =>
  thing ? `${thing}: ${name.charAt(0).toLowerCase()}${name.slice(1)}` : name;

/** Edits one fixture as one undoable step. */
export function editFixture<K extends Kind>(
  kind: K,
  id: string,
  name: string,
  change: (fixture: OfKind<K>) => void,
): Outcome<Plan> {
  const { plan } = useBench.getState();
  return edit(namedFor(plan?.fixtures.find((f) => f.id === id)?.name, name), (draft) => {
    const fixture = draft.fixtures.find((f) => f.id === id);
    if (fixture?.kind === kind) change(fixture as OfKind<K>);
  });
}

export function addFixture(fixture: Fixture): void {
  const added = edit(`Add ${fixture.name}`, (draft) => {
    draft.fixtures.push(fixture);
  });
  if (added.ok) pick(fixture.id);
}

export const removeFixture = (fixture: Fixture): Outcome<Plan> =>
  edit(`Remove ${fixture.name}`, (draft) => {
    draft.fixtures = draft.fixtures.filter((f) => f.id !== fixture.id);
  });

/**
 * A second one like it, as near to it as it can stand without being in anything's way; pressed again it makes a row.
 * Where there is no room for another that is said.
 */
export function duplicateFixture(fixture: Fixture): void {
  withEngine(({ copied, flockSizes, withFinalDepth }) => {
    const { plan } = useBench.getState();
    const assessment = inView();
    if (!plan || !assessment) return;
    const stem = fixture.id.replace(/-\d+$/, '');
    const n = freeNumber(stem, plan.fixtures);
    const name = `${fixture.name.replace(/ \d+$/, '')} ${n}`.slice(0, 80);
    const settled = withFinalDepth(plan, assessment.litterFinalM);
    const to = { plan: settled, sizes: flockSizes(settled, assessment.flock) };
    const copy = copied(fixture, `${stem}-${n}`, name, to);
    if (copy) addFixture(copy);
    else say(`There is no room for another ${fixture.name}`);
  });
}

/** A pinned fixture stays where it is when the coop is arranged; pressed again it may be moved. */
export const pinFixture = ({ id, name }: Fixture): Outcome<Plan> =>
  edit(`Pin ${name}`, (draft) => {
    draft.pinned = draft.pinned.includes(id)
      ? draft.pinned.filter((other) => other !== id)
      : [...draft.pinned, id];
  });

/** Puts a fixture where it would be in a mirror across the middle of the coop, as seen in a view. */
export function mirrorFixture(fixture: Fixture, axis: 'x' | 'y'): void {
  withEngine(({ mirrored, inTheWay }) => {
    const { plan } = useBench.getState();
    if (!plan) return;
    const there = mirrored(fixture, plan, axis);
    const fixtures = plan.fixtures.map((f) => (f.id === fixture.id ? there : f));
    const { hand } = sessionHere();
    hand.takeUp([fixture.id]);
    hand.holdAt(
      { ...plan, fixtures },
      { lines: [], ways: inTheWay(plan, { ...plan, fixtures }, fixture.id) },
    );
    hand.putDown(`Mirror ${fixture.name}`);
  });
}
