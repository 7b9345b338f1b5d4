import { CALLS } from '../formats/api/operations.data';

export type ApiAnswer =
  | { readonly kind: 'ok' }
  | { readonly kind: 'notFound' }
  | { readonly kind: 'notAllowed'; readonly methods: readonly string[] };

/** Whether a path under /api exists, and takes a method there. */
export function answerFor(path: string, method: string): ApiAnswer {
  const there = CALLS.filter((call) => pattern(call.path).test(path));
  if (there.length === 0) return { kind: 'notFound' };
  const methods = there.map((call) => call.method);
  // reading the headers alone is reading
  const asked = method === 'HEAD' ? 'GET' : method;
  return (methods as readonly string[]).includes(asked)
    ? { kind: 'ok' }
    : { kind: 'notAllowed', methods };
}

const pattern = (path: string): RegExp =>
  new RegExp(
    `^${path.replace(/\./g, '\\.').replace('{id}', '[^/]+').replace('{revision}', '\\d{1,9}')}$`,
  );

const OWN_NAMES = ['localhost', '127.0.0.1', '[::1]'];

/**
 * Whether a Host header names this machine, so that no other name can be made to point here.
 * @param host   the header as sent, with or without a port
 * @param extra  further names allowed, separated by commas (WIDE_RAFTER_HOSTS)
 */
export function isOwnHost(host: string | null, extra = ''): boolean {
  if (host === null) return false;
  const name = host.toLowerCase().replace(/:\d+$/, '');
  const allowed = extra.split(',').map((n) => n.trim().toLowerCase());
  return [...OWN_NAMES, ...allowed].some((n) => n !== '' && n === name);
}
