import { roofHeightM } from '../geometry/shell';
import { solidOf } from '../geometry/solids';
import { below } from '../kernel/units/number';
import type { AirOpening, Plan } from '../model/schema';
import { ruled } from '../rules/rules.data';

/** High: on the ridge, or with its middle in the upper third of the wall (assumption). */
export function isHigh(o: AirOpening, plan: Plan): boolean {
  if (o.kind === 'vent' && o.place === 'ridge') return true;
  const s = solidOf(o, plan);
  const roof = roofHeightM(plan.shell, (s.x0 + s.x1) / 2, (s.y0 + s.y1) / 2);
  return !below((s.z0 + s.z1) / 2, roof * ruled('air.high.share'));
}
