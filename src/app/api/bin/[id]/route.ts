import { restorePlan, throwAway } from '@/server/bin';
import { handle } from '@/server/handle';
import { noPlan } from '@/server/http';

export const dynamic = 'force-dynamic';

interface Context {
  readonly params: Promise<{ id: string }>;
}

/** Takes a plan out of the bin, with its saves. */
export const POST = handle<Context>('POST /api/bin/{id}', async (_, { params }) => {
  const { id } = await params;
  const name = await restorePlan(id);
  return name === null ? noPlan() : Response.json({ id, name });
});

/** Throws a plan in the bin away for good. */
export const DELETE = handle<Context>('DELETE /api/bin/{id}', async (_, { params }) => {
  return (await throwAway((await params).id)) ? new Response(null, { status: 204 }) : noPlan();
});
