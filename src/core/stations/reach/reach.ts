import {
  armMap,
  doorStrip,
  headroomMap,
  headroomOf,
  type ReachMap,
  reachMap,
  withinReach,
} from '../../geometry/reach';
import { roofHeightM } from '../../geometry/shell';
import { inRun, solidOf } from '../../geometry/solids';
import type { FindingNumber, Solid } from '../../kernel/finding';
import { below } from '../../kernel/units/number';
import { ASSUMED, ENTERED, KEEPERS } from '../../kernel/working';
import type { Hatch, NestBank, OfKind, Plan, Vessel } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import type { Station, StationContext } from '../context';
import { barsOver } from '../shadows';
import { type Sheet, shadowReach } from '../sheet';
import { REACH_WORKINGS as W } from './reach.working';

/** Floor out of reach that is worth a word, m²: a bird lies in less, but not much (assumption). */
const WORTH_M2 = ruled('reach.worth');
const BARROW_SLACK_M = ruled('reach.barrow.slack');

/** The floor within the keeper's reach; null until a door or a hatch has been entered. */
export const reachMapOf = (ctx: StationContext): ReachMap | null => {
  const { plan, of } = ctx;
  const [doors, hatches] = [of('door'), of('hatch')];
  const inTheWay = [of('nestBank'), of('dustBath'), of('bar'), of('board'), of('obstacle')];
  const reads = [plan.shell, plan.zone, plan.keeper, plan.litter, doors, hatches, ...inTheWay];
  return ctx.kept('reach.map', reads, () => {
    if (doors.length + hatches.length === 0) return null;
    const { shell, keeper } = plan;
    const headroom = headroomOf(plan);
    const room = ctx.kept('reach.room', [shell, headroom], () => headroomMap(shell, headroom));
    const arms = ctx.kept('reach.arms', [shell, keeper, doors, hatches], () => armMap(plan));
    return reachMap(plan, headroom, room, arms);
  });
};

/** What the keeper can get at, standing how: the reach map, headroom, heights, hatches, doors, lids. */
export const reachStation: Station = {
  id: 'reach',
  judge: (s, ctx) => {
    const { plan, flock, of } = ctx;
    const { keeper, shell, litter } = plan;
    s.explain(() => headroomNeeded(s, plan));
    const map = reachMapOf(ctx);
    if (map !== null) {
      const vessels = [of('feeder'), of('drinker')];
      s.part('reach.floor', [map, keeper, shell, litter, ...vessels, of('door')], (own) =>
        floorReach(own, plan, map),
      );
    }
    const reads = [keeper, shell, litter];
    for (const h of of('hatch')) {
      s.part('reach.hatch', reads, (own) => ofHatch(own, plan, h), h);
      heavyLid(s, h, h.flapKg);
    }
    for (const bank of of('nestBank')) {
      s.part('reach.bank', reads, (own) => bend(own, plan, bank), bank);
      heavyLid(s, bank, bank.lidKg);
    }
    for (const kind of ['feeder', 'drinker'] as const) {
      for (const v of of(kind)) s.part('reach.vessel', reads, (own) => tooHigh(own, plan, v), v);
    }
    for (const door of of('door')) {
      if (!door.insideLatch) s.find('reach.door.shutIn', 'harm', [door.id], {});
      s.part('reach.path', [shell, litter, flock, of('bar')], (own) => path(own, ctx, door), door);
    }
  },
};

const headroomNeeded = (s: Sheet, plan: Plan): FindingNumber =>
  s.worked(
    'reach.headroom',
    W['reach.headroom'],
    {
      stature: plan.keeper.statureM,
      over: ruled('reach.headroom'),
      headroom: headroomOf(plan),
    },
    KEEPERS,
  );

/** Floor out of reach, and nowhere to stand up. */
function floorReach(s: Sheet, plan: Plan, map: ReachMap): void {
  const area = s.found('reach.unreached', 'm2', map.unreachedM2, KEEPERS);
  if (below(WORTH_M2, map.unreachedM2)) {
    const far = farVessels(plan, map);
    const code = far.length > 0 ? 'reach.vessel.far' : 'reach.floor.unreached';
    const arm = s.entered('keeper.arm', 'm', plan.keeper.armM);
    s.find(code, 'awkward', far, { area, arm }, outOf(map, plan));
  }
  if (map.walkIn || !plan.fixtures.some((f) => f.kind === 'door')) return;
  const { lengthM, widthM } = plan.shell;
  const most = Math.max(
    ...[0, lengthM / 2, lengthM].flatMap((x) =>
      [0, widthM / 2, widthM].map((y) => roofHeightM(plan.shell, x, y)),
    ),
  );
  s.find('reach.headroom.none', 'awkward', [], {
    room: s.found('reach.roof', 'm', most, ENTERED),
    needed: headroomNeeded(s, plan),
  });
}

/** A lid that falls on a hand. */
function heavyLid(s: Sheet, f: NestBank | Hatch, lidKg: number): void {
  if (f.stay || !below(ruled('reach.lid'), lidKg)) return;
  s.find('reach.lid.heavy', 'harm', [f.id], {
    mass: s.entered(`reach.lid.${f.id}`, 'kg', lidKg),
    allowed: s.fact('reach.lid'),
  });
}

