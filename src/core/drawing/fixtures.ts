import { roofHeightM } from '../geometry/shell';
import { boxesPerTier, formOf } from '../geometry/solids';
import type { Fixture, NestBank, Opening, Plan, Vessel } from '../model/schema';
import { ruled } from '../rules/rules.data';
import { isRound, vesselKind } from '../rules/vesselKinds.data';
import {
  circle,
  ellipse,
  type Face,
  type Point,
  path,
  polyline,
  rect,
  type Shape,
  type View,
} from './shape';
import { LIES, outlineOf, roomOf, WALL_DRAWN_M } from './view';

/**
 * A fixture as it is drawn, m.
 * @param face  what of it shows in the view
 */
export function fixtureShapes(fixture: Fixture, face: Face, plan: Plan, view: View): Shape[] {
  const outline = (pen: 'timber' | 'thing' | 'dust' | 'mesh'): Shape =>
    outlineOf(pen, formOf(fixture, plan), view, plan.shell);
  switch (fixture.kind) {
    case 'bar': {
      const endOn = fixture.axis === LIES[view].along;
      const { a0, a1, b0, b1 } = face;
      const cross = path('endGrain', ['M', a0, b1], ['L', a1, b0], ['M', a1, b1], ['L', a0, b0]);
      return endOn ? [outline('timber'), cross] : [outline('timber')];
    }
    case 'nestBank':
      return bankShapes(fixture, face, view);
    case 'window':
    case 'vent':
    case 'door':
    case 'hatch':
    case 'popDoor':
      return openingShapes(fixture, face, plan, view);
    case 'feeder':
    case 'drinker':
      return vesselShapes(fixture, face, plan, view);
    case 'dish':
      return [outline('thing')];
    case 'dustBath':
      return [outline('dust'), ...grains(face)];
    case 'ceiling':
      return [outline('mesh')];
    case 'obstacle':
      return [outline('thing'), crossed(face)];
    case 'board':
    case 'ledge':
      return [outline('timber')];
  }
}

/** A thing of the house that stays is crossed out: nothing can stand there. */
const crossed = ({ a0, a1, b0, b1 }: Face): Shape =>
  path('fold', ['M', a0, b1], ['L', a1, b0], ['M', a1, b1], ['L', a0, b0]);

/** Grains of dust, always the same ones. */
const grains = ({ a0, a1, b0, b1 }: Face): Shape[] =>
  Array.from({ length: 24 }, (_, i) =>
    circle(
      'grain',
      [
        a0 + ((((i * 37) % 97) + 1) / 99) * (a1 - a0),
        b1 - ((((i * 53) % 89) + 4) / 97) * (b1 - b0),
      ],
      0.005,
    ),
  );

/** What is seen of a box within its frame, m. */
const FRAME_M = 0.02;

/** A bank with its boxes; from where they are entered also their dark and their lips. */
function bankShapes(bank: NestBank, face: Face, view: View): Shape[] {
  const across = boxesPerTier(bank);
  const runs = bank.faces === 'front' || bank.faces === 'rear' ? 'x' : 'y';
  const alongPage = runs === LIES[view].across;
  // seen from where it is entered; from the wall behind it, its back
  const towardsEye = bank.faces === LIES[view].near;
  const columns = alongPage ? across : 1;
  const rows = view === 'above' ? (alongPage ? 1 : across) : bank.rows;
  const w = (face.a1 - face.a0) / columns;
  const h = (face.b1 - face.b0) / rows;
  const lip = ruled('nests.lip.board');
  const boxes = Array.from({ length: columns * rows }, (_, i): Shape[] => {
    const a0 = face.a0 + (i % columns) * w;
    const b0 = face.b0 + Math.floor(i / columns) * h;
    const box = { a0, a1: a0 + w, b0, b1: b0 + h };
    if (!towardsEye) return [rect('divider', box)];
    const dark = { a0: a0 + FRAME_M, a1: a0 + w - FRAME_M, b0: b0 + lip, b1: b0 + h - FRAME_M };
    const seen = dark.a1 > dark.a0 && dark.b1 > dark.b0 ? [rect('hollow', dark)] : [];
    return [rect('divider', box), ...seen, rect('timber', { ...box, b1: b0 + lip })];
  });
  return [rect('thing', face), ...boxes.flat()];
}

