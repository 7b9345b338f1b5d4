import 'server-only';
import type { Issue } from '@/core/outcome';
import { issueLine } from '@/text/issues';

/** Largest body read, bytes. */
const MOST_BYTES = 1_000_000;

/** An error as RFC 9457 problem details. */
export function problem(status: number, title: string, issues: readonly Issue[] = []): Response {
  const body = {
    type: 'about:blank',
    title,
    status,
    ...(issues.length > 0 ? { issues: issues.map((i) => ({ ...i, text: issueLine(i) })) } : {}),
  };
  return Response.json(body, {
    status,
    headers: { 'content-type': 'application/problem+json', 'cache-control': 'no-store' },
  });
}

/** The body as text, read no further than 1 MB; null where it is larger or not UTF-8. */
export async function readText(request: Request): Promise<string | null> {
  const reader = request.body?.getReader();
  if (!reader) return '';
  const decoder = new TextDecoder('utf-8', { fatal: true });
  let bytes = 0;
  let text = '';
  try {
    for (;;) {
      const { done, value } = await reader.read();
      if (done) return text + decoder.decode();
      bytes += value.byteLength;
      if (bytes > MOST_BYTES) {
        await reader.cancel();
        return null;
      }
      text += decoder.decode(value, { stream: true });
    }
  } catch {
    return null;
  }
}

/** Whether a write comes from our own pages: browsers say so themselves. */
export function sameOrigin(request: Request): boolean {
  const site = request.headers.get('sec-fetch-site');
  if (site !== null) return site === 'same-origin' || site === 'none';
  const origin = request.headers.get('origin');
  return origin === null || new URL(origin).host === request.headers.get('host');
}

export const FOREIGN = () => problem(403, 'This request came from another site.');
export const TOO_LARGE = () => problem(413, 'The body is larger than 1 MB or not UTF-8 text.');
export const NO_PLAN = () => problem(404, 'There is no plan with this id.');