/** Feeders and drinkers that the keeper crawls to: they stand on floor out of reach and are filled there. */
const farVessels = (plan: Plan, map: ReachMap): string[] =>
  plan.fixtures.flatMap((f) =>
    (f.kind === 'feeder' || f.kind === 'drinker') &&
    !inRun(f) &&
    f.fillFrom !== 'outside' &&
    !withinReach(map, f.x, f.y)
      ? [f.id]
      : [],
  );

/** Nobody walks in under sleeping birds: the strip inside a person's door is out of the droppings. */
function path(s: Sheet, ctx: StationContext, door: OfKind<'door'>): void {
  const { plan, flock } = ctx;
  const heaviest = flock.heaviestOnBarsKg;
  if (heaviest === null) return;
  const strip = doorStrip(door, plan, ruled('reach.path'));
  const over = barsOver(ctx, strip);
  if (over.length === 0) return;
  const numbers = { deep: s.fact('reach.path'), reach: shadowReach(s, heaviest) };
  s.find('reach.path.underBars', 'awkward', [door.id, ...over.map((b) => b.id)], numbers, strip);
}

/** The smallest box round the floor that is out of reach. */
function outOf(map: ReachMap, plan: Plan): Solid {
  let [i0, i1, j0, j1] = [map.columns, 0, map.rows, 0];
  for (let j = 0, at = 0; j < map.rows; j++) {
    for (let i = 0; i < map.columns; i++, at++) {
      if (map.within[at] === 1) continue;
      if (i < i0) i0 = i;
      if (i >= i1) i1 = i + 1;
      if (j < j0) j0 = j;
      j1 = j + 1;
    }
  }
  return {
    x0: i0 * map.cellX,
    x1: i1 * map.cellX,
    y0: j0 * map.cellY,
    y1: j1 * map.cellY,
    z0: 0,
    z1: plan.litter.depthM,
  };
}

function ofHatch(s: Sheet, plan: Plan, h: Hatch): void {
  const zone = solidOf(h, plan);
  if (h.use === 'cleanOut') {
    if (below(h.widthM, ruled('reach.cleanOut.width'))) {
      s.find(
        'reach.cleanOut.narrow',
        'awkward',
        [h.id],
        {
          width: s.entered(`reach.${h.id}.width`, 'm', h.widthM),
          needed: s.fact('reach.cleanOut.width'),
        },
        zone,
      );
    }
    const over = ruled('reach.sill.over');
    const sill = h.sillZ + plan.shell.floorAboveGroundM;
    const rim = plan.keeper.barrowRimM;
    // level with the floor it is raked straight out; else it stands a little over the barrow
    if (below(0, h.sillZ) && (below(sill, rim + over) || below(rim + BARROW_SLACK_M, sill))) {
      s.find(
        'reach.cleanOut.sill',
        'awkward',
        [h.id],
        {
          sill: s.found(`reach.${h.id}.sill`, 'm', sill, ENTERED),
          wanted: s.worked(
            'reach.barrow',
            W['reach.barrow'],
            { rim, over, sill: rim + over },
            KEEPERS,
          ),
        },
        zone,
      );
    }
  }
  if (h.frontM === null) return;
  const flap = h.flapM ?? h.widthM;
  const clear = (h.frontM - flap) / 2;
  if (below(clear, ruled('reach.flap.clear'))) {
    s.find(
      'reach.flap.blocked',
      'awkward',
      [h.id],
      {
        clear: s.worked(
          `reach.${h.id}.clear`,
          W['reach.clear'],
          { front: h.frontM, flap, clear },
          ENTERED,
        ),
        needed: s.fact('reach.flap.clear'),
      },
      zone,
    );
  }
}

/** Daily jobs: a vessel that is filled from within is filled at about the elbow. */
function tooHigh(s: Sheet, plan: Plan, v: Vessel): void {
  if (inRun(v) || v.fillFrom === 'outside') return;
  const slack = ruled('reach.elbow.slack');
  const share = ruled('reach.elbow.share');
  const most = plan.keeper.statureM * share + slack;
  const solid = solidOf(v, plan);
  if (!below(most, solid.z1)) return;
  s.find(
    'reach.fill.high',
    'awkward',
    [v.id],
    {
      height: s.found(`reach.fill.${v.id}`, 'm', solid.z1, ENTERED),
      allowed: s.worked(
        'reach.elbow',
        W['reach.elbow'],
        { stature: plan.keeper.statureM, share, slack, most },
        ASSUMED,
      ),
    },
    solid,
  );
}

/** Nor does anybody gather eggs below 0.5 m every day. */
function bend(s: Sheet, plan: Plan, bank: NestBank): void {
  const outside = bank.collect !== 'inside';
  const height = bank.lipZ + (outside ? plan.shell.floorAboveGroundM : 0);
  if (!below(height, ruled('reach.bend'))) return;
  s.find(
    'reach.nests.low',
    'awkward',
    [bank.id],
    {
      height: s.found(`reach.nests.${bank.id}`, 'm', height, ENTERED),
      least: s.fact('reach.bend'),
    },
    solidOf(bank, plan),
  );
}
