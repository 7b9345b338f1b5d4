import { readFileSync, statSync, writeFileSync } from 'node:fs';
import { runCli } from './run';

process.exitCode = runCli(process.argv.slice(2), {
  sizeOf: (file) => statSync(file).size,
  readText: (file) => readFileSync(file, 'utf8'),
  writeText: (file, text) => writeFileSync(file, text),
  now: () => new Date(),
  out: (text) => process.stdout.write(`${text}\n`),
  err: (text) => process.stderr.write(`${text}\n`),
});
