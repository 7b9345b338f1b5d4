import fc from 'fast-check';
import { isPlainText, plainText } from './plainText';

test('controls, line ends and marks that turn what follows are no part of a name; what scripts need is', () => {
  for (const hidden of ['\u202e', '\u202a', '\u2066', '\u0000', '\n', '\u2028', '\ud800']) {
    expect([hidden, isPlainText(`a${hidden}b`)]).toEqual([hidden, false]);
  }
  // joiners of Persian and of families, a mark of direction, accents, an egg
  for (const name of [
    'می\u200cخواهم',
    '👨\u200d👩\u200d👧',
    'חצר\u200e 2',
    'Höhe',
    '🥚',
    'Bar 1',
  ]) {
    expect([name, isPlainText(name)]).toEqual([name, true]);
    expect(plainText(name)).toBe(name);
  }
});

test('whatever a text is, made plain it is plain, on one line, and stays so', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'binary' }), (text) => {
      const plain = plainText(text);
      expect(isPlainText(plain)).toBe(true);
      expect(plain).not.toMatch(/[\r\n]/);
      expect(plainText(plain)).toBe(plain);
    }),
  );
});
