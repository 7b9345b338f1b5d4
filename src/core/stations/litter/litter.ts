import { dayOf } from '../../birds/flock';
import { event } from '../../kernel/event';
import { isoDay } from '../../kernel/units/day';
import { below } from '../../kernel/units/number';
import { ASSUMED, ENTERED, KEEPERS } from '../../kernel/working';
import { litterEndM } from '../../model/litter';
import { ruled } from '../../rules/rules.data';
import { basisOf, type Station, type StationContext, schoolFor } from '../context';
import { beddingOf } from '../litterCourse';
import type { Sheet } from '../sheet';
import { LITTER_WORKINGS as W } from './litter.working';

const WEEKS_A_YEAR = 365 / 7;
const LITRES_M3 = 1000;

/** Litter: how much to start with, to add and to carry out, how it grows, and what holds it in. */
export const litterStation: Station = {
  id: 'litter',
  events: ({ flock, litter: { worstOn, outDays, fullAfterDays } }) => {
    if (worstOn === null) return [];
    const after = (days: number): string => isoDay(flock.horizon.first + days);
    const out = event('litter.cleanOut', after(outDays), {
      repeats: outDays,
      figure: 'litter.depth.end',
    });
    if (fullAfterDays === null) return [out];
    const days = Math.floor(fullAfterDays);
    return [event('litter.third', after(days), { figure: 'litter.third.days' }), out];
  },
  judge: (s, ctx) => {
    const { plan, flock, litter: course, of } = ctx;
    const schools = ['litter.school', 'roosts.droppings', 'litter.cleanOut'].map((topic) =>
      schoolFor(ctx, topic),
    );
    const reads = [course, plan.litter, plan.shell, flock, of('board').length > 0, ...schools];
    s.part('litter.all', reads, (own) => {
      own.explain(() => startOf(own, ctx));
      if (course.worstOn !== null) amounts(own, ctx);
      depths(own, ctx, schoolFor(ctx, 'litter.school').params);
      floors(own, ctx);
      if (schoolFor(ctx, 'litter.school').params.needsTurning === 1 && !plan.litter.turned) {
        own.find('litter.bed.unturned', 'awkward', [], {});
      }
    });
  },
};

/** Litter to begin with, L. */
function startOf(s: Sheet, { plan, litter: course }: StationContext): number {
  const litres = course.floorM2 * plan.litter.depthM * LITRES_M3;
  s.worked(
    'litter.start',
    W['litter.start'],
    { floor: course.floorM2, depth: plan.litter.depthM, litres },
    ENTERED,
  );
  return litres;
}

