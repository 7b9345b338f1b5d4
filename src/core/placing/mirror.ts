import { solidOf } from '../geometry/solids';
import { OPPOSITE } from '../geometry/walls';
import { tidy } from '../kernel/units/number';
import { barrelsWideM } from '../model/barrelForm';
import type { Fixture, Plan, Rain, Side } from '../model/schema';
import { spanOf } from './lines';

const turned = (side: Side, axis: 'x' | 'y'): Side =>
  (side === 'left' || side === 'right') === (axis === 'x') ? OPPOSITE[side] : side;

/**
 * A fixture as in a mirror across the middle of the coop: what stood at one wall stands at the other.
 * @param axis  x: left and right are exchanged; y: front and rear
 * @example mirrored({ ...bar, axis: 'x', x: 0.5, lengthM: 2 }, plan, 'x').x // 1.5 (of 4 m)
 */
export function mirrored<F extends Fixture>(fixture: F, plan: Plan, axis: 'x' | 'y'): F {
  const lengthM = axis === 'x' ? plan.shell.lengthM : plan.shell.widthM;
  const next: Fixture = { ...fixture };
  if ('wall' in next) {
    const runs = next.wall === 'front' || next.wall === 'rear' ? 'x' : 'y';
    if (runs === axis) next.alongM = tidy(lengthM - next.alongM - next.widthM);
    else next.wall = OPPOSITE[next.wall];
    return next as F;
  }
  const [low, high] = spanOf(solidOf(fixture, plan), axis);
  // what is written of it stands as far from its other side as before from the one
  const by = lengthM - high - low;
  if (axis === 'x') next.x = tidy(next.x + by);
  else next.y = tidy(next.y + by);
  if (next.kind === 'nestBank') next.faces = turned(next.faces, axis);
  return next as F;
}

/** Barrel and gutters as in a mirror: at the other wall, or as far from the other end of their own. */
function mirroredRain(rain: Rain, lengthM: number, axis: 'x' | 'y'): Rain {
  const { barrel, eaves } = rain;
  const runs = barrel.side === 'front' || barrel.side === 'rear' ? 'x' : 'y';
  const place =
    runs === axis
      ? { alongM: tidy(lengthM - barrel.alongM - barrelsWideM(barrel)) }
      : { side: OPPOSITE[barrel.side] };
  return { ...rain, eaves: eaves.map((e) => turned(e, axis)), barrel: { ...barrel, ...place } };
}

/** A whole plan as in a mirror: its fixtures, its roof, its rain, the keeper's own strip and its mesh wall. */
export function mirroredPlan<P extends Plan>(plan: P, axis: 'x' | 'y'): P {
  const { shell, partition } = plan;
  const { roof, storage } = shell;
  const lengthM = axis === 'x' ? shell.lengthM : shell.widthM;
  return {
    ...plan,
    shell: {
      ...shell,
      roof: roof.kind === 'mono' ? { ...roof, highSide: turned(roof.highSide, axis) } : roof,
      storage: storage && { ...storage, wall: turned(storage.wall, axis) },
    },
    partition:
      partition && partition.axis === axis
        ? { ...partition, atM: tidy(lengthM - partition.atM) }
        : partition,
    rain: plan.rain && mirroredRain(plan.rain, lengthM, axis),
    fixtures: plan.fixtures.map((f) => mirrored(f, plan, axis)),
  };
}
