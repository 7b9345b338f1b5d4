import { byDay, type Save, savesSchema, whatItWas } from './saves';

const save = (revision: number, savedAt: string): Save => ({
  revision,
  savedAt,
  name: null,
  edits: [],
});

test('a save says what was done in it, each edit once, of many the last', () => {
  expect(whatItWas([])).toBe('As it was first stored');
  expect(whatItWas(['Length', 'Length', 'Add a bar'])).toBe('Length; Add a bar');
  expect(whatItWas(['a', 'b', 'c', 'd', 'e', 'f'])).toBe('c; d; e; f; and 2 more');
  expect(whatItWas(['a', 'b', 'c'], 2)).toBe('b; c; and 1 more');
});

test('saves stand by the day they were made, in the order they came', () => {
  const saves = [
    save(4, '2026-11-24T12:30:00Z'),
    save(3, '2026-11-24T12:00:00Z'),
    save(2, '2026-11-20T12:00:00Z'),
  ];
  const days = byDay(saves);
  expect(days.map((d) => d.saves.map((s) => s.revision))).toEqual([[4, 3], [2]]);
  expect(new Set(days.map((d) => d.day)).size).toBe(2);
  expect(byDay([])).toEqual([]);
});

test('what is no list of saves is not taken for one', () => {
  expect(savesSchema.safeParse([save(1, '2026-11-20T12:00:00Z')]).success).toBe(true);
  expect(savesSchema.safeParse([{ revision: 'one' }]).success).toBe(false);
  expect(savesSchema.safeParse({ saves: [] }).success).toBe(false);
});