/** A hole in a wall: seen on its face with what closes it, or where the wall is cut through. */
function openingShapes(o: Opening, face: Face, plan: Plan, view: View): Shape[] {
  const flatA = face.a1 - face.a0 < 1e-9;
  const flatB = face.b1 - face.b0 < 1e-9;
  if (flatA || flatB) return [rect('cutHole', throughWall(face, flatA, plan, view))];
  const { a0, a1, b0, b1 } = face;
  const [w, h] = [a1 - a0, b1 - b0];
  const level = (t: number): Shape => polyline('fold', [a0, b0 + t * h], [a1, b0 + t * h]);
  const upright = (t: number): Shape => polyline('fold', [a0 + t * w, b0], [a0 + t * w, b1]);
  const own: Readonly<Record<Opening['kind'], () => readonly Shape[]>> = {
    door: () => [],
    window: () => [upright(0.5), level(0.5)],
    vent: () => [level(0.25), level(0.5), level(0.75)],
    hatch: () => [polyline('fold', [a0, b1], [a0 + w / 2, b0], [a1, b1])],
    popDoor: () => [upright(0.12), upright(0.88)],
  };
  // the wall that is cut away has holes all the same: what lies behind them is seen
  const cutAway = o.wall === LIES[view].near;
  const ridge = o.kind === 'vent' && o.place === 'ridge';
  return [rect(cutAway && !ridge ? 'holeBefore' : 'hole', face), ...own[o.kind]()];
}

/** An opening seen edge on, as deep as the wall is drawn; one in a ridge stands half on either side. */
function throughWall(face: Face, flatA: boolean, { shell }: Plan, view: View): Face {
  const far = flatA ? roomOf(view, shell).acrossM : shell.widthM;
  const at = flatA ? face.a0 : face.b0;
  const [from, to] =
    at <= 1e-9
      ? [at - WALL_DRAWN_M, at]
      : at >= far - 1e-9
        ? [at, at + WALL_DRAWN_M]
        : [at - WALL_DRAWN_M / 2, at + WALL_DRAWN_M / 2];
  return flatA ? { ...face, a0: from, a1: to } : { ...face, b0: from, b1: to };
}

/** A pan is so deep, m. */
const PAN_M = ruled('feed.pan.deep');
const OUTLET_M = 0.02;
const MOST_OUTLETS = 8;

function vesselShapes(v: Vessel, face: Face, plan: Plan, view: View): Shape[] {
  const form = formOf(v, plan);
  if (view === 'above') {
    const { a0, a1, b0, b1 } = face;
    const [da, db] = [(a1 - a0) / 6, (b1 - b0) / 6];
    const inner = { a0: a0 + da, a1: a1 - da, b0: b0 + db, b1: b1 - db };
    const rim = isRound(v) ? ellipse('thingLine', inner) : rect('thingLine', inner);
    return [outlineOf('thing', form, view, plan.shell), rim];
  }
  const chain = v.hung ? [chainTo(v, face, plan)] : [];
  const { body, outlet } = vesselKind(v);
  if (body === 'can' && outlet !== null && outlet !== 'class.perPedal') {
    return [...chain, rect('thing', face), ...outlets(v, face)];
  }
  return [...chain, ...panAndBody(face)];
}

/** From a hung vessel up to the roof. */
function chainTo(v: Vessel, face: Face, { shell }: Plan): Shape {
  const middle = (face.a0 + face.a1) / 2;
  const roof = Math.max(face.b1, roofHeightM(shell, v.x, v.y));
  return polyline('chain', [middle, face.b1], [middle, roof]);
}

/** Outlets of a tank at the height that birds use them. */
function outlets(v: Vessel, { a0, a1, b0 }: Face): Shape[] {
  const n = Math.min(MOST_OUTLETS, v.outlets);
  const at = Math.max(v.rimZ, b0 + (v.hung ? PAN_M : 0));
  return Array.from({ length: n }, (_, i) =>
    circle('outlet', [a0 + ((i + 0.5) / n) * (a1 - a0), at], OUTLET_M),
  );
}

/** A can over its pan. */
function panAndBody({ a0, a1, b0, b1 }: Face): Shape[] {
  const w = a1 - a0;
  const top = b0 + Math.min(b1 - b0, PAN_M);
  const pan: Point[] = [
    [a0, top],
    [a1, top],
    [a1 - w * 0.07, b0],
    [a0 + w * 0.07, b0],
  ];
  return [
    rect('thing', { a0: a0 + w * 0.22, a1: a1 - w * 0.22, b0: top, b1 }),
    path('thing', ...pan.map(([a, b], i) => [i === 0 ? 'M' : 'L', a, b] as const), ['Z']),
  ];
}
