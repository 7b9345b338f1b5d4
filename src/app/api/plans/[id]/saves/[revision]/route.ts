import { handle } from '@/server/handle';
import { noPlan, problem, readBody } from '@/server/http';
import { parseSaveName } from '@/server/names';
import { listSaves, readSave, renameSave } from '@/server/saves';

export const dynamic = 'force-dynamic';

interface Context {
  readonly params: Promise<{ id: string; revision: string }>;
}

/** A plan as it was at one of its saves. */
export const GET = handle<Context>(
  'GET /api/plans/{id}/saves/{revision}',
  async (_request, { params }) => {
    const { id, revision } = await params;
    const found = await readSave(id, Number(revision));
    if (!found) return noPlan();
    return found.ok
      ? Response.json(found.value)
      : problem(409, 'That save cannot be read.', found.issues);
  },
);

/** Names a save, or takes its name away. */
export const PUT = handle<Context>(
  'PUT /api/plans/{id}/saves/{revision}',
  async (request, { params }) => {
    const { id, revision } = await params;
    const body = await readBody(request, parseSaveName);
    if (!body.ok) return body.refusal;
    if (!(await renameSave(id, Number(revision), body.value))) return noPlan();
    const named = (await listSaves(id)).find((s) => s.revision === Number(revision));
    return named ? Response.json(named) : noPlan();
  },
);
