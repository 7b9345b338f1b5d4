import { dayIn } from '@/core/kernel/units/day';
import { dumpAll } from '@/server/backup';
import { handle } from '@/server/handle';
import { now } from '@/server/settings';

export const dynamic = 'force-dynamic';

/** Everything stored, as one file. */
export const GET = handle('GET /api/backup', async (request: Request) => {
  return new Response(await dumpAll(request.signal), {
    headers: {
      'content-type': 'application/gzip',
      'content-disposition': `attachment; filename="wide-rafter-${dayIn(now(), 'UTC')}.tar.gz"`,
      'cache-control': 'no-store',
    },
  });
});
