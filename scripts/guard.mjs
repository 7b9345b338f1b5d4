// Stands before the framework's own request handling: what it can't even read as a request is
// answered here with problem details, instead of breaking inside.
import ownHttp from 'node:http';

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

/** No path here is talked to through a socket that stays open: who asks for one is refused at once. */
function refusesUpgrades(server) {
  const title = 'No address here changes to another protocol.';
  const body = JSON.stringify({ type: 'about:blank', title, status: 400 });
  const refuse = (_request, socket) => {
    socket.on('error', () => socket.destroy());
    socket.end(
      [
        'HTTP/1.1 400 Bad Request',
        'content-type: application/problem+json',
        'x-content-type-options: nosniff',
        'cache-control: no-store',
        'connection: close',
        `content-length: ${Buffer.byteLength(body)}`,
        '',
        body,
      ].join('\r\n'),
      () => socket.destroy(),
    );
  };
  server.on('upgrade', refuse);
  const on = server.on;
  server.on = server.addListener = (event, listener) =>
    event === 'upgrade' ? server : on.call(server, event, listener);
  return server;
}

/** Makes a server that closes end every socket that is still open, whatever it is used for: else it would wait for them. */
function endsItsConnections(server) {
  const sockets = new Set();
  server.on('connection', (socket) => {
    sockets.add(socket);
    socket.once('close', () => sockets.delete(socket));
  });
  const close = server.close;
  server.close = (...args) => {
    setTimeout(() => {
      server.closeAllConnections();
      for (const socket of sockets) socket.destroy();
    }, STOPPING_MS).unref();
    return close.apply(server, args);
  };
  return server;
}

/** Makes every server created from now on refuse what can't be read as a request, and stop when asked to. */
export function guardServers(http = ownHttp) {
  const create = http.createServer;
  http.createServer = (...args) => {
    const listener = typeof args.at(-1) === 'function' ? args.pop() : undefined;
    const guarded = (request, response) => {
      // of every answer, also of those that are made before any page of ours is asked
      response.setHeader('x-content-type-options', 'nosniff');
      const refused = refusal(request);
      if (!refused) return listener?.(request, response);
      const [status, title] = refused;
      response.writeHead(status, {
        'content-type': 'application/problem+json',
        'cache-control': 'no-store',
      });
      response.end(JSON.stringify({ type: 'about:blank', title, status }));
    };
    return endsItsConnections(refusesUpgrades(create(...args, guarded)));
  };
}
