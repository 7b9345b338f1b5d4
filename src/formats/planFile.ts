import type { Plan } from '@/core/model/schema';
import { type FileOut, fileStem } from './fileOut';

/** A plan as a file: its name (ASCII, safe on every system) and its text, the same for the same plan. */
export function planFile(plan: Plan): FileOut {
  // every other key stands in the order of the schema; the schools in the order they were chosen
  const schools = Object.fromEntries(
    Object.entries(plan.schools).sort(([a], [b]) => (a < b ? -1 : 1)),
  );
  const text = `${JSON.stringify({ ...plan, schools }, null, 2)}\n`;
  return { name: `${fileStem(plan.name)}.json`, type: 'application/json', text };
}
