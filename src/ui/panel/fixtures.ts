import { freeNumber } from '@/core/edit/freeNumber';
import type { Outcome } from '@/core/kernel/outcome';
import { gridNear } from '@/core/kernel/units/grid';
import type { Fixture, Plan } from '@/core/model/schema';
import { edit, pick, useBench } from '../store/bench';

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

/** A second one like it, a hand's breadth in front. */
export function duplicateFixture(plan: Plan, fixture: Fixture): void {
  const stem = fixture.id.replace(/-\d+$/, '');
  const n = freeNumber(stem, plan.fixtures);
  const copy = { ...fixture, id: `${stem}-${n}`, name: `${fixture.name} ${n}`.slice(0, 80) };
  addFixture('y' in copy ? { ...copy, y: Math.max(0, gridNear(copy.y - 0.4, plan.units)) } : copy);
}
