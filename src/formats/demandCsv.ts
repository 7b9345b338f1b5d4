import Papa from 'papaparse';
import type { Assessment } from '@/core/assess';
import type { Plan } from '@/core/model/schema';
import { type FileOut, fileStem } from './fileOut';

/**
 * What the flock gives and asks, a row a month, as CSV: SI, the units in the headings.
 * Names that would be read as formulas by a spreadsheet are made plain text.
 */
export function demandCsv(
  plan: Pick<Plan, 'name'>,
  { months, figures }: Pick<Assessment, 'months' | 'figures'>,
): FileOut {
  const value = (id: string): number => Math.round((figures.get(id)?.value ?? 0) * 1000) / 1000;
  const rows = months.map((m) => ({
    plan: plan.name,
    month: m.month,
    birds_most: value(m.birds),
    eggs_dozen: value(m.dozens),
    feed_kg: value(m.feed),
    feed_bags: value(m.bags),
    water_l: value(m.water),
  }));
  const text = Papa.unparse(rows, { escapeFormulae: true, newline: '\r\n' });
  return { name: `${fileStem(plan.name)}-demand.csv`, type: 'text/csv', text: `${text}\r\n` };
}
