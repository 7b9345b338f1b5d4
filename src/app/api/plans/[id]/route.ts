import { issue } from '@/core/outcome';
import { parsePlanText } from '@/core/plan/parse';
import { FOREIGN, NO_PLAN, problem, readText, sameOrigin, TOO_LARGE } from '@/server/http';
import { readPlan, removePlan, savePlan } from '@/server/plans';

export const dynamic = 'force-dynamic';

interface Context {
  readonly params: Promise<{ id: string }>;
}

const etag = (revision: number): string => `"${revision}"`;

/** A plan at its latest save, with its revision as the entity tag. */
export async function GET(_request: Request, { params }: Context): Promise<Response> {
  const found = await readPlan((await params).id);
  if (!found) return NO_PLAN();
  if (!found.ok) return problem(500, 'The stored plan cannot be read.', found.issues);
  return Response.json(found.value, { headers: { etag: etag(found.value.revision) } });
}

/** Saves a plan made on the revision in If-Match; 412 answers with the stored one. */
export async function PUT(request: Request, { params }: Context): Promise<Response> {
  if (!sameOrigin(request)) return FOREIGN();
  const { id } = await params;
  const revision = /^"(\d+)"$/.exec(request.headers.get('if-match') ?? '')?.[1];
  if (revision === undefined) return problem(428, 'Say which revision was edited, in If-Match.');
  const text = await readText(request);
  if (text === null) return TOO_LARGE();
  const parsed = parsePlanText(text);
  if (!parsed.ok) return problem(422, 'This is not a plan that can be stored.', parsed.issues);
  if (parsed.value.id !== id) {
    const wrong = issue('plan.notOneOf', { allowed: [id] }, ['id']);
    return problem(422, 'The plan has another id than its address.', [wrong]);
  }
  const result = await savePlan(parsed.value, Number(revision));
  if (result.kind === 'missing') return NO_PLAN();
  if (result.kind === 'conflict') {
    return Response.json(result.stored, {
      status: 412,
      headers: { etag: etag(result.stored.revision) },
    });
  }
  return Response.json({ revision: result.revision }, { headers: { etag: etag(result.revision) } });
}

export async function DELETE(request: Request, { params }: Context): Promise<Response> {
  if (!sameOrigin(request)) return FOREIGN();
  return (await removePlan((await params).id)) ? new Response(null, { status: 204 }) : NO_PLAN();
}
