import { planFile } from '@/formats/planFile';
import { NO_PLAN, problem } from '@/server/http';
import { readPlan } from '@/server/plans';

export const dynamic = 'force-dynamic';

/** The plan as a file to keep. */
export async function GET(
  _request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const found = await readPlan((await params).id);
  if (!found) return NO_PLAN();
  if (!found.ok) return problem(500, 'The stored plan cannot be read.', found.issues);
  const { name, text } = planFile(found.value.plan);
  return new Response(text, {
    headers: {
      'content-type': 'application/json; charset=utf-8',
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  });
}