function amounts(s: Sheet, ctx: StationContext): void {
  const { plan, flock, litter: course } = ctx;
  const startL = startOf(s, ctx);
  const bedding = beddingOf(plan);
  const night = schoolFor(ctx, 'roosts.droppings');
  const { board, counts, each, day, week, topUpKg: kg, floorM2: floor } = course;
  s.worked('litter.droppings', W['litter.droppings'], { counts, each, day }, ASSUMED);
  s.worked(
    'litter.onLitter',
    W['litter.onLitter'],
    {
      day,
      night: board ? 0 : night.value,
      byDay: ruled('litter.byDay'),
      nightShare: night.value,
      week,
    },
    basisOf(night),
  );
  const litres = (kg / bedding.densityKgM3) * LITRES_M3;
  const weekly =
    kg > 0
      ? s.worked(
          'litter.weekly',
          W['litter.weekly'],
          {
            week,
            nitrogen: ruled('litter.droppings.nitrogen'),
            cnOfDroppings: ruled('litter.droppings.cn'),
            least: ruled('litter.cn.least'),
            carbon: ruled('litter.carbon'),
            cn: bedding.cn ?? 0,
            bulk: bedding.densityKgM3,
            kg,
            litres,
          },
          ASSUMED,
        )
      : s.found('litter.weekly', 'bulkLitres', 0, ASSUMED);
  const cleanOut = schoolFor(ctx, 'litter.cleanOut');
  const changed = schoolFor(ctx, 'litter.school').params.changeDays;
  // litter that is changed is not topped up: it all comes out and goes in again
  const perYear =
    changed === undefined
      ? (startL * 365) / cleanOut.value + weekly.value * WEEKS_A_YEAR
      : (startL * 365) / changed;
  s.worked(
    'litter.year',
    W['litter.year'],
    {
      start: startL,
      every: course.outDays,
      weekly: changed === undefined ? weekly.value : 0,
      weeks: WEEKS_A_YEAR,
      year: perYear,
    },
    basisOf(cleanOut),
  );
  s.worked(
    'litter.bales',
    W['litter.bales'],
    {
      year: perYear,
      bale: plan.litter.baleL,
      bales: perYear / plan.litter.baleL,
    },
    ENTERED,
  );
  const riseYear = s.worked(
    'litter.rise',
    W['litter.rise'],
    {
      week,
      dry: 1 - ruled('roosts.droppings.wetShare'),
      topUp: kg,
      weeks: WEEKS_A_YEAR,
      lost: ruled('litter.lost'),
      settled: ruled('litter.settled'),
      floor,
      rise: course.riseYearM,
    },
    ASSUMED,
  );
  const end = s.worked(
    'litter.depth.end',
    W['litter.depth.end'],
    {
      start: plan.litter.depthM,
      rise: course.grows ? riseYear.value : 0,
      days: course.outDays,
      depth: course.atEndM,
    },
    ASSUMED,
  );
  s.worked(
    'litter.depth.final',
    W['litter.depth.final'],
    {
      grown: course.atEndM,
      most: course.entered ? course.finalM : course.mostM,
      depth: Math.min(course.atEndM, course.finalM),
    },
    ASSUMED,
  );
  if (course.fullAfterDays !== null) {
    s.found('litter.third.days', 'days', Math.floor(course.fullAfterDays), ASSUMED);
    s.fact('litter.third');
  }
  // a centimetre is within what a rake levels
  if (
    course.entered &&
    course.grows &&
    below(course.finalM + ruled('litter.level'), course.atEndM)
  ) {
    s.find(
      'litter.depth.outgrows',
      'awkward',
      [],
      {
        grows: end,
        days: s.found('litter.out.days', 'days', course.outDays, basisOf(cleanOut)),
        final: s.entered('litter.final', 'm', course.finalM),
      },
      null,
      dayOf(flock, 0),
    );
  }
}

function depths(s: Sheet, ctx: StationContext, p: Readonly<Record<string, number>>): void {
  const { litter } = ctx.plan;
  const basis = basisOf(schoolFor(ctx, 'litter.school'));
  const start = s.entered('litter.depth', 'm', litter.depthM);
  if (below(litter.depthM, p.startM ?? 0)) {
    s.find('litter.depth.shallow', 'awkward', [], {
      depth: start,
      needed: s.rule('litter.depth.least', 'm', p.startM ?? 0, basis),
    });
  } else if (below(p.mostStartM ?? Number.POSITIVE_INFINITY, litter.depthM)) {
    s.find('litter.depth.deep', 'awkward', [], {
      depth: start,
      allowed: s.rule('litter.depth.most', 'm', p.mostStartM ?? 0, basis),
    });
  }
  if (litter.retainingM === null) return;
  const needed = litterEndM(ctx.plan) + ruled('litter.board.above');
  if (!below(litter.retainingM, needed)) return;
  s.find('litter.board.low', 'awkward', [], {
    board: s.entered('litter.retaining', 'm', litter.retainingM),
    needed: s.worked(
      'litter.retaining.needed',
      W['litter.retaining'],
      {
        final: litterEndM(ctx.plan),
        above: ruled('litter.board.above'),
        needed,
      },
      KEEPERS,
    ),
  });
}

function floors(s: Sheet, ctx: StationContext): void {
  const { floorBuild, upturnM } = ctx.plan.shell;
  if (floorBuild === 'boards') s.find('litter.floor.seams', 'awkward', [], {});
  if (floorBuild === 'sealed' && upturnM !== null && below(upturnM, ruled('litter.upturn'))) {
    s.find('litter.floor.upturn', 'awkward', [], {
      upturn: s.entered('litter.upturn.there', 'm', upturnM),
      needed: s.fact('litter.upturn'),
    });
  }
  const { needsBoard, needsTray } = schoolFor(ctx, 'litter.school').params;
  if (ctx.of('board').length > 0) return;
  if (needsBoard === 1) s.find('litter.board.none', 'short', [], {});
  if (needsTray === 1) s.find('litter.mesh.noTray', 'awkward', [], {});
}
