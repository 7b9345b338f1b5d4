import { FOREIGN, NO_PLAN, sameOrigin } from '@/server/http';
import { copyPlan } from '@/server/plans';

export const dynamic = 'force-dynamic';

/** A copy of a plan, to try a variant on. */
export async function POST(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  if (!sameOrigin(request)) return FOREIGN();
  const copy = await copyPlan((await params).id);
  if (!copy) return NO_PLAN();
  return Response.json({ id: copy.plan.id, name: copy.plan.name }, { status: 201 });
}
