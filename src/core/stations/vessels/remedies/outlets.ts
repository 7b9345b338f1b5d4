import type { FlockSizes } from '../../../birds/flockSizes';
import { isReached, rimZFor } from '../../../birds/vesselReach';
import { intoRoom } from '../../../edit/intoRoom';
import { newMade } from '../../../edit/new/homeMade';
import type { Plan, Vessel } from '../../../model/schema';
import { up } from '../../../model/tape';
import { metres, type Proposer } from '../../../proposals/remedy';
import { changing, told } from '../../../proposals/setting';
import { isRound, takesUp, vesselKind } from '../../../rules/vesselKinds.data';
import { mostPorts } from '../../../stores/vessels/holes';
import { bought } from './bought';
import { placeApart } from './places';
import { vesselIn, vesselToReplace } from './vesselIn';

/** One so much wider, or longer, that all find a place along it. */
export const wider: Proposer = (finding, ctx) => {
  const { plan } = ctx;
  const vessel = vesselIn(ctx, finding);
  if (!vessel || vesselKind(vessel).edge === null) return [];
  const times = told(finding, 'needed') / Math.max(1, told(finding, 'there'));
  const trough = !isRound(vessel);
  const { longM } = takesUp(vessel);
  const size = up(plan, longM * times * 1.06);
  if (size > (trough ? 2.5 : 0.6)) return [];
  return [
    {
      code: trough ? 'vessels.longer' : 'vessels.wider',
      fixtures: [vessel.id],
      numbers: { size: metres(size) },
      change: changing(vessel, (v) => {
        Object.assign(v, bought(v));
        if (trough) v.lengthM = size;
        else v.diameterM = size;
      }),
    },
  ];
};

/** More ports, boxes, nipples or cups on the same one. */
export const outlets: Proposer = (finding, ctx) => {
  const vessel = vesselIn(ctx, finding);
  if (!vessel || vesselKind(vessel).outlet === null) return [];
  const there = Math.max(1, told(finding, 'there'));
  const more = Math.max(
    1,
    Math.ceil(vessel.outlets * (told(finding, 'needed') / there - 1) - 1e-9),
  );
  return [more, more + 1, more + 3, 2 * more, 3 * more, MOST_OUTLETS - vessel.outlets]
    .filter((n) => n > 0 && vessel.outlets + n <= MOST_OUTLETS)
    .filter((n, i, all) => all.indexOf(n) === i)
    .sort((a, b) => a - b)
    .map((n) => ({
      code: 'vessels.outlets',
      fixtures: [vessel.id],
      numbers: { outlets: { value: vessel.outlets + n, unit: 'outlets' as const } },
      more: n > more,
      hours: 0.3 + 0.2 * n + crowding(vessel.outlets + n),
      change: changing(vessel, (v) => {
        v.outlets += n;
      }),
    }));
};

/** One of another kind is set where all of them get at it, if it hung too high for some. */
function reachedBy(v: Vessel, plan: Plan, sizes: FlockSizes): void {
  if (v.place === 'coop' && !isReached(v, plan, sizes.lightestKg)) v.rimZ = rimZFor(plan, v, sizes);
}

/** One of another kind in its place, with as many ports or cups as all of them ask for: where no more would find room. */
export const withOutlets: Proposer = (finding, ctx) => {
  const { plan, sizes, heaviestKg } = ctx;
  const vessel = vesselToReplace(ctx, finding);
  const type = vessel?.kind === 'feeder' ? 'port' : 'cup';
  if (!vessel || vessel.type === type) return [];
  const needed = told(finding, 'needed');
  return [4, 3, 2]
    .map((birds) => Math.ceil(needed / birds))
    .filter((n, i, all) => n >= 1 && n <= MOST_OUTLETS && all.indexOf(n) === i)
    .map((outlets) => ({
      code: type === 'port' ? 'vessels.toPorts' : 'vessels.toCups',
      fixtures: [vessel.id],
      numbers: { outlets: { value: outlets, unit: 'outlets' as const } },
      hours: 2 + 0.2 * outlets + crowding(outlets),
      change: changing(vessel, (v) => {
        Object.assign(v, bought(v), { type, outlets, hung: false, onWall: true });
        reachedBy(v, plan, sizes);
        // it hangs on a wall wherever one has room for it
        if (v.place === 'coop') Object.assign(v, placeApart(plan, v, heaviestKg));
      }),
    }));
};

/** A can of the usual width that is lifted full is so high, m (assumption). */
const LIFTED_M = 0.4;

/** A can with as many ports as all of them ask for, made at home, where the wall between its holes is wide enough. */
export const makePorts: Proposer = (finding, ctx) => {
  const { plan, sizes } = ctx;
  const vessel = vesselToReplace(ctx, finding);
  if (vessel?.kind !== 'feeder' || vessel.made !== null) return [];
  const start = newMade({ ...vessel, type: 'port' }, plan.units);
  if (start?.body.shape !== 'can') return [];
  // no higher than somebody lifts it full
  const made = { ...start, body: { ...start.body, highM: up(plan, LIFTED_M) } };
  const needed = told(finding, 'needed');
  const { acrossM } = made.body;
  const most = mostPorts(made, acrossM);
  return [4, 3]
    .map((birds) => Math.ceil(needed / birds))
    .filter((n, i, all) => n >= 1 && n <= most && all.indexOf(n) === i)
    .map((outlets) => ({
      code: 'vessels.makePorts',
      fixtures: [vessel.id],
      numbers: {
        outlets: { value: outlets, unit: 'outlets' as const },
        size: metres(acrossM),
      },
      hours: 2.5 + 0.2 * outlets,
      change: changing(vessel, (v) => {
        Object.assign(v, {
          type: 'port',
          outlets,
          made,
          capacityL: null,
          hung: false,
          onWall: false,
        });
        reachedBy(v, plan, sizes);
        Object.assign(v, intoRoom(v, plan));
      }),
    }));
};

/** A round fount in place of nipples or cups, which ducks cannot drink from: the smallest that serves all of them. */
export const toFount: Proposer = (finding, ctx) => {
  const { plan, sizes } = ctx;
  const vessel = vesselToReplace(ctx, finding);
  if (vessel?.kind !== 'drinker' || vessel.type === 'fount') return [];
  return [0.3, 0.4, 0.5, 0.6].map((m, i) => {
    const diameterM = up(plan, m);
    return {
      code: 'vessels.toFount',
      fixtures: [vessel.id],
      numbers: { size: metres(diameterM) },
      more: i > 0,
      hours: 1,
      change: changing(vessel, (v) => {
        Object.assign(v, bought(v), { type: 'fount', diameterM, tray: true });
        Object.assign(v, { hung: false, onWall: false });
        reachedBy(v, plan, sizes);
      }),
    };
  });
};

/** More ports, nipples or cups than this are another line. */
export const MOST_OUTLETS = 24;

/** More than these are much for one vessel: another is better wherever there is room for it. */
const MUCH = 12;
/** What so many more are reckoned at, hours. */
const MUCH_HOURS = 4;

/** What it takes to have so many outlets on one vessel, beside the work. */
const crowding = (outlets: number): number => (outlets > MUCH ? MUCH_HOURS : 0);
