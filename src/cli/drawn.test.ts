import { DAY, sample } from '@/core/tests/plans';
import { runIn as run } from './tests/inMemory';

const files = { 'pell.json': JSON.stringify(sample('pell-garth')), 'torn.json': '{"format":' };

test('a plan is drawn as the kind of file that its name says', async () => {
  const svg = await run(['draw', 'pell.json', '-o', 'a.svg', '--view', 'right'], files);
  expect([svg.code, svg.err]).toEqual([0, '']);
  expect(svg.written['a.svg']).toMatch(/^<svg [^>]*width="[\d.]+mm"/);
  expect(svg.written['a.svg']).toContain('data-layer="bars"');
  const dxf = await run(
    ['draw', 'pell.json', '-o', 'a.dxf', '--scale', '3/4 in to the foot'],
    files,
  );
  expect(dxf.code).toBe(0);
  expect(dxf.written['a.dxf']).toMatch(/SECTION[\s\S]*LWPOLYLINE[\s\S]*EOF/);
});

test.each([
  [['draw'], 'Name a plan file.'],
  [['draw', 'pell.json'], 'Say where the drawing goes'],
  [['draw', 'pell.json', '-o', 'a.gif'], 'A drawing is one of: svg, dxf, png, pdf.'],
  [['draw', 'pell.json', '-o', 'a.svg', '--view', 'below'], '--view below is none of'],
  [
    ['draw', 'pell.json', '-o', 'a.svg', '--view', 'sticks'],
    'Story sticks at full size are printed',
  ],
  [['draw', 'pell.json', '-o', 'a.svg', '--scale', 'huge'], '--scale huge is no scale'],
  [['draw', 'pell.json', '-o', 'a.pdf', '--paper', 'b7'], '--paper b7 is none of'],
  [['arrange', 'pell.json'], 'Say where the plan goes'],
  [['arrange', 'pell.json', '-o', 'b.json', '--seed', 'x'], '--seed x is no whole number'],
  [['arrange', 'pell.json', '-o', 'b.json', '--on', 'May'], '--on May is not a day'],
])('%j is told how it is said', async (args, why) => {
  const { code, err, written } = await run(args, files);
  expect(code).toBe(2);
  expect(err).toContain(why);
  expect(err).toContain('Usage:');
  expect(written).toEqual({});
});

test.each([
  [['draw', 'gone.json', '-o', 'a.svg'], "gone.json can't be read"],
  [['draw', 'torn.json', '-o', 'a.svg'], 'torn.json is not a plan'],
  [['draw', 'pell.json', '-o', 'nowhere/a.svg'], "nowhere/a.svg can't be written"],
  [['arrange', 'gone.json', '-o', 'b.json'], "gone.json can't be read"],
  [
    ['arrange', 'pell.json', '-o', 'b.json', '--pin', 'moon'],
    '--pin moon: nothing in the plan has that id',
  ],
])('%j fails with the reason', async (args, why) => {
  const { code, err } = await run(args, files);
  expect(code).toBe(1);
  expect(err).toContain(why);
});

test('a coop is arranged with its pinned bank where it was, and the answers are told', async () => {
  const { code, out, written } = await run(
    ['arrange', 'pell.json', '-o', 'b.json', '--pin', 'nests-1', '--on', DAY],
    files,
  );
  expect(code).toBe(0);
  expect(out).toMatch(/^Tried \d+ arrangements\.\n1\. .+\n/);
  const made = JSON.parse(written['b.json'] ?? '') as { fixtures: { id: string }[] };
  const bank = sample('pell-garth').fixtures.find((f) => f.id === 'nests-1');
  expect(made.fixtures.find((f) => f.id === 'nests-1')).toEqual(bank);
});
