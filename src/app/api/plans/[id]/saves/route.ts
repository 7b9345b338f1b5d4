import { handle } from '@/server/handle';
import { listSaves } from '@/server/saves';

export const dynamic = 'force-dynamic';

/** The saves kept of a plan, newest first. */
export const GET = handle<{ params: Promise<{ id: string }> }>(
  'GET /api/plans/{id}/saves',
  async (_request, { params }) => Response.json(await listSaves((await params).id)),
);
