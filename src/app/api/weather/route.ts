import { MOST_PACKED_BYTES } from '@/formats/weather/packedHours';
import { handle } from '@/server/handle';
import { problem, readBytes } from '@/server/http';
import { keepHours } from '@/server/weather';

export const dynamic = 'force-dynamic';

/** Keeps a year of hours, packed; the same hours once. */
export const POST = handle('POST /api/weather', async (request) => {
  if (!/^application\/octet-stream\s*(;|$)/i.test(request.headers.get('content-type') ?? ''))
    return problem(415, 'Send the hours as application/octet-stream.');
  const packed = await readBytes(request, MOST_PACKED_BYTES);
  if (packed === null) return problem(413, 'The body is larger than a year of hours can be.');
  const kept = await keepHours(packed);
  if (!kept.ok) return problem(422, 'These are no hours that can be kept.', kept.issues);
  return Response.json(kept.value, { status: 201, headers: { 'cache-control': 'no-store' } });
});
