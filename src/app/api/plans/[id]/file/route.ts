import { planFile } from '@/formats/planFile';
import { handle } from '@/server/handle';
import { noPlan, problem } from '@/server/http';
import { readPlan } from '@/server/plans';

export const dynamic = 'force-dynamic';

/** The plan as a file to keep. */
export const GET = handle<{ params: Promise<{ id: string }> }>(
  'GET /api/plans/{id}/file',
  async (_request, { params }) => {
    const found = await readPlan((await params).id);
    if (!found) return noPlan();
    if (!found.ok) return problem(409, 'The stored plan cannot be read.', found.issues);
    const { name, type, text } = planFile(found.value.plan);
    return new Response(text, {
      headers: {
        'content-type': `${type}; charset=utf-8`,
        'content-disposition': `attachment; filename="${name}"`,
        'cache-control': 'no-store',
      },
    });
  },
);
