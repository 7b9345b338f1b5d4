// Stands before the framework's own request handling: what it can't even read as a request is
// answered here with problem details, instead of breaking inside.
import http from 'node:http';

/** A server asked to stop waits so long for what it is answering, ms; then every connection ends. */
const STOPPING_MS = 2000;

const METHODS = new Set(['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS']);

function refusal(request) {
  if (!METHODS.has(request.method ?? '')) return [405, 'That method is not known here.'];
  try {
    decodeURIComponent((request.url ?? '/').split('?')[0]);
    return null;
  } catch {
    return [400, 'The address is not well formed: a % must be followed by two hexadecimal digits.'];
  }
}

/** Makes a server that closes end the connections that browsers keep open: else it would wait for them. */
function endsItsConnections(server) {
  const close = server.close;
  server.close = (...args) => {
    setTimeout(() => server.closeAllConnections(), STOPPING_MS).unref();
    return close.apply(server, args);
  };
  return server;
}

/** Makes every server created from now on refuse what can't be read as a request, and stop when asked to. */
export function guardServers() {
  const create = http.createServer;
  http.createServer = (...args) => {
    const listener = typeof args.at(-1) === 'function' ? args.pop() : undefined;
    const guarded = (request, response) => {
      const refused = refusal(request);
      if (!refused) return listener?.(request, response);
      const [status, title] = refused;
      response.writeHead(status, {
        'content-type': 'application/problem+json',
        'cache-control': 'no-store',
      });
      response.end(JSON.stringify({ type: 'about:blank', title, status }));
    };
    return endsItsConnections(create(...args, guarded));
  };
}
