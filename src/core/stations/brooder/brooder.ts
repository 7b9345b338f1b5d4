import { brooderC } from '../../birds/daily';
import { isoDay } from '../../kernel/units/day';
import { atMost, below, wholeDown } from '../../kernel/units/number';
import { ASSUMED, ENTERED, KEEPERS } from '../../kernel/working';
import type { Brooder } from '../../model/schema';
import { constant } from '../../rules/constants.data';
import { FACTS } from '../../rules/singleRules.data';
import { dayOfYear } from '../../weather/climate';
import { basisOf, type StationContext, type StationResult, schoolFor } from '../context';
import { type Sheet, sheetOf } from '../sheet';
import { BROODER_WORKINGS as W } from './brooder.working';
import {
  type Brood,
  type BroodWeek,
  broodsOf,
  broodWeeks,
  chickEdgeM,
  chickM2,
  chickPlateM2,
  chickRimM,
  colderNightChance,
  lampW,
  type MoveOut,
  moveOut,
  toleratedC,
} from './broods';

export interface BroodPlan {
  readonly groupId: string;
  readonly chicks: number;
  readonly hatchedOn: string;
  readonly movesOn: string;
  readonly weeks: readonly BroodWeek[];
  readonly out: MoveOut;
}

export interface BrooderResult extends StationResult {
  /** Chicks of the largest brood, and the brooder's own rail. */
  readonly chicks: number;
  readonly carriesChicks: number | null;
  readonly broods: readonly BroodPlan[];
}

/** The brooder: room, heat, feed and water for the largest brood to its last day, and when it goes out. */
export function assessBrooder(ctx: StationContext): BrooderResult {
  const s = sheetOf('brooder');
  const broods = broodsOf(ctx);
  const space = schoolFor(ctx, 'brooder.space');
  const plans = broods.map(
    (b): BroodPlan => ({
      groupId: b.groupId,
      chicks: b.chicks,
      hatchedOn: isoDay(b.hatchedOn),
      movesOn: isoDay(b.movesOn),
      weeks: broodWeeks(b, space.value),
      out: moveOut(b, ctx.flock.climate),
    }),
  );
  const largest = broods.reduce<Brood | null>(
    (a, b) => (a === null || needM2(b) > needM2(a) ? b : a),
    null,
  );
  const { brooder } = ctx.plan;
  let carriesChicks: number | null = null;
  if (largest !== null) {
    weekFigures(s, plans);
    const most = Math.max(...broods.map((b) => b.chicks));
    s.found('brooder.chicks', 'chicks', most, ENTERED);
    if (brooder !== null) {
      carriesChicks = carries(s, ctx, brooder, largest);
      ofBox(s, brooder, largest);
      ofHeat(s, brooder, largest);
    }
    for (const id of TOLD_FACTS) s.fact(id);
    for (const b of broods) {
      eggs(s, b);
      out(s, ctx, b);
    }
  }
  const state = largest === null ? 'notApplicable' : 'notEntered';
  return {
    station: 'brooder',
    carry: { state },
    figures: s.figures,
    findings: s.findings,
    chicks: largest?.chicks ?? 0,
    carriesChicks,
    broods: plans,
  };
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
  const expected = s.worked(
    `brooder.${groupId}.forGroup`,
    'brooder.hatch',
    W['brooder.hatch'],
    parts,
    KEEPERS,
  );
  if (!below(forGroup, lot.group.count)) return;
  s.find('brooder.eggs.few', 'awkward', [groupId], {
    expected,
    counted: s.entered(`brooder.${groupId}.counted`, 'chicks', lot.group.count),
  });
}

const needM2 = (b: Brood): number => b.chicks * chickM2(b.lastDay, b.lot.massKg, b.meat);

/** Last day on which warmth is still asked for in full, days: by three weeks a plate is as large as it gets. */
const HEAT_DAY = 21;

