import type { StationId } from '@/core/kernel/station';
import type { Stave } from '@/core/staves';
import type { AddId } from '../session/engine';

/** What is put in at a station. */
export const MADE: Readonly<Partial<Record<StationId, { name: string; add: AddId }>>> = {
  roosts: { name: 'A bar', add: 'bar' },
  nests: { name: 'A bank of nests', add: 'nestBank' },
  air: { name: 'A vent', add: 'vent' },
  feed: { name: 'A feeder', add: 'feeder' },
  water: { name: 'A drinker', add: 'drinker' },
  door: { name: 'A pop door', add: 'popDoor' },
  reach: { name: 'A hatch', add: 'hatch' },
  shell: { name: 'A dust bath', add: 'dustBath' },
};

const ORDER = Object.keys(MADE) as StationId[];

/**
 * Stations in the order in which something is offered for them: those that hold the coop back first, then those where
 * nothing stands yet, then the shortest; what nothing is known of last.
 */
export function offersFor(
  staves: readonly Pick<Stave, 'station' | 'state' | 'carries'>[],
  heldBackBy: readonly StationId[],
): StationId[] {
  const by = new Map(staves.map((s) => [s.station, s]));
  const rank = (id: StationId): number => {
    if (heldBackBy.includes(id)) return -2;
    const stave = by.get(id);
    if (stave?.state === 'notEntered') return -1;
    return stave?.carries ?? Infinity;
  };
  return [...ORDER].sort((a, b) => {
    const [one, other] = [rank(a), rank(b)];
    return one === other ? ORDER.indexOf(a) - ORDER.indexOf(b) : one - other;
  });
}
