import type { RuleBook } from '@/core/rules/types';
import { DAY } from '@/core/tests/plans';
import { runCli } from '../run';
import type { CliWorld } from '../world';

/** A world whose files stand only in a test: what was said and written in it. */
export function inMemory(files: Readonly<Record<string, string>>, book?: RuleBook) {
  const told = { out: '', err: '', written: {} as Record<string, string> };
  const write = (file: string, text: string): void => {
    if (file.startsWith('nowhere/')) throw new Error('no such directory');
    told.written[file] = text;
  };
  const textOf = (file: string): string => {
    const text = files[file];
    if (text === undefined) throw new Error('no such file');
    return text;
  };
  const world: CliWorld = {
    sizeOf: (file) => files[file]?.length ?? 0,
    readText: textOf,
    readBytes: (file) => new TextEncoder().encode(textOf(file)),
    writeText: write,
    writeBytes: (file, bytes) => write(file, new TextDecoder().decode(bytes)),
    fonts: () => {
      throw new Error('lines need no font');
    },
    now: () => new Date(`${DAY}T08:00:00Z`),
    out: (text) => {
      told.out += text;
    },
    err: (text) => {
      told.err += text;
    },
    ...(book ? { book } : {}),
  };
  return { world, told };
}

/** Runs the command in such a world. */
export async function runIn(
  args: string[],
  files: Readonly<Record<string, string>> = {},
  book?: RuleBook,
) {
  const { world, told } = inMemory(files, book);
  const code = await runCli(args, world);
  return { code, ...told };
}
