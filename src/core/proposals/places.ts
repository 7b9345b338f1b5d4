import { freeSpot } from '../geometry/freeRoom';
import { solidOf } from '../geometry/solids';
import type { RemedyCode } from '../kernel/codes.data';
import { metres, near, type Proposer } from './remedy';
import { changing, fixtureIn } from './setting';

/** A bath or a dish moved to where nothing falls on it. */
export const movingTo =
  (code: RemedyCode, kind: 'dish' | 'dustBath'): Proposer =>
  (finding, { plan, heaviestKg }) => {
    const own = fixtureIn(plan, finding, [kind]);
    if (!own) return [];
    // a dish is placed by its middle, a bath by its corner
    const corner = solidOf(own, plan);
    const [offX, offY] = [own.x - corner.x0, own.y - corner.y0];
    const spot = freeSpot(plan, heaviestKg, {
      id: own.id,
      at: (x, y) => solidOf({ ...own, x: x + offX, y: y + offY }, plan),
    });
    if (!spot) return [];
    const [x, y] = [near(plan, spot.x + offX), near(plan, spot.y + offY)];
    return [
      {
        code,
        fixtures: [own.id],
        numbers: { left: metres(x), front: metres(y) },
        change: changing(own, (f) => {
          f.x = x;
          f.y = y;
        }),
      },
    ];
  };
