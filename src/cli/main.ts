import { readFileSync, statSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { PIPE } from './planFile';
import { runCli } from './run';

const require = createRequire(import.meta.url);

/** The program's own fonts, in the form that prints and pictures take. */
const font = (name: 'next' | 'mono'): Uint8Array => {
  const own = `atkinson-hyperlegible-${name}`;
  return readFileSync(require.resolve(`@fontsource/${own}/files/${own}-latin-400-normal.woff`));
};

process.exitCode = await runCli(process.argv.slice(2), {
  sizeOf: (file) => statSync(file).size,
  readText: (file) => readFileSync(file === PIPE ? 0 : file, 'utf8'),
  readBytes: (file) => readFileSync(file === PIPE ? 0 : file),
  writeText: (file, text) => writeFileSync(file, text),
  writeBytes: (file, bytes) => {
    if (file === PIPE) process.stdout.write(bytes);
    else writeFileSync(file, bytes);
  },
  fonts: () => ({
    text: font('next'),
    figures: font('mono'),
  }),
  now: () => new Date(),
  out: (text) => process.stdout.write(`${text}\n`),
  err: (text) => process.stderr.write(`${text}\n`),
});
