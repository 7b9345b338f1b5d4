import { isHigh } from '../../air/high';
import { grossM2, netM2 } from '../../air/net';
import { panelOf } from '../../air/panels';
import { type FlockByDay, livingOn, massThen } from '../../birds/flock';
import { demandOf } from '../../carrying/asked';
import type { Carries } from '../../carrying/carrying';
import type { When } from '../../kernel/finding';
import { atMost, below } from '../../kernel/units/number';
import { ASSUMED, KEEPERS } from '../../kernel/working';
import type { AirOpening, Plan } from '../../model/schema';
import { type ChosenSchool, scaleToBird } from '../../rules/book';
import { COVER_ROWS, SCREEN_FREE } from '../../rules/materials.data';
import {
  askedOf,
  basisOf,
  byDay,
  type CarryingStation,
  capacityParts,
  type StationContext,
  schoolFor,
} from '../context';
import { hotFactor } from '../roosts/widths';
import { sleepingIn } from '../shadows';
import type { Sheet } from '../sheet';
import { AIR_WORKINGS as W } from './air.working';
import { airOpenings, areasIn, areasOf, isEntered, netInM2 } from './areas';
import { type Computed, computedIn, computedParts } from './computed';
import { draught } from './draught';
import { lesson } from './lesson';

interface Rule {
  readonly perBirdM2: number;
  readonly alwaysPerBirdM2: number;
  /** Of the floor, m². */
  readonly floorM2: number;
  readonly alwaysFloorM2: number;
  readonly floorShare: number;
  /** Where the areas were worked for the birds and the place. */
  readonly computed: Computed | null;
}

function ruleOf(ctx: StationContext, school: ChosenSchool): Rule {
  const p = school.params;
  const floor = ctx.plan.shell.lengthM * ctx.plan.shell.widthM;
  const hot = hotFactor(ctx.flock) > 1;
  const floorShare = (hot ? p.hotFloorShare : p.floorShare) ?? 0;
  const computed = p.computed === 1 ? computedIn(ctx) : null;
  if (computed) {
    const { needs, birds } = computed;
    return {
      perBirdM2: needs.summer.netM2 / birds,
      alwaysPerBirdM2: needs.winter.netM2 / birds,
      floorM2: 0,
      alwaysFloorM2: 0,
      floorShare: 0,
      computed,
    };
  }
  return {
    computed: null,
    perBirdM2: p.perBirdM2 ?? 0,
    alwaysPerBirdM2: p.alwaysPerBirdM2 ?? 0,
    floorM2: floorShare * floor,
    alwaysFloorM2: (p.alwaysFloorShare ?? 0) * floor,
    floorShare,
  };
}

const shares = (flock: FlockByDay, d: number): number[] =>
  flock.lots.map((_, i) => scaleToBird(1, massThen(flock, i, d), 'area'));

/** Net area that the flock needs on its worst day: high up and open always, and in all, m². */
export function airNeeds(ctx: StationContext): {
  readonly alwaysM2: number;
  readonly allM2: number;
} {
  const rule = ruleOf(ctx, schoolFor(ctx, 'air.area'));
  const { flock } = ctx;
  const birds = ctx.kept('air.most', [flock], () =>
    Math.max(0, ...flock.looked.map(({ d, counts }) => demandOf(counts, shares(flock, d)))),
  );
  return {
    alwaysM2: rule.alwaysFloorM2 + rule.alwaysPerBirdM2 * birds,
    allM2: rule.floorM2 + rule.perBirdM2 * birds,
  };
}

/** Air by rule: what stands open in winter, and all that can be opened, in net area. */
export const airStation: CarryingStation = {
  id: 'air',
  topic: 'air.area',
  entered: isEntered,
  supply: (ctx) => {
    const { plan } = ctx;
    const { alwaysM2, allM2 } = areasIn(ctx);
    const { lengthM, widthM } = plan.shell;
    return [alwaysM2, allM2, lengthM, widthM, computedIn(ctx)];
  },
  demand: (ctx, school) => {
    const there = areasIn(ctx);
    const rule = ruleOf(ctx, school);
    const sharesOn = byDay(ctx, 'shares', [], shares);
    return {
      measure: 'area',
      perBird: sharesOn,
      // net area serves birds in proportion: half of what the flock asks for carries half of it
      fits: (taken, { perBird, asked: all }) => {
        const birds = demandOf(taken, perBird);
        if (birds === 0 || all === 0) return true;
        // where nothing opens nobody has air, however little a place asks for
        if (there.allM2 === 0) return false;
        const part = birds / all;
        return (
          atMost((rule.floorM2 + rule.perBirdM2 * all) * part, there.allM2) &&
          atMost((rule.alwaysFloorM2 + rule.alwaysPerBirdM2 * all) * part, there.alwaysM2)
        );
      },
    };
  },
  seasons: (ctx) => {
    const [asked, there] = [airNeeds(ctx), areasIn(ctx)];
    if (asked.alwaysM2 === 0 || asked.allM2 === 0) return null;
    return { winter: there.alwaysM2 / asked.alwaysM2, summer: there.allM2 / asked.allM2 };
  },
  judge: (s, ctx, asked) => {
    const carry = askedOf(asked.carry);
    const { of, plan, flock } = ctx;
    s.explain(() => {
      openings(s, plan);
      lesson(s, ctx);
    });
    const bars = sleepingIn(ctx);
    for (const kind of ['window', 'vent'] as const) {
      for (const o of of(kind)) {
        s.part('air.draught', [bars, plan.shell], (own) => draught(own, ctx, o, bars), o);
      }
    }
    if (carry.state !== 'carries') return;
    const { school } = asked;
    s.part('air.needs', [carry, asked, flock, plan.shell, areasIn(ctx), computedIn(ctx)], (own) =>
      needs(own, ctx, carry, school, asked.short),
    );
  },
};

