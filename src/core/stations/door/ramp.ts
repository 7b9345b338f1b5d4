import type { Lot } from '../../birds/lots';
import { below } from '../../kernel/units/number';
import { ENTERED, KEEPERS } from '../../kernel/working';
import type { Plan, PopDoor } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import type { Sheet } from '../sheet';
import { DOOR_WORKINGS as W } from './door.working';

const slopeDeg = (rise: number, length: number): number =>
  (Math.asin(Math.min(1, rise / length)) * 180) / Math.PI;

/**
 * Cleats as close as the slope asks: 0.20 m to 20°, closing evenly to 0.14 m at 35°.
 * @example cleatPitchM(27.5) // 0.17
 */
export function cleatPitchM(deg: number): number {
  const [flat, steep] = [ruled('door.cleat.flat'), ruled('door.cleat.steep')];
  const [from, to] = [ruled('door.cleat.flatTo'), ruled('door.cleat.steepAt')];
  const share = Math.min(1, Math.max(0, (deg - from) / (to - from)));
  return flat + share * (steep - flat);
}

export function rampFigures(s: Sheet, plan: Plan, door: PopDoor) {
  if (door.ramp === null) return null;
  const rise = plan.shell.floorAboveGroundM;
  return s.worked(
    `door.${door.id}.slope`,
    W['door.slope'],
    {
      rise,
      length: door.ramp.lengthM,
      slope: slopeDeg(rise, door.ramp.lengthM),
    },
    ENTERED,
  );
}

export function ofRamp(s: Sheet, plan: Plan, door: PopDoor, lots: readonly Lot[]): void {
  const { ramp } = door;
  if (ramp === null) return;
  const slope = rampFigures(s, plan, door);
  const steepest = Math.min(...lots.map((lot) => lot.class.ramp[0]));
  const widest = Math.max(...lots.map((lot) => lot.class.ramp[1]));
  if (slope && below(steepest, slope.value)) {
    s.find('door.ramp.steep', 'awkward', [door.id], {
      slope,
      allowed: s.rule('door.ramp.steepest', 'degrees', steepest, KEEPERS),
      rise: s.entered('shell.floorAboveGround', 'm', plan.shell.floorAboveGroundM),
    });
  }
  if (below(ramp.widthM, widest)) {
    s.find('door.ramp.narrow', 'awkward', [door.id], {
      width: s.entered(`door.${door.id}.ramp.width`, 'm', ramp.widthM),
      needed: s.rule('door.ramp.width', 'm', widest, KEEPERS),
    });
  }
  if (!slope || slope.value === 0) return;
  const pitch = cleatPitchM(slope.value);
  const allowed = s.worked(
    `door.${door.id}.ramp.pitch`,
    W['door.cleats'],
    {
      slope: slope.value,
      flat: ruled('door.cleat.flat'),
      steep: ruled('door.cleat.steep'),
      flatTo: ruled('door.cleat.flatTo'),
      steepAt: ruled('door.cleat.steepAt'),
      pitch,
    },
    KEEPERS,
  );
  s.fact('door.cleat.size');
  if (ramp.cleatM === 0 || below(pitch, ramp.cleatM)) {
    s.find('door.ramp.cleats', 'awkward', [door.id], {
      cleats: s.entered(`door.${door.id}.ramp.cleats`, 'm', ramp.cleatM),
      allowed,
    });
  }
}
