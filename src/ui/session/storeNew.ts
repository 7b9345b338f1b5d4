import type { Plan } from '@/core/model/schema';

/** How a new plan was stored; `status` is null where no server answers. */
export type StoredNew =
  | { readonly ok: true; readonly href: string }
  | { readonly ok: false; readonly status: number | null };

/** Stores a plan as a new one; `href` is the address of its bench. */
export async function storeNew(plan: Plan): Promise<StoredNew> {
  try {
    const response = await fetch('/api/plans', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(plan),
    });
    if (!response.ok) return { ok: false, status: response.status };
    return { ok: true, href: `/plans/${((await response.json()) as { id: string }).id}` };
  } catch {
    return { ok: false, status: null };
  }
}
