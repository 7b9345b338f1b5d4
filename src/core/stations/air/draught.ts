import type { Solid } from '../../kernel/finding';
import { below } from '../../kernel/units/number';
import { ENTERED } from '../../kernel/working';
import type { AirOpening, Bar, Plan } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import type { StationContext } from '../context';
import type { Sheet } from '../sheet';

/** An opening that can't be shut, level with sleeping birds. */
export function draught(s: Sheet, ctx: StationContext, o: AirOpening, bars: readonly Bar[]): void {
  if (o.opens !== 'open' || (o.kind === 'vent' && o.place === 'ridge') || o.baffle) return;
  const under = ruled('air.band.below');
  const over = ruled('air.band.above');
  const top = o.sillZ + o.heightM;
  const hit = bars.find((b) => below(o.sillZ, b.z + over) && below(b.z - under, top));
  if (!hit) return;
  s.find(
    'air.opening.inDraught',
    'harm',
    [o.id, hit.id],
    {
      sill: s.entered(`air.opening.${o.id}.sill`, 'm', o.sillZ),
      from: s.found(`air.band.${hit.id}.from`, 'm', hit.z - under, ENTERED),
      to: s.found(`air.band.${hit.id}.to`, 'm', hit.z + over, ENTERED),
    },
    bandOf(ctx.plan, hit.z - under, hit.z + over),
  );
}

/** The band in which nothing may blow, all over the coop. */
const bandOf = (plan: Plan, z0: number, z1: number): Solid => ({
  x0: 0,
  x1: plan.shell.lengthM,
  y0: 0,
  y1: plan.shell.widthM,
  z0,
  z1,
});
