import { parsePlanText } from '@/core/edit/parse';
import { handle } from '@/server/handle';
import { readBody } from '@/server/http';
import { createPlan, planHeads } from '@/server/plans';

export const dynamic = 'force-dynamic';

/** The plans, without their documents. */
export const GET = handle('GET /api/plans', async () => {
  const heads = await planHeads();
  return Response.json(
    heads.map(({ id, name, revision, savedAt, family }) => ({
      id,
      name,
      revision,
      savedAt: savedAt.toISOString(),
      family,
    })),
  );
});

/** Stores a plan file as a plan of its own: a new one, or one brought back in. */
export const POST = handle('POST /api/plans', async (request) => {
  const body = await readBody(request, parsePlanText);
  if (!body.ok) return body.refusal;
  const { plan, revision } = await createPlan(body.value);
  return Response.json(
    { id: plan.id, name: plan.name, revision },
    { status: 201, headers: { location: `/plans/${plan.id}` } },
  );
});
