import { clearPlace } from '../geometry/freeRoom';
import type { RemedyCode } from '../kernel/codes.data';
import { near } from '../model/tape';
import { metres, type Proposer } from './remedy';
import { changing, fixtureIn } from './setting';

/** A bath or a dish moved to where nothing falls on it. */
export const movingTo =
  (code: RemedyCode, kind: 'dish' | 'dustBath'): Proposer =>
  (finding, { plan, heaviestKg }) => {
    const own = fixtureIn(plan, finding, [kind]);
    if (!own) return [];
    const at = clearPlace(plan, own, heaviestKg, (m) => near(plan, m));
    if (!at) return [];
    return [
      {
        code,
        fixtures: [own.id],
        numbers: { left: metres(at.x), front: metres(at.y) },
        change: changing(own, (f) => void Object.assign(f, at)),
      },
    ];
  };
