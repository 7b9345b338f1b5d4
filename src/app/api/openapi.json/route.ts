import { openApiDocument } from '@/formats/openApi';
import { handle } from '@/server/handle';

export const dynamic = 'force-dynamic';

/** What programs may call here, described. */
export const GET = handle('/api/openapi.json', async () => Response.json(openApiDocument()));
