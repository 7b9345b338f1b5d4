import type { Fixture } from '../../model/schema';
import type { StationContext } from '../context';
import type { Sheet } from '../sheet';

/** What birds are served by: outside it counts for nothing, and that is what they lack. */
const SERVES: ReadonlySet<Fixture['kind']> = new Set([
  'bar',
  'nestBank',
  'feeder',
  'drinker',
  'popDoor',
]);

/** A fixture that does not fit inside the shell: past a wall, through the roof, or below the bare floor. */
export function outsideShell(s: Sheet, { outside, solid }: StationContext, f: Fixture): void {
  const code = outside(f);
  if (code !== null) s.find(code, SERVES.has(f.kind) ? 'short' : 'awkward', [f.id], {}, solid(f));
}
