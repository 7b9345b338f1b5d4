import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { saved } from './help';
import { answers, start } from './ownServer';

test('the server is killed and started again: a second one is refused, and the plan is as it was left', async ({
  page,
}) => {
  const dir = mkdtempSync(join(tmpdir(), 'wide-rafter-kill-'));
  const [port, other] = [4393, 4394];
  const first = start(dir, port, '--samples');
  try {
    await answers(first);
    const refused = start(dir, other);
    expect(await refused.ended).toBe(1);
    expect(refused.output()).toContain(`in use by process ${first.process.pid}`);
    const taken = start(mkdtempSync(join(tmpdir(), 'wide-rafter-other-')), port);
    expect(await taken.ended).toBe(1);
    expect(taken.output()).toContain(`Port ${port} is taken`);

    await page.goto(`http://127.0.0.1:${port}/plans/pell-garth`);
    await expect(page.locator('[data-worked]')).toBeVisible();
    await page
      .locator('[data-row="bar-1"]')
      .getByLabel(/^Length/)
      .fill('1.75 m');
    await page
      .locator('[data-row="bar-1"]')
      .getByLabel(/^Length/)
      .press('Enter');
    await saved(page);
    first.process.kill('SIGKILL');
    await first.ended;

    // an edit while nobody answers is told as not saved, and saved when a server is back
    await page
      .locator('[data-row="bar-2"]')
      .getByLabel(/^Length/)
      .fill('1.85 m');
    await page
      .locator('[data-row="bar-2"]')
      .getByLabel(/^Length/)
      .press('Enter');
    await expect(page.getByText('Not saved: the server does not answer')).toBeVisible();
    const second = start(dir, port);
    try {
      await answers(second);
      await saved(page);
      await page.reload();
      await expect(page.locator('[data-row="bar-1"]').getByLabel(/^Length/)).toHaveValue('1.75 m');
      await expect(page.locator('[data-row="bar-2"]').getByLabel(/^Length/)).toHaveValue('1.85 m');
    } finally {
      second.process.kill('SIGKILL');
      await second.ended;
    }
  } finally {
    first.process.kill('SIGKILL');
    rmSync(dir, { recursive: true, force: true });
  }
});

test('a plan edited while the server is down and then closed is offered on return, and saved', async ({
  page,
}) => {
  const dir = mkdtempSync(join(tmpdir(), 'wide-rafter-offer-'));
  const port = 4395;
  const address = `http://127.0.0.1:${port}/plans/osk-landing`;
  let server = start(dir, port, '--samples');
  const again = async (): Promise<void> => {
    server = start(dir, port);
    await answers(server);
  };
  const kill = async (): Promise<void> => {
    server.process.kill('SIGKILL');
    await server.ended;
  };
  try {
    await answers(server);
    await page.goto(address);
    await page.locator('[data-station="litter"]').click();
    await expect(page.getByLabel(/^Litter depth/)).toBeVisible();
    await expect(page.locator('[data-worked]')).toBeVisible();
    await kill();
    await page.getByLabel(/^Litter depth/).fill('17 cm');
    await page.getByLabel(/^Litter depth/).press('Enter');
    await expect(page.getByText('Not saved: the server does not answer')).toBeVisible();
    await page.goto('about:blank');
    await again();
    await page.goto(address);
    const offer = page.getByRole('alert').filter({ hasText: 'were never saved' });
    await expect(offer).toContainText('Litter: depth at first 20 cm → 17 cm');
    await offer.getByRole('button', { name: 'Put them back' }).click();
    await saved(page);
    await page.reload();
    await page.locator('[data-station="litter"]').click();
    await expect(page.getByLabel(/^Litter depth/)).toHaveValue('17 cm');
    await expect(offer).toHaveCount(0);
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

test('asked to stop, it does not wait for a browser that only keeps a connection open', async () => {
  const dir = mkdtempSync(join(tmpdir(), 'wide-rafter-stop-'));
  const port = 4400 + Number(process.env.TEST_WORKER_INDEX ?? 0);
  const server = start(dir, port);
  try {
    await answers(server);
    const silent = connect(port, '127.0.0.1');
    silent.on('error', () => silent.destroy());
    await once(silent, 'connect');
    server.process.kill('SIGTERM');
    expect(await server.ended).toBe(143);
  } finally {
    server.process.kill('SIGKILL');
    rmSync(dir, { recursive: true, force: true });
  }
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
