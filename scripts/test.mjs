// Everything that CI holds: types, lint and format, arrows, unit tests, a production build, browser tests,
// kills. Goes on after a failure, and ends with what it took of the processors and a line that counts.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build } from './build.mjs';
import { JEST } from './jest.mjs';
import { root } from './root.mjs';

const bin = (path) => join(root, 'node_modules', path);
const results = join(root, 'test-results');
let passed = 0;
let failed = 0;

function run(name, args) {
  const from = Date.now();
  console.log(`\n── ${name}`);
  const { status } = spawnSync(process.execPath, args, {
    cwd: root,
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
    // a guard against what never ends, not a measure of speed
    timeout: 3 * 3600 * 1000,
  });
  console.log(
    `── ${name}: ${status === 0 ? 'ok' : 'FAILED'} in ${((Date.now() - from) / 1000).toFixed(1)} s`,
  );
  return status === 0;
}

/**
 * Time that this process and all that it started and has seen end took of the processors, minutes: machines are seldom
 * quiet, and a clock tells of its neighbours too. Null where the system does not say.
 */
function cpuMinutes() {
  try {
    // after the name in brackets: user and system of its own, then of its children, in hundredths of a second
    const fields = readFileSync('/proc/self/stat', 'utf8').split(') ')[1].split(' ');
    const ticks = fields.slice(11, 15).reduce((sum, n) => sum + Number(n), 0);
    return ticks / 100 / 60;
  } catch {
    return null;
  }
}

const count = (good) => (good ? passed++ : failed++);

/** Adds a runner's own counts; a runner that failed without counting a failure counts as one. */
function countFrom(good, file, read) {
  const counts = existsSync(file)
    ? read(JSON.parse(readFileSync(file, 'utf8')))
    : { passed: 0, failed: 0 };
  passed += counts.passed;
  failed += counts.failed || (good ? 0 : 1);
}

rmSync(results, { recursive: true, force: true });
mkdirSync(results);
count(run('types', [bin('typescript/bin/tsc'), '--noEmit']));
count(run('lint and format', [bin('@biomejs/biome/bin/biome'), 'ci', '--colors=off', '.']));
count(
  run('arrows', [
    bin('dependency-cruiser/bin/dependency-cruise.mjs'),
    'src',
    '--config',
    '.dependency-cruiser.cjs',
  ]),
);

// built first: unit tests begin their databases with the empty one that the build makes
console.log('\n── production build');
await build();
passed++;

const unitFile = join(results, 'unit.json');
const unit = run('unit tests', [...JEST, '--json', `--outputFile=${unitFile}`, '--silent']);
countFrom(unit, unitFile, (r) => ({
  passed: r.numPassedTests,
  failed: r.numFailedTests + r.numRuntimeErrorTestSuites,
}));

const browserFile = join(results, 'report.json');
const browser = run('browser tests', [bin('@playwright/test/cli.js'), 'test']);
countFrom(browser, browserFile, ({ stats }) => ({
  passed: stats.expected + stats.flaky,
  failed: stats.unexpected,
}));

count(run('kills under load', ['scripts/crash.mjs', '5']));

const took = cpuMinutes();
if (took !== null)
  console.log(`\n${took.toFixed(1)} CPU minutes, user and system, of all that was started`);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
