import { type FlockByDay, massThen } from '../../birds/flock';
import { birdSize } from '../../birds/size';
import type { Comb } from '../../model/breeds.data';
import type { BirdClass } from '../../model/classes.data';
import { floorOf, type Scoped } from '../../model/scope';
import type { FlockSeats } from './seats';

/** A bird as she is drawn: where her feet are and how big she is, m. */
export interface PlacedBird {
  readonly lotId: string;
  /** The bar she sits on; null for one without a place, standing on the litter. */
  readonly barId: string | null;
  readonly x: number;
  readonly y: number;
  readonly z: number;
  /** Beak to tail, body across, head above her feet. */
  readonly lengthM: number;
  readonly widthM: number;
  readonly heightM: number;
  /** Which way the bar under her runs: she sits across it. */
  readonly across: 'x' | 'y';
  /** What her outline tells of her: her class, her sex and her breed's comb. */
  readonly class: BirdClass;
  readonly sex: 'hen' | 'cock';
  readonly comb: Comb;
}

/** Birds without a place that are drawn at most; more would hide the coop. */
const MOST_ON_FLOOR = 40;

/**
 * Where the planned flock is when it has gone up: on the bars as the packing seats it,
 * the rest on the litter. Bars fill from their left and right ends by turns, so that rows behind
 * one another can be told apart.
 */
export function placeBirds(plan: Scoped, flock: FlockByDay, seats: FlockSeats): PlacedBird[] {
  const perched = seats.bars.flatMap(({ bar }, b) => {
    const kinds = (seats.seated[b] ?? []).flatMap((n, kind) => Array<number>(n).fill(kind));
    const fromFar = b % 2 === 1;
    let along = 0;
    return kinds.map((kind) => {
      const width = seats.widths[kind] ?? 0;
      const centre = along + width / 2;
      along += width;
      const at = (bar.axis === 'x' ? bar.x : bar.y) + (fromFar ? bar.lengthM - centre : centre);
      const [x, y] = bar.axis === 'x' ? [at, bar.y] : [bar.x, at];
      return bird(flock, seats, kind, { barId: bar.id, x, y, z: bar.z, across: bar.axis });
    });
  });
  return [...perched, ...standing(plan, flock, seats)];
}

/** Those left over, in a row on the litter towards the front. */
function standing(plan: Scoped, flock: FlockByDay, seats: FlockSeats): PlacedBird[] {
  const left = seats.left.flatMap((n, kind) => Array<number>(n).fill(kind)).slice(0, MOST_ON_FLOOR);
  const { storage, lengthM } = plan.shell;
  const { y0, y1, ...floor } = floorOf(plan);
  // clear of what is the keeper's own
  const x0 = Math.max(floor.x0, storage?.wall === 'left' ? storage.depthM : 0);
  const x1 = Math.min(floor.x1, storage?.wall === 'right' ? lengthM - storage.depthM : lengthM);
  return left.map((kind, i) => {
    const share = (i + 0.5) / left.length;
    const stood = bird(flock, seats, kind, {
      barId: null,
      x: x0 + (x1 - x0) * share,
      y: y0 + (y1 - y0) * (0.16 + 0.12 * (i % 3)),
      z: plan.litter.depthM,
      across: 'x',
    });
    const [halfX, halfY] = [stood.widthM / 2, stood.lengthM / 2];
    return {
      ...stood,
      x: Math.max(x0 + halfX, Math.min(x1 - halfX, stood.x)),
      y: Math.max(y0 + halfY, Math.min(y1 - halfY, stood.y)),
    };
  });
}

function bird(
  flock: FlockByDay,
  seats: Pick<FlockSeats, 'd'>,
  kind: number,
  at: Pick<PlacedBird, 'barId' | 'x' | 'y' | 'z' | 'across'>,
): PlacedBird {
  const lot = flock.lots[kind];
  if (!lot) throw new Error(`the flock has no lot ${kind}`);
  const size = birdSize(massThen(flock, kind, seats.d));
  return {
    lotId: lot.id,
    lengthM: size.lengthM,
    widthM: size.widthM,
    heightM: size.headM,
    class: lot.class.id,
    sex: lot.sex,
    comb: lot.breed.comb,
    ...at,
  };
}
