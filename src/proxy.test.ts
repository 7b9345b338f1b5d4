import { NextRequest } from 'next/server';
import { proxy } from './proxy';
import { isOwnHost } from './server/api';

const ask = (path: string, method = 'GET', host = '127.0.0.1:4310') =>
  proxy(new NextRequest(`http://127.0.0.1:4310${path}`, { method, headers: { host } }));

const policyOf = () => ask('/').headers.get('content-security-policy') ?? '';

test('every page has a nonce of its own', () => {
  const nonces = [policyOf(), policyOf()].map((p) => /'nonce-([^']+)'/.exec(p)?.[1]);
  expect(nonces[0]).toBeTruthy();
  expect(nonces[0]).not.toBe(nonces[1]);
});

test('only our own scripts, styles, fonts and connections are allowed, and no framing', () => {
  const rules = Object.fromEntries(
    policyOf()
      .split('; ')
      .map((rule) => [rule.slice(0, rule.indexOf(' ')), rule.slice(rule.indexOf(' ') + 1)]),
  );
  expect(rules['default-src']).toBe("'self'");
  expect(rules['script-src']).toMatch(/^'self' 'nonce-[\w+/=]+' 'strict-dynamic'$/);
  expect(rules['script-src']).not.toContain('unsafe');
  expect(rules['style-src']).not.toContain('unsafe-inline');
  expect(rules['connect-src']).toBe("'self'");
  expect(rules['frame-ancestors']).toBe("'none'");
  expect(rules['object-src']).toBe("'none'");
});

test('a browser is told not to guess types, nor to say where it came from', () => {
  const { headers } = ask('/');
  expect(headers.get('x-content-type-options')).toBe('nosniff');
  expect(headers.get('referrer-policy')).toBe('no-referrer');
  expect(headers.get('permissions-policy')).toMatch(/camera=\(\)/);
  expect(headers.get('cross-origin-opener-policy')).toBe('same-origin');
  expect(headers.get('cross-origin-resource-policy')).toBe('same-origin');
});

describe('names this server answers to', () => {
  test.each(['localhost:4310', '127.0.0.1', '[::1]:4310', 'LOCALHOST'])('%s is its own', (host) => {
    expect(ask('/', 'GET', host).status).toBe(200);
  });

  test.each(['evil.test', 'localhost.evil.test', '127.0.0.1.evil.test:4310', '192.168.1.9', ''])(
    '%s is not, until it is allowed',
    (host) => {
      expect(ask('/api/plans', 'GET', host).status).toBe(421);
    },
  );

  test('further ones are allowed by name', () => {
    expect(isOwnHost('coop.home:4310', 'barn.home, coop.home')).toBe(true);
    expect(isOwnHost('coop.home.evil.test', 'coop.home')).toBe(false);
    expect(isOwnHost(null)).toBe(false);
  });
});

describe('paths and methods', () => {
  test.each([
    ['/api/plans', 'GET', 200],
    ['/api/plans', 'HEAD', 200],
    ['/api/plans/abc', 'PUT', 200],
    ['/api/plans', 'PATCH', 405],
    ['/api/assess', 'GET', 405],
    ['/api/plans/abc/copy', 'GET', 405],
    ['/api/nothing', 'GET', 404],
    ['/api/plans/a/b/c', 'GET', 404],
    ['/api/', 'GET', 404],
    ['/', 'POST', 405],
    ['/plans/abc', 'DELETE', 405],
  ])('%s %s is answered with %d', (path, method, status) => {
    const response = ask(path, method);
    expect(response.status).toBe(status);
    if (status >= 400)
      expect(response.headers.get('content-type')).toBe('application/problem+json');
    if (status === 405) expect(response.headers.get('allow')).toBeTruthy();
  });
});
