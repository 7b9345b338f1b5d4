import { type AirNeeds, airNeedsOf } from '../../air/needs';
import { panesOf, shellLoss } from '../../air/shellHeat';
import { windHere } from '../../air/windPressure';
import { livingOn, massThen } from '../../birds/flock';
import { birdsHeat, fullestDay } from '../../birds/flockHeat';
import { demandOf } from '../../carrying/asked';
import { letsAir } from '../../model/opens';
import type { Side } from '../../model/schema';
import { scaleToBird } from '../../rules/book';
import type { StationContext } from '../context';

/** Areas worked for the birds and the place, and what they were worked from. */
export interface Computed {
  readonly needs: AirNeeds;
  /** The birds that they were worked for, as medium hens by area, and their day of the horizon. */
  readonly birds: number;
  readonly day: number;
  /** Their heat at 20 °C, by the mean of the day, W. */
  readonly heatW: number;
  readonly lossWK: number;
}

const SIDES: readonly Side[] = ['front', 'right', 'rear', 'left'];

/**
 * Areas by the coop's own heat and damp; null where the plan has no climate, or nobody lives here.
 * Worked anew only where birds, place, shell, litter or panes are other ones.
 */
export function computedIn(ctx: StationContext): Computed | null {
  const { plan, flock, of } = ctx;
  const { climate } = flock;
  // a window that can be opened is open in the heat; its pane changes what the cold asks for but little
  const panes = panesOf(of('window').filter((w) => !letsAir(w)));
  const { shell } = plan;
  const { depthM } = plan.litter;
  const { treesOver } = plan.site;
  const from = [flock, plan.climate, shell, depthM, treesOver, ...SIDES.map((s) => panes[s])];
  return ctx.kept('air.computed', from, () => {
    if (climate === null) return null;
    const day = ctx.kept('air.fullest', [flock], () => fullestDay(flock));
    const heat = birdsHeat(flock, day);
    const heatW = heat.layerW + heat.meatW;
    if (heatW === 0) return null;
    const shares = flock.lots.map((_, i) => scaleToBird(1, massThen(flock, i, day), 'area'));
    return {
      needs: airNeedsOf(
        { shell, litterM: depthM, panes, treesOver, climate: plan.climate, birds: heat },
        climate.hours,
      ),
      birds: demandOf(livingOn(flock, day), shares),
      day,
      heatW,
      lossWK: shellLoss(shell, depthM, panes).allWK,
    };
  });
}

/** What a worked area follows from, and its share for the birds of a day. */
export function computedParts(
  ctx: StationContext,
  { needs, birds, heatW, lossWK }: Computed,
  season: 'winter' | 'summer',
  { asking }: { readonly asking: number },
) {
  const hours = ctx.flock.climate?.hours;
  const need = needs[season];
  const hour = season === 'winter' ? hours?.night : hours?.day;
  return {
    heat: heatW,
    loss: lossWK,
    outdoors: hour?.outC ?? 0,
    wind: windHere(ctx.plan, hour?.windMS ?? 0),
    inside: need.tiC,
    damp: need.rh,
    worked: need.netM2,
    birds,
    asking,
    needed: (need.netM2 * asking) / birds,
  };
}
