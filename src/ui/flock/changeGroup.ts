import type { Outcome } from '@/core/kernel/outcome';
import type { Group, Plan } from '@/core/model/schema';

/** How one group is changed: one undoable edit. */
export type ChangeGroup = (name: string, recipe: (g: Group) => void) => Outcome<Plan>;
