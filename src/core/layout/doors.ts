import { gapInPlan } from '../geometry/segments';
import { solidOf } from '../geometry/solids';
import { isWalkedInto, SIDES, wallLength, wallTop } from '../geometry/walls';
import { fixtureOf } from '../model/fixtures.schema';
import { litterEndM } from '../model/litter';
import type { Fixture, OfKind, Plan, Side } from '../model/schema';
import { ruled } from '../rules/rules.data';
import type { Ground } from './ground';
import { firstHole, type Hole, isClear, numbered, STUD_M, type Wish } from './holes';

/** A door to walk in by where one can stand up, else hatches to clean out and to reach in. */
export function placeWaysIn(ground: Ground, plan: Plan): Fixture[] {
  const { down, up, sizes } = ground;
  const kg = sizes.heaviestOnBarsKg;
  // what stands is kept
  if (plan.fixtures.some((f) => f.kind === 'door' || f.kind === 'hatch')) return [];
  if (isWalkedInto(plan)) {
    const heights = [...new Set(SIDES.map((w) => down(Math.min(1.8, wallTop(plan, w) - 0.05))))]
      .filter((h) => h >= 1.2)
      .sort((a, b) => b - a);
    const widths = [0.75, 0.6].map(down);
    const hole = firstHole(
      ground,
      plan,
      widths.flatMap((widthM) => heights.map((heightM) => ({ widthM, heightM, sillZ: 0 }))),
      [
        (h) => isClear(plan, kg, h, ruled('reach.path'), true),
        (h) => isClear(plan, kg, h, ruled('shell.doorway'), false),
      ],
    );
    if (hole) {
      return [
        fixtureOf({ id: `door-${numbered(plan, 'door')}`, kind: 'door', name: 'Door', ...hole }),
      ];
    }
  }
  const made: Fixture[] = [];
  // what no arm gets to from one long side is got to from the other
  const { lengthM, widthM } = plan.shell;
  const walls: Side[] = lengthM >= widthM ? ['front', 'rear'] : ['left', 'right'];
  const needed = Math.min(lengthM, widthM) > plan.keeper.armM ? 2 : 1;
  for (const [k, wall] of [...walls, ...SIDES.filter((s) => !walls.includes(s))].entries()) {
    if (made.length >= needed && k >= 2) break;
    if (made.length >= needed) continue;
    const among = { ...plan, fixtures: [...plan.fixtures, ...made] };
    const long = wallLength(plan, wall);
    const widths = [...new Set([down(Math.min(1.2, long - 2 * STUD_M)), up(0.5)])];
    const heightM = up(Math.min(0.5, Math.max(0.3, wallTop(plan, wall) - 0.1)));
    const hole = firstHole(
      ground,
      among,
      widths.filter((w) => w >= 0.3).map((w) => ({ widthM: w, heightM, sillZ: 0 })),
      [() => true],
      [wall],
    );
    if (!hole) continue;
    const n = numbered(among, 'hatch');
    made.push(
      fixtureOf({
        id: `hatch-${n}`,
        kind: 'hatch',
        name: made.length === 0 ? 'Clean-out hatch' : `Hatch ${made.length + 1}`,
        use: 'cleanOut',
        ...hole,
      }),
    );
  }
  return made;
}

/** Pop doors for all birds: over the litter as it ends, far from bars and nests where that can be. */
export function placePopDoors(ground: Ground, plan: Plan): OfKind<'popDoor'>[] | null {
  const { sizes, up, hopM } = ground;
  const there = plan.fixtures.filter((f) => f.kind === 'popDoor').length;
  const needed = Math.max(1, Math.ceil(sizes.birds / ruled('door.birds') - 1e-9)) - there;
  const sillZ = up(litterEndM(plan) + ruled('door.sill.above'));
  const widthM = up(Math.max(0.3, sizes.doorM[0]));
  const heightM = up(Math.max(0.35, sizes.doorM[1]));
  const kg = sizes.heaviestOnBarsKg;
  const made: OfKind<'popDoor'>[] = [];
  for (let k = 0; k < needed; k++) {
    const among = { ...plan, fixtures: [...plan.fixtures, ...made] };
    const far = (kind: Fixture['kind'], leastM: number): Wish => {
      const solids = among.fixtures
        .filter((f) => f.kind === kind && !(f.kind === 'bar' && f.use === 'step'))
        .map((f) => solidOf(f, plan));
      return (h) => {
        const own = solidOf({ kind: 'popDoor', ...h } as Fixture, plan);
        return solids.every((s) => gapInPlan(s, own) >= leastM);
      };
    };
    const clear: Wish = (h) => isClear(among, kg, h, ruled('shell.doorway'), false);
    const fromNests = far('nestBank', ruled('nests.light.apart'));
    const fromBars = far('bar', ruled('door.bars.apart'));
    const hole = firstHole(
      ground,
      among,
      [{ widthM, heightM, sillZ }],
      [
        (h) => clear(h) && fromNests(h) && fromBars(h),
        (h) => clear(h) && fromNests(h),
        (h) => clear(h) && fromBars(h),
        clear,
      ],
    );
    if (hole === null) return null;
    made.push(withWays(ground, among, hole, needed, hopM));
  }
  return made;
}

/** The pop door with the ramp, the step or the ramp inside that its birds ask for. */
function withWays(
  { sizes, up, down }: Ground,
  plan: Plan,
  hole: Hole,
  needed: number,
  chickensHopM: number,
): OfKind<'popDoor'> {
  const { floorAboveGroundM } = plan.shell;
  const [steepest, rampWidth] = sizes.rampM;
  const slope = Math.sin((Math.min(30, steepest) * Math.PI) / 180);
  const hopM = sizes.ducks ? ruled('door.duck.step') : chickensHopM;
  const climb = hole.sillZ - plan.litter.depthM;
  const half = up(plan.litter.depthM + climb / 2);
  const oneStep = Math.max(half - plan.litter.depthM, hole.sillZ - half) <= hopM + 1e-9;
  const n = numbered(plan, 'pop-door');
  return fixtureOf({
    id: `pop-door-${n}`,
    kind: 'popDoor',
    name: needed === 1 ? 'Pop door' : `Pop door ${n}`,
    ...hole,
    ramp:
      floorAboveGroundM > 0.2
        ? { lengthM: up(floorAboveGroundM / slope), widthM: up(rampWidth), cleatM: down(0.14) }
        : null,
    stepZ: climb > hopM + 1e-9 && oneStep ? half : 0,
    rampInside: climb > hopM + 1e-9 && !oneStep,
  });
}
