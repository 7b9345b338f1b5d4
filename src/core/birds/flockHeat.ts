import { REFERENCE_HEN_KG } from '../model/classes.data';
import { type FlockByDay, livingOn } from './flock';
import { heatOfW } from './heat';
import type { Lot } from './lots';

/** Total heat at 20 °C of birds by how they are worked, at the mean of the day, W. */
export interface BirdsHeat {
  readonly layerW: number;
  readonly meatW: number;
  /** As hens of 2.2 kg, by mass^0.75: what they drop. */
  readonly hens: number;
}

/**
 * Heat at 20 °C of all that live in the coop on a day of the horizon.
 * @example birdsHeat(flock, 0).meatW // 0
 */
export function birdsHeat(flock: FlockByDay, d: number): BirdsHeat {
  let [layerW, meatW, hens] = [0, 0, 0];
  flock.lots.forEach((lot, i) => {
    const c = flock.columns[i];
    const living = c?.living[d] ?? 0;
    if (!c || living === 0) return;
    const meat = lot.breed.kind === 'meat';
    const eggKg = (c.eggs[d] ?? 0) * lot.breed.eggKg;
    const metabolic = (c.massKg[d] ?? 0) ** 0.75;
    hens += living * (metabolic / REFERENCE_HEN_KG ** 0.75);
    const each = heatOfW(metabolic, eggKg, meat ? 'meat' : 'layer');
    if (meat) meatW += living * each;
    else layerW += living * each;
  });
  return { layerW, meatW, hens };
}

/** The day of the horizon on which those that live here give off most heat. */
export function fullestDay(flock: FlockByDay): number {
  let [best, most] = [0, -1];
  for (const { d } of flock.looked) {
    if (livingOn(flock, d).every((n) => n === 0)) continue;
    const { layerW, meatW } = birdsHeat(flock, d);
    if (layerW + meatW > most) [best, most] = [d, layerW + meatW];
  }
  return best;
}

/** Heat of lots as they are full grown, laying as their breed does at best. */
export function grownHeat(lots: readonly Lot[]): BirdsHeat {
  let [layerW, meatW, hens] = [0, 0, 0];
  for (const { breed, count, massKg, sex } of lots) {
    const metabolic = massKg ** 0.75;
    const eggKg = sex === 'hen' ? (breed.eggsYear / 365) * breed.eggKg : 0;
    hens += count * (metabolic / REFERENCE_HEN_KG ** 0.75);
    if (breed.kind === 'meat') meatW += count * heatOfW(metabolic, 0, 'meat');
    else layerW += count * heatOfW(metabolic, eggKg, 'layer');
  }
  return { layerW, meatW, hens };
}
