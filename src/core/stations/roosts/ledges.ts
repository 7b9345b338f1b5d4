import { solidOf } from '../../geometry/solids';
import { atMost, below } from '../../kernel/units/number';
import type { Fixture, OfKind, Plan } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import type { StationContext } from '../context';
import type { Sheet } from '../sheet';

export const ceilingsOf = (plan: Plan): OfKind<'ceiling'>[] =>
  plan.fixtures.filter((f): f is OfKind<'ceiling'> => f.kind === 'ceiling');

/** Whether a mesh ceiling keeps birds from the whole of a thing: it lies under it, from end to end. */
function underMesh(fixture: Fixture, plan: Plan): boolean {
  if (!('z' in fixture) && !('sillZ' in fixture)) return false;
  const s = solidOf(fixture, plan);
  const level = 'sillZ' in fixture ? fixture.sillZ : s.z1;
  return ceilingsOf(plan).some((c) => {
    const t = solidOf(c, plan);
    return (
      !below(level, c.z) &&
      atMost(t.x0, s.x0) &&
      atMost(s.x1, t.x1) &&
      atMost(t.y0, s.y0) &&
      atMost(s.y1, t.y1)
    );
  });
}

/** Anything flat and wide enough, high enough to be roosted on. */
export function ledges(s: Sheet, ctx: StationContext): void {
  const { of, plan } = ctx;
  let lowest = Number.POSITIVE_INFINITY;
  for (const b of of('bar')) if (b.use === 'sleeping') lowest = Math.min(lowest, b.z);
  if (!Number.isFinite(lowest)) return;
  const reads = [of('ledge'), of('window'), of('vent'), of('ceiling'), plan.shell, lowest];
  s.part('roosts.ledges', reads, (own) => ledgesFrom(own, ctx, lowest));
}

function ledgesFrom(s: Sheet, ctx: StationContext, lowest: number): void {
  const from = lowest - ruled('roosts.ledge.below');
  for (const f of [...ctx.of('ledge'), ...ctx.of('window'), ...ctx.of('vent')]) {
    if (underMesh(f, ctx.plan)) continue;
    if (f.kind === 'ledge' && !f.sloped && !below(f.z, from)) {
      const narrow = Math.min(f.depthM, f.lengthM);
      if (atMost(narrow, ruled('roosts.ledge.width'))) continue;
      s.find(
        'roosts.ledge.roosted',
        'awkward',
        [f.id],
        {
          width: s.entered(`roosts.ledge.${f.id}.width`, 'm', narrow),
          allowed: s.fact('roosts.ledge.width'),
        },
        solidOf(f, ctx.plan),
      );
    }
    if ((f.kind === 'window' || f.kind === 'vent') && f.innerSill && !below(f.sillZ, from)) {
      s.find('roosts.sill.roosted', 'awkward', [f.id], {}, solidOf(f, ctx.plan));
    }
  }
}
