import 'server-only';
import { type Issue, issue, type Outcome } from '@/core/kernel/outcome';
import { issueLine } from '@/text/issues';

/** Largest body read, bytes. */
const MOST_BYTES = 1_000_000;
/** Issues told of one body at most. */
const MOST_ISSUES = 50;

/** An error as RFC 9457 problem details. */
export function problem(status: number, title: string, issues: readonly Issue[] = []): Response {
  const told = issues.slice(0, MOST_ISSUES).map((i) => ({ ...i, text: issueLine(i) }));
  const body = {
    type: 'about:blank',
    title,
    status,
    ...(told.length > 0 ? { issues: told, issueCount: issues.length } : {}),
  };
  return Response.json(body, {
    status,
    headers: { 'content-type': 'application/problem+json', 'cache-control': 'no-store' },
  });
}

/** An answer that is JSON already; of this moment, so that nobody keeps it. */
export const jsonText = (text: string): Response =>
  new Response(text, {
    headers: { 'content-type': 'application/json', 'cache-control': 'no-store' },
  });

/** The body, read no further than so many bytes; null where it is larger or breaks off. */
export async function readBytes(request: Request, mostBytes: number): Promise<Uint8Array | null> {
  const reader = request.body?.getReader();
  if (!reader) return new Uint8Array();
  const chunks: Uint8Array[] = [];
  let bytes = 0;
  try {
    for (;;) {
      const { done, value } = await reader.read();
      if (done) return new Uint8Array(Buffer.concat(chunks));
      bytes += value.byteLength;
      if (bytes > mostBytes) {
        await reader.cancel();
        return null;
      }
      chunks.push(value);
    }
  } catch {
    return null;
  }
}

/** The body as text, read no further than so many bytes; null where it is larger or not UTF-8. */
export async function readText(
  request: Request,
  mostBytes: number = MOST_BYTES,
): Promise<string | null> {
  const bytes = await readBytes(request, mostBytes);
  try {
    return bytes && new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return null;
  }
}

/** Whether a write comes from our own pages: browsers say so themselves. */
export function sameOrigin(request: Request): boolean {
  const site = request.headers.get('sec-fetch-site');
  if (site !== null) return site === 'same-origin' || site === 'none';
  const origin = request.headers.get('origin');
  if (origin === null) return true;
  return URL.canParse(origin) && new URL(origin).host === request.headers.get('host');
}

/**
 * Reads a JSON body that a write brings.
 * @param parse      from text to what is wanted
 * @param mostBytes  the largest body that is read
 * @returns      the value; or the answer that refuses it: 413, 415 or 422
 */
export async function readBody<T>(
  request: Request,
  parse: (text: string) => Outcome<T>,
  mostBytes: number = MOST_BYTES,
): Promise<{ ok: true; value: T } | { ok: false; refusal: Response }> {
  const refuse = (refusal: Response) => ({ ok: false as const, refusal });
  const encoding = request.headers.get('content-encoding');
  if (encoding !== null && !/^(identity)?$/i.test(encoding.trim())) {
    return refuse(problem(415, 'Send the body as it is, without a content encoding.'));
  }
  if (!/^application\/json\s*(;|$)/i.test(request.headers.get('content-type') ?? '')) {
    return refuse(problem(415, 'Send the plan as application/json.'));
  }
  const text = await readText(request, mostBytes);
  if (text === null) return refuse(problem(413, 'The body is larger than 1 MB or not UTF-8 text.'));
  const parsed = parse(text);
  return parsed.ok
    ? { ok: true, value: parsed.value }
    : refuse(problem(422, 'This is not a plan that can be taken.', parsed.issues));
}

export const foreign = (): Response => problem(403, 'This request came from another site.');
/** Another plan has the name already. */
export const nameTaken = (name: string): Response =>
  problem(422, 'Another plan has that name.', [issue('plan.nameTaken', { name }, ['name'])]);
export const noPlan = (): Response => problem(404, 'There is no plan with this id.');
