import { rimZFor } from '../birds/vesselReach';
import { freeNumber } from '../edit/freeNumber';
import { newMade } from '../edit/new/homeMade';
import { drinkerOf, feederOf } from '../edit/new/parts';
import { isWalkedInto } from '../geometry/walls';
import { mostVesselL, vesselUp } from '../kernel/units/vesselSize';
import type { Drinker, Feeder, Plan } from '../model/schema';
import { ruled } from '../rules/rules.data';
import { heaterFor, INSULATE_ABOVE_W } from '../stores/frost/heater';
import { heatedLump } from '../stores/frost/lumps';
import { contentsOf } from '../stores/vessels/contents';
import { mostPorts } from '../stores/vessels/holes';
import type { Ground } from './ground';

/** Feeders and drinkers for all birds, wherever they stand. */
export const vesselsOf = (
  ground: Ground,
  pairs: boolean,
  homeMade = false,
): (Feeder | Drinker)[] => [
  ...feeders(ground, pairs).map((v) => (homeMade ? madeAtHome(ground, v) : v)),
  ...drinkers(ground, pairs),
];

/** So much more is held than must be, so that a rounding never decides. */
const SPARE = 1.03;

/** Wall feeders with ports: sealed from rats, and little floor taken. */
function feeders(ground: Ground, pairs: boolean): Feeder[] {
  const { plan, sizes, flock, up } = ground;
  const peak = flock.peaks.coopFeedKg?.value ?? 0;
  const litres =
    (peak * plan.fills.feedDays * ruled('feed.waste.port') * SPARE) / ruled('feed.density.pellets');
  const per = Math.min(...flock.lots.map((lot) => lot.class.perPort));
  const ports = Math.ceil(sizes.birds / Math.max(1, per) - 1e-9);
  const most = mostVesselL(plan.units);
  const n = Math.max(
    pairs && sizes.birds >= ruled('feed.two.birds') ? 2 : 1,
    Math.ceil(litres / most - 1e-9),
    Math.ceil(ports / MOST_PORTS - 1e-9),
  );
  return Array.from({ length: n }, (_, i) =>
    feederOf(
      {
        id: `feeder-${freeNumber('feeder', plan.fixtures) + i}`,
        name: n === 1 ? 'Feeder' : `Feeder ${i + 1}`,
        type: 'port',
        diameterM: up(litres / n > 20 ? 0.3 : 0.2),
        heightM: tallM(ground, 0.6),
        hung: false,
        outlets: Math.max(1, Math.ceil(ports / n - 1e-9)),
        capacityL: Math.min(most, vesselUp(Math.max(5, litres / n), plan.units)),
        fillFrom: filled(plan),
      },
      plan,
      sizes,
    ),
  );
}

/**
 * The same feeder as a can with ports that its keeper makes: the lowest that holds as much; as it was where none does,
 * or where so many ports do not go round one.
 */
function madeAtHome(ground: Ground, v: Feeder): Feeder {
  const { plan, sizes, up } = ground;
  const start = newMade(v, plan.units);
  if (start?.body.shape !== 'can') return v;
  const { body } = start;
  if (v.outlets > mostPorts(start, body.acrossM)) return v;
  const most = Math.min(MOST_CAN_M, tallM(ground, MOST_CAN_M));
  for (let highM = up(LEAST_CAN_M); highM <= most + 1e-9; highM = up(highM + 0.05)) {
    const made = { ...start, body: { ...body, highM } };
    if (contentsOf({ ...v, made }, made).usableL < (v.capacityL ?? 0)) continue;
    // it stands on a block, which is raised with the litter
    const rim = rimZFor(plan, { ...v, onWall: false }, sizes);
    return { ...v, made, capacityL: null, onWall: false, rimZ: rim };
  }
  return v;
}

/** Cans are so high at the least and at the most, m: a higher one full is more than somebody moves. */
const [LEAST_CAN_M, MOST_CAN_M] = [0.3, 0.9];

/** A can as tall as that, or as the roof allows, m. */
const tallM = ({ plan, down, up }: Ground, m: number): number =>
  Math.max(0.2, Math.min(up(m), down(plan.shell.roof.lowM - plan.litter.depthM - 0.05)));

/** What hangs on the wall of a coop that nobody walks into is filled through it. */
const filled = (plan: Plan): 'inside' | 'outside' => (isWalkedInto(plan) ? 'inside' : 'outside');

/** More ports than this do not go round a can. */
const MOST_PORTS = 8;

/**
 * Cups on a line; round founts over a tray for ducks, which cannot drink from cups, and where it freezes: a heated stand
 * keeps a fount open, and no heater in a tank the line on it.
 */
function drinkers(ground: Ground, pairs: boolean): Drinker[] {
  const { plan, sizes, flock, up } = ground;
  const litres = (flock.peaks.coopWaterL?.value ?? 0) * plan.fills.waterDays * SPARE;
  const most = mostVesselL(plan.units);
  const freezes = (flock.climate?.design.winterC ?? 0) < 0;
  const type = sizes.ducks || freezes ? 'fount' : 'cup';
  const cups = Math.ceil(sizes.birds / ruled('water.cup') - 1e-9);
  const rim = sizes.birds * ruled('water.round') * 1.4;
  const n = Math.max(
    pairs && sizes.birds >= ruled('feed.two.birds') ? 2 : 1,
    Math.ceil(litres / most - 1e-9),
    type === 'fount'
      ? Math.ceil(rim / (Math.PI * 0.5) - 1e-9)
      : Math.ceil(cups / MOST_PORTS - 1e-9),
  );
  return Array.from({ length: n }, (_, i) => {
    const own = {
      id: `drinker-${freeNumber('drinker', plan.fixtures) + i}`,
      name: n === 1 ? 'Drinker' : `Drinker ${i + 1}`,
      type,
      diameterM: up(type === 'fount' ? Math.max(0.3, rim / n / Math.PI) : 0.2),
      heightM: tallM(ground, 0.4),
      outlets: Math.max(1, Math.ceil(cups / n - 1e-9)),
      capacityL: vesselUp(Math.max(2, litres / n), plan.units),
      fillFrom: type === 'cup' ? filled(plan) : ('inside' as const),
    } as const;
    const v = drinkerOf(own, plan, sizes);
    return { ...v, ...keptOpen(v, ground) };
  });
}

/** What keeps a drinker open where it freezes: a heater, in foam where it would be a large one; else water is carried. */
function keptOpen(v: Drinker, { plan, flock }: Ground): Pick<Drinker, 'winter' | 'wrap'> {
  const winterC = flock.climate?.design.winterC ?? 0;
  if (winterC >= 0) return { winter: { kind: 'nothing' }, wrap: 'bare' };
  for (const wrap of ['bare', 'foam'] as const) {
    const lump = heatedLump({ ...v, wrap }, v.capacityL ?? 0, plan);
    const { needW, sizeW } = heaterFor(lump, winterC);
    if (sizeW === null || needW > INSULATE_ABOVE_W) continue;
    const winter = { kind: 'heated', watts: sizeW, by: 'water', immersed: false, cutOut: true };
    return { winter: winter as Drinker['winter'], wrap };
  }
  return { winter: { kind: 'carried' }, wrap: 'bare' };
}
