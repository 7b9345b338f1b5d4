import { readFileSync, statSync, writeFileSync } from 'node:fs';
import { ownFonts } from '@/formats/drawing/ownFonts';
import { PIPE } from './planFile';
import { runCli } from './run';

process.exitCode = await runCli(process.argv.slice(2), {
  sizeOf: (file) => statSync(file).size,
  readText: (file) => readFileSync(file === PIPE ? 0 : file, 'utf8'),
  readBytes: (file) => readFileSync(file === PIPE ? 0 : file),
  writeText: (file, text) => writeFileSync(file, text),
  writeBytes: (file, bytes) => {
    if (file === PIPE) process.stdout.write(bytes);
    else writeFileSync(file, bytes);
  },
  fonts: ownFonts,
  now: () => new Date(),
  out: (text) => process.stdout.write(`${text}\n`),
  err: (text) => process.stderr.write(`${text}\n`),
});
