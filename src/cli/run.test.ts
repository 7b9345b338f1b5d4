import { RULE_BOOK } from '@/core/rules/book';
import type { RuleBook } from '@/core/rules/types';
import { sample } from '@/core/tests/plans';
import { USAGE } from './run';
import { runIn as run } from './tests/inMemory';

const files = { 'pell.json': JSON.stringify(sample('pell-garth')) };

test('it prints the sentence, a table of staves and the findings', async () => {
  const { code, out } = await run(['assess', 'pell.json'], files);
  expect(code).toBe(0);
  expect(out).toContain('This coop carries 6 birds. You plan 14. The roosts hold it back.');
  expect(out).toMatch(/Roosts +6 +short +14 +8/);
  expect(out).toContain(
    'Tails rub, and droppings foul the wall. Rear bar: 16 cm from the wall; these birds need 38 cm.',
  );
});

test('as JSON it has stable figure ids, staves, findings and the day', async () => {
  const { code, out } = await run(['assess', 'pell.json', '--on', '2027-03-01', '--json'], files);
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

test('a rule row that stands only in the rules it is given appears, chosen or not', async () => {
  const row = {
    ...RULE_BOOK.rows.find((r) => r.id === 'nests.hens.common'),
    id: 'nests.hens.test',
    school: 'one each',
    params: { hensPerBox: 1 },
  } as RuleBook['rows'][number];
  const { code, out } = await run(['assess', 'pell.json'], files, {
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
])('%j is wrong usage', async (args, message) => {
  const { code, err, out } = await run(args, files);
  expect(code).toBe(2);
  expect(err).toContain(message);
  expect(err).toContain(USAGE);
  expect(out).toBe('');
});

test('a plan that cannot be read says where and why, on stderr', async () => {
  expect(await run(['assess', 'gone.json'])).toMatchObject({ code: 1, out: '' });
  const bad = { 'bad.json': JSON.stringify({ ...sample('pell-garth'), colour: 'red' }) };
  const { code, err } = await run(['assess', 'bad.json'], bad);
  expect(code).toBe(1);
  expect(err).toContain('colour');
  expect((await run(['--help'])).code).toBe(0);
});

test('a coop is roughed out from a shell, with its reasons, and written as a plan that is read again', async () => {
  const asked = ['rough', '8 Sussex', '--space', '2.4x1.8x2.1', '--climate', 'cold-continental'];
  const { code, out, err, written } = await run([...asked, '-o', 'plan.json']);
  expect({ code, err }).toEqual({ code: 0, err: '' });
  expect(out).toContain('You plan 8.');
  expect(out).toContain('plan.json');
  const again = await run(['assess', 'plan.json'], written);
  expect(again.code).toBe(0);
  expect(again.out).toContain('You plan 8.');
  // the same answers give the same plan
  expect((await run([...asked, '-o', 'plan.json'])).written).toEqual(written);
  expect(JSON.parse((await run([...asked, '--json'])).out)).toMatchObject({ kind: 'fits' });
});

test('in feet a room of feet is read, and where none is given one is chosen', async () => {
  const own = await run([
    'rough',
    '6 Brahma and 2 ducks',
    '--units',
    'imperial',
    '--space',
    '10x8x7',
  ]);
  expect([own.code, own.err]).toEqual([0, '']);
  const told = await run(['rough', '6 Brahma and 2 ducks', '--units', 'imperial']);
  expect(told.out).toMatch(/A room of \d+′ × \d+′/);
});

test.each([
  [['rough'], 2, 'Say who lives there'],
  [['rough', 'some horses'], 1, 'horses'],
  [['rough', '10 hens', '--space', 'large'], 2, '--space large'],
  [['rough', '10 hens', '--space', '2x2'], 2, '--space 2x2'],
  [['rough', '10 hens', '--climate', 'moon'], 2, '--climate moon'],
  [['rough', '10 hens', '--units', 'yards'], 2, '--units yards'],
  [['rough', '10 hens', '--on', 'noon'], 2, '--on noon'],
  [['rough', '10 hens', 'more'], 2, 'more'],
  [['rough', '10 hens', '--what'], 2, '--what'],
  [['rough', '10 hens', '-o', 'nowhere/plan.json'], 1, 'nowhere/plan.json'],
])('what cannot be roughed out is told: %j', async (args, code, told) => {
  const result = await run(args as string[]);
  expect([result.code, result.err.includes(told as string)]).toEqual([code, true]);
});

test('birds that do not fit are told of with the room that holds them, and nothing is written', async () => {
  const { code, out, written } = await run([
    'rough',
    '20 sussex',
    '--space',
    '1.2x0.9x1.2',
    '-o',
    'p.json',
  ]);
  expect([code, written]).toEqual([1, {}]);
  expect(out).toContain('The smallest room of this shape');
});
