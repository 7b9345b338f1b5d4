import { createServer, type Server } from 'node:http';
import { connect } from 'node:net';
import { isNoSpace } from '@/db/disk';
import { handle } from './handle';
import { lines } from './log';

// it has no types: it runs before anything that is built
const GUARD = '../../scripts/guard.mjs';

/** Opens a server as the program does, which answers every request with 200. */
async function guarded(): Promise<{ server: Server; port: number }> {
  const { guardServers } = (await import(GUARD)) as { guardServers(on: object): void };
  const own = { createServer };
  guardServers(own);
  const server = own.createServer((_, response) => {
    response.end('here');
  });
  // the framework would answer upgrades by itself
  server.on('upgrade', (_, socket) => socket.write('kept open'));
  await new Promise<void>((done) => {
    server.listen(0, '127.0.0.1', done);
  });
  const address = server.address();
  return { server, port: typeof address === 'object' && address ? address.port : 0 };
}

test('an upgrade is refused at once, and a server that is asked to stop stops', async () => {
  const { server, port } = await guarded();
  const socket = connect(port, '127.0.0.1');
  const said: string[] = [];
  socket.on('data', (bytes) => said.push(String(bytes)));
  socket.write(
    'GET /api/health HTTP/1.1\r\nHost: localhost\r\nConnection: Upgrade\r\nUpgrade: websocket\r\n\r\n',
  );
  await new Promise((done) => socket.once('close', done));
  expect(said.join('')).toMatch(/^HTTP\/1\.1 400 /);
  expect(said.join('')).not.toContain('kept open');
  const answer = await fetch(`http://127.0.0.1:${port}/x`);
  expect(answer.headers.get('x-content-type-options')).toBe('nosniff');
  const wrong = await fetch(`http://127.0.0.1:${port}/%zz`);
  expect([wrong.status, wrong.headers.get('x-content-type-options')]).toEqual([400, 'nosniff']);
  // somebody who says nothing and stays: it is not waited for
  const idle = connect(port, '127.0.0.1');
  await new Promise((done) => idle.once('connect', done));
  await new Promise<void>((done) => {
    server.close(() => done());
  });
  idle.destroy();
}, 20_000);

test('a log that can’t be written fails nothing', () => {
  const log = lines('/dev/null/log');
  expect(() => log.write('a line\n')).not.toThrow();
});

test('a save on a full disk answers 507, in words', async () => {
  const full = Object.assign(new Error('could not extend file'), { code: '53100' });
  expect(isNoSpace(full)).toBe(true);
  const route = handle('GET /api/plans/{id}', () => Promise.reject(full));
  const answer = await route(new Request('http://localhost/api/plans/a'), {});
  expect(answer.status).toBe(507);
  expect(JSON.stringify(await answer.json())).toContain('The disk is full');
});
