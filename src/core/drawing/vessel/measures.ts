import { birdSize } from '../../birds/size';
import type { Made, Vessel } from '../../model/schema';
import { bendOf, bodySize, holeMiddleM, panUnder } from '../../model/vesselForm';
import { takesUp } from '../../rules/vesselKinds.data';
import type { Point } from '../shape';

/** A measure of the drawing: what it is, and the two points it lies between. */
export interface Measured {
  readonly what: 'across' | 'high' | 'holeMiddle' | 'mouth' | 'stand' | 'back' | 'pan' | 'underRim';
  readonly m: number;
  readonly from: Point;
  readonly to: Point;
}

/** Half as wide as the section is at its widest, m. */
export const sectionWide = (v: Vessel, { body }: Made): number =>
  body.shape === 'pipe' ? body.acrossM / 2 + bendOf(body) : sectionAcross(body, v) / 2;

/** What the cut goes through: a box is cut from front to rear. */
export const sectionAcross = (body: Exclude<Made['body'], { shape: 'pipe' }>, v: Vessel): number =>
  body.shape === 'box' ? body.deepM : bodySize(body, v.outlets).deepM;

/** Where the parts of a section stand, m. */
interface Placed {
  readonly foot: number;
  readonly bodyFoot: number;
  readonly wide: number;
  readonly reach: number;
  readonly bird: { readonly massKg: number } | null;
}

/** Measures that are written on a section. */
export function measuresOf(
  v: Vessel,
  made: Made,
  { foot, bodyFoot, wide, reach, bird }: Placed,
): Measured[] {
  const { body } = made;
  const high = takesUp(v).highM;
  const top = foot + high;
  const across = body.shape === 'pipe' ? body.acrossM : sectionAcross(body, v);
  const list: Measured[] = [
    { what: 'across', m: across, from: [-across / 2, top + 0.03], to: [across / 2, top + 0.03] },
    { what: 'high', m: body.highM, from: [wide + 0.07, top - body.highM], to: [wide + 0.07, top] },
  ];
  if (v.type === 'port' && body.shape !== 'pipe') {
    const middle = bodyFoot + holeMiddleM(made);
    const gap = made.elbow.gapM;
    list.push(
      {
        what: 'holeMiddle',
        m: holeMiddleM(made),
        from: [wide + 0.06, bodyFoot],
        to: [wide + 0.06, middle],
      },
      {
        what: 'mouth',
        m: gap,
        from: [0, bodyFoot + made.floorM],
        to: [0, bodyFoot + made.floorM + gap],
      },
    );
  }
  if (!v.hung && foot > 0.01) {
    list.push({ what: 'stand', m: foot, from: [wide + 0.02, 0], to: [wide + 0.02, foot] });
  }
  if (panUnder(v) && made.pan) {
    list.push({
      what: 'pan',
      m: made.pan.acrossM,
      from: [-reach, foot - 0.02],
      to: [reach, foot - 0.02],
    });
  }
  if (bird) {
    const { backM, lengthM } = birdSize(bird.massKg);
    const at = -reach - lengthM * 0.55;
    list.push({ what: 'back', m: backM, from: [at, 0], to: [at, backM] });
  }
  return list;
}
