import { handle } from '@/server/handle';
import { nameTaken, noPlan, problem, readBody } from '@/server/http';
import { parsePlanName } from '@/server/names';
import { renamePlan } from '@/server/plans';

export const dynamic = 'force-dynamic';

/** Gives a plan another name. */
export const PUT = handle<{ params: Promise<{ id: string }> }>(
  'PUT /api/plans/{id}/name',
  async (request, { params }) => {
    const { id } = await params;
    const body = await readBody(request, parsePlanName);
    if (!body.ok) return body.refusal;
    const result = await renamePlan(id, body.value);
    if (result.kind === 'missing') return noPlan();
    if (result.kind === 'nameTaken') return nameTaken(body.value);
    if (result.kind === 'conflict') return problem(409, 'It was saved just now. Try again.');
    return Response.json({ id, name: body.value, revision: result.revision });
  },
);
