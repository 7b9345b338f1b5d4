import Papa from 'papaparse';
import type { Assessment } from '@/core/assess';
import { KILOGRAMS_PER_POUND, LITRES_PER_GALLON } from '@/core/kernel/units/factors.data';
import type { Plan } from '@/core/model/schema';
import { type FileOut, fileStem } from './fileOut';

/**
 * What the flock gives and asks, a row a month, as CSV: in the plan's units, which the headings name.
 * Names that would be read as formulas by a spreadsheet are made plain text.
 */
export function demandCsv(
  plan: Pick<Plan, 'name' | 'units'>,
  { months, figures }: Pick<Assessment, 'months' | 'figures'>,
): FileOut {
  const value = (id: string, unit = 1): number =>
    Math.round(((figures.get(id)?.value ?? 0) / unit) * 1000) / 1000;
  const metric = plan.units === 'metric';
  const rows = months.map((m) => ({
    plan: plan.name,
    month: m.month,
    birds_most: value(m.birds),
    eggs_dozen: value(m.dozens),
    ...(metric ? { feed_kg: value(m.feed) } : { feed_lb: value(m.feed, KILOGRAMS_PER_POUND) }),
    feed_bags: value(m.bags),
    ...(metric ? { water_l: value(m.water) } : { water_gal: value(m.water, LITRES_PER_GALLON) }),
  }));
  const text = Papa.unparse(rows, { escapeFormulae: true, newline: '\r\n' });
  return { name: `${fileStem(plan.name)}-demand.csv`, type: 'text/csv', text: `${text}\r\n` };
}
