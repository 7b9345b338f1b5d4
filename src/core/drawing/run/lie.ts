import { wallLength } from '../../geometry/walls';
import type { PopDoor, Run, Shell, Side } from '../../model/schema';
import type { Face } from '../shape';
import { WALL_DRAWN_M as T } from '../view';

/** Where coop and run lie on the page from above: their shared wall is upright at 0, the run to its right. */
export interface Lie {
  readonly coop: Face;
  readonly run: Face;
  /** Where an opening of the shared wall lies up the page. */
  doorAt(door: PopDoor): readonly [number, number];
  /** The side of the coop that a side of the page is. */
  sideOf(page: 'right' | 'above' | 'below'): Side;
}

const TURNED: Readonly<Record<Side, Readonly<Record<'right' | 'above' | 'below', Side>>>> = {
  right: { right: 'right', above: 'rear', below: 'front' },
  left: { right: 'left', above: 'front', below: 'rear' },
  rear: { right: 'rear', above: 'left', below: 'right' },
  front: { right: 'front', above: 'right', below: 'left' },
};

/** Lays the run out beside the coop. */
export function layOut(shell: Shell, run: Run, wall: Side, doors: readonly PopDoor[]): Lie {
  const along = wallLength({ shell }, wall);
  const deep = wall === 'front' || wall === 'rear' ? shell.widthM : shell.lengthM;
  // turned so that the wall faces right, what ran along the left or the rear wall runs the other way
  const isBack = wall === 'left' || wall === 'rear';
  const doorAt = (d: PopDoor): [number, number] =>
    isBack ? [along - d.alongM - d.widthM, along - d.alongM] : [d.alongM, d.alongM + d.widthM];
  const ends = doors.length > 0 ? doors.flatMap(doorAt) : [along / 2];
  const [d0, d1] = [Math.min(...ends), Math.max(...ends)];
  // centred on its pop doors, but not past the wall's end where it need not be
  const wanted = (d0 + d1 - run.widthM) / 2;
  const spare = along - run.widthM;
  const b0 =
    spare >= 0 ? Math.max(0, Math.min(spare, wanted)) : Math.min(0, Math.max(spare, wanted));
  const low = Math.min(0, b0);
  return {
    coop: { a0: -deep, a1: 0, b0: -low, b1: along - low },
    run: { a0: T, a1: T + run.lengthM, b0: b0 - low, b1: b0 - low + run.widthM },
    doorAt: (d) => {
      const [from, to] = doorAt(d);
      return [from - low, to - low];
    },
    sideOf: (page) => TURNED[wall][page],
  };
}

/**
 * A face made larger all round.
 * @example grown({ a0: 0, a1: 1, b0: 0, b1: 1 }, 0.5).b1 // 1.5
 */
export const grown = ({ a0, a1, b0, b1 }: Face, byM: number): Face => ({
  a0: a0 - byM,
  a1: a1 + byM,
  b0: b0 - byM,
  b1: b1 + byM,
});

/** How far a ramp goes out over the ground, m: it leads from the sill down to it. */
export function rampOut({ ramp, sillZ }: PopDoor, shell: Shell): number {
  if (ramp === null) return 0;
  const rise = Math.min(ramp.lengthM, shell.floorAboveGroundM + sillZ);
  return Math.sqrt(ramp.lengthM ** 2 - rise ** 2);
}

/** Cleats of a ramp, as parts of the way down. */
export function cleats({ lengthM, cleatM }: { lengthM: number; cleatM: number }): number[] {
  if (cleatM <= 0) return [];
  const n = Math.min(60, Math.floor(lengthM / cleatM));
  return Array.from({ length: n }, (_, i) => ((i + 0.5) * cleatM) / lengthM).filter((t) => t < 1);
}
