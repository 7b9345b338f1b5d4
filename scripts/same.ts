// Whether two checkouts work the same: figures, findings and remedies of all samples and of random plans.
//   node --import tsx scripts/same.ts write out.jsonl [plans=500] [seed=2026]    in each checkout
//   node --import tsx scripts/same.ts compare before.jsonl after.jsonl
import { createReadStream, createWriteStream } from 'node:fs';
import { createInterface } from 'node:readline';
import fc from 'fast-check';
import { createAssessor } from '@/core/assess';
import { samplePlans } from '@/core/edit/samples.data';
import type { Plan } from '@/core/model/schema';
import { remedies } from '@/core/remedies/remedies';
import { badCoop, DAY } from '@/core/tests/plans';

/** Two numbers that differ by no more than this part are the same. */
const PART = 1e-12;

const [mode, ...rest] = process.argv.slice(2);
if (mode === 'write') await write(rest[0] ?? 'same.jsonl', rest[1] ?? '500', rest[2] ?? '2026');
else if (mode === 'compare') await compare(rest[0] ?? '', rest[1] ?? '');
else throw new Error('say write or compare');

function worked(plan: Plan): unknown {
  const assess = createAssessor();
  const { flock: _days, figures, zones, ...a } = assess(plan, { on: DAY });
  const whole = assess(plan, { on: DAY });
  return {
    ...a,
    zones: zones && Object.values(zones).map((z) => ({ findings: z.findings, staves: z.staves })),
    figures: Object.fromEntries(figures),
    remedies: a.findings.map((f) => remedies(plan, f, whole, assess)),
  };
}

async function write(out: string, plans: string, seed: string): Promise<void> {
  const all = [
    ...samplePlans(DAY),
    ...fc.sample(badCoop, { numRuns: Number(plans), seed: Number(seed) }),
  ];
  const file = createWriteStream(out);
  for (const plan of all) file.write(`${JSON.stringify(worked(plan))}\n`);
  await new Promise((done) => file.end(done));
  console.log(`${all.length} plans written`);
}

async function compare(before: string, after: string): Promise<void> {
  const [a, b] = [before, after].map((f) =>
    createInterface({ input: createReadStream(f) })[Symbol.asyncIterator](),
  );
  if (!a || !b) throw new Error('two files are wanted');
  let [plans, values] = [0, 0];
  const differ: string[] = [];
  const walk = (x: unknown, y: unknown, path: string): void => {
    if (typeof x === 'number' && typeof y === 'number') {
      values++;
      if (!(Math.abs(x - y) <= PART * Math.max(1, Math.abs(x)))) differ.push(`${path}: ${x} ${y}`);
    } else if (x !== null && y !== null && typeof x === 'object' && typeof y === 'object') {
      const keys = new Set([...Object.keys(x), ...Object.keys(y)]);
      for (const key of keys) walk(at(x, key), at(y, key), `${path}/${key}`);
    } else {
      values++;
      if ((x ?? null) !== (y ?? null)) differ.push(`${path}: ${String(x)} ${String(y)}`);
    }
  };
  for (;;) {
    const [one, other] = [await a.next(), await b.next()];
    if (one.done !== other.done) differ.push(`plan ${plans}: only in one`);
    if (one.done || other.done) break;
    walk(JSON.parse(one.value), JSON.parse(other.value), `plan ${plans}`);
    plans++;
  }
  console.log(`${plans} plans, ${values} values, ${differ.length} differ`);
  for (const line of differ.slice(0, 40)) console.log(line);
  if (differ.length > 0) process.exitCode = 1;
}

function at(x: object, key: string): unknown {
  return (x as Record<string, unknown>)[key];
}
