import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { saved } from './help';
import { answers, start } from './ownServer';

test('the server is killed and started again: a second one is refused, the plan is as it was left, and edits that nobody answered are saved or offered', async ({
  page,
}) => {
  const dir = mkdtempSync(join(tmpdir(), 'wide-rafter-kill-'));
  const [port, other] = [4393, 4394];
  const address = `http://127.0.0.1:${port}`;
  let server = start(dir, port, '--samples');
  const kill = async (): Promise<void> => {
    server.process.kill('SIGKILL');
    await server.ended;
  };
  const type = async (row: string, text: string): Promise<void> => {
    const length = page.locator(`[data-row="${row}"]`).getByLabel(/^Length/);
    await length.fill(text);
    await length.press('Enter');
  };
  try {
    await answers(server);
    const refused = start(dir, other);
    expect(await refused.ended).toBe(1);
    expect(refused.output()).toContain(`in use by process ${server.process.pid}`);
    const taken = start(mkdtempSync(join(tmpdir(), 'wide-rafter-other-')), port);
    expect(await taken.ended).toBe(1);
    expect(taken.output()).toContain(`Port ${port} is taken`);

    await page.goto(`${address}/plans/pell-garth`);
    await expect(page.locator('[data-worked]')).toBeVisible();
    await type('bar-1', '1.75 m');
    await saved(page);
    const last = await page.context().newPage();
    await last.goto(`${address}/plans/osk-landing`);
    await last.locator('[data-station="litter"]').click();
    await expect(last.getByLabel(/^Litter depth/)).toBeVisible();
    await expect(last.locator('[data-worked]')).toBeVisible();
    await kill();

    // an edit while nobody answers is told as not saved: one plan stays open, the other is closed
    await type('bar-2', '1.85 m');
    await expect(page.getByText('Not saved: the server does not answer')).toBeVisible();
    await last.getByLabel(/^Litter depth/).fill('17 cm');
    await last.getByLabel(/^Litter depth/).press('Enter');
    await expect(last.getByText('Not saved: the server does not answer')).toBeVisible();
    await last.close();
    server = start(dir, port);
    await answers(server);

    // what is open is saved as soon as a server is back
    await saved(page);
    await page.reload();
    await expect(page.locator('[data-row="bar-1"]').getByLabel(/^Length/)).toHaveValue('1.75 m');
    await expect(page.locator('[data-row="bar-2"]').getByLabel(/^Length/)).toHaveValue('1.85 m');
    // what was closed is offered on return, and then saved
    await page.goto(`${address}/plans/osk-landing`);
    const offer = page.getByRole('alert').filter({ hasText: 'were never saved' });
    await expect(offer).toContainText('Litter: depth at first 20 cm → 17 cm');
    await offer.getByRole('button', { name: 'Put them back' }).click();
    await saved(page);
    await page.reload();
    await page.locator('[data-station="litter"]').click();
    await expect(page.getByLabel(/^Litter depth/)).toHaveValue('17 cm');
    await expect(offer).toHaveCount(0);

    // asked to stop, it does not wait for a browser that only keeps a connection open
    const silent = connect(port, '127.0.0.1');
    silent.on('error', () => silent.destroy());
    await once(silent, 'connect');
    server.process.kill('SIGTERM');
    expect(await server.ended).toBe(143);
  } finally {
    await kill();
    rmSync(dir, { recursive: true, force: true });
  }
});

test('pages carry the policy, and a write from another site is refused', async ({ request }) => {
  const policy = (await request.get('/')).headers()['content-security-policy'] ?? '';
  expect(policy).toMatch(/script-src 'self' 'nonce-[\w+/=]+' 'strict-dynamic';/);
  expect(policy).toContain("default-src 'self'");
  const foreign = await request.post('/api/plans', {
    data: '{}',
    headers: { 'sec-fetch-site': 'cross-site' },
  });
  expect(foreign.status()).toBe(403);
  const missing = await request.put('/api/plans/pell-garth', { data: '{}' });
  expect([missing.status(), missing.headers()['content-type']]).toEqual([
    428,
    'application/problem+json',
  ]);
  expect((await request.get('/plans/nobody')).status()).toBe(404);
});

test('what cannot even be read as a request is refused, not broken on', async ({ request }) => {
  const answers = await Promise.all([
    request.get('/api/plans/p%ll-garth'),
    request.get('/plans/%zz'),
    request.fetch('/api/plans', { method: 'PURGE' }),
  ]);
  expect(answers.map((a) => a.status())).toEqual([400, 400, 405]);
  for (const a of answers) expect(a.headers()['content-type']).toBe('application/problem+json');
});
