import type { Fixture, Plan } from '../../model/schema';
import type { VesselForm } from '../../model/vesselForm';
import { isRound, takesUp } from '../../rules/vesselKinds.data';
import type { PlacedBird } from '../../stations/roosts/perched';
import { lookOf } from '../birds/bird';
import { birdShapes } from '../birds/silhouettes';
import { fixtureShapes } from '../fixtures';
import { ellipse, type Face, rect } from '../shape';
import type { RunItem } from './item';
import { grown } from './lie';

/**
 * A thing in the run, on the ground, in a row with the others: along its far side from above, and from its side.
 * @param i        which of the things it is
 * @param of       how many there are
 * @param groundM  where the ground lies up the page
 * @example standing(feeder, 0, 1, plan, { a0: 0, a1: 4, b0: 0, b1: 2 }, 3).key // 'feeder'
 */
export function standing(
  f: Fixture,
  i: number,
  of: number,
  plan: Plan,
  yard: Face,
  groundM: number,
): RunItem {
  const a = yard.a0 + ((i + 0.75) / (of + 0.5)) * (yard.a1 - yard.a0);
  const [long, deep, tall] = sizeOf(f);
  const b = yard.b1 - deep / 2 - 0.1;
  const above = { a0: a - long / 2, a1: a + long / 2, b0: b - deep / 2, b1: b + deep / 2 };
  const side = { a0: above.a0, a1: above.a1, b0: groundM, b1: groundM + tall };
  const isVessel = f.kind === 'feeder' || f.kind === 'drinker';
  const fromSide = isVessel
    ? fixtureShapes(
        {
          ...f,
          hung: false,
          rimZ: groundM + f.rimZ,
          ...(f.kind === 'drinker' ? { tankZ: null } : {}),
        },
        side,
        plan,
        'front',
      )
    : [rect(f.kind === 'dustBath' ? 'dust' : 'thing', side)];
  const round = f.kind === 'dish' || (isVessel && isRound(f));
  const pen = f.kind === 'dustBath' ? 'dust' : 'thing';
  const fromAbove = round
    ? [ellipse(pen, above), ellipse('thingLine', grown(above, -Math.min(long, deep) * 0.2))]
    : [rect(pen, above)];
  return { what: 'fixture', key: f.id, shapes: [...fromAbove, ...fromSide] };
}

const sized = ({ longM, deepM, highM }: VesselForm) => [longM, deepM, highM] as const;

/** How long, how deep and how high a thing of the run is, m. */
function sizeOf(f: Fixture): readonly [number, number, number] {
  switch (f.kind) {
    case 'feeder':
    case 'drinker':
      return sized(takesUp(f));
    case 'dustBath':
      return [f.lengthM, f.depthM, f.fillM + 0.05];
    default:
      return [0.16, 0.16, 0.08];
  }
}

/**
 * A bird about the run: from above spread over its ground, from the side on her feet.
 * @param i        which of the birds she is
 * @param of       how many there are
 * @param groundM  where the ground lies up the page
 * @example roaming(bird, 0, 1, { a0: 0, a1: 4, b0: 0, b1: 2 }, 3).key // 'bird-0'
 */
export function roaming(
  bird: PlacedBird,
  i: number,
  of: number,
  yard: Face,
  groundM: number,
): RunItem {
  const [wide, deep] = [yard.a1 - yard.a0, yard.b1 - yard.b0];
  const columns = Math.max(1, Math.round(Math.sqrt((of * wide) / deep)));
  const rows = Math.ceil(of / columns);
  const [column, row] = [i % columns, Math.floor(i / columns)];
  // not in rank and file
  const stray = ((i * 37) % 11) / 11 - 0.5;
  const a = yard.a0 + ((column + 0.5 + stray * 0.5) / columns) * wide;
  const b = yard.b0 + ((row + 0.5 - stray * 0.4) / rows) * deep;
  const { lengthM, widthM, heightM } = bird;
  const look = lookOf(bird);
  const isLeft = i % 3 === 1;
  const above = {
    a0: a - lengthM / 2,
    a1: a + lengthM / 2,
    b0: b - widthM / 2,
    b1: b + widthM / 2,
  };
  // from the side no more stand in a row than have room beside one another
  const inRow = Math.max(1, Math.min(of, Math.floor(wide / (lengthM * 1.1))));
  const beside = yard.a0 + ((i + 0.5) / inRow) * wide;
  const side = {
    a0: beside - lengthM / 2,
    a1: beside + lengthM / 2,
    b0: groundM,
    b1: groundM + heightM,
  };
  return {
    what: 'bird',
    key: `bird-${i}`,
    shapes: [
      ...birdShapes(look, 'aboveAcross', 'standing', above, isLeft),
      ...(i < inRow ? birdShapes(look, 'profile', 'standing', side, isLeft) : []),
    ],
  };
}
