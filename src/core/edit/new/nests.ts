import { type FlockSizes, flockSizes } from '../../birds/flockSizes';
import { barsOf } from '../../geometry/bars';
import { freeSpot } from '../../geometry/freeRoom';
import { gapInPlan } from '../../geometry/segments';
import { boxesPerTier, solidOf } from '../../geometry/solids';
import { wholeUp } from '../../kernel/units/number';
import { litterEndM } from '../../model/litter';
import type { NestBank, Plan, Side } from '../../model/schema';
import { tape } from '../../model/tape';
import { chosenSchool, RULE_BOOK } from '../../rules/book';
import { ruled } from '../../rules/rules.data';
import { named } from './named';
import { withDoorToCome } from './openings';
import { bankOf, stepUpTo } from './parts';
import { barsToComeM, SPARE_M, usualLipZ } from './toCome';

/** A hen's lip stands no lower over litter as it starts, m. */
const LOW_LIP_M = 0.3;

/**
 * A further bank of boxes, large enough for the largest hens and as many as they ask for, out of the droppings and
 * away from the pop door, its lip where hens get to it and the keeper need not stoop.
 */
export function newNestBank(plan: Plan, sizes = flockSizes(plan)): NestBank {
  const { up } = tape(plan);
  const school = chosenSchool(RULE_BOOK, plan.schools, 'nests.hens');
  const there = plan.fixtures.reduce((n, f) => n + (f.kind === 'nestBank' ? f.boxes : 0), 0);
  const needed = sizes.layers === 0 ? 2 : Math.max(2, wholeUp(sizes.layers / school.value));
  const onFloor = sizes.ducks && plan.flock.length === 1;
  const sleeping = barsOf(plan).flatMap((b) => (b.use === 'sleeping' ? [b.z] : []));
  const lipZ = onFloor
    ? up(litterEndM(plan) + 0.1)
    : up(
        Math.max(
          plan.litter.depthM + LOW_LIP_M + (sizes.ducks ? 0.01 : 0),
          litterEndM(plan) + ruled('nests.lip.final'),
          Math.min(
            usualLipZ(plan),
            // bars stand clear over it, and birds that sleep low sleep there
            plan.litter.depthM + sizes.highestM - ruled('roosts.aboveNests') - SPARE_M,
            // the bars that are there stay where they are
            Math.min(...sleeping) - ruled('roosts.aboveNests') - SPARE_M,
          ),
        ),
      );
  const boxes = Math.max(1, there === 0 ? needed : needed - there);
  const stepZ = stepUpTo(plan, lipZ, sizes.hopM, up);
  const made = bankOf({ ...named(plan, 'nestBank'), lipZ, boxes, stepZ }, plan, sizes.boxM);
  const rearM = barsToComeM(plan, sizes);
  const toCome = withDoorToCome(plan, sizes);
  return (
    againstWall(toCome, made, sizes, rearM) ??
    againstWall(plan, made, sizes, rearM) ??
    againstWall(plan, made, sizes) ??
    made
  );
}

/**
 * A bank against the wall that is darkest and free: out of the droppings, clear of things, doorways and the pop door's light.
 * @param rearM  left free along the rear wall, m
 * @example againstWall(plan, bank, sizes)?.faces // 'right'
 */
export function againstWall(
  plan: Plan,
  bank: NestBank,
  sizes: Pick<FlockSizes, 'heaviestOnBarsKg'>,
  rearM = 0,
): NestBank | null {
  const across = boxesPerTier(bank) * bank.boxW;
  const { lengthM, widthM } = plan.shell;
  const faces: readonly Side[] = ['right', 'left', 'rear', 'front'];
  const doors = plan.fixtures.filter((f) => f.kind === 'popDoor').map((f) => solidOf(f, plan));
  const dark = ruled('nests.light.apart');
  for (const face of faces) {
    const alongX = face === 'front' || face === 'rear';
    if (across > (alongX ? lengthM : widthM)) continue;
    const turned = { ...bank, faces: face };
    const at = (x: number, y: number): NestBank => ({ ...turned, x, y });
    const flush = {
      right: (x: number) => x < 0.03,
      left: () => true,
      rear: (_: number, y: number) => y < 0.03,
      front: () => true,
    }[face];
    const flushAt = (x: number, y: number): NestBank =>
      at(toWall(face, x, lengthM - bank.boxD), toWall(face, y, widthM - bank.boxD, true));
    const own = { id: bank.id, at: (x: number, y: number) => solidOf(flushAt(x, y), plan) };
    const spot = freeSpot(plan, sizes.heaviestOnBarsKg, own, {
      only: (here, x, y) =>
        flush(x, y) &&
        here.y1 <= widthM - rearM + 1e-9 &&
        doors.every((d) => gapInPlan(d, here) >= dark),
    });
    if (spot) return flushAt(spot.x, spot.y);
  }
  return null;
}

/** A bank stands with its back to the wall: to the last digit. */
function toWall(face: Side, at: number, farM: number, isY = false): number {
  if (!isY) return face === 'right' ? 0 : face === 'left' ? farM : at;
  return face === 'rear' ? 0 : face === 'front' ? farM : at;
}
