import type { Fixture } from '../model/schema';

/**
 * A thing whose height is held from the litter, with the litter so much deeper; sills and doors are held from the floor.
 * @param byM  deeper by so much, m
 * @example onLitter({ ...bar, z: 0.6 }, 0.05).z // 0.65
 */
export function onLitter(f: Fixture, byM: number): Fixture {
  switch (f.kind) {
    case 'bar':
    case 'board':
      return { ...f, z: f.z + byM };
    case 'nestBank':
      return { ...f, lipZ: f.lipZ + byM, stepZ: f.stepZ === 0 ? 0 : f.stepZ + byM };
    case 'feeder':
    case 'drinker':
      return f.place === 'run' ? f : { ...f, rimZ: f.rimZ + byM };
    default:
      return f;
  }
}
