import { RULE_BOOK } from '@/core/rules/book';
import type { RuleBook } from '@/core/rules/types';
import { DAY, sample } from '@/core/tests/plans';
import { runCli, USAGE } from './run';

/** Runs the command on files that stand only in this test. */
function run(args: string[], files: Record<string, string> = {}, book?: RuleBook) {
  let out = '';
  let err = '';
  const code = runCli(args, {
    sizeOf: (file) => files[file]?.length ?? 0,
    readText: (file) => {
      const text = files[file];
      if (text === undefined) throw new Error('no such file');
      return text;
    },
    now: () => new Date(`${DAY}T08:00:00Z`),
    out: (text) => {
      out += text;
    },
    err: (text) => {
      err += text;
    },
    ...(book ? { book } : {}),
  });
  return { code, out, err };
}

const files = { 'pell.json': JSON.stringify(sample('pell-garth')) };

test('it prints the sentence, a table of staves and the findings', () => {
  const { code, out } = run(['assess', 'pell.json'], files);
  expect(code).toBe(0);
  expect(out).toContain('This coop carries 6 birds. You plan 14. The roosts hold it back.');
  expect(out).toMatch(/Roosts +6 +short +14 +8/);
  expect(out).toContain(
    'Tails rub, and droppings foul the wall. Rear bar: 16 cm from the wall; these birds need 38 cm.',
  );
});

test('as JSON it has stable figure ids, staves, findings and the day', () => {
  const { code, out } = run(['assess', 'pell.json', '--on', '2027-03-01', '--json'], files);
  expect(code).toBe(0);
  const json = JSON.parse(out);
  expect(json).toMatchObject({
    on: '2027-03-01',
    carries: 6,
    planned: 14,
    today: 8,
    heldBackBy: ['roosts'],
    staves: {
      roosts: { carries: 6, verdict: 'short' },
      floor: { carries: 14 },
      nests: { carries: 13 },
    },
  });
  expect(json.figures['roosts.capacity']).toEqual({
    value: 6,
    unit: 'birds',
    evidence: 'keepers',
    source: 'keepers',
    working: 'roosts.capacity',
  });
  for (const id of ['roosts.widthPerBird', 'nests.needed', 'floor.areaPerBird'])
    expect(json.figures[id].value).toBeGreaterThan(0);
  expect(Object.keys(json.findings[0]).sort()).toEqual(['code', 'fixtures', 'numbers', 'severity']);
});

test('a rule row that stands only in the rules it is given appears, chosen or not', () => {
  const row = {
    ...RULE_BOOK.rows.find((r) => r.id === 'nests.hens.common'),
    id: 'nests.hens.test',
    school: 'one each',
    params: { hensPerBox: 1 },
  } as RuleBook['rows'][number];
  const { code, out } = run(['assess', 'pell.json'], files, {
    ...RULE_BOOK,
    rows: [...RULE_BOOK.rows, row],
  });
  expect(code).toBe(0);
  expect(out).toMatch(/nests\.hens +one each +1 hen a box +carries 3/);
});

test.each([
  [[], 'Say what to do'],
  [['build', 'x'], 'Say what to do'],
  [['assess'], 'Name a plan file'],
  [['assess', 'a', 'b'], 'One plan file at a time'],
  [['assess', 'pell.json', '--on', 'tomorrow'], '--on tomorrow is not a day'],
  [['assess', 'pell.json', '--loud'], 'loud'],
])('%j is wrong usage', (args, message) => {
  const { code, err, out } = run(args, files);
  expect(code).toBe(2);
  expect(err).toContain(message);
  expect(err).toContain(USAGE);
  expect(out).toBe('');
});

test('a plan that cannot be read says where and why, on stderr', () => {
  expect(run(['assess', 'gone.json'])).toMatchObject({ code: 1, out: '' });
  const bad = { 'bad.json': JSON.stringify({ ...sample('pell-garth'), colour: 'red' }) };
  const { code, err } = run(['assess', 'bad.json'], bad);
  expect(code).toBe(1);
  expect(err).toContain('colour');
  expect(run(['--help']).code).toBe(0);
});
