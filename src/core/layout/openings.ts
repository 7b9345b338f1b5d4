import { sleepingBars } from '../geometry/bars';
import { OPPOSITE, SIDES, wallLength, wallTop } from '../geometry/walls';
import { fixtureOf } from '../model/fixtures.schema';
import { litterEndM } from '../model/litter';
import type { Fixture, Plan, Side } from '../model/schema';
import { COVER_ROWS } from '../rules/materials.data';
import { ruled } from '../rules/rules.data';
import { meshFor } from '../stations/shell/shell';
import type { Ground } from './ground';
import { byShelter, firstHole, numbered, STUD_M } from './holes';

/** Free share of a mesh. */
const freeOf = (cover: 'mesh6' | 'mesh13'): number =>
  COVER_ROWS.find((c) => c.id === cover)?.free ?? 1;

/** Made a hair larger than must be, so that a rounding never decides. */
const AIR_SPARE = 1.02;

/** Net area that must stand open high up in winter, and be there in all, m². */
export interface AirNeeds {
  readonly alwaysM2: number;
  readonly allM2: number;
}

/** Openings by rule: strips under the eaves that stay open, and windows to shut, wherever the walls are free. */
export function placeOpenings(ground: Ground, plan: Plan, needs: AirNeeds): Fixture[] {
  const made: Fixture[] = [];
  const cover = meshFor(plan);
  const free = freeOf(cover);
  let always = (needs.alwaysM2 * AIR_SPARE) / free;
  let all = (needs.allM2 * AIR_SPARE) / free;
  const bars = sleepingBars(plan).map((b) => b.z);
  const bandTop = Math.max(0, ...bars) + ruled('air.band.above');
  const { down, up } = ground;
  // where strips clear of sleeping birds are too few, all of them turn their air up
  const clearM2 = wallsFor(plan).reduce((sum, wall) => {
    const { top, room, tallest } = stripOf(ground, plan, wall);
    return sum + Math.max(0, room * Math.min(tallest, top - bandTop));
  }, 0);
  const kinds = clearM2 > 1.3 * always ? [false, true] : [true];
  // strips in one wall, of so much in all at most
  const strips = (wall: Side, mostM2: number): void => {
    const { top, room, tallest } = stripOf(ground, plan, wall);
    const clearOfBirds = top - bandTop;
    let left = Math.min(always, mostM2);
    for (const baffle of kinds) {
      const most = down(baffle ? tallest : Math.min(tallest, clearOfBirds));
      if (most < 0.05) continue;
      for (let k = 0; k < MOST_VENTS && left > 1e-9; k++) {
        const among = { ...plan, fixtures: [...plan.fixtures, ...made] };
        const sizes = [room, room / 2, room / 3, 0.6, 0.3].map(down).flatMap((width) => {
          if (width < 0.15) return [];
          const heightM = Math.min(most, Math.max(up(0.1), up(left / width)));
          const widthM = Math.min(width, up(Math.max(0.15, left / heightM)));
          return [{ widthM, heightM, sillZ: down(top - heightM) }];
        });
        const hole = firstHole(ground, among, sizes, [() => true], [wall]);
        if (!hole) break;
        made.push(
          fixtureOf({
            id: `vent-${numbered(among, 'vent')}`,
            kind: 'vent',
            name: `Vent ${made.length + 1}`,
            ...hole,
            baffle,
            cover,
          }),
        );
        const area = hole.widthM * hole.heightM;
        left -= area;
        always -= area;
        all -= area;
      }
    }
  };
  // through two walls air flows where through one it only sways: half in each, where half is a strip worth cutting
  const [first, ...others] = wallsFor(plan);
  const second = others.find((w) => first && w === OPPOSITE[first] && w !== plan.site.windFrom);
  if (first && second && always > 2 * LEAST_HALF_M2) {
    const half = always / 2;
    strips(first, half);
    strips(second, half);
  }
  for (const wall of wallsFor(plan)) if (always > 1e-9) strips(wall, always);
  let windows = 0;
  // windows of one size in one wall, of so much in all at most
  const windowsIn = (
    wall: Side,
    [widthMost, heightMost]: readonly [number, number],
    mostM2: number,
  ): number => {
    let left = Math.min(all, mostM2);
    for (let k = 0; k < 6 && left > 1e-9; k++) {
      const among = { ...plan, fixtures: [...plan.fixtures, ...made] };
      const low = up(litterEndM(plan) + 0.1);
      const high = wallTop(plan, wall) - 0.05;
      const widthM = down(Math.min(widthMost, wallLength(plan, wall) - 2 * STUD_M));
      const heightM = down(Math.min(heightMost, high - low));
      if (widthM < 0.15 || heightM < 0.15) break;
      const asked = Math.max(0.15, left / widthM);
      const own = Math.min(heightM, up(asked));
      const sills = [...new Set([down(high - own), up((low + high - own) / 2), low])];
      const hole = firstHole(
        ground,
        among,
        sills.map((sillZ) => ({ widthM, heightM: own, sillZ })),
        [() => true],
        [wall],
      );
      if (!hole) break;
      windows++;
      made.push(
        fixtureOf({
          id: `window-${numbered(among, 'window')}`,
          kind: 'window',
          name: `Window ${windows}`,
          ...hole,
          opens: 'closable',
          cover,
        }),
      );
      left -= widthM * own;
      all -= widthM * own;
    }
    return left;
  };
  const [lee, ...beside] = byShelter(plan);
  const across = beside.find((w) => lee && w === OPPOSITE[lee]);
  if (lee && across && all > 2 * LEAST_WINDOW_M2) {
    const half = all / 2;
    for (const wall of [lee, across]) {
      let left = half;
      for (const size of WINDOWS) if (left > 1e-9) left = windowsIn(wall, size, left);
    }
  }
  for (const size of WINDOWS)
    for (const wall of byShelter(plan)) windowsIn(wall, size, Number.POSITIVE_INFINITY);
  return made;
}

/** The strip under the eaves of a wall: its top, how long it may be, and how tall, m. */
function stripOf({ down }: Ground, plan: Plan, wall: Side) {
  const wallM = wallTop(plan, wall);
  const top = down(wallM - 0.02);
  return {
    top,
    room: down(wallLength(plan, wall) - 2 * STUD_M),
    // its middle lies in the upper third: it may reach twice as far below the top as that is
    tallest: Math.min(2 * (top - wallM * ruled('air.high.share')) - 0.02, top - 0.1, 0.5),
  };
}

/** A strip of 15 by 10 cm, m²: nobody cuts two smaller ones for one. */
const LEAST_HALF_M2 = 0.015;

/** A window smaller than this is not made for the wall across, m². */
const LEAST_WINDOW_M2 = 0.12;

/** No wall has more strips than this. */
const MOST_VENTS = 4;

/** Windows as they are made, largest first, m. */
const WINDOWS = [
  [1.2, 0.8],
  [0.8, 0.6],
  [0.6, 0.4],
  [0.4, 0.3],
  [0.3, 0.2],
] as const;

/** Walls for vents: the long ones first, the weather side last. */
const wallsFor = (plan: Plan): Side[] =>
  [...SIDES].sort(
    (a, b) =>
      Number(a === plan.site.windFrom) - Number(b === plan.site.windFrom) ||
      wallTop(plan, b) - wallTop(plan, a) ||
      wallLength(plan, b) - wallLength(plan, a),
  );
