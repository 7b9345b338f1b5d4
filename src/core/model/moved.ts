import { tidy } from '../kernel/units/number';
import type { Fixture } from './schema';

/**
 * A fixture moved: along its wall where it is cut into one, else across the floor; up and down where it has a height.
 * @param dx  m to the right
 * @param dy  m to the rear
 * @param z   where a height comes to, m above the bare floor
 * @example   moved({ ...bar, x: 0.8 }, 0.1, 0, (m) => m + 0.05).x // 0.9
 */
export function moved<F extends Fixture>(
  fixture: F,
  dx: number,
  dy: number,
  z: (m: number) => number = (m) => m,
): F {
  const next = { ...fixture };
  if ('wall' in next) {
    next.alongM = tidy(next.alongM + (next.wall === 'front' || next.wall === 'rear' ? dx : dy));
    next.sillZ = z(next.sillZ);
    return next;
  }
  next.x = tidy(next.x + dx);
  next.y = tidy(next.y + dy);
  if ('z' in next) next.z = z(next.z);
  else if ('lipZ' in next) next.lipZ = z(next.lipZ);
  else if ('rimZ' in next) next.rimZ = z(next.rimZ);
  return next;
}
