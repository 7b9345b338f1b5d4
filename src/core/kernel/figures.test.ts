import { byId, layeredFigures, lazy } from './figures';
import { ENTERED, type Figure } from './working';

const of = (id: string, value: number): Figure => ({
  id,
  value,
  unit: 'birds',
  working: 'entered.birds',
  parts: { value },
  ...ENTERED,
});

/** Two layers, and how often each was made. */
function layers() {
  const made = { near: 0, far: 0 };
  const figures = layeredFigures([
    {
      owns: () => true,
      make: () => {
        made.near++;
        return byId([of('a', 1), of('b', 2)]);
      },
    },
    {
      owns: (id) => id.startsWith('far.'),
      make: () => {
        made.far++;
        return byId([of('far.c', 3), of('b', 9)]);
      },
    },
  ]);
  return { figures, made };
}

test('what is worked lazily is worked once, when it is first asked for', () => {
  let times = 0;
  const value = lazy(() => ++times);
  expect(times).toBe(0);
  expect([value(), value(), times]).toEqual([1, 1, 1]);
  const none = lazy(() => {
    times++;
    return null;
  });
  expect([none(), none(), times]).toEqual([null, null, 2]);
});

test('a figure is made with its own layer, once, and layers that nobody reads are not made', () => {
  const { figures, made } = layers();
  expect(made).toEqual({ near: 0, far: 0 });
  expect(figures.get('a')?.value).toBe(1);
  expect(figures.get('nowhere')).toBeUndefined();
  expect(made).toEqual({ near: 1, far: 0 });
  expect(figures.get('far.c')?.value).toBe(3);
  expect(figures.has('far.d')).toBe(false);
  expect(made).toEqual({ near: 1, far: 1 });
});

test('listed, all of them are there in the order of the layers, and the first of two of one id', () => {
  const { figures, made } = layers();
  expect([...figures.keys()]).toEqual(['a', 'b', 'far.c']);
  expect([...figures.values()].map((f) => f.value)).toEqual([1, 2, 3]);
  expect(figures.size).toBe(3);
  expect([...figures].map(([id]) => id)).toEqual([...figures.entries()].map(([id]) => id));
  const seen: string[] = [];
  figures.forEach((f, id) => {
    seen.push(`${id} ${f.value}`);
  });
  expect(seen).toEqual(['a 1', 'b 2', 'far.c 3']);
  expect(figures.get('b')?.value).toBe(2);
  expect(made).toEqual({ near: 1, far: 1 });
});
