import type { Plan } from '@/core/plan/schema';

/** A plan as a file: its name (ASCII, safe on every system) and its text. */
export function planFile(plan: Plan): { name: string; text: string } {
  const stem = plan.name
    .normalize('NFKD')
    .replace(/[^A-Za-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase()
    .slice(0, 60);
  return { name: `${stem || 'plan'}.json`, text: `${JSON.stringify(plan, null, 2)}\n` };
}
