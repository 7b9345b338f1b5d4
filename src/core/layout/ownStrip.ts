import { meetInPlan } from '../geometry/forms';
import { inRun, solidOf } from '../geometry/solids';
import { isWalkedInto, SIDES } from '../geometry/walls';
import type { Finding } from '../kernel/finding';
import type { Plan, Side } from '../model/schema';
import type { Ground } from './ground';

/** Deep enough for a feed bin, m. Source: wide-rafter (assumption). */
const DEEP_M = 0.4;
/** Of the floor, so much is left over before the keeper takes a strip of it. Source: wide-rafter (assumption). */
const SPARE_SHARE = 0.25;

/** A coop with a strip of its keeper's own along a wall where nothing stands and nobody goes in or out. */
export interface Stripped {
  readonly plan: Plan;
  readonly findings: readonly Finding[];
  readonly wall: Side;
}

/**
 * A strip for feed bins and tools, where there is floor to spare; null where there is none.
 * @param floorShare  how much of the floor the birds ask for, 0…1
 * @param before      what is found without it: nothing more may be found with it
 * @example withOwnStrip(ground, plan, 1, []) // null
 */
export function withOwnStrip(
  ground: Ground,
  plan: Plan,
  floorShare: number,
  before: readonly Finding[],
): Stripped | null {
  const { shell } = plan;
  if (!isWalkedInto(plan) || shell.storage !== null) return null;
  const depthM = ground.up(DEEP_M);
  for (const wall of SIDES) {
    const across = wall === 'front' || wall === 'rear' ? shell.widthM : shell.lengthM;
    if (floorShare + depthM / across > 1 - SPARE_SHARE) continue;
    if (!isFree(plan, wall, depthM)) continue;
    const own: Plan = { ...plan, shell: { ...shell, storage: { wall, depthM } } };
    const { findings } = ground.judge(own);
    if (findings.length <= before.length) return { plan: own, findings, wall };
  }
  return null;
}

/** Whether nothing stands in the strip, and no bird goes in or out through its wall. */
function isFree(plan: Plan, wall: Side, depthM: number): boolean {
  const { lengthM, widthM } = plan.shell;
  const strip = {
    x0: wall === 'right' ? lengthM - depthM : 0,
    x1: wall === 'left' ? depthM : lengthM,
    y0: wall === 'rear' ? widthM - depthM : 0,
    y1: wall === 'front' ? depthM : widthM,
  };
  return plan.fixtures.every((f) => {
    if (f.kind === 'popDoor' || f.kind === 'hatch') return f.wall !== wall;
    if ('wall' in f || f.kind === 'ceiling' || f.kind === 'ledge' || inRun(f)) return true;
    return !meetInPlan({ ...strip, z0: 0, z1: 1 }, solidOf(f, plan));
  });
}
