import { event } from '../../kernel/event';
import { isoDay } from '../../kernel/units/day';
import { atMost, below, wholeDown } from '../../kernel/units/number';
import { ASSUMED, ENTERED, KEEPERS } from '../../kernel/working';
import type { Brooder } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import { basisOf, type Station, type StationContext, schoolFor } from '../context';
import type { Sheet } from '../sheet';
import { BROODER_WORKINGS as W } from './brooder.working';
import {
  type Brood,
  type BroodWeek,
  broodsOf,
  broodWeeks,
  chickEdgeM,
  chickM2,
  chickRimM,
  type MoveOut,
  moveOut,
} from './broods';
import { heatFor, ofHeat } from './heat';
import { out } from './moveOut';

export interface BroodPlan {
  readonly groupId: string;
  readonly chicks: number;
  readonly hatchedOn: string;
  readonly movesOn: string;
  readonly weeks: readonly BroodWeek[];
  readonly out: MoveOut;
}

/** What the brooder is asked and carries, in chicks: it has its own rail. */
export interface BrooderCarries {
  /** Chicks of the brood that asks for most room. */
  readonly chicks: number;
  /** Null where there are no chicks or no brooder. */
  readonly carries: number | null;
}

/** Broods of the horizon: worked anew only where the flock is another. */
const broodsIn = (ctx: StationContext): readonly Brood[] =>
  ctx.kept('brooder.broods', [ctx.flock], () => broodsOf(ctx));

/** Broods week by week, and when each goes out. */
export const broodPlans = (ctx: StationContext): readonly BroodPlan[] => {
  const space = schoolFor(ctx, 'brooder.space');
  return ctx.kept('brooder.plans', [ctx.flock, space], () =>
    broodsIn(ctx).map((b) => ({
      groupId: b.groupId,
      chicks: b.chicks,
      hatchedOn: isoDay(b.hatchedOn),
      movesOn: isoDay(b.movesOn),
      weeks: broodWeeks(b, space.value),
      out: moveOut(b, ctx.flock.climate),
    })),
  );
};

/** The brood that asks for most room. */
const largestOf = (broods: readonly Brood[]): Brood | null =>
  broods.reduce<Brood | null>((a, b) => (a === null || needM2(b) > needM2(a) ? b : a), null);

/** The brooder: room, heat, feed and water for the largest brood to its last day, and when it goes out. */
export const brooderStation: Station = {
  id: 'brooder',
  events: (ctx) =>
    broodPlans(ctx).map(({ groupId, out: { day } }) =>
      event('brooder.out', day, { lot: groupId, figure: `brooder.${groupId}.out.age` }),
    ),
  judge: (s, ctx) => {
    const { flock, plan } = ctx;
    const broods = broodsIn(ctx);
    const largest = largestOf(broods);
    if (largest === null) return;
    s.explain(() => {
      weekFigures(s, broodPlans(ctx));
      const most = Math.max(...broods.map((b) => b.chicks));
      s.found('brooder.chicks', 'chicks', most, ENTERED);
      for (const id of TOLD_FACTS) s.fact(id);
    });
    const reads = [flock, plan.brooder, schoolFor(ctx, 'brooder.space')];
    s.part('brooder.all', reads, (own) => {
      if (plan.brooder !== null) {
        ofRoom(own, ctx, plan.brooder, largest);
        ofBox(own, plan.brooder, largest);
        ofHeat(own, plan.brooder, largest);
      }
      for (const b of broods) {
        eggs(own, b);
        out(own, ctx, b);
      }
    });
  },
};

/** Chicks of the largest brood, and how many of such the brooder carries. */
export function brooderCarries(ctx: StationContext): BrooderCarries {
  const space = schoolFor(ctx, 'brooder.space');
  return ctx.kept('brooder.carries', [ctx.flock, ctx.plan.brooder, space], () => {
    const largest = largestOf(broodsIn(ctx));
    const { brooder } = ctx.plan;
    return {
      chicks: largest?.chicks ?? 0,
      carries:
        largest === null || brooder === null ? null : capacityOf(ctx, brooder, largest).carries,
    };
  });
}

/** Told beside the fields, whatever is entered. */
const TOLD_FACTS = [
  'brooder.paper.days',
  'brooder.litter.least',
  'brooder.litter.most',
  'brooder.join.seen',
  'brooder.join.seenMost',
] as const;

/** What the eggs set come to, and whether that is as many as are counted on. */
function eggs(s: Sheet, { hatch, lot, groupId }: Brood): void {
  if (hatch === null) return;
  const { eggs: set, rate, hatched, share, forGroup } = hatch;
  s.found(`brooder.${groupId}.hatched`, 'chicks', hatched, KEEPERS);
  const parts = { set, rate, hatched, share, forGroup };
  const expected = s.worked(`brooder.${groupId}.forGroup`, W['brooder.hatch'], parts, KEEPERS);
  if (!below(forGroup, lot.group.count)) return;
  s.find('brooder.eggs.few', 'awkward', [groupId], {
    expected,
    counted: s.entered(`brooder.${groupId}.counted`, 'chicks', lot.group.count),
  });
}

const needM2 = (b: Brood): number => b.chicks * chickM2(b.lastDay, b.lot.massKg, b.meat);