function carries(s: Sheet, ctx: StationContext, box: Brooder, b: Brood): number {
  const space = schoolFor(ctx, 'brooder.space');
  const perChick = chickM2(b.lastDay, b.lot.massKg, b.meat) * space.value;
  const area = boxM2(box);
  const needed = s.worked(
    'brooder.needed',
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
  const edge = chickEdgeM(b.lastDay);
  edgeOf(s, 'feed', b, edge, box.feedEdgeM);
  const rim = chickRimM(b.lastDay);
  edgeOf(s, 'water', b, rim, box.waterRimM);
  const rest = {
    bySpace: wholeDown(area / perChick),
    byFeed: wholeDown(box.feedEdgeM / edge),
    byWater: wholeDown(box.waterRimM / rim),
  };
  const others = Math.min(rest.bySpace, rest.byFeed, rest.byWater);
  // heat that sets no number serves as many as the rest does
  const parts = { area, perChick, ...rest, byHeat: heatFor(box, b) ?? others };
  const least = Math.min(others, parts.byHeat);
  s.worked(
    'brooder.capacity',
    'brooder.capacity',
    W['brooder.capacity'],
    { ...parts, carries: least },
    KEEPERS,
  );
  return least;
}

function edgeOf(s: Sheet, what: 'feed' | 'water', b: Brood, perChick: number, there: number): void {
  const needed = b.chicks * perChick;
  if (atMost(needed, there)) return;
  s.find(`brooder.${what}.short`, 'short', [], {
    needed: s.worked(
      `brooder.${what}.needed`,
      'brooder.edge',
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

/** Whether the air is as warm as chicks of the first week ask: then nothing has to heat them. */
const warmEnough = (box: Brooder): boolean => !below(box.airC, brooderC(0));

/** Chicks that the heat serves; null where it sets no number. */
function heatFor(box: Brooder, b: Brood): number | null {
  const { heat } = box;
  if (warmEnough(box)) return null;
  if (heat.kind === 'plate') {
    const each = chickPlateM2(Math.min(HEAT_DAY, b.lastDay));
    return wholeDown((heat.widthM * heat.depthM) / each);
  }
  if (heat.kind === 'hen') return heat.hens * FACTS['brooder.hen.chicks'].value;
  return null;
}

function ofBox(s: Sheet, box: Brooder, b: Brood): void {
  const late = b.lastDay > FACTS['brooder.lid.day'].value;
  const rule = late ? 'brooder.wall.later' : 'brooder.wall.first';
  if (below(box.wallM, FACTS[rule].value)) {
    s.find('brooder.wall.low', 'awkward', [], {
      wall: s.entered('brooder.wall', 'm', box.wallM),
      needed: s.fact(rule),
    });
  }
  if (late && !box.lid)
    s.find('brooder.lid.none', 'awkward', [], { from: s.fact('brooder.lid.day') });
  if (!box.cornersFilled && box.shape !== 'oval') s.find('brooder.corners.open', 'harm', [], {});
  if (late && box.lid && below(FACTS['brooder.lid.most'].value, box.lidKg)) {
    s.find('brooder.lid.heavy', 'awkward', [], {
      mass: s.entered('brooder.lid.mass', 'kg', box.lidKg),
      allowed: s.fact('brooder.lid.most'),
    });
  }
  if (box.ventM2 === null) return;
  if (!box.drawer) s.find('brooder.floor.fixed', 'awkward', [], {});
  // a vent high in both gables, so much net in each for every ten chicks
  const needed = 2 * FACTS['brooder.vent.tenChicks'].value * (b.chicks / 10);
  if (below(box.ventM2, needed)) {
    s.find('brooder.vent.small', 'short', [], {
      there: s.entered('brooder.vent', 'm2', box.ventM2),
      needed: s.worked(
        'brooder.vent.needed',
        'brooder.vent',
        W['brooder.vent'],
        {
          chicks: b.chicks,
          perTen: FACTS['brooder.vent.tenChicks'].value,
          needed,
        },
        ASSUMED,
      ),
    });
  }
}

function ofHeat(s: Sheet, box: Brooder, b: Brood): void {
  const { heat } = box;
  if (heat.kind === 'none') {
    if (below(box.airC, brooderC(0))) {
      s.find('brooder.heat.none', 'harm', [], {
        comfort: s.found('brooder.comfort.0', 'celsius', brooderC(0), KEEPERS),
        air: s.entered('brooder.air', 'celsius', box.airC),
      });
    }
    return;
  }
  if (warmEnough(box)) return;
  if (heat.kind === 'plate') {
    if (below(box.airC, FACTS['brooder.plate.air'].value)) {
      s.find('brooder.plate.cold', 'harm', [], {
        air: s.entered('brooder.air', 'celsius', box.airC),
        least: s.fact('brooder.plate.air'),
      });
    }
  }
  if (heat.kind === 'plate' || heat.kind === 'hen') {
    const serves = heatFor(box, b) ?? b.chicks;
    if (serves < b.chicks) {
      s.find('brooder.heat.short', 'short', [], {
        serves: s.found('brooder.heat.serves', 'chicks', serves, KEEPERS),
        chicks: s.found('brooder.chicks', 'chicks', b.chicks, ENTERED),
      });
    }
    return;
  }
  ofLamp(s, box, heat, b);
}

function ofLamp(
  s: Sheet,
  box: Brooder,
  heat: Extract<Brooder['heat'], { kind: 'lamp' }>,
  b: Brood,
): void {
  const comfort = brooderC(0);
  const watts = lampW(b.chicks, comfort, box.airC);
  const needed = s.worked(
    'brooder.lamp.needed',
    'brooder.lamp',
    W['brooder.lamp'],
    {
      comfort,
      air: box.airC,
      chicks: b.chicks,
      perChick: FACTS['brooder.lamp.chick'].value,
      least: FACTS['brooder.lamp.spot'].value,
      watts,
    },
    KEEPERS,
  );
  const there = s.entered('brooder.lamp.there', 'watts', heat.watts * heat.count);
  if (below(FACTS['brooder.lamp.all'].value, watts)) {
    s.find('brooder.lamp.tooCold', 'harm', [], { needed, most: s.fact('brooder.lamp.all') });
  } else if (heat.watts > FACTS['brooder.lamp.most'].value) {
    s.find('brooder.lamp.strong', 'harm', [], {
      each: s.entered('brooder.lamp.each', 'watts', heat.watts),
      most: s.fact('brooder.lamp.most'),
    });
  } else if (below(heat.watts * heat.count, watts)) {
    s.find('brooder.lamp.weak', 'short', [], { needed, there });
  }
  if (
    heat.count === 1 &&
    watts > 0 &&
    (heat.watts > FACTS['brooder.lamp.one'].value ||
      b.chicks > FACTS['brooder.lamp.oneChicks'].value)
  ) {
    s.find('brooder.lamp.one', 'awkward', [], { there });
  }
  if (below(heat.aboveM, FACTS['brooder.lamp.above'].value)) {
    s.find('brooder.lamp.low', 'harm', [], {
      above: s.entered('brooder.lamp.height', 'm', heat.aboveM),
      needed: s.fact('brooder.lamp.above'),
    });
  }
  if (heat.coated) s.find('brooder.lamp.coated', 'harm', [], {});
  if (!heat.secondFixing) s.find('brooder.lamp.fixing', 'harm', [], {});
}

/** Whether a brood goes out before it bears the nights. */
function out(s: Sheet, ctx: StationContext, b: Brood): void {
  const age = b.movesOn - b.hatchedOn;
  const id = b.groupId;
  const ageFigure = s.found(`brooder.${id}.age`, 'days', age, ENTERED);
  const feathered = FACTS['brooder.out.feathered'].value;
  const day = isoDay(b.movesOn);
  if (!b.meat && age < feathered) {
    s.find(
      'brooder.out.early',
      'harm',
      [id],
      { age: ageFigure, needed: s.fact('brooder.out.feathered') },
      null,
      day,
    );
    return;
  }
  const { climate } = ctx.flock;
  const borne = toleratedC(age, b.meat);
  if (climate === null || !Number.isFinite(borne)) return;
  const chance = colderNightChance(climate, dayOfYear(day), borne);
  const chanceFigure = s.found(`brooder.${id}.chance`, 'share', chance, ASSUMED);
  if (chance > MOST_CHANCE) {
    s.find(
      'brooder.out.cold',
      'short',
      [id],
      {
        age: ageFigure,
        borne: s.rule(`brooder.${id}.borne`, 'celsius', borne, KEEPERS),
        chance: chanceFigure,
      },
      null,
      day,
    );
  }
}

/** A chance of a colder night that is worth waiting for better (assumption). */
const MOST_CHANCE = constant('brooder.out.chance');

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
