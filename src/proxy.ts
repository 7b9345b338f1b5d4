import { type NextRequest, NextResponse } from 'next/server';
import { answerFor, isOwnHost } from './server/api';

/**
 * Stands before every request: only hosts of this machine, only known paths and methods under /api,
 * and for pages a policy with a nonce of their own.
 */
export function proxy(request: NextRequest): Response {
  if (!isOwnHost(request.headers.get('host'), process.env.WIDE_RAFTER_HOSTS)) {
    return refuse(
      421,
      'This server does not answer to that name. Allow it with WIDE_RAFTER_HOSTS.',
    );
  }
  const { pathname } = request.nextUrl;
  if (pathname === '/api' || pathname.startsWith('/api/')) {
    const answer = answerFor(pathname, request.method);
    if (answer.kind === 'notFound') return refuse(404, 'There is nothing at this address.');
    if (answer.kind === 'notAllowed') {
      const allow = answer.methods.join(', ');
      return refuse(405, `Only ${allow} can be done at this address.`, { allow });
    }
    return withCommon(NextResponse.next());
  }
  if (request.method !== 'GET' && request.method !== 'HEAD') {
    return refuse(405, 'Pages are only read.', { allow: 'GET, HEAD' });
  }
  return pageWithPolicy(request);
}

function pageWithPolicy(request: NextRequest): Response {
  const nonce = btoa(crypto.randomUUID());
  const inDevelopment = process.env.NODE_ENV === 'development' ? " 'unsafe-eval'" : '';
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${inDevelopment}`,
    `style-src 'self' 'nonce-${nonce}'`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  return withCommon(response);
}

/** What no page of ours asks a browser for. */
const NOT_ASKED_FOR = [
  'accelerometer',
  'camera',
  'display-capture',
  'geolocation',
  'gyroscope',
  'magnetometer',
  'microphone',
  'midi',
  'payment',
  'usb',
]
  .map((feature) => `${feature}=()`)
  .join(', ');

function withCommon<R extends Response>(response: R): R {
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'no-referrer');
  response.headers.set('permissions-policy', NOT_ASKED_FOR);
  response.headers.set('cross-origin-opener-policy', 'same-origin');
  response.headers.set('cross-origin-resource-policy', 'same-origin');
  return response;
}

/** Problem details, as every error is told (RFC 9457). */
function refuse(status: number, title: string, headers: Record<string, string> = {}): Response {
  return withCommon(
    Response.json(
      { type: 'about:blank', title, status },
      {
        status,
        headers: {
          ...headers,
          'content-type': 'application/problem+json',
          'cache-control': 'no-store',
        },
      },
    ),
  );
}

export const config = { matcher: ['/((?!_next/static|_next/image|icon.svg).*)'] };
