import type { Outcome } from '@/core/outcome';
import type { Group, Plan } from '@/core/plan/schema';

/** How one group is changed: one undoable edit. */
export type ChangeGroup = (name: string, recipe: (g: Group) => void) => Outcome<Plan>;
