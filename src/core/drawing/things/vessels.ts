import { roofHeightM } from '../../geometry/shell';
import { formOf } from '../../geometry/solids';
import type { Plan, Vessel } from '../../model/schema';
import { isRound, vesselKind } from '../../rules/vesselKinds.data';
import { circle, ellipse, type Face, polyline, rect, type Shape, type View } from '../shape';
import { outlineOf } from '../view';
import { madeBody } from './madeBody';
import { DRINKERS, FEEDERS } from './vesselBodies';
import { MOST_OUTLETS, OUTLET_M } from './vesselParts';

/** A tank over a line as it is drawn, m (assumption: the plan knows its foot only). */
const TANK = { wideM: 0.3, tallM: 0.3 } as const;

/** A feeder or drinker in its own shape by kind, within what it takes; a chain, a tank and its line beyond. */
export function vesselShapes(v: Vessel, face: Face, plan: Plan, view: View): Shape[] {
  if (view === 'above') return fromAbove(v, face, plan);
  const chain = v.hung ? [chainTo(v, face, plan)] : [];
  const body = v.kind === 'feeder' ? FEEDERS[v.type] : DRINKERS[v.type];
  const own = v.made ? madeBody(v, v.made, face, view) : body(v, face, view);
  return [...chain, ...tankOver(v, face, plan), ...own];
}

/** Its rim, and what stands in the middle of it; where birds share outlets, those about its edge. */
function fromAbove(v: Vessel, face: Face, plan: Plan): Shape[] {
  const { a0, a1, b0, b1 } = face;
  const shrunk = (part: number): Face => {
    const [da, db] = [((a1 - a0) * (1 - part)) / 2, ((b1 - b0) * (1 - part)) / 2];
    return { a0: a0 + da, a1: a1 - da, b0: b0 + db, b1: b1 - db };
  };
  const outline = outlineOf('thing', formOf(v, plan), 'above', plan.shell);
  if (!isRound(v)) {
    const middle = (b0 + b1) / 2;
    const inner = shrunk(0.82);
    return [
      outline,
      rect('thingLine', inner),
      polyline('thingLine', [inner.a0, middle], [inner.a1, middle]),
    ];
  }
  const { body } = vesselKind(v);
  if (body !== 'can') return [outline, ellipse('thingLine', shrunk(body === 'pan' ? 0.84 : 0.6))];
  const n = v.type === 'bucket' || v.type === 'pedal' ? 0 : Math.min(MOST_OUTLETS, v.outlets);
  const [ra, rb] = [(a1 - a0) * 0.42, (b1 - b0) * 0.42];
  return [
    outline,
    ellipse('thingLine', shrunk(v.type === 'pedal' ? 0.5 : 0.9)),
    ...Array.from({ length: n }, (_, i) => {
      const turn = ((i + 0.5) / n) * 2 * Math.PI;
      return circle(
        'outlet',
        [(a0 + a1) / 2 + ra * Math.cos(turn), (b0 + b1) / 2 + rb * Math.sin(turn)],
        OUTLET_M / 2,
      );
    }),
  ];
}

/** From a hung vessel up to the roof. */
function chainTo(v: Vessel, face: Face, { shell }: Plan): Shape {
  const middle = (face.a0 + face.a1) / 2;
  const roof = Math.max(face.b1, roofHeightM(shell, v.x, v.y));
  return polyline('chain', [middle, face.b1], [middle, roof]);
}

/** The tank that feeds its line, over it, and the line down from the tank's foot. */
function tankOver(v: Vessel, face: Face, { shell }: Plan): Shape[] {
  if (v.kind !== 'drinker' || v.tankZ === null || v.tankZ < face.b1) return [];
  const middle = (face.a0 + face.a1) / 2;
  const top = Math.min(v.tankZ + TANK.tallM, roofHeightM(shell, v.x, v.y));
  const foot = Math.min(v.tankZ, top - 0.02);
  return [
    polyline('pipe', [middle, face.b1], [middle, foot]),
    rect('tank', { a0: middle - TANK.wideM / 2, a1: middle + TANK.wideM / 2, b0: foot, b1: top }),
  ];
}
