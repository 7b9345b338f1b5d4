import { handle } from '@/server/handle';
import { noPlan } from '@/server/http';
import { copyPlan } from '@/server/plans';

export const dynamic = 'force-dynamic';

/** A copy of a plan, to try a variant on. */
export const POST = handle<{ params: Promise<{ id: string }> }>(
  'POST /api/plans/{id}/copy',
  async (_, { params }) => {
    const copy = await copyPlan((await params).id);
    if (!copy) return noPlan();
    return Response.json({ id: copy.plan.id, name: copy.plan.name }, { status: 201 });
  },
);
