import fc from 'fast-check';
import { barrelSolids } from '../../drawing/rain/beside';
import { newRain } from '../../edit/new/rain';
import { wallLength } from '../../geometry/walls';
import { barrelsWideM } from '../../model/barrelForm';
import type { Plan, Rain, Side } from '../../model/schema';
import { change, soundCoop } from '../../tests/plans';
import { clearPlace, doorsBehind } from './place';

const SIDES: readonly Side[] = ['front', 'rear', 'left', 'right'];
const cm = (m: number): number => Math.ceil(m * 100 - 1e-9) / 100;

/** A coop whose pop door is somewhere in some wall, and barrels that stand somewhere. */
const somewhere = fc
  .record({
    wall: fc.constantFrom(...SIDES),
    doorCm: fc.integer({ min: 0, max: 120 }),
    sillCm: fc.integer({ min: 0, max: 150 }),
    side: fc.constantFrom(...SIDES),
    alongCm: fc.integer({ min: 0, max: 150 }),
    count: fc.integer({ min: 1, max: 3 }),
    standCm: fc.integer({ min: 0, max: 100 }),
  })
  .map(({ wall, doorCm, sillCm, side, alongCm, count, standCm }) => {
    const plan: Plan = soundCoop((d) => {
      const door = d.fixtures.find((f) => f.kind === 'popDoor');
      if (!door) throw new Error('a pop door');
      change(d, 'popDoor', door.id, { wall, alongM: doorCm / 100, sillZ: sillCm / 100 });
    });
    const rain: Rain = newRain(plan);
    rain.barrel = { ...rain.barrel, side, count, alongM: alongCm / 100, standM: standCm / 100 };
    return { plan, rain };
  });

/** Doors that a barrel overlaps as it is drawn, by its solids: another way to the same. */
function drawnBefore({ shell, fixtures }: Plan, rain: Rain): string[] {
  const { side } = rain.barrel;
  const isAcross = side === 'front' || side === 'rear';
  const solids = barrelSolids({ shell }, rain);
  const from = Math.min(...solids.map((s) => (isAcross ? s.x0 : s.y0)));
  const to = Math.max(...solids.map((s) => (isAcross ? s.x1 : s.y1)));
  const top = Math.max(...solids.map((s) => s.z1));
  return fixtures.flatMap((f) => {
    if (f.kind !== 'popDoor' && f.kind !== 'door' && f.kind !== 'hatch') return [];
    const clear =
      f.wall !== side ||
      f.alongM >= to - 1e-9 ||
      f.alongM + f.widthM <= from + 1e-9 ||
      f.sillZ >= top - 1e-9;
    return clear ? [] : [f.id];
  });
}

test('what barrels stand before is what they cover as they are drawn', () => {
  fc.assert(
    fc.property(somewhere, ({ plan, rain }) => {
      const found = doorsBehind(plan, rain.barrel).map((d) => d.id);
      expect(found).toEqual(drawnBefore(plan, rain));
    }),
  );
});

test('moved, barrels stand before no door, along one wall, and no farther than they must', () => {
  fc.assert(
    fc.property(somewhere, ({ plan, rain }) => {
      const place = clearPlace(plan, rain.barrel, cm);
      if (place === null) return;
      const moved = { ...rain.barrel, ...place };
      expect(doorsBehind(plan, moved)).toEqual([]);
      expect(place.alongM).toBeGreaterThanOrEqual(0);
      expect(place.alongM + barrelsWideM(moved)).toBeLessThanOrEqual(
        wallLength(plan, place.side) + 1e-9,
      );
      // another wall only where its own has no place
      if (place.side !== rain.barrel.side) {
        const room = wallLength(plan, rain.barrel.side) - barrelsWideM(rain.barrel);
        for (let at = 0; at <= room; at += 0.05) {
          expect(doorsBehind(plan, { ...rain.barrel, alongM: cm(at) }).length).toBeGreaterThan(
            cm(at) <= room + 1e-9 ? 0 : -1,
          );
        }
      }
    }),
  );
});

test('a barrel begins before no door', () => {
  fc.assert(
    fc.property(somewhere, ({ plan }) => {
      expect(doorsBehind(plan, newRain(plan).barrel)).toEqual([]);
    }),
  );
});
