import { mkdtempSync, readFileSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { request as httpRequest } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { answers, start } from './ownServer';

const PORT = 4388;

/** Memory a process holds, MB. */
const residentMb = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;

/** Sends a body of so many megabytes as fast as it is taken; the status of the answer. */
const send = (megabytes: number): Promise<number> =>
  new Promise((resolve, reject) => {
    const request = httpRequest(
      {
        host: '127.0.0.1',
        port: PORT,
        path: '/api/plans',
        method: 'POST',
        headers: { 'content-type': 'application/json' },
      },
      (response) => {
        response.resume();
        resolve(response.statusCode ?? 0);
        request.destroy();
      },
    );
    request.on('error', (error: NodeJS.ErrnoException) =>
      error.code === 'EPIPE' || error.code === 'ECONNRESET' ? undefined : reject(error),
    );
    const chunk = Buffer.alloc(1_000_000, ' ');
    let sent = 0;
    const more = (): void => {
      while (sent < megabytes && !request.destroyed) {
        sent++;
        if (!request.write(chunk)) {
          request.once('drain', more);
          return;
        }
      }
      if (!request.destroyed) request.end();
    };
    more();
  });

test('files of 2 and of 200 MB are told of and not read; bodies of that size are refused, and memory stays flat', async ({
  page,
}) => {
  const dir = mkdtempSync(join(tmpdir(), 'wide-rafter-large-'));
  const server = start(join(dir, 'data'), PORT, '--samples');
  try {
    await answers(server);
    await page.goto(`http://127.0.0.1:${PORT}`);
    await expect(page.locator('[data-plan]').first()).toBeVisible();
    const heap = (): Promise<number> =>
      page.evaluate(
        () =>
          (performance as unknown as { memory: { usedJSHeapSize: number } }).memory.usedJSHeapSize /
          1e6,
      );
    const before = await heap();
    for (const megabytes of [2, 200]) {
      const file = join(dir, `${megabytes}.json`);
      writeFileSync(file, '{');
      truncateSync(file, megabytes * 1e6);
      await page.getByLabel(/^Plan file to bring in/).setInputFiles(file);
      await expect(page.getByRole('dialog')).toContainText(
        `It is larger than 1 MB (${megabytes} MB). A plan file is far smaller.`,
      );
      await page.keyboard.press('Escape');
    }
    expect((await heap()) - before).toBeLessThan(20);

    const pid = server.process.pid ?? 0;
    expect(await send(2)).toBe(413);
    const held = residentMb(pid);
    for (let i = 0; i < 3; i++) expect(await send(200)).toBe(413);
    expect(residentMb(pid) - held).toBeLessThan(100);
    const plans = await (await page.request.get(`http://127.0.0.1:${PORT}/api/plans`)).json();
    expect(plans).toHaveLength(4);
  } finally {
    server.process.kill('SIGKILL');
    rmSync(dir, { recursive: true, force: true });
  }
});
