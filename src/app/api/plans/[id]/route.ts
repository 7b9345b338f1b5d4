import { MOST_SAVE_BYTES, parseSaveText } from '@/core/edit/parseSave';
import { issue } from '@/core/kernel/outcome';
import { removePlan } from '@/server/bin';
import { handle } from '@/server/handle';
import { nameTaken, noPlan, problem, readBody } from '@/server/http';
import { readPlan, savePlan } from '@/server/plans';

export const dynamic = 'force-dynamic';

interface Context {
  readonly params: Promise<{ id: string }>;
}

const etag = (revision: number): string => `"${revision}"`;

/** A plan at its latest save, with its revision as the entity tag; 304 where that is known already. */
export const GET = handle<Context>('GET /api/plans/{id}', async (request, { params }) => {
  const found = await readPlan((await params).id);
  if (!found) return noPlan();
  if (!found.ok) return problem(409, 'The stored plan cannot be read.', found.issues);
  const headers = { etag: etag(found.value.revision) };
  if (request.headers.get('if-none-match') === headers.etag) {
    return new Response(null, { status: 304, headers });
  }
  return Response.json(found.value, { headers });
});

/** Saves a plan, alone or with the names of its edits, made on the revision in If-Match; 412 answers with the stored one. */
export const PUT = handle<Context>('PUT /api/plans/{id}', async (request, { params }) => {
  const { id } = await params;
  const revision = /^"(\d{1,9})"$/.exec(request.headers.get('if-match') ?? '')?.[1];
  if (revision === undefined) return problem(428, 'Say which revision was edited, in If-Match.');
  const body = await readBody(request, parseSaveText, MOST_SAVE_BYTES);
  if (!body.ok) return body.refusal;
  const { plan, edits } = body.value;
  if (plan.id !== id) {
    const wrong = issue('plan.notOneOf', { allowed: [id] }, ['id']);
    return problem(422, 'The plan has another id than its address.', [wrong]);
  }
  const result = await savePlan(plan, Number(revision), edits);
  if (result.kind === 'missing') return noPlan();
  if (result.kind === 'nameTaken') return nameTaken(plan.name);
  if (result.kind === 'conflict') {
    return Response.json(result.stored, {
      status: 412,
      headers: { etag: etag(result.stored.revision) },
    });
  }
  return Response.json({ revision: result.revision }, { headers: { etag: etag(result.revision) } });
});

/** Lays a plan with its saves in the bin. */
export const DELETE = handle<Context>('DELETE /api/plans/{id}', async (_, { params }) => {
  return (await removePlan((await params).id)) ? new Response(null, { status: 204 }) : noPlan();
});