/** What space, edges and heat each serve, chicks, and the least of them. */
function capacityOf(ctx: StationContext, box: Brooder, b: Brood) {
  const space = schoolFor(ctx, 'brooder.space');
  const perChick = chickM2(b.lastDay, b.lot.massKg, b.meat) * space.value;
  const area = boxM2(box);
  const rest = {
    bySpace: wholeDown(area / perChick),
    byFeed: wholeDown(box.feedEdgeM / chickEdgeM(b.lastDay)),
    byWater: wholeDown(box.waterRimM / chickRimM(b.lastDay)),
  };
  const others = Math.min(rest.bySpace, rest.byFeed, rest.byWater);
  // heat that sets no number serves as many as the rest does
  const byHeat = heatFor(box, b) ?? others;
  return { area, perChick, ...rest, byHeat, carries: Math.min(others, byHeat) };
}

function ofRoom(s: Sheet, ctx: StationContext, box: Brooder, b: Brood): void {
  const space = schoolFor(ctx, 'brooder.space');
  const capacity = capacityOf(ctx, box, b);
  const { perChick, area } = capacity;
  const needed = s.worked(
    'brooder.needed',
    W['brooder.needed'],
    {
      chicks: b.chicks,
      age: b.lastDay,
      perChick,
      needed: b.chicks * perChick,
    },
    basisOf(space),
  );
  const there = s.worked(
    'brooder.have',
    W['brooder.have'],
    {
      length: box.lengthM,
      width: box.widthM,
      shape: area / (box.lengthM * box.widthM),
      area,
    },
    ENTERED,
  );
  if (below(area, needed.value)) {
    s.find('brooder.space.short', 'short', [], {
      needed,
      there,
      age: s.found('brooder.lastDay', 'days', b.lastDay, ENTERED),
      missing: s.found('brooder.missing', 'm2', needed.value - area, basisOf(space)),
    });
  }
  edgeOf(s, 'feed', b, chickEdgeM(b.lastDay), box.feedEdgeM);
  edgeOf(s, 'water', b, chickRimM(b.lastDay), box.waterRimM);
  s.worked('brooder.capacity', W['brooder.capacity'], capacity, KEEPERS);
}

function edgeOf(s: Sheet, what: 'feed' | 'water', b: Brood, perChick: number, there: number): void {
  const needed = b.chicks * perChick;
  if (atMost(needed, there)) return;
  s.find(`brooder.${what}.short`, 'short', [], {
    needed: s.worked(
      `brooder.${what}.needed`,
      W['brooder.edge'],
      { chicks: b.chicks, perChick, needed },
      KEEPERS,
    ),
    there: s.entered(`brooder.${what}.there`, 'm', there),
  });
}

/** Floor of a brooder, m²: a rectangle, or a round or oval tub. */
export const boxM2 = ({ lengthM, widthM, shape }: Brooder): number =>
  lengthM * widthM * (shape === 'oval' ? Math.PI / 4 : 1);

function ofBox(s: Sheet, box: Brooder, b: Brood): void {
  const late = b.lastDay > ruled('brooder.lid.day');
  const rule = late ? 'brooder.wall.later' : 'brooder.wall.first';
  if (below(box.wallM, ruled(rule))) {
    s.find('brooder.wall.low', 'awkward', [], {
      wall: s.entered('brooder.wall', 'm', box.wallM),
      needed: s.fact(rule),
    });
  }
  if (late && !box.lid)
    s.find('brooder.lid.none', 'awkward', [], { from: s.fact('brooder.lid.day') });
  if (!box.cornersFilled && box.shape !== 'oval') s.find('brooder.corners.open', 'harm', [], {});
  if (late && box.lid && below(ruled('brooder.lid.most'), box.lidKg)) {
    s.find('brooder.lid.heavy', 'awkward', [], {
      mass: s.entered('brooder.lid.mass', 'kg', box.lidKg),
      allowed: s.fact('brooder.lid.most'),
    });
  }
  if (box.ventM2 === null) return;
  if (!box.drawer) s.find('brooder.floor.fixed', 'awkward', [], {});
  // a vent high in both gables, so much net in each for every ten chicks
  const needed = 2 * ruled('brooder.vent.tenChicks') * (b.chicks / 10);
  if (below(box.ventM2, needed)) {
    s.find('brooder.vent.small', 'short', [], {
      there: s.entered('brooder.vent', 'm2', box.ventM2),
      needed: s.worked(
        'brooder.vent.needed',
        W['brooder.vent'],
        {
          chicks: b.chicks,
          perTen: ruled('brooder.vent.tenChicks'),
          needed,
        },
        ASSUMED,
      ),
    });
  }
}

function weekFigures(s: Sheet, plans: readonly BroodPlan[]): void {
  for (const p of plans) {
    for (const w of p.weeks) {
      const id = (name: string): string => `brooder.${p.groupId}.week.${w.week}.${name}`;
      s.found(id('comfort'), 'celsius', w.comfortC, KEEPERS);
      s.found(id('back'), 'm', w.backM, ASSUMED);
      s.found(id('space'), 'm2', w.spaceM2, KEEPERS);
      s.found(id('feed'), 'm', w.feedEdgeM, KEEPERS);
      s.found(id('water'), 'm', w.waterRimM, KEEPERS);
      s.found(id('wall'), 'm', w.wallM, KEEPERS);
    }
    s.found(`brooder.${p.groupId}.out.age`, 'days', p.out.ageDays, KEEPERS);
    if (Number.isFinite(p.out.toleratedC)) {
      s.found(`brooder.${p.groupId}.out.borne`, 'celsius', p.out.toleratedC, KEEPERS);
    }
    if (p.out.chance !== null) {
      s.found(`brooder.${p.groupId}.out.chance`, 'share', p.out.chance, ASSUMED);
    }
  }
}
