import { createHash } from 'node:crypto';
import { mkdirSync, readFileSync, realpathSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';

export interface Holder {
  readonly pid: number;
  readonly address: string;
}

/** Another process holds the data directory. */
export class DirectoryHeld extends Error {
  constructor(
    readonly dir: string,
    readonly holder: Holder | null,
  ) {
    const who = holder ? `by process ${holder.pid} (${holder.address})` : 'by another process';
    super(
      `The data directory ${dir} is in use ${who}. Stop that server first, or set WIDE_RAFTER_DATA to another directory.`,
    );
  }
}

/**
 * Takes a data directory for this process; gone with the process, however it ends.
 * Two processes on one directory would lose saves silently.
 * @returns lets it go again before the process ends
 * @throws DirectoryHeld where another process has it
 */
export async function takeDirectory(dir: string, address: string): Promise<() => void> {
  mkdirSync(dir, { recursive: true });
  const real = realpathSync(dir);
  const file = join(real, 'holder.json');
  const release =
    process.platform === 'linux' ? await takeSocket(real, file) : takeFile(real, file);
  writeFileSync(file, JSON.stringify({ pid: process.pid, address } satisfies Holder));
  return release;
}

/** An abstract socket refuses at once while its holder lives and is free at once after a kill. */
function takeSocket(real: string, file: string): Promise<() => void> {
  const hash = createHash('sha256').update(real).digest('hex').slice(0, 40);
  return new Promise((resolve, reject) => {
    const server = createServer((socket) => socket.destroy());
    server.once('error', (error: NodeJS.ErrnoException) =>
      reject(error.code === 'EADDRINUSE' ? new DirectoryHeld(real, readHolder(file)) : error),
    );
    server.listen(`\0wide-rafter-${hash}`, () => {
      server.unref();
      resolve(() => void server.close());
    });
  });
}

/** Elsewhere: a file made exclusively, taken over where its process is gone. */
function takeFile(real: string, file: string): () => void {
  const claim = `${file}.lock`;
  try {
    writeFileSync(claim, String(process.pid), { flag: 'wx' });
  } catch {
    const pid = Number(readFileSync(claim, 'utf8'));
    if (alive(pid)) throw new DirectoryHeld(real, readHolder(file));
    rmSync(claim);
    writeFileSync(claim, String(process.pid), { flag: 'wx' });
  }
  return () => rmSync(claim, { force: true });
}

function alive(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return pid !== process.pid;
  } catch {
    return false;
  }
}

function readHolder(file: string): Holder | null {
  try {
    return JSON.parse(readFileSync(file, 'utf8')) as Holder;
  } catch {
    return null;
  }
}
