import { dayOf } from '../../birds/flock';
import { below } from '../../kernel/units/number';
import { ENTERED, KEEPERS } from '../../kernel/working';
import type { Drinker } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import { vesselKind } from '../../rules/vesselKinds.data';
import { barrelsL } from '../../stores/rain/roof';
import { askedOf, type CarryingStation, type StationContext, schoolFor } from '../context';
import type { Sheet } from '../sheet';
import { access, accessDemand } from '../vessels/access';
import { madeFigures } from '../vessels/homeMade';
import { twoApart, vesselRules } from '../vessels/standing';
import {
  capacityL,
  drinkersOf,
  reachedOn,
  sharedBy,
  vesselFigures,
  vesselsWithin,
} from '../vessels/vessels';
import { VESSEL_WORKINGS as W } from '../vessels/vessels.working';
import { frostFigures, frostRules } from './frost';
import { barrelRules, onBarrel, rainFigures, rainRules } from './rain';

/** Water: outlets for all, at their height, for the days between fills, clean and dry round about. */
export const waterStation: CarryingStation = {
  id: 'water',
  topic: null,
  entered: (plan) => drinkersOf(plan).length > 0,
  supply: (ctx) => sharedBy(vesselsWithin(ctx.of('drinker'), ctx), ctx.plan),
  demand: (ctx) => accessDemand(ctx, ctx.of('drinker')),
  judge: (s, ctx, asked) => {
    const carry = askedOf(asked.carry);
    const drinkers = ctx.of('drinker');
    const { plan, flock } = ctx;
    s.explain(() => {
      for (const v of drinkers) {
        vesselFigures(s, v);
        madeFigures(s, ctx, v);
      }
      rainFigures(s, ctx);
      frostFigures(s, ctx);
    });
    if (carry.state !== 'carries') return;
    vesselRules(s, ctx, drinkers, carry.needOn);
    access(s, ctx, 'water', drinkers, carry, asked.short);
    s.part(
      'water.all',
      [drinkers, flock, plan.fills, plan.litter, plan.rain, plan.shell],
      (own) => {
        twoApart(own, plan, 'water', drinkers, flock.planned);
        daysHeld(own, ctx, drinkers);
      },
    );
    for (const v of drinkers) s.part('water.one', [flock], (own) => ofDrinker(own, ctx, v), v);
    const wet = [drinkers, flock, plan.rain, plan.shell, plan.site, plan.climate];
    const screens = schoolFor(ctx, 'rain.screens');
    s.part('water.rain', [...wet, screens], (own) => rainRules(own, ctx));
    const [people, birds, hatches] = [ctx.of('door'), ctx.of('popDoor'), ctx.of('hatch')];
    s.part('water.barrel', [people, birds, hatches, plan.rain, plan.shell], (own) =>
      barrelRules(own, plan, [...people, ...birds, ...hatches]),
    );
    s.part('water.frost', wet, (own) => frostRules(own, ctx, drinkers));
  },
};

function daysHeld(s: Sheet, ctx: StationContext, drinkers: readonly Drinker[]): void {
  const peak = ctx.flock.peaks.coopWaterL;
  if (drinkers.length === 0 || peak === null) return;
  // what nobody gets at waters nobody
  const litres = reachedOn(drinkers, ctx, peak.d).map(capacityL);
  if (litres.length === 0) return;
  // what hangs on its line has the barrel as well
  const { rain } = ctx.plan;
  const barrel = rain !== null && onBarrel(ctx).length > 0 ? barrelsL(rain) : 0;
  const days = s.worked(
    'water.days',
    W['water.days'],
    {
      litres,
      barrel,
      intake: peak.value,
      days: (litres.reduce((a, b) => a + b, 0) + barrel) / peak.value,
    },
    KEEPERS,
  );
  const wanted = s.entered('water.days.wanted', 'days', ctx.plan.fills.waterDays);
  if (!below(days.value, ctx.plan.fills.waterDays)) return;
  s.find(
    'water.days.short',
    'short',
    drinkers.map((v) => v.id),
    { days, wanted, intake: s.found('water.intake', 'litresDay', peak.value, KEEPERS) },
    null,
    dayOf(ctx.flock, peak.d),
  );
}

function ofDrinker(s: Sheet, ctx: StationContext, v: Drinker): void {
  if (v.place === 'coop' && !v.tray) s.find('water.vessel.overLitter', 'awkward', [v.id], {});
  const { onLine, notBefore } = vesselKind(v);
  if (onLine) line(s, v);
  if (notBefore !== null) {
    const from = ruled(notBefore);
    const young = ctx.flock.lots.some(
      (lot) => lot.hatchedOn !== null && lot.arrivesOn - lot.hatchedOn < from,
    );
    if (young) s.find('water.bucket.chicks', 'harm', [v.id], { from: s.fact(notBefore) });
  }
}

function line(s: Sheet, v: Drinker): void {
  const above = ruled('water.tank.above');
  if (v.tankZ !== null && below(v.tankZ - v.rimZ, above)) {
    s.find('water.line.low', 'short', [v.id], {
      above: s.found(`water.vessel.${v.id}.head`, 'm', v.tankZ - v.rimZ, ENTERED),
      needed: s.fact('water.tank.above'),
    });
  }
  if (v.type === 'cup' && v.boreM !== null && below(v.boreM, ruled('water.bore'))) {
    s.find('water.line.narrow', 'awkward', [v.id], {
      bore: s.entered(`water.vessel.${v.id}.bore`, 'm', v.boreM),
      needed: s.fact('water.bore'),
    });
  }
}
