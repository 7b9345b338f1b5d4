import { newBrooder } from '../../edit/defaults';
import { gridUp } from '../../kernel/units/grid';
import type { UnitSystem } from '../../kernel/units/length';
import type { Brooder } from '../../model/schema';
import type { BroodPlan } from './brooder';
import { chickPlateM2 } from './broods';

/** Longest side of a brooder that is still a box, m. */
const MOST_SIDE_M = 2.4;
/** Length by width of a box that arms reach over. */
const LONG_BY_WIDE = 5 / 3;
/** A plate is twice as wide as deep. */
const PLATE_WIDE = 2;
const GROWN_PLATE_DAY = 21;

/**
 * A brooder for the chicks that come: room, edges, walls and a plate for the brood that asks for most, to its last day
 * in it. Of a brood that no box holds, the largest box that is one.
 * @param broods  as they are week by week; none: a box for a dozen chicks or so
 * @example brooderFor('metric', []).lengthM // 1
 */
export function brooderFor(units: UnitSystem, broods: readonly BroodPlan[]): Brooder {
  const plain = newBrooder();
  const weeks = broods.flatMap((b) => b.weeks);
  if (weeks.length === 0) return plain;
  const most = (of: (w: (typeof weeks)[number]) => number): number => Math.max(...weeks.map(of));
  const up = (m: number): number => gridUp(m, units);
  const areaM2 = most((w) => w.spaceM2);
  const lengthM = up(Math.min(MOST_SIDE_M, Math.sqrt(areaM2 * LONG_BY_WIDE)));
  const widthM = up(Math.min(MOST_SIDE_M, areaM2 / lengthM));
  const chicks = Math.max(...broods.map((b) => b.chicks));
  const depthM = up(Math.sqrt((chicks * chickPlateM2(GROWN_PLATE_DAY)) / PLATE_WIDE));
  return {
    ...plain,
    lengthM: Math.max(plain.lengthM, lengthM),
    widthM: Math.max(plain.widthM, widthM),
    wallM: Math.max(
      plain.wallM,
      most((w) => w.wallM),
    ),
    feedEdgeM: Math.max(plain.feedEdgeM, up(most((w) => w.feedEdgeM))),
    waterRimM: Math.max(plain.waterRimM, up(most((w) => w.waterRimM))),
    heat: { kind: 'plate', widthM: up((chicks * chickPlateM2(GROWN_PLATE_DAY)) / depthM), depthM },
  };
}
