import type { FlockSizes } from '../../birds/flockSizes';
import { rimZFor } from '../../birds/vesselReach';
import { bracketsNeeded, timberOf } from '../../build/strength';
import { wallLength } from '../../geometry/walls';
import { fixtureOf } from '../../model/fixtures.schema';
import type { Bar, Drinker, Feeder, NestBank, OfKind, Plan, Side } from '../../model/schema';
import { up } from '../../model/tape';
import { ruled } from '../../rules/rules.data';
import { DRINKER_KINDS, FEEDER_KINDS } from '../../rules/vesselKinds.data';

// The parts of a fit-out are built here alone, for the buttons, rough-out, Finish and remedies: where they go is theirs.

interface Named {
  readonly id: string;
  readonly name: string;
}

type Laid = Pick<Bar, 'x' | 'y' | 'z' | 'axis' | 'lengthM' | 'wallToWall'>;

/**
 * A bar to sleep on, a two-by-four laid flat, with the brackets that its birds ask for.
 * @param eachM  length of bar that a bird takes, m
 * @param kg     a bird's mass, kg
 * @example barOf({ id: 'bar-1', name: 'Bar' }, { x: 0, y: 1, z: 0.6, axis: 'x', lengthM: 1, wallToWall: false }, 0.25, 2.2).brackets // 0
 */
export function barOf(own: Named, laid: Laid, eachM: number, kg: number): Bar {
  const section = { shape: 'flat', widthM: 0.089, heightM: 0.038 } as const;
  const bar = fixtureOf({ ...own, kind: 'bar', ...laid, section, use: 'sleeping' });
  const timber = timberOf(bar);
  const birds = Math.ceil(laid.lengthM / Math.max(0.15, eachM));
  return { ...bar, brackets: timber ? (bracketsNeeded(bar, timber, birds * kg) ?? 0) : 0 };
}

/**
 * A droppings board from a wall into the room, as long as the wall.
 * @param deepM  from the wall, m
 * @param z      its top, m above the bare floor
 * @example boardOf({ id: 'board-1', name: 'Board' }, plan, 'front', 0.6, 0.5).depthM // 0.6
 */
export function boardOf(
  own: Named,
  plan: Plan,
  wall: Side,
  deepM: number,
  z: number,
): OfKind<'board'> {
  const { lengthM, widthM } = plan.shell;
  const long = wallLength(plan, wall);
  const alongX = wall === 'front' || wall === 'rear';
  return fixtureOf({
    ...own,
    kind: 'board',
    x: wall === 'right' ? lengthM - deepM : 0,
    y: wall === 'rear' ? widthM - deepM : 0,
    z,
    lengthM: alongX ? long : deepM,
    depthM: alongX ? deepM : long,
  });
}

/**
 * Height of the step to a lip that hens do not hop up to in one, m above the bare floor; 0 where they do.
 * @param lipZ  m above the bare floor
 * @param hopM  the lowest hop among them, m
 * @example stepUpTo({ ...plan, litter: { ...plan.litter, depthM: 0.1 } }, 0.9, 0.6, (m) => m) // 0.5
 */
export function stepUpTo(
  { litter }: Plan,
  lipZ: number,
  hopM: number,
  onTape: (m: number) => number,
): number {
  const climb = lipZ - litter.depthM;
  return climb > hopM ? onTape(litter.depthM + climb / 2) : 0;
}

/** A bank of boxes of the birds' own size; it has no place yet. */
export const bankOf = (
  own: Named & Pick<NestBank, 'lipZ' | 'boxes'> & Partial<NestBank>,
  plan: Plan,
  boxM: readonly [number, number, number],
): NestBank =>
  fixtureOf({
    kind: 'nestBank',
    x: 0,
    y: 0,
    rows: 1,
    boxW: up(plan, boxM[0]),
    boxD: up(plan, boxM[1]),
    boxH: up(plan, boxM[2]),
    faces: 'right',
    hungOutside: false,
    ...own,
  });

/** A vessel of the usual size, round or long, before it has a place, m. Source: wide-rafter (assumption). */
const unplaced = (plan: Plan) => ({
  x: 0,
  y: 0,
  diameterM: up(plan, 0.3),
  lengthM: up(plan, 0.6),
});

/** A feeder with its rim where the smallest bird reaches it. */
export function feederOf(own: Named & Partial<Feeder>, plan: Plan, sizes: FlockSizes): Feeder {
  const type = own.type ?? 'tube';
  const { onWall, open } = FEEDER_KINDS[type];
  return fixtureOf({
    kind: 'feeder',
    type,
    ...unplaced(plan),
    rimZ: rimZFor(plan, { kind: 'feeder', type, onWall }, sizes),
    heightM: up(plan, 0.45),
    hung: true,
    onWall,
    takenInAtNight: open,
    ...own,
  });
}

/** A drinker with its rim where the smallest bird reaches it. */
export function drinkerOf(own: Named & Partial<Drinker>, plan: Plan, sizes: FlockSizes): Drinker {
  const type = own.type ?? 'fount';
  const { onWall } = DRINKER_KINDS[type];
  return fixtureOf({
    kind: 'drinker',
    type,
    ...unplaced(plan),
    rimZ: rimZFor(plan, { kind: 'drinker', type, onWall }, sizes),
    heightM: up(plan, 0.35),
    hung: false,
    onWall,
    ...own,
  });
}

/**
 * A dust bath as large as all birds ask for at once, so deep from front to rear.
 * @param depthM  m; null: a narrow one of 0.4 m where that is room enough, else 0.6 m
 * @example bathOf({ id: 'dust-bath-1', name: 'Bath' }, plan, 10, 0.5).depthM // 0.5
 */
export function bathOf(
  own: Named,
  plan: Plan,
  birds: number,
  depthM: number | null,
): OfKind<'dustBath'> {
  const area = Math.max(ruled('dustBath.least'), birds * ruled('dustBath.hen'));
  const deep = depthM ?? up(plan, area <= 0.24 ? 0.4 : 0.6);
  return fixtureOf({
    ...own,
    kind: 'dustBath',
    x: 0,
    y: 0,
    lengthM: up(plan, area / deep),
    depthM: deep,
    fillM: up(plan, ruled('dustBath.deep')),
  });
}

/** A thing turned a quarter round, where it stands. */
export const turnedRound = <F extends { readonly lengthM: number; readonly depthM: number }>(
  thing: F,
): F => ({ ...thing, lengthM: thing.depthM, depthM: thing.lengthM });
