import { below } from '../../kernel/units/number';
import { ASSUMED, KEEPERS } from '../../kernel/working';
import type { Drinker, Rain, Winter } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import { vesselKind } from '../../rules/vesselKinds.data';
import { FRESH_C, iceHours, type Lump } from '../../stores/frost/freeze';
import { heaterFor, INSULATE_ABOVE_W } from '../../stores/frost/heater';
import { barrelLump, firstToFreeze, heatedLump, lineLump } from '../../stores/frost/lumps';
import { holdingW, inFrost, pumpedLump } from '../../stores/frost/open';
import type { StationContext } from '../context';
import type { Sheet } from '../sheet';
import { capacityL } from '../vessels/vessels';
import { FROST_WORKINGS as W } from './rain.working';

/** The coldest night that is planned for, °C; null where none freezes, or where the place is not known. */
export function designFrostC({ flock }: Pick<StationContext, 'flock'>): number | null {
  const winterC = flock.climate?.design.winterC;
  return winterC !== undefined && below(winterC, 0) ? winterC : null;
}

/** Hours to ice of one lump, as figures: to 0 °C, and until its outlet is blocked. */
function iceFigures(s: Sheet, id: string, { litres, areaM2, uWM2K }: Lump, air: number) {
  const { toZeroH, toBlockedH } = iceHours({ litres, areaM2, uWM2K }, air);
  const parts = { litres, area: areaM2, loss: uWM2K, air };
  s.worked(`${id}.zero`, W['frost.zero'], { ...parts, fresh: FRESH_C, zero: toZeroH }, ASSUMED);
  const blocked = toZeroH + toBlockedH;
  return s.worked(
    `${id}.blocked`,
    W['frost.blocked'],
    { ...parts, zero: toZeroH, blocked },
    ASSUMED,
  );
}

/** What a heater must give to hold it on the coldest night: under that it is too weak. */
const wattsFigure = (s: Sheet, id: string, { areaM2, uWM2K }: Lump, air: number) =>
  s.worked(
    `${id}.watts`,
    W['frost.watts'],
    { area: areaM2, loss: uWM2K, air, watts: holdingW({ litres: 1, areaM2, uWM2K }, air) },
    ASSUMED,
  );

/** Hours to ice and watts of every drinker, of the barrel and of its line. */
export function frostFigures(s: Sheet, ctx: StationContext): void {
  const air = designFrostC(ctx);
  if (air === null) return;
  const { plan } = ctx;
  for (const v of ctx.of('drinker')) {
    iceFigures(s, `water.frost.${v.id}`, firstToFreeze(v, capacityL(v), plan), air);
    wattsFigure(s, `water.frost.${v.id}`, heatedLump(v, capacityL(v), plan), air);
  }
  if (plan.rain === null) return;
  iceFigures(s, 'water.frost.barrel', barrelLump(plan.rain), air);
  wattsFigure(s, 'water.frost.barrel', tankLump(plan.rain), air);
  iceFigures(s, 'water.frost.line', lineLump(plan.rain), air);
}

/** What the barrel's heater has to keep warm: its tank, and the line with it where a pump sends the water round. */
const tankLump = (rain: Rain): Lump => (rain.line.pump ? pumpedLump(rain) : barrelLump(rain));

/** What would freeze, and what is meant to keep it open and cannot. */
export function frostRules(s: Sheet, ctx: StationContext, drinkers: readonly Drinker[]): void {
  const air = designFrostC(ctx);
  if (air === null) return;
  const { plan } = ctx;
  for (const v of drinkers) {
    const { pastIt, watts } = inFrost(v, capacityL(v), plan);
    if (pastIt) pastTheLine(s, ctx, v, air);
    else if (v.winter.kind === 'nothing' && watts === 0) freezes(s, ctx, v, air);
    else if (!vesselKind(v).onLine) {
      heated(s, `water.frost.${v.id}`, [v.id], v.winter, heatedLump(v, capacityL(v), plan), air);
    }
  }
  const { rain } = plan;
  if (rain === null) return;
  const { winter } = rain.barrel;
  heated(s, 'water.frost.barrel', [], winter, tankLump(rain), air);
  // what is pumped round warm stays open; else the line is drained, or bursts
  const isPumped = winter.kind === 'heated' && rain.line.pump;
  if (!isPumped && !rain.line.drain) {
    const blocked = iceFigures(s, 'water.frost.line', lineLump(rain), air);
    s.find('water.line.undrained', 'awkward', [], { hours: blocked, air: airOf(s, air) });
  }
}

/** A heater that warms a tank, and not the line and the cups on it. */
function pastTheLine(s: Sheet, ctx: StationContext, v: Drinker, air: number): void {
  const lump = firstToFreeze(v, capacityL(v), ctx.plan);
  const hours = iceFigures(s, `water.frost.${v.id}`, lump, air);
  s.find('water.heater.past', 'short', [v.id], { hours, air: airOf(s, air) });
}

const airOf = (s: Sheet, air: number) => s.found('water.frost.air', 'celsius', air, KEEPERS);

function freezes(s: Sheet, ctx: StationContext, v: Drinker, air: number): void {
  const lump = firstToFreeze(v, capacityL(v), ctx.plan);
  const { toZeroH, toBlockedH } = iceHours(lump, air);
  // what is still open after a day and a night is filled again before
  if (!below(toZeroH + toBlockedH, ruled('water.frost.hours'))) return;
  const hours = iceFigures(s, `water.frost.${v.id}`, lump, air);
  s.find('water.frost.ice', 'awkward', [v.id], { hours, air: airOf(s, air) });
}

function heated(
  s: Sheet,
  id: string,
  fixtures: readonly string[],
  winter: Winter,
  lump: Lump,
  air: number,
): void {
  if (winter.kind !== 'heated') return;
  if (winter.immersed && !winter.cutOut) s.find('water.heater.cutOut', 'harm', fixtures, {});
  if (below(winter.watts, holdingW(lump, air))) {
    s.find('water.heater.weak', 'short', fixtures, {
      there: s.entered(`${id}.heater`, 'electricWatts', winter.watts),
      needed: wattsFigure(s, id, lump, air),
      air: airOf(s, air),
    });
  } else if (below(INSULATE_ABOVE_W, heaterFor(lump, air).needW)) {
    s.find('water.heater.insulate', 'awkward', fixtures, {
      needed: wattsFigure(s, id, lump, air),
      air: airOf(s, air),
    });
  }
}
