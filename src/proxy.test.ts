import { NextRequest } from 'next/server';
import { proxy } from './proxy';

const policyOf = () =>
  proxy(new NextRequest('http://127.0.0.1:4310/')).headers.get('content-security-policy') ?? '';

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
  const { headers } = proxy(new NextRequest('http://127.0.0.1:4310/'));
  expect(headers.get('x-content-type-options')).toBe('nosniff');
  expect(headers.get('referrer-policy')).toBe('no-referrer');
});
