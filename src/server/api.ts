/** The paths that programs may call, with what they may do there. */
export interface ApiRoute {
  /** `{id}` stands for one segment. */
  readonly path: string;
  readonly methods: readonly ('GET' | 'POST' | 'PUT' | 'DELETE')[];
}

export const API_ROUTES: readonly ApiRoute[] = [
  { path: '/api/health', methods: ['GET'] },
  { path: '/api/backup', methods: ['GET'] },
  { path: '/api/assess', methods: ['POST'] },
  { path: '/api/rough', methods: ['POST'] },
  { path: '/api/drawings', methods: ['POST'] },
  { path: '/api/openapi.json', methods: ['GET'] },
  { path: '/api/plans', methods: ['GET', 'POST'] },
  { path: '/api/plans/{id}', methods: ['GET', 'PUT', 'DELETE'] },
  { path: '/api/plans/{id}/name', methods: ['PUT'] },
  { path: '/api/plans/{id}/copy', methods: ['POST'] },
  { path: '/api/plans/{id}/card', methods: ['GET'] },
  { path: '/api/plans/{id}/file', methods: ['GET'] },
  { path: '/api/plans/{id}/thermometer', methods: ['GET'] },
  { path: '/api/plans/{id}/saves', methods: ['GET'] },
  { path: '/api/plans/{id}/saves/{revision}', methods: ['GET', 'PUT'] },
  { path: '/api/weather', methods: ['POST'] },
  { path: '/api/weather/{id}', methods: ['GET'] },
  { path: '/api/bin', methods: ['GET'] },
  { path: '/api/bin/{id}', methods: ['POST', 'DELETE'] },
];

export type ApiAnswer =
  | { readonly kind: 'ok' }
  | { readonly kind: 'notFound' }
  | { readonly kind: 'notAllowed'; readonly methods: readonly string[] };

/** Whether a path under /api exists, and takes a method there. */
export function answerFor(path: string, method: string): ApiAnswer {
  const route = API_ROUTES.find((r) => pattern(r.path).test(path));
  if (!route) return { kind: 'notFound' };
  // reading the headers alone is reading
  const asked = method === 'HEAD' ? 'GET' : method;
  return (route.methods as readonly string[]).includes(asked)
    ? { kind: 'ok' }
    : { kind: 'notAllowed', methods: route.methods };
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
