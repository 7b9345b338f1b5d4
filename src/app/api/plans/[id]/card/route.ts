import { cardStamp, cardText } from '@/server/cards';
import { handle } from '@/server/handle';
import { noPlan, problem } from '@/server/http';
import { readPlan } from '@/server/plans';

export const dynamic = 'force-dynamic';

interface Context {
  readonly params: Promise<{ id: string }>;
}

/** What the list shows of a plan: its sentence with its figures, and its picture; 304 where that is known already. */
export const GET = handle<Context>('GET /api/plans/{id}/card', async (request, { params }) => {
  const found = await readPlan((await params).id);
  if (!found) return noPlan();
  if (!found.ok) return problem(409, 'The stored plan cannot be read.', found.issues);
  const etag = `"${cardStamp(found.value)}"`;
  const headers = { etag, 'cache-control': 'private, no-cache' };
  if (request.headers.get('if-none-match') === etag) {
    return new Response(null, { status: 304, headers });
  }
  const card = await cardText(found.value);
  const plan = JSON.stringify(found.value.plan);
  return new Response(`{"plan":${plan},"card":${card}}`, {
    headers: { ...headers, 'content-type': 'application/json' },
  });
});
