// What is held between two commits, in under a minute: types, lint, arrows, and the unit tests next to what changed.
//   npm run check            of what is not committed, or of the last commit where all is
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';
import { JEST } from './jest.mjs';
import { root } from './root.mjs';

/** Searches of minutes over random coops: run by `npm test`, here only where they are changed themselves. */
const LONG =
  /remedies\/(tape|silly|setAnew|faults|remedies)\.test|assess\.(memory\.)?test|properties\.test|everyField\.test/;

const git = (...args) =>
  spawnSync('git', args, { cwd: root, encoding: 'utf8' }).stdout.split('\n').filter(Boolean);
const bin = (path) => join(root, 'node_modules', path);

const open = [
  ...git('diff', '--name-only', 'HEAD'),
  ...git('ls-files', '--others', '--exclude-standard'),
];
const changed = (open.length > 0 ? open : git('diff', '--name-only', 'HEAD~1')).filter(
  (f) => /^src\/.*\.tsx?$/.test(f) && existsSync(join(root, f)),
);

/** Test files with what they import, as paths of this checkout without their endings. */
const tests = git('ls-files', 'src')
  .filter((f) => /\.test\.tsx?$/.test(f) && existsSync(join(root, f)))
  .map((file) => {
    const text = readFileSync(join(root, file), 'utf8');
    const imports = [...text.matchAll(/from '(@\/|\.)([^']*)'/g)].map(([, how, rest]) =>
      how === '@/' ? `src/${rest}` : normalize(join(dirname(file), `.${rest}`)),
    );
    return { file, imports };
  });
const bare = (f) => f.replace(/\.tsx?$/, '');
const near = tests.filter(({ file, imports }) =>
  changed.some(
    (f) =>
      f === file ||
      (dirname(f) === dirname(file) && dirname(f).split('/').length > 2) ||
      imports.includes(bare(f)),
  ),
);
const own = new Set(changed);
const short = near.filter(({ file }) => own.has(file) || !LONG.test(file)).map((t) => t.file);
const left = near.length - short.length;

const jobs = [
  ['types', [bin('typescript/bin/tsc'), '--noEmit']],
  ['lint and format', [bin('@biomejs/biome/bin/biome'), 'ci', '--colors=off', '.']],
  [
    'arrows',
    [
      bin('dependency-cruiser/bin/dependency-cruise.mjs'),
      'src',
      '--config',
      '.dependency-cruiser.cjs',
    ],
  ],
  ...(short.length === 0
    ? []
    : [
        [
          `${short.length} unit tests${left > 0 ? `, ${left} long ones left to npm test` : ''}`,
          [...JEST, '--silent', '--runTestsByPath', ...short],
        ],
      ]),
];

const from = Date.now();
const results = await Promise.all(
  jobs.map(
    ([name, args]) =>
      new Promise((done) => {
        const child = spawn(process.execPath, args, { cwd: root, stdio: 'pipe' });
        let said = '';
        for (const stream of [child.stdout, child.stderr]) {
          stream.on('data', (d) => {
            said += d;
          });
        }
        child.on('close', (code) => {
          console.log(`── ${name}: ${code === 0 ? 'ok' : 'FAILED'}`);
          if (code !== 0) console.log(said);
          done(code === 0);
        });
      }),
  ),
);
console.log(`${changed.length} files changed, ${((Date.now() - from) / 1000).toFixed(0)} s`);
process.exit(results.every(Boolean) ? 0 : 1);
