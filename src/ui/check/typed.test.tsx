import { keepTyped, keptTyped } from './kept';
import { nothingTyped, readTyped, type Typed, withThing } from './typed';

const typed = (parts: Partial<Typed> = {}): Typed => ({ ...nothingTyped('metric'), ...parts });
const filled = withThing(
  typed({
    soldFor: '6',
    room: { length: '120', width: 'about 80', front: 'chest high', rear: '105', litter: '' },
  }),
  'bar',
);

describe('what is typed of a coop that stands', () => {
  test('is read exactly, roughly, or stays open', () => {
    const { measured, open, wrong } = readTyped(filled);
    expect(wrong).toEqual({});
    expect(measured.room.length).toEqual({ atM: 1.2, fromM: 1.2, toM: 1.2 });
    expect(measured.room.width).toEqual({ atM: 0.8, fromM: 0.72, toM: 0.88 });
    // the litter and all four measures of the bar
    expect(open).toBe(5);
    expect(measured.room.litter).toMatchObject({ atM: 0.1, fromM: 0.07, toM: 0.13 });
    expect(measured.soldFor).toBe(6);
  });

  test('is told where it cannot be, and the usual stands for it', () => {
    const [bar] = filled.things;
    if (!bar) throw new Error('no bar');
    const things = [{ ...bar, values: { length: '9 m', height: 'very', behind: '3 m' } }];
    const { wrong, measured } = readTyped({ ...filled, things, soldFor: 'six', board: 'thin' });
    expect(Object.fromEntries(Object.entries(wrong).map(([k, i]) => [k, i.code]))).toEqual({
      // longer than the room, and farther from the rear wall than the front one is
      '1.length': 'length.outOfRange',
      '1.behind': 'length.outOfRange',
      '1.height': 'length.unreadable',
      soldFor: 'count.unreadable',
      board: 'length.unreadable',
    });
    expect(measured.things[0]?.bands.length?.atM).toBe(1.2);
  });

  test('is measured by the keeper’s own body', () => {
    const knee = (stature: string): number | undefined =>
      readTyped({ ...filled, stature, room: { ...filled.room, front: 'knee high' } }).measured.room
        .front.atM;
    expect(knee('1.9 m')).toBeGreaterThan(knee('1.5 m') ?? Infinity);
    expect(knee('')).toBe(0.48);
  });

  test('is there again after a reload; what is not understood is left out', () => {
    keepTyped(filled);
    expect(keptTyped()).toEqual(filled);
    for (const broken of ['{', 'null', '[]', '{"things":3}', '"x"']) {
      localStorage.setItem('wide-rafter-measures', broken);
      expect(keptTyped()).toBeNull();
    }
    localStorage.setItem(
      'wide-rafter-measures',
      JSON.stringify({
        ...filled,
        birds: 7,
        place: 'castle',
        things: [{ kind: 'tower' }, ...filled.things],
      }),
    );
    expect(keptTyped()).toMatchObject({ birds: '', place: 'shed', things: [{ kind: 'bar' }] });
    expect(() => readTyped(keptTyped() as Typed)).not.toThrow();
  });
});
