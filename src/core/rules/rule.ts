import type { Evidence } from '../kernel/evidence';
import type { Unit } from '../kernel/working';
import type { Scale } from './types';

/** Units that only formulas have: no figure is told in them. */
export type FormulaUnit =
  | 'm/kg^(1/3)'
  | '1/day'
  | 'W/kg^0.75'
  | 'W/(kg/day)'
  | '‰/K'
  | '1/°C^6'
  | '1/°C^2'
  | 'kJ/kg'
  | 'm³/s'
  | 'kJ/(kg K)'
  | 'kcal/(day kg^0.75)'
  | 'kcal/(day kg^0.75 K)'
  | 'kg/(day kg^0.75)'
  | '%'
  | 'mm'
  | 'mm/h'
  | '1/year'
  | 'K'
  | 'W/K'
  | 'W/(m K)'
  | 'm2K/W'
  | 'm/s'
  | 'ppm'
  | 'day'
  | 'nights'
  | 'years';

/** A single figure of the trade on which no school is chosen in the plan; `src/text/ruleWords.data.ts` says what it is. */
export interface Rule<U extends Unit | FormulaUnit = Unit | FormulaUnit> {
  /** SI, in `unit`, for a medium hen of 2.2 kg where it scales. */
  readonly value: number;
  readonly unit: U;
  readonly scale: Scale;
  readonly evidence: Evidence;
  readonly source: string;
}

type Made = <U extends Unit | FormulaUnit>(value: number, unit: U, scale?: Scale) => Rule<U>;

/** A rule of the trade by how well it is known. */
const rule =
  (evidence: Evidence, source: string): Made =>
  (value, unit, scale = 'none') => ({ value, unit, scale, evidence, source });

export const keepers = rule('keepers', 'keepers');
export const assumed = rule('assumption', 'wide-rafter');
export const statutory = rule('statutory', 'eu-1999-74');
/**
 * A rule that was published, with its source.
 * @param value  SI, in `unit`
 * @example published(0.5, 'm', 'a paper').evidence // 'published'
 */
export const published = <U extends Unit | FormulaUnit>(
  value: number,
  unit: U,
  source: string,
): Rule<U> => rule('published', source)(value, unit);
