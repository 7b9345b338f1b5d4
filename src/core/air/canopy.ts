import { solidOf } from '../geometry/solids';
import type { Bar, Plan } from '../model/schema';
import { ruled } from '../rules/rules.data';
import { type HourIn, solverOf } from './hour';
import { type HouseOpening, houseOf } from './house';

/** A canopy's cloth lets so much heat through, W/m²K; how far it stands out from the bars and over them, and its slots, m. */
const CANOPY = { uWM2K: 4, outM: 0.3, overM: 0.6, underM: 0.3, slotM: 0.1 } as const;

/**
 * How warm it is under a canopy or curtain round the bars, open by a slot along its top and its foot: a small house in
 * the house, warmed by the birds that sleep in it.
 * @param tiC  in the coop, °C
 * @source wide-rafter (assumption): cloth of 4 W/m²K, slots of 10 cm
 * @example underCanopyC([bar], plan, { outC: 0, outW: 0.003, pressurePa: 101325, windMS: 0, layerW: 60, meatW: 0, coldHeld: true, otherW: 0, litterKgS: 0 }, 2) > 2 // true
 */
export function underCanopyC(bars: readonly Bar[], plan: Plan, hour: HourIn, tiC: number): number {
  const { round, tall, cloth } = canopyOf(bars, plan);
  const slot = (id: string, sillM: number): HouseOpening => ({
    ...{ id, face: 'given', cp: 0, cd: ruled('air.discharge'), heightM: CANOPY.slotM, sillM },
    netM2: round * CANOPY.slotM,
  });
  const tent = houseOf([slot('foot', 0), slot('top', tall - CANOPY.slotM)], CANOPY.uWM2K * cloth);
  const still = { ...hour, outC: tiC, windMS: 0, otherW: 0 };
  return solverOf(tent).solve(still, Float64Array.of(0, 0), 0, Float64Array.of(1, 1)).tiC;
}

/** A canopy round all bars: how far it runs round, how tall it is, m, and its cloth, m². */
export function canopyOf(bars: readonly Bar[], plan: Plan) {
  const solids = bars.map((b) => solidOf(b, plan));
  const size = (from: 'x0' | 'y0' | 'z0', to: 'x1' | 'y1' | 'z1'): number =>
    Math.max(...solids.map((s) => s[to])) - Math.min(...solids.map((s) => s[from]));
  const [long, deep] = [size('x0', 'x1') + 2 * CANOPY.outM, size('y0', 'y1') + 2 * CANOPY.outM];
  const tall = size('z0', 'z1') + CANOPY.overM + CANOPY.underM;
  const round = 2 * (long + deep);
  return { round, tall, cloth: round * tall + long * deep };
}
