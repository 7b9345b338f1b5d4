import type { Plan } from '@/core/plan/schema';

/** A plan as a file: its name (ASCII, safe on every system) and its text, the same for the same plan. */
export function planFile(plan: Plan): { name: string; text: string } {
  const stem = plan.name
    .normalize('NFKD')
    .replace(/[^A-Za-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase()
    .slice(0, 60);
  // every other key stands in the order of the schema; the schools in the order they were chosen
  const schools = Object.fromEntries(
    Object.entries(plan.schools).sort(([a], [b]) => (a < b ? -1 : 1)),
  );
  const text = `${JSON.stringify({ ...plan, schools }, null, 2)}\n`;
  return { name: `${stem || 'plan'}.json`, text };
}
