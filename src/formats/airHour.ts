import { AIR_CP, rhOf, solverOf } from '@/core/air/hour';
import { WALL_DEG } from '@/core/air/house';
import { planHouse } from '@/core/air/planHouse';
import { cpOf } from '@/core/air/windPressure';
import { dayOf, type FlockByDay } from '@/core/birds/flock';
import { birdsHeat, fullestDay } from '@/core/birds/flockHeat';
import { vaporisationKjKg } from '@/core/birds/heat';
import type { Plan, Side } from '@/core/model/schema';
import { humRatio, pressurePa, saturationPa } from '@/core/weather/psychrometrics';

/** One hour asked for by hand. */
export interface HourAsk {
  /** Outdoors, °C, and relative humidity, over ice below 0 °C, 0…1. */
  readonly outC: number;
  readonly rh: number;
  /** Wind at the eaves, m/s, and the wall that it blows on to. */
  readonly windMS: number;
  readonly face: Side;
  /** Sun that comes in as heat, W. */
  readonly solarW: number;
  /** How busy the birds are by the day's mean, and what share is inside. */
  readonly activity: number;
  readonly inside: number;
  /** Share of each opening that can be shut, and of the birds' doors, that is open, 0…1. */
  readonly closable: number;
  readonly doors: number;
}

export const STILL_HOUR: HourAsk = {
  outC: 0,
  rh: 0.8,
  windMS: 0,
  face: 'front',
  solarW: 0,
  activity: 1,
  inside: 1,
  closable: 1,
  doors: 0,
};

/** One hour of a plan's coop with the birds of its fullest day, for checking by other programs; inflow is positive. */
export function airHourJson(plan: Plan, flock: FlockByDay, ask: HourAsk) {
  const house = planHouse(plan);
  const air = pressurePa(plan.climate?.altitudeM ?? 0);
  const day = fullestDay(flock);
  const birds = birdsHeat(flock, day);
  const outW = humRatio(ask.rh * saturationPa(ask.outC), air);
  const windDeg = WALL_DEG[ask.face];
  const share = ask.activity * ask.inside;
  const hour = {
    outC: ask.outC,
    outW,
    pressurePa: air,
    windMS: ask.windMS,
    layerW: birds.layerW * share,
    meatW: birds.meatW * share,
    coldHeld: false,
    otherW: ask.solarW,
    litterKgS: 0,
  };
  const open = Float64Array.from(house.openings, ({ id }) => {
    const f = plan.fixtures.find((x) => x.id === id);
    if (f?.kind === 'popDoor') return ask.doors;
    return (f?.kind === 'window' || f?.kind === 'vent') && f.opens === 'closable'
      ? ask.closable
      : 1;
  });
  const cp = Float64Array.from(house.openings, (o) => cpOf(o, windDeg));
  const out = solverOf(house).solve(hour, cp, 0, open);
  const flows = house.openings.map((o, j) => ({
    id: o.id,
    flowKgS: (out.inKgS[j] ?? 0) - (out.outKgS[j] ?? 0),
    inKgS: out.inKgS[j] ?? 0,
    outKgS: out.outKgS[j] ?? 0,
  }));
  const sourceKgS = out.latentW / (vaporisationKjKg(out.tiC) * 1000) + hour.litterKgS;
  return {
    on: dayOf(flock, day),
    tiC: out.tiC,
    rh: rhOf(out.wIn, out.tiC, air),
    wKgKg: out.wIn,
    openings: flows,
    airKgS: out.airKgS,
    toAndFroKgS: out.toAndFroKgS,
    uaWK: house.uaWK,
    sensibleW: out.sensibleW,
    latentW: out.latentW,
    extraMoistureKgS: hour.litterKgS,
    condensedKgS: out.condensedKgS,
    balance: {
      massKgS: flows.reduce((sum, f) => sum + f.flowKgS, 0),
      heatW:
        out.sensibleW + hour.otherW - (house.uaWK + out.airKgS * AIR_CP) * (out.tiC - hour.outC),
      moistureKgS: sourceKgS - out.airKgS * (out.wIn - outW) - out.condensedKgS,
    },
  };
}
