import { listBin } from '@/server/bin';
import { handle } from '@/server/handle';

export const dynamic = 'force-dynamic';

/** The plans in the bin, and when each goes for good. */
export const GET = handle('GET /api/bin', async () => Response.json(await listBin()));
