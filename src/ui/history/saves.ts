import * as z from 'zod/mini';

export const savesSchema = z.array(
  z.object({
    revision: z.int(),
    savedAt: z.string(),
    name: z.nullable(z.string()),
    edits: z.array(z.string()),
  }),
);

/** A save as the list of them has it. */
export type Save = z.infer<typeof savesSchema>[number];

/** What a save was: the names of its edits, each once, the last ones first where there are many. */
export function whatItWas(edits: readonly string[], most = 4): string {
  const once = [...new Set(edits)];
  if (once.length === 0) return 'As it was first stored';
  const more = once.length - most;
  return more > 0 ? `${once.slice(-most).join('; ')}; and ${more} more` : once.join('; ');
}

/** Saves by the day they were made, the newest first, in the reader's own time. */
export function byDay(saves: readonly Save[]): { day: string; saves: Save[] }[] {
  const days: { day: string; saves: Save[] }[] = [];
  for (const save of saves) {
    const day = new Date(save.savedAt).toLocaleDateString(undefined, { dateStyle: 'long' });
    const last = days.at(-1);
    if (last?.day === day) last.saves.push(save);
    else days.push({ day, saves: [save] });
  }
  return days;
}