function openings(s: Sheet, plan: Plan): void {
  const all = airOpenings(plan);
  for (const o of all) {
    const cover = COVER_ROWS.find((c) => c.id === o.cover)?.free ?? 1;
    s.worked(
      `air.opening.${o.id}`,
      W['air.opening'],
      {
        gross: grossM2(o),
        cover,
        screen: SCREEN_FREE[o.screenedBy],
        net: netM2(o),
      },
      KEEPERS,
    );
  }
  for (const o of all) {
    const panel = panelOf(o);
    if (panel === null) continue;
    const { widthM: width, heightM: height } = o;
    const area = panel.widthM * panel.heightM;
    s.worked(
      `air.panel.${o.id}`,
      W['air.panel'],
      { width, height, more: panel.moreM, area },
      ASSUMED,
    );
    s.found(`air.panel.${o.id}.width`, 'm', panel.widthM, ASSUMED);
    s.found(`air.panel.${o.id}.height`, 'm', panel.heightM, ASSUMED);
  }
  const net = all.map((o) => netInM2(o, plan));
  const high = all.filter((o) => isHigh(o, plan));
  const low = all.filter((o) => !isHigh(o, plan));
  const sum = (list: readonly AirOpening[]): number =>
    list.reduce((a, o) => a + netInM2(o, plan), 0);
  s.worked('air.have', W['air.have'], { net, there: sum(all) }, KEEPERS);
  s.found('air.high', 'm2', sum(high), KEEPERS);
  s.found('air.low', 'm2', sum(low), KEEPERS);
  s.found('air.closable', 'm2', sum(all.filter((o) => o.opens === 'closable')), KEEPERS);
  s.found('air.always', 'm2', areasOf(plan).alwaysM2, KEEPERS);
}

function needs(
  s: Sheet,
  ctx: StationContext,
  carry: Carries,
  school: ChosenSchool,
  short: When | null,
): void {
  const basis = basisOf(school);
  const rule = ruleOf(ctx, school);
  const there = areasIn(ctx);
  const perBird = shares(ctx.flock, carry.needOn);
  const floor = ctx.plan.shell.lengthM * ctx.plan.shell.widthM;
  const counts = livingOn(ctx.flock, carry.needOn);
  const birds = demandOf(counts, perBird);
  const part = { counts, shares: perBird, floor };
  const needed = rule.floorM2 + rule.perBirdM2 * birds;
  const always = rule.alwaysFloorM2 + rule.alwaysPerBirdM2 * birds;
  const { computed } = rule;
  const neededFigure = computed
    ? s.worked(
        'air.needed',
        W['air.computed.summer'],
        computedParts(ctx, computed, 'summer', { asking: birds }),
        basis,
      )
    : s.worked(
        'air.needed',
        W['air.needed'],
        { ...part, share: rule.floorShare, perBird: rule.perBirdM2, needed },
        basis,
      );
  const winter = computed
    ? s.worked(
        'air.winter.needed',
        W['air.computed.winter'],
        computedParts(ctx, computed, 'winter', { asking: birds }),
        basis,
      )
    : s.worked(
        'air.winter.needed',
        W['air.needed'],
        {
          ...part,
          share: school.params.alwaysFloorShare ?? 0,
          perBird: rule.alwaysPerBirdM2,
          needed: always,
        },
        basis,
      );
  s.worked(
    'air.capacity',
    W['air.capacity'],
    {
      ...capacityParts(ctx, carry),
      all: there.allM2,
      always: there.alwaysM2,
    },
    basis,
  );
  if (!isEntered(ctx.plan)) return;
  if (there.allM2 === 0) {
    const nothing = s.found('air.all', 'm2', 0, KEEPERS);
    const missing = s.found('air.winter.missing', 'm2', always, basis);
    s.find('air.shut', 'harm', [], { needed: winter, there: nothing, missing }, null, short);
    return;
  }
  if (below(there.alwaysM2, always)) {
    s.find(
      'air.winter.short',
      'short',
      [],
      {
        needed: winter,
        there: s.found('air.always', 'm2', there.alwaysM2, KEEPERS),
        missing: s.found('air.winter.missing', 'm2', always - there.alwaysM2, basis),
      },
      null,
      short,
    );
  }
  if (below(there.allM2, needed)) {
    s.find(
      'air.summer.short',
      'short',
      [],
      {
        needed: neededFigure,
        there: s.found('air.all', 'm2', there.allM2, KEEPERS),
        missing: s.found('air.summer.missing', 'm2', needed - there.allM2, basis),
      },
      null,
      short,
    );
  }
}
