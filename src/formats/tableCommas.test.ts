import { settleCommas, withCommas } from './tableCommas';

const settled = (rows: string[][], commas: 'point' | 'thousands' | null = null) => {
  const read = settleCommas(rows, commas);
  return read.ok ? read.value : read.issues;
};

test('what a comma before three figures is, the other numbers of its column say', () => {
  expect(settled([['12,5'], ['1,200']])).toEqual([['12,5'], ['1.200']]);
  expect(settled([['0,125'], ['1,200']])).toEqual([['0,125'], ['1.200']]);
  expect(settled([['12.5'], ['1,200']])).toEqual([['12.5'], ['1200']]);
  // the column goes before the table
  expect(
    settled([
      ['1,5', '8.5'],
      ['1,200', '1,200'],
    ]),
  ).toEqual([
    ['1,5', '8.5'],
    ['1.200', '1200'],
  ]);
});

test('else those of the whole table', () => {
  expect(
    settled([
      ['3,5', '1,200'],
      ['4,5', '2,400'],
    ]),
  ).toEqual([
    ['3,5', '1.200'],
    ['4,5', '2.400'],
  ]);
});

test('where nothing says, the table is asked about once, and the answer holds', () => {
  expect(settled([['1,200'], ['2,400']])).toEqual([
    expect.objectContaining({ code: 'columns.comma' }),
  ]);
  expect(settled([['1,200'], ['800']], 'thousands')).toEqual([['1200'], ['800']]);
  expect(settled([['1,200'], ['800']], 'point')).toEqual([['1.200'], ['800']]);
});

test('the answer is written into the table itself, cell by cell', () => {
  expect(withCommas('a;b\n1,200;3', 'thousands')).toBe('a;b\r\n1200;3');
  expect(withCommas('a,b\n"1,200",300', 'point')).toBe('a,b\r\n1.200,300');
});
