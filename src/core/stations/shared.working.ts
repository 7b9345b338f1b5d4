import { type Unit, working } from '../kernel/working';
import { REFERENCE_HEN_KG } from '../model/classes.data';
import { standardKg } from '../rules/book';
import type { Scale } from '../rules/types';

const POWER: Readonly<Record<Scale, number>> = {
  none: 0,
  length: 1 / 3,
  sideways: 1 / 3,
  area: 2 / 3,
};

/** A rule brought to one bird: rule × (mass ÷ 2.2 kg)^power. */
export const scaledSpec = (unit: Unit, given: 'school' | 'keepers') =>
  working({
    result: 'scaled',
    lines: {
      rule: { unit, given },
      mass: { unit: 'kg', given: 'found' },
      reference: { unit: 'kg', given: 'keepers' },
      power: { unit: 'ratio', given: 'wide-rafter' },
      scaled: { unit, formula: 'rule * (mass / reference)^power' },
    },
  });

/**
 * How a rule was brought to a bird of another mass, kg: what its working shows.
 * @param rule  m or m², for the hen of 2.2 kg
 * @param mass  kg
 * @param scaled  m or m², for the bird
 * @example scaledParts(0.3, 2.2, 'length', 0.3) // { rule: 0.3, mass: 2.2, reference: 2.2, power: 0.33333, scaled: 0.3 }
 */
export const scaledParts = (rule: number, mass: number, scale: Scale, scaled: number) => ({
  rule,
  mass,
  reference: scale === 'sideways' ? standardKg(mass) : REFERENCE_HEN_KG,
  power: POWER[scale],
  scaled,
});

/** Need against there: how much is missing. */
export const missingSpec = (unit: Unit) =>
  working({
    result: 'missing',
    lines: {
      needed: { unit, given: 'found' },
      there: { unit, given: 'found' },
      missing: { unit, formula: 'needed - there' },
    },
  });

/** A figure that is what was typed, or a count of it. */
export const plainSpec = (unit: Unit, given: 'entered' | 'school' | 'keepers' | 'found') =>
  working({ result: 'value', lines: { value: { unit, given } } });

/** The largest flock that fits, brought to the planned flock. */
export const capacityLines = {
  fitting: { unit: 'birds', formula: 'sum(fitted)' },
  present: { unit: 'birds', given: 'found' },
  planned: { unit: 'birds', given: 'found' },
  carries: { unit: 'birds', formula: 'wholeDown(fitting * planned / present)' },
} as const;
