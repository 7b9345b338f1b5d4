import { readThings } from './thingsWords';

test.each([
  ['2 bars, 4 nests', ['bar', 'bar', 'nests 4']],
  ['two perches and a pop door', ['bar', 'bar', 'popDoor']],
  ['a feeder, a drinker; three windows', ['feeder', 'drinker', 'opening', 'opening', 'opening']],
  ['4 nest boxes + door', ['nests 4', 'door']],
  ['6 nesting boxes, roost', ['nests 6', 'bar']],
  ['nests', ['nests ']],
  ['a post and one hatch', ['obstacle', 'door']],
])('“%s” is read as what stands there', (text, said) => {
  const { things, unread } = readThings(text);
  expect(unread).toEqual([]);
  expect(things.map((t) => (t.kind === 'nests' ? `nests ${t.boxes ?? ''}` : t.kind))).toEqual(said);
});

test('what is no thing of a coop, or far too many of it, is given back', () => {
  expect(readThings('2 bars, a piano')).toEqual({
    things: [{ kind: 'bar' }, { kind: 'bar' }],
    unread: ['a piano'],
  });
  expect(readThings('200 bars').unread).toEqual(['200 bars']);
  expect(readThings('0 bars').unread).toEqual(['0 bars']);
  expect(readThings('  ,; ').unread).toEqual([]);
});
