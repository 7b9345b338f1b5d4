import { roofHeightM } from '../../geometry/shell';
import { boxesPerTier } from '../../geometry/solids';
import { OPPOSITE } from '../../geometry/walls';
import type { NestBank, Plan } from '../../model/schema';
import { BODY_RULES } from '../../rules/bodies.data';
import { type Face, path, polyline, rect, type Shape, type View } from '../shape';
import { LIES } from '../view';

/** What is seen of a box within its frame, m. */
const FRAME_M = 0.02;
/** How far a landing rail stands before its lip, and how thick it is, m (assumption: it is only drawn). */
const RAIL = { outM: 0.1, thickM: 0.03 } as const;
/** A lid rises at most so far over its boxes as it is drawn, m. */
const MOST_LID_M = 0.3;

/** A bank with its boxes; from where they are entered also their dark, their lips and rails; its lid, and flaps behind. */
export function bankShapes(bank: NestBank, face: Face, plan: Plan, view: View): Shape[] {
  const across = boxesPerTier(bank);
  const runs = bank.faces === 'front' || bank.faces === 'rear' ? 'x' : 'y';
  const alongPage = runs === LIES[view].across;
  // seen from where it is entered; from the wall behind it, its back
  const towardsEye = bank.faces === LIES[view].near;
  const columns = alongPage ? across : 1;
  const rows = view === 'above' ? (alongPage ? 1 : across) : bank.rows;
  const w = (face.a1 - face.a0) / columns;
  const h = (face.b1 - face.b0) / rows;
  const isBack = alongPage && !towardsEye && view !== 'above';
  const boxes = Array.from({ length: columns * rows }, (_, i): Shape[] => {
    const a0 = face.a0 + (i % columns) * w;
    const b0 = face.b0 + Math.floor(i / columns) * h;
    const box = { a0, a1: a0 + w, b0, b1: b0 + h };
    if (towardsEye) return boxFrom(bank, box);
    return [rect('divider', box), ...(isBack && bank.collect === 'flap' ? [flapOf(box)] : [])];
  });
  return [
    rect('thing', face),
    ...boxes.flat(),
    ...rails(bank, face, view),
    ...lid(bank, face, plan, view),
  ];
}

/** A box as a hen sees it: its dark behind a lip, a rail to land on, a curtain over the upper part. */
function boxFrom(bank: NestBank, box: Face): Shape[] {
  const { a0, a1, b0, b1 } = box;
  const lip = b0 + BODY_RULES['nests.lip.board'].value;
  const dark = { a0: a0 + FRAME_M, a1: a1 - FRAME_M, b0: lip, b1: b1 - FRAME_M };
  const isSeen = dark.a1 > dark.a0 && dark.b1 > dark.b0;
  const strips = Array.from(
    { length: 5 },
    (_, i) => dark.a0 + ((i + 0.5) / 5) * (dark.a1 - dark.a0),
  );
  const hem = dark.b0 + 0.3 * (dark.b1 - dark.b0);
  return [
    rect('divider', box),
    ...(isSeen ? [rect('hollow', dark)] : []),
    ...(isSeen && bank.curtain
      ? [
          path(
            'thingLine',
            ...strips.flatMap(
              (a) =>
                [
                  ['M', a, dark.b1],
                  ['L', a, hem],
                ] as const,
            ),
          ),
        ]
      : []),
    rect('timber', { ...box, b1: lip }),
  ];
}

/** Hinged at its foot: lines run from its free corners to where it hangs. */
const flapOf = ({ a0, a1, b0, b1 }: Face): Shape =>
  polyline('fold', [a0 + FRAME_M, b1], [(a0 + a1) / 2, b0], [a1 - FRAME_M, b1]);

/** Rails before the lips, from their side and from above. */
function rails(bank: NestBank, face: Face, view: View): Shape[] {
  if (!bank.rail) return [];
  const { near } = LIES[view];
  if (bank.faces === near || (near !== null && OPPOSITE[bank.faces] === near)) return [];
  const { a0, a1, b0, b1 } = face;
  const { outM, thickM } = RAIL;
  if (view === 'above') {
    const level = { front: b0 - outM, rear: b1 + outM - thickM, left: 0, right: 0 }[bank.faces];
    const upright = { left: a0 - outM, right: a1 + outM - thickM, front: 0, rear: 0 }[bank.faces];
    return bank.faces === 'front' || bank.faces === 'rear'
      ? [rect('rail', { a0, a1, b0: level, b1: level + thickM })]
      : [rect('rail', { a0: upright, a1: upright + thickM, b0, b1 })];
  }
  const at = entersLeft(bank, view) ? a0 - outM : a1 + outM - thickM;
  const lip = BODY_RULES['nests.lip.board'].value;
  return Array.from({ length: bank.rows }, (_, row) => {
    const b = b0 + row * bank.boxH + lip - thickM;
    return rect('rail', { a0: at, a1: at + thickM, b0: b, b1: b + thickM });
  });
}

/** Whether a bank seen from its side is entered from the left of the page. */
function entersLeft(bank: NestBank, view: View): boolean {
  const low = bank.faces === 'front' || bank.faces === 'left';
  return low !== LIES[view].mirrored;
}

/** The slope of its top, so that nobody roosts there: high at the wall it stands against, low where it is gone to. */
function lid(bank: NestBank, face: Face, { shell }: Plan, view: View): Shape[] {
  if (view === 'above' || bank.lidDeg < 5) return [];
  const roofM = roofHeightM(
    shell,
    Math.max(0, Math.min(shell.lengthM, bank.x)),
    Math.max(0, Math.min(shell.widthM, bank.y)),
  );
  const rise = Math.min(
    MOST_LID_M,
    bank.boxD * Math.tan((Math.min(bank.lidDeg, 80) * Math.PI) / 180),
    Math.max(0, roofM - face.b1),
  );
  if (rise < 0.02) return [];
  const { a0, a1, b1 } = face;
  const top = b1 + rise;
  const { near } = LIES[view];
  if (bank.faces === near || (near !== null && OPPOSITE[bank.faces] === near)) {
    return [polyline('fold', [a0, b1], [a0, top], [a1, top], [a1, b1])];
  }
  // one hung outside is high at the wall of the coop, where it is entered
  const isHighLeft = entersLeft(bank, view) === bank.hungOutside;
  const high = isHighLeft ? a0 : a1;
  const low = isHighLeft ? a1 : a0;
  return [polyline('fold', [low, b1], [high, top], [high, b1])];
}
