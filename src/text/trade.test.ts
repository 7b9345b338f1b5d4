import { tradePieces } from './trade';
import { TRADE_WORDS } from './trade.data';

const words = (text: string, told = new Set<string>()): string[] =>
  tradePieces(text, told).flatMap((p) => (p.kind === 'word' ? [p.text] : []));

test('each word of the trade is explained once, where it first stands', () => {
  expect(words('The lip holds the litter. Raise the lip over the litter.')).toEqual([
    'lip',
    'litter',
  ]);
});

test('what was explained before is not again', () => {
  const told = new Set<string>();
  expect(words('Raise the lip.', told)).toEqual(['lip']);
  expect(words('The lip is low, and the pop door is high.', told)).toEqual(['pop door']);
});

test('the pieces are the text again', () => {
  const text = 'Cover it with hardware cloth under battens; lay an apron.';
  expect(
    tradePieces(text, new Set())
      .map((p) => p.text)
      .join(''),
  ).toBe(text);
});

test('the longer word counts: a droppings board is no droppings', () => {
  expect(words('Scrape the droppings board.')).toEqual(['droppings board']);
});

test('no word is explained by one that itself has to be', () => {
  for (const { pattern, meaning } of TRADE_WORDS) expect(meaning).not.toMatch(pattern);
});

test('a text without such words is one piece, and none is none', () => {
  expect(tradePieces('Nothing here.', new Set())).toEqual([
    { kind: 'text', text: 'Nothing here.' },
  ]);
  expect(tradePieces('', new Set())).toEqual([]);
});
