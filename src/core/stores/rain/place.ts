import { wallLength } from '../../geometry/walls';
import { barrelHighM, barrelsWideM } from '../../model/barrelForm';
import type { Fixture, OfKind, Plan, Rain, Side } from '../../model/schema';

type Door = OfKind<'door'> | OfKind<'popDoor'> | OfKind<'hatch'>;
const isDoor = (f: Fixture): f is Door =>
  f.kind === 'door' || f.kind === 'popDoor' || f.kind === 'hatch';

/** What of a plan a barrel's place hangs on. */
interface Beside extends Pick<Plan, 'shell'> {
  readonly fixtures: readonly Fixture[];
}
type Barrel = Rain['barrel'];

/**
 * Doors, pop doors and hatches that barrels stand before.
 * @returns those of the wall whose breadth and height the barrels cover a part of
 */
export function doorsBehind({ shell, fixtures }: Beside, barrel: Barrel): Door[] {
  const to = barrel.alongM + barrelsWideM(barrel);
  const top = barrel.standM + barrelHighM(barrel) - shell.floorAboveGroundM;
  return fixtures
    .filter(isDoor)
    .filter(
      (d) =>
        d.wall === barrel.side &&
        d.alongM < to - 1e-9 &&
        d.alongM + d.widthM > barrel.alongM + 1e-9 &&
        d.sillZ < top - 1e-9,
    );
}

/** Walls in the order that barrels are tried at them: its own, those at its ends, the one opposite. */
const WALLS_FROM: Readonly<Record<Side, readonly Side[]>> = {
  front: ['front', 'right', 'left', 'rear'],
  rear: ['rear', 'right', 'left', 'front'],
  left: ['left', 'front', 'rear', 'right'],
  right: ['right', 'front', 'rear', 'left'],
};

/**
 * The nearest place on its own wall where barrels stand before no door, or else on another wall.
 * @param onTape  to what a tape shows, never less, m
 * @returns null where there is none
 */
export function clearPlace(
  plan: Beside,
  barrel: Barrel,
  onTape: (m: number) => number,
): { readonly side: Side; readonly alongM: number } | null {
  for (const side of WALLS_FROM[barrel.side]) {
    const room = wallLength(plan, side) - barrelsWideM(barrel);
    if (room < 0) continue;
    const from = side === barrel.side ? Math.min(barrel.alongM, room) : 0;
    const places = Array.from({ length: Math.floor(room / 0.05) + 1 }, (_, i) => onTape(i * 0.05))
      .filter((m) => m <= room + 1e-9)
      .sort((a, b) => Math.abs(a - from) - Math.abs(b - from));
    const alongM = places.find(
      (m) => doorsBehind(plan, { ...barrel, side, alongM: m }).length === 0,
    );
    if (alongM !== undefined) return { side, alongM };
  }
  return null;
}
