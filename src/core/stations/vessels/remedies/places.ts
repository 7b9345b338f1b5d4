import { rimZFor } from '../../../birds/vesselReach';
import { clearPlace } from '../../../geometry/freeRoom';
import type { Fixture, Plan, Vessel } from '../../../model/schema';
import { near } from '../../../model/tape';
import { metres, type Proposer } from '../../../proposals/remedy';
import { changing } from '../../../proposals/setting';
import { ruled } from '../../../rules/rules.data';
import { vesselIn } from './vesselIn';

/**
 * A place on the floor for a vessel: out of the droppings, clear of what stands, apart from its like.
 * @example freePlace({ ...plan, fixtures: [] }, drinker, null) // { x: 0.17, y: 0.17 }
 */
export function freePlace(
  plan: Plan,
  vessel: Vessel,
  heaviestKg: number,
  apartFrom: readonly Fixture[] = [],
): { x: number; y: number } | null {
  const inside: Vessel = { ...vessel, place: 'coop' };
  const kept = { apartFrom, apartM: ruled('feed.two.apart') };
  return clearPlace(plan, inside, heaviestKg, (m) => near(plan, m), kept);
}

/**
 * A place for a vessel apart from the others of its kind, or, where there is no room for that, anywhere.
 * @param heaviestKg  the heaviest bird on the bars, kg
 * @example placeApart({ ...plan, fixtures: [] }, drinker, null) // { x: 0.17, y: 0.17 }
 */
export function placeApart(
  plan: Plan,
  vessel: Vessel,
  heaviestKg: number,
): { x: number; y: number } | null {
  const likes = plan.fixtures.filter((f) => f.kind === vessel.kind && f.id !== vessel.id);
  return freePlace(plan, vessel, heaviestKg, likes) ?? freePlace(plan, vessel, heaviestKg);
}

/** The rim set where the smallest bird wants it, at both levels of the litter. */
export const atBack: Proposer = (finding, ctx) => {
  const { plan, sizes } = ctx;
  const vessel = vesselIn(ctx, finding);
  if (!vessel) return [];
  const inCoop = rimZFor(plan, vessel, sizes);
  const rimZ =
    vessel.place === 'run' ? near(plan, Math.max(0.01, inCoop - plan.litter.depthM)) : inCoop;
  return [
    {
      code: vessel.onWall ? 'vessels.heightOnWall' : 'vessels.height',
      fixtures: [vessel.id],
      numbers: { height: metres(rimZ - (vessel.place === 'run' ? 0 : plan.litter.depthM)) },
      change: changing(vessel, (v) => {
        v.rimZ = rimZ;
      }),
    },
  ];
};

/** What is fixed to the wall over litter that rises too far for any one height, hung instead and raised with it. */
export const hangUp: Proposer = (finding, ctx) => {
  const { plan, sizes } = ctx;
  const vessel = vesselIn(ctx, finding);
  if (!vessel?.onWall) return [];
  const rimZ = rimZFor(plan, { ...vessel, onWall: false }, sizes);
  return [
    {
      code: 'vessels.hangUp',
      fixtures: [vessel.id],
      numbers: { height: metres(rimZ - plan.litter.depthM) },
      hours: 0.5,
      change: changing(vessel, (v) => {
        v.onWall = false;
        v.hung = true;
        v.rimZ = rimZ;
      }),
    },
  ];
};

export const moveOut: Proposer = (finding, ctx) => {
  const vessel = vesselIn(ctx, finding);
  const at = vessel && placeApart(ctx.plan, vessel, ctx.heaviestKg);
  if (!vessel || !at) return [];
  return [
    {
      code: 'vessels.move',
      fixtures: [vessel.id],
      numbers: { left: metres(at.x), front: metres(at.y) },
      change: changing(vessel, (v) => void Object.assign(v, at)),
    },
  ];
};

/** A vessel of the run set up in the coop. */
export const bringIn: Proposer = (finding, ctx) => {
  const vessel = vesselIn(ctx, finding);
  const at = vessel && freePlace(ctx.plan, vessel, ctx.heaviestKg);
  if (!vessel || !at) return [];
  return [
    {
      code: 'vessels.bringIn',
      fixtures: [vessel.id],
      numbers: {},
      change: changing(vessel, (v, draft) => {
        Object.assign(v, at, { place: 'coop', rimZ: near(draft, v.rimZ + draft.litter.depthM) });
      }),
    },
  ];
};
