import { handle } from '@/server/handle';
import { health } from '@/server/health';

export const dynamic = 'force-dynamic';

/** Whether the server answers and its database can be read. */
export const GET = handle('GET /api/health', async () => {
  const state = await health();
  return Response.json(state, {
    status: state.status === 'ok' ? 200 : 503,
    headers: { 'cache-control': 'no-store' },
  });
});
