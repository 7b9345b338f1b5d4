import { barsAbove } from '../../geometry/bars';
import { accessesOf, doorStrip, type ReachMap, reachMap, withinReach } from '../../geometry/reach';
import { roofHeightM } from '../../geometry/shell';
import { inRun, solidOf } from '../../geometry/solids';
import type { Solid } from '../../kernel/finding';
import { below } from '../../kernel/units/number';
import { ASSUMED, ENTERED, KEEPERS } from '../../kernel/working';
import type { Hatch, Plan } from '../../model/schema';
import { constant } from '../../rules/constants.data';
import { FACTS } from '../../rules/singleRules.data';
import type { StationContext, StationResult } from '../context';
import { type Sheet, shadowReach, sheetOf } from '../sheet';
import { REACH_WORKINGS as W } from './reach.working';

/** Floor out of reach that is worth a word, m²: a bird lies in less, but not much (assumption). */
const WORTH_M2 = constant('reach.worth');
const BARROW_SLACK_M = constant('reach.barrow.slack');

export interface ReachResult extends StationResult {
  /** Null until a door or a hatch has been entered. */
  readonly map: ReachMap | null;
}

/** What the keeper can get at, standing how: the reach map, headroom, heights, hatches, doors, lids. */
export function assessReach(ctx: StationContext): ReachResult {
  const { plan } = ctx;
  const s = sheetOf('reach');
  const headroom = plan.keeper.statureM + FACTS['reach.headroom'].value;
  const needed = s.worked(
    'reach.headroom',
    'reach.headroom',
    W['reach.headroom'],
    {
      stature: plan.keeper.statureM,
      over: FACTS['reach.headroom'].value,
      headroom,
    },
    KEEPERS,
  );
  const accesses = accessesOf(plan);
  let map: ReachMap | null = null;
  if (accesses.length > 0) {
    map = reachMap(plan, headroom);
    const out = s.found('reach.unreached', 'm2', map.unreachedM2, KEEPERS);
    if (below(WORTH_M2, map.unreachedM2)) {
      const far = farVessels(plan, map);
      s.find(
        far.length > 0 ? 'reach.vessel.far' : 'reach.floor.unreached',
        'awkward',
        far,
        {
          area: out,
          arm: s.entered('keeper.arm', 'm', plan.keeper.armM),
        },
        outOf(map, plan),
      );
    }
    if (!map.walkIn && accesses.some((a) => a.kind === 'door')) {
      const { lengthM, widthM } = plan.shell;
      const most = Math.max(
        ...[0, lengthM / 2, lengthM].flatMap((x) =>
          [0, widthM / 2, widthM].map((y) => roofHeightM(plan.shell, x, y)),
        ),
      );
      s.find('reach.headroom.none', 'awkward', [], {
        room: s.found('reach.roof', 'm', most, ENTERED),
        needed,
      });
    }
  }
  for (const f of plan.fixtures) {
    if (f.kind === 'hatch') ofHatch(s, plan, f);
    if (f.kind === 'door' && !f.insideLatch) s.find('reach.door.shutIn', 'harm', [f.id], {});
    const lid = f.kind === 'nestBank' ? f.lidKg : f.kind === 'hatch' ? f.flapKg : 0;
    if (
      (f.kind === 'nestBank' || f.kind === 'hatch') &&
      !f.stay &&
      below(FACTS['reach.lid'].value, lid)
    ) {
      s.find('reach.lid.heavy', 'harm', [f.id], {
        mass: s.entered(`reach.lid.${f.id}`, 'kg', lid),
        allowed: s.fact('reach.lid'),
      });
    }
  }
  dailyHeights(s, plan);
  paths(s, ctx);
  return {
    station: 'reach',
    carry: { state: 'notApplicable' },
    figures: s.figures,
    findings: s.findings,
    map,
  };
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
function paths(s: Sheet, { plan, flock }: StationContext): void {
  const heaviest = flock.heaviestOnBarsKg;
  if (heaviest === null) return;
  for (const f of plan.fixtures) {
    if (f.kind !== 'door') continue;
    const strip = doorStrip(f, plan, FACTS['reach.path'].value);
    const over = barsAbove(strip, plan, heaviest);
    if (over.length === 0) continue;
    const ids = [f.id, ...over.map((b) => b.id)];
    const deep = s.fact('reach.path');
    s.find(
      'reach.path.underBars',
      'awkward',
      ids,
      { deep, reach: shadowReach(s, heaviest) },
      strip,
    );
  }
}

/** The smallest box round the floor that is out of reach. */
function outOf(map: ReachMap, plan: Plan): Solid {
  let [i0, i1, j0, j1] = [map.columns, 0, map.rows, 0];
  map.within.forEach((v, at) => {
    if (v === 1) return;
    const i = at % map.columns;
    const j = Math.floor(at / map.columns);
    i0 = Math.min(i0, i);
    i1 = Math.max(i1, i + 1);
    j0 = Math.min(j0, j);
    j1 = Math.max(j1, j + 1);
  });
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
    if (below(h.widthM, FACTS['reach.cleanOut.width'].value)) {
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
    const over = FACTS['reach.sill.over'].value;
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
  if (below(clear, FACTS['reach.flap.clear'].value)) {
    s.find(
      'reach.flap.blocked',
      'awkward',
      [h.id],
      {
        clear: s.worked(
          `reach.${h.id}.clear`,
          'reach.clear',
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

/** Daily jobs: not below 0.5 m, and about the elbow. */
function dailyHeights(s: Sheet, plan: Plan): void {
  const elbow = plan.keeper.statureM * FACTS['reach.elbow.share'].value;
  const slack = FACTS['reach.elbow.slack'].value;
  const most = elbow + slack;
  for (const f of plan.fixtures) {
    if (inRun(f)) continue;
    if (f.kind === 'nestBank') {
      const outside = f.collect !== 'inside';
      const height = f.lipZ + (outside ? plan.shell.floorAboveGroundM : 0);
      bend(s, plan, f.id, height, 'nests');
    }
    if (f.kind === 'feeder' || f.kind === 'drinker') {
      const solid = solidOf(f, plan);
      if (f.fillFrom === 'outside') continue;
      if (below(most, solid.z1)) {
        s.find(
          'reach.fill.high',
          'awkward',
          [f.id],
          {
            height: s.found(`reach.fill.${f.id}`, 'm', solid.z1, ENTERED),
            allowed: s.worked(
              'reach.elbow',
              'reach.elbow',
              W['reach.elbow'],
              {
                stature: plan.keeper.statureM,
                share: FACTS['reach.elbow.share'].value,
                slack,
                most,
              },
              ASSUMED,
            ),
          },
          solid,
        );
      }
    }
  }
}

function bend(s: Sheet, plan: Plan, id: string, height: number, what: 'nests'): void {
  const least = FACTS['reach.bend'].value;
  if (!below(height, least)) return;
  s.find(
    `reach.${what}.low`,
    'awkward',
    [id],
    {
      height: s.found(`reach.${what}.${id}`, 'm', height, ENTERED),
      least: s.fact('reach.bend'),
    },
    plan.fixtures.flatMap((f) => (f.id === id ? [solidOf(f, plan)] : []))[0] ?? null,
  );
}
