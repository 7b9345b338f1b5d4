import { ruled } from '../rules/rules.data';

/** What a bird gives off at an air temperature, at house level. */
export interface BirdHeat {
  /** W. */
  readonly totalW: number;
  readonly sensibleW: number;
  /** Water vapour, kg/h. */
  readonly vapourKgH: number;
}

/** Validity of the formulas, °C; outside it they are worked at the bound. */
export const HEAT_RANGE_C = [-20, 40] as const;

/** W per kg^0.75 at 20 °C: hens, pullets and cocks; meat birds. */
const LAYER_W = ruled('heat.layer');
const MEAT_W = ruled('heat.meat');
/** W per kg of eggs a day. */
const EGG_W = ruled('heat.egg');
const PER_K = ruled('heat.perKelvin');
const [HEN_SENSIBLE, HEN_LESS] = [ruled('heat.sensible.layer'), ruled('heat.sensible.layer.t6')];
const [MEAT_SENSIBLE, MEAT_LESS] = [ruled('heat.sensible.meat'), ruled('heat.sensible.meat.t2')];
const [VAPORISE, VAPORISE_LESS] = [ruled('heat.vaporise'), ruled('heat.vaporise.less')];

/**
 * Total heat of one bird at 20 °C, W.
 * @param massKg    live mass, kg, above 0
 * @param eggKgDay  egg mass laid a day, kg; 0 for birds that do not lay
 * @source          cigr-2002: hens on litter, pullets, meat birds
 * @throws          RangeError where the mass is not above 0 (NaN too)
 * @example         heatAt20W(2.2, 0.05, 'layer') // 13.534
 */
export function heatAt20W(massKg: number, eggKgDay: number, kind: 'layer' | 'meat'): number {
  if (!(massKg > 0)) throw new RangeError(`a bird's mass must be above 0 kg, not ${massKg}`);
  return heatOfW(massKg ** 0.75, eggKgDay, kind);
}

/**
 * `heatAt20W` where mass^0.75 is known already.
 * @param metabolicMass  live mass to the power 0.75, kg^0.75
 * @example heatOfW(2.2 ** 0.75, 0.05, 'layer') // 13.534
 */
export const heatOfW = (metabolicMass: number, eggKgDay: number, kind: 'layer' | 'meat'): number =>
  kind === 'meat' ? MEAT_W * metabolicMass : LAYER_W * metabolicMass + EGG_W * eggKgDay;

/**
 * Heat and vapour of one bird, drying of normal droppings and litter included.
 * @param at20W     total heat at 20 °C, W
 * @param airC      air temperature, °C; held within −20…40
 * @param coldHeld  below 0 °C keep the total at its 0 °C value (assumption, for a year's run:
 *                  otherwise birds give off more than they eat)
 * @source          cigr-2002: total, sensible and latent heat at house level.   Accuracy: ±10 % between flocks
 * @example         birdHeat(13.534, -5, 'layer', false).sensibleW // 13.602
 */
export function birdHeat(
  at20W: number,
  airC: number,
  kind: 'layer' | 'meat',
  coldHeld: boolean,
): BirdHeat {
  const totalW = at20W * totalBy20(airC, coldHeld);
  const sensibleW = at20W * sensibleBy20(airC, kind, coldHeld);
  const t = heldC(airC);
  return { totalW, sensibleW, vapourKgH: ((totalW - sensibleW) * 3.6) / vaporisationKjKg(t) };
}

const heldC = (airC: number): number => Math.min(HEAT_RANGE_C[1], Math.max(HEAT_RANGE_C[0], airC));

/**
 * Total heat at an air temperature, by that at 20 °C.
 * @param airC      °C; held within −20…40
 * @param coldHeld  below 0 °C keep the value of 0 °C
 * @source          cigr-2002
 * @example         totalBy20(-5, false) // 1.5
 */
export function totalBy20(airC: number, coldHeld: boolean): number {
  const t = heldC(airC);
  return (1000 + PER_K * (20 - (coldHeld && t < 0 ? 0 : t))) / 1000;
}

/**
 * Sensible heat at an air temperature, at house level, by total heat at 20 °C.
 * @param airC      °C; held within −20…40
 * @param coldHeld  below 0 °C keep the total at its 0 °C value
 * @source          cigr-2002
 * @example         sensibleBy20(20, 'layer', false) // 0.664
 */
export function sensibleBy20(airC: number, kind: 'layer' | 'meat', coldHeld: boolean): number {
  const t = heldC(airC);
  const warmed = 1000 + PER_K * (20 - t);
  const bare =
    kind === 'meat'
      ? MEAT_SENSIBLE * warmed - MEAT_LESS * t ** 2
      : HEN_SENSIBLE * warmed - HEN_LESS * t ** 6;
  return (totalBy20(t, coldHeld) * Math.max(0, bare)) / warmed;
}

/**
 * Heat that a kilogram of water takes to evaporate, kJ/kg. Source: cigr-2002.
 * @example vaporisationKjKg(20) // 2453.8
 */
export const vaporisationKjKg = (airC: number): number => VAPORISE - VAPORISE_LESS * airC;
