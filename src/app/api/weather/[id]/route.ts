import { handle } from '@/server/handle';
import { problem } from '@/server/http';
import { hoursById } from '@/server/weather';

export const dynamic = 'force-dynamic';

/** A year of hours that was brought in, packed: it never changes. */
export const GET = handle<{ params: Promise<{ id: string }> }>(
  'GET /api/weather/{id}',
  async (_request, { params }) => {
    const packed = await hoursById((await params).id);
    if (packed === null) return problem(404, 'There are no hours with this id on this machine.');
    return new Response(new Uint8Array(packed), {
      headers: {
        'content-type': 'application/octet-stream',
        'cache-control': 'private, max-age=31536000, immutable',
      },
    });
  },
);
