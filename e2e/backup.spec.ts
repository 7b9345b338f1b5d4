import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, type Page, test } from '@playwright/test';
import { goTo, saved } from './help';
import { answers, type Server, start } from './ownServer';

const PORT = 4389;
const PLAN = `http://127.0.0.1:${PORT}/plans/pell-garth`;

const command = (name: 'backup' | 'restore', dir: string, ...args: string[]) => {
  const { status, stdout, stderr } = spawnSync(process.execPath, [`scripts/${name}.mjs`, ...args], {
    encoding: 'utf8',
    env: { ...process.env, WIDE_RAFTER_DATA: dir },
  });
  return { status, said: stdout + stderr };
};

const litter = async (page: Page, text: string): Promise<void> => {
  await goTo(page, 'litter');
  await page.getByLabel(/^Litter depth/).fill(text);
  await page.getByLabel(/^Litter depth/).press('Enter');
  await saved(page);
};

const shownLitter = async (page: Page): Promise<string> => {
  await page.goto(PLAN);
  await goTo(page, 'litter');
  return page.getByLabel(/^Litter depth/).inputValue();
};

test('a backup taken from the running server is restored, and a damaged directory is told of with its way back', async ({
  page,
}) => {
  const home = mkdtempSync(join(tmpdir(), 'wide-rafter-backup-'));
  const dir = join(home, 'data');
  const file = join(home, 'mine.tar.gz');
  let server: Server = start(dir, PORT, '--samples');
  const kill = async (): Promise<void> => {
    server.process.kill('SIGKILL');
    await server.ended;
  };
  try {
    await answers(server);
    await page.goto(PLAN);
    await litter(page, '13 cm');
    const made = command('backup', dir, file);
    expect(made).toEqual({
      status: 0,
      said: expect.stringMatching(
        /mine\.tar\.gz: 4 plans, last saved on .*, from the running server\./,
      ),
    });
    expect(command('backup', dir, file).said).toContain('is there already');
    await litter(page, '19 cm');

    // not while the server runs
    const refused = command('restore', dir, file);
    expect([refused.status, refused.said]).toEqual([
      1,
      expect.stringContaining(`in use by process ${server.process.pid}`),
    ]);
    await kill();
    expect(command('restore', dir, join(home, 'nothing.tar.gz')).said).toContain(
      'There is no file',
    );
    writeFileSync(join(home, 'words.tar.gz'), 'not a backup');
    expect(command('restore', dir, join(home, 'words.tar.gz')).said).toContain(
      'is no backup that can be taken',
    );
    const done = command('restore', dir, file);
    expect([done.status, done.said]).toEqual([
      0,
      expect.stringMatching(/now holds 4 plans[\s\S]*What stood there before is kept in/),
    ]);
    server = start(dir, PORT);
    await answers(server);
    expect(await shownLitter(page)).toBe('13 cm');
    await kill();

    // a nightly copy, then damage: the server refuses to start, in words, until a copy is chosen
    // on a slow machine a server has lived long enough to have made one of its own
    rmSync(join(dir, 'copies'), { recursive: true, force: true });
    mkdirSync(join(dir, 'copies'));
    expect(command('backup', dir, join(dir, 'copies/2026-11-23.tar.gz')).status).toBe(0);
    truncateSync(join(dir, 'database/global/pg_control'), 0);
    for (const _ of ['found', 'asked again']) {
      server = start(dir, PORT);
      expect(await server.ended).toBe(1);
      expect(server.output()).toContain("can't be opened");
      expect(server.output()).toMatch(/kept, untouched, in .*database-damaged-/);
      expect(server.output()).toContain(`npm run restore -- ${dir}/copies/2026-11-23.tar.gz`);
    }
    expect(command('restore', dir, join(dir, 'copies/2026-11-23.tar.gz')).status).toBe(0);
    expect(readdirSync(dir).some((n) => n.startsWith('database-damaged-'))).toBe(true);
    server = start(dir, PORT);
    await answers(server);
    expect(await shownLitter(page)).toBe('13 cm');
  } finally {
    await kill();
    rmSync(home, { recursive: true, force: true });
  }
});
