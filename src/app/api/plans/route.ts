import { parsePlanText } from '@/core/plan/parse';
import { FOREIGN, problem, readText, sameOrigin, TOO_LARGE } from '@/server/http';
import { createPlan, listPlans } from '@/server/plans';

export const dynamic = 'force-dynamic';

/** The plans, without their documents. */
export async function GET(): Promise<Response> {
  const { plans } = await listPlans();
  return Response.json(
    plans.map(({ plan, revision, savedAt }) => ({
      id: plan.id,
      name: plan.name,
      revision,
      savedAt,
    })),
  );
}

/** Stores a plan file as a plan of its own: a new one, or one brought back in. */
export async function POST(request: Request): Promise<Response> {
  if (!sameOrigin(request)) return FOREIGN();
  const text = await readText(request);
  if (text === null) return TOO_LARGE();
  const parsed = parsePlanText(text);
  if (!parsed.ok) return problem(422, 'This is not a plan that can be stored.', parsed.issues);
  const { plan, revision } = await createPlan(parsed.value);
  return Response.json(
    { id: plan.id, name: plan.name, revision },
    { status: 201, headers: { location: `/plans/${plan.id}` } },
  );
}
