import type { Drinker, Plan, Rain, Winter } from '../../model/schema';
import { vesselKind } from '../../rules/vesselKinds.data';
import { FOAM_M, type FrostOption, type FrostWay } from './compare';
import { asFount } from './fount';
import type { Thermostat } from './heater';

/** What stands round a drinker in each way, and what switches its heater; null: water is carried. */
const DRINKER_WAYS: readonly {
  readonly way: FrostWay;
  readonly wrap: Drinker['wrap'];
  readonly by: Thermostat | null;
}[] = [
  { way: 'carried', wrap: 'bare', by: null },
  { way: 'tyre', wrap: 'tyre', by: null },
  { way: 'foam', wrap: 'foam', by: null },
  { way: 'heater', wrap: 'bare', by: 'water' },
  { way: 'heaterByAir', wrap: 'bare', by: 'air' },
  { way: 'foamHeater', wrap: 'foam', by: 'water' },
];

const byOf = (winter: Winter): Thermostat | null => (winter.kind === 'heated' ? winter.by : null);

/** A heater of so many watts; what was said of the one before it still holds. */
const heater = (was: Winter, watts: number, by: Thermostat): Winter => ({
  immersed: false,
  cutOut: true,
  ...(was.kind === 'heated' ? was : {}),
  kind: 'heated',
  watts,
  by,
});

/**
 * The way a drinker is kept open now.
 * @returns null where nothing is done about frost, or what is done is none of the ways compared
 * @example drinkerWay({ kind: 'drinker', type: 'fount', winter: { kind: 'carried' }, wrap: 'foam' }) // 'foam'
 */
export function drinkerWay({
  kind,
  type,
  winter,
  wrap,
}: Pick<Drinker, 'kind' | 'type' | 'winter' | 'wrap'>): FrostWay | null {
  if (winter.kind === 'nothing') return null;
  // on a line nothing but carrying keeps its cups open
  if (vesselKind({ kind, type }).onLine) return winter.kind === 'carried' ? 'carried' : null;
  const by = byOf(winter);
  return DRINKER_WAYS.find((w) => w.wrap === wrap && w.by === by)?.way ?? null;
}

/**
 * A drinker is kept open in one of the ways compared: what stands round it, and a heater as large as it asks for.
 * Nothing changes where no heater is made for it.
 * @param v      changed in place
 * @param units  what a fount in its place is measured in
 */
export function takeDrinkerWay(
  v: Drinker,
  { way, heater: need }: Pick<FrostOption, 'way' | 'heater'>,
  units: Plan['units'],
): void {
  if (way === 'fountHeater') {
    if (need?.sizeW) {
      const winter = heater(v.winter, need.sizeW, 'water');
      Object.assign(v, asFount(v, units), { winter, wrap: 'bare' });
    }
    return;
  }
  const taken = DRINKER_WAYS.find((w) => w.way === way);
  if (!taken) return;
  if (taken.by === null) v.winter = { kind: 'carried' };
  else if (need?.sizeW) v.winter = heater(v.winter, need.sizeW, taken.by);
  else return;
  v.wrap = taken.wrap;
}

/**
 * The way a barrel and its line are kept open now.
 * @returns null where the line stays full without heat, or the tank is heated and its water is not sent round
 */
export function barrelWay({ barrel, line }: Pick<Rain, 'barrel' | 'line'>): FrostWay | null {
  if (barrel.winter.kind !== 'heated') return line.drain ? 'drained' : null;
  if (!line.pump) return null;
  return barrel.wrap === 'foam' ? 'foamPumped' : 'pumped';
}

/**
 * A barrel and its line are kept open in one of the ways compared. Nothing changes where no heater is made for it.
 * @param rain  changed in place
 */
export function takeBarrelWay(
  { barrel, line }: Pick<Rain, 'barrel' | 'line'>,
  { way, heater: need }: Pick<FrostOption, 'way' | 'heater'>,
): void {
  if (way === 'drained') {
    line.drain = true;
    line.pump = false;
    barrel.winter = { kind: 'nothing' };
    return;
  }
  if (!need?.sizeW) return;
  barrel.winter = heater(barrel.winter, need.sizeW, 'water');
  line.pump = true;
  if (way !== 'foamPumped') return;
  barrel.wrap = 'foam';
  line.foamM = Math.max(line.foamM, FOAM_M);
}
