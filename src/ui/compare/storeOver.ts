import { editName } from '@/core/edit/editNames';
import { parsePlan } from '@/core/edit/parse';
import type { Plan } from '@/core/model/schema';

/** How a plan was stored over the one that was shown. */
export type Stored =
  | { readonly ok: true; readonly revision: number }
  | {
      readonly ok: false;
      readonly why: string;
      /** What is stored by now, where it was changed elsewhere meanwhile. */
      readonly meanwhile: { readonly plan: Plan; readonly revision: number } | null;
    };

/**
 * Stores a plan on the revision that was shown.
 * @param said  what was done, as the saves name it
 */
export async function storeOver(plan: Plan, revision: number, said: string): Promise<Stored> {
  try {
    const response = await fetch(`/api/plans/${plan.id}`, {
      method: 'PUT',
      headers: {
        'content-type': 'application/json',
        'if-match': `"${revision}"`,
      },
      body: JSON.stringify({ plan, edits: [editName(said)] }),
    });
    if (response.ok)
      return { ok: true, revision: ((await response.json()) as { revision: number }).revision };
    const meanwhile = response.status === 412 ? await storedIn(response) : null;
    return {
      ok: false,
      meanwhile,
      why: meanwhile
        ? 'The plan was changed elsewhere meanwhile, so nothing was taken. It stands here as it is now.'
        : 'The server refused it, so nothing was taken.',
    };
  } catch {
    return {
      ok: false,
      meanwhile: null,
      why: 'The server does not answer, so nothing was taken. Start it and press again.',
    };
  }
}

/** The plan that a refusal for its age brings along. */
async function storedIn(
  response: Response,
): Promise<{ readonly plan: Plan; readonly revision: number } | null> {
  const { plan, revision } = (await response.json()) as { plan: unknown; revision: number };
  const read = parsePlan(plan);
  return read.ok ? { plan: read.value, revision } : null;
}
