import { openApiDocument } from '@/formats/api/openApi';
import { handle } from '@/server/handle';

export const dynamic = 'force-dynamic';

/** What programs may call here, described. */
export const GET = handle('GET /api/openapi.json', async () => Response.json(openApiDocument()));
