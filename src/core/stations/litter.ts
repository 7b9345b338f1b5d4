import { dayOf, massThen } from '../birds/flock';
import { litterEndM } from '../plan/litter';
import type { Plan } from '../plan/schema';
import { FACTS } from '../rules/facts.data';
import { BEDDING, type Bedding } from '../rules/materials.data';
import { below } from '../units/number';
import { ASSUMED, ENTERED, KEEPERS } from '../working';
import { basisOf, type StationContext, type StationResult, schoolFor } from './context';
import { storageM2 } from './floor';
import { LITTER_WORKINGS as W } from './litter.working';
import { droppingsKgDay } from './roosts.droppings';
import { type Sheet, sheetOf } from './sheet';

const WEEKS_A_YEAR = 365 / 7;
const LITRES_M3 = 1000;

/** Floor that litter lies on, m²: all but the keeper's own strip. It lies under what stands or hangs there too. */
const litterFloorM2 = ({ shell }: Plan): number =>
  Math.max(0, shell.lengthM * shell.widthM - storageM2(shell));

/** Share of the day's droppings that lands on the litter. */
export function shareOnLitter(nightShare: number, boardUnderBars: boolean): number {
  const byDay = FACTS['litter.byDay'].value * (1 - nightShare);
  return (boardUnderBars ? 0 : nightShare) + byDay;
}

/**
 * Bedding a week that holds carbon to nitrogen at 25, kg: x = (25·N − C)/(c·(1 − 25/CN)).
 * @param droppingsKg  fresh droppings on the litter in the week, kg
 * @param cn           the bedding's own ratio; null for sand, which is not topped up for carbon
 * @source             domain notes, "Litter": N 1.4 % of fresh mass, C:N 8, carbon 0.45
 * @example            topUpKg(3.29, 450) // 1.84 kg, 17 L of shavings
 */
export function topUpKg(droppingsKg: number, cn: number | null): number {
  if (cn === null || cn <= FACTS['litter.cn.poor'].value) return 0;
  const nitrogen = droppingsKg * FACTS['litter.droppings.nitrogen'].value;
  const carbon = nitrogen * FACTS['litter.droppings.cn'].value;
  const least = FACTS['litter.cn.least'].value;
  const x = (least * nitrogen - carbon) / (FACTS['litter.carbon'].value * (1 - least / cn));
  return Math.max(0, x);
}

/** The plan's bedding. */
export function beddingOf(plan: Plan): Bedding {
  const row = BEDDING.find((b) => b.id === plan.litter.material);
  if (!row) throw new Error(`no bedding has the id ${plan.litter.material}`);
  return row;
}

/** Litter: how much to start with, to add and to carry out, how it grows, and what holds it in. */
export function assessLitter(ctx: StationContext): StationResult {
  const s = sheetOf('litter');
  const { plan } = ctx;
  const school = schoolFor(ctx, 'litter.school');
  const bedding = beddingOf(plan);
  const floor = litterFloorM2(plan);
  const startL = s.worked(
    'litter.start',
    'litter.start',
    W['litter.start'],
    {
      floor,
      depth: plan.litter.depthM,
      litres: floor * plan.litter.depthM * LITRES_M3,
    },
    ENTERED,
  );
  const peak = ctx.flock.peaks.massKg;
  if (peak !== null) amounts(s, ctx, bedding, floor, startL.value, peak.d);
  depths(s, ctx, school.params);
  floors(s, ctx);
  if (plan.litter.school === 'deep' && !plan.litter.turned) {
    s.find('litter.bed.unturned', 'awkward', [], {});
  }
  return {
    station: 'litter',
    carry: { state: 'notApplicable' },
    figures: s.figures,
    findings: s.findings,
  };
}

function amounts(
  s: Sheet,
  ctx: StationContext,
  bedding: Bedding,
  floor: number,
  startL: number,
  d: number,
): void {
  const { plan, flock } = ctx;
  const night = schoolFor(ctx, 'roosts.droppings');
  const board = plan.fixtures.some((f) => f.kind === 'board');
  const counts = flock.columns.map((c) => c.living[d] ?? 0);
  const each = flock.lots.map((_, i) => droppingsKgDay(massThen(flock, i, d)));
  const day = counts.reduce((sum, n, i) => sum + n * (each[i] ?? 0), 0);
  s.worked(
    'litter.droppings',
    'litter.droppings',
    W['litter.droppings'],
    { counts, each, day },
    ASSUMED,
  );
  const share = shareOnLitter(night.value, board);
  const week = day * 7 * share;
  const onLitter = s.worked(
    'litter.onLitter',
    'litter.onLitter',
    W['litter.onLitter'],
    {
      day,
      night: board ? 0 : night.value,
      byDay: FACTS['litter.byDay'].value,
      nightShare: night.value,
      week,
    },
    basisOf(night),
  );
  const kg = topUpKg(week, bedding.cn);
  const litres = (kg / bedding.kgM3) * LITRES_M3;
  const tops = bedding.cn !== null && bedding.cn > FACTS['litter.cn.poor'].value;
  const weekly = tops
    ? s.worked(
        'litter.weekly',
        'litter.weekly',
        W['litter.weekly'],
        {
          week,
          nitrogen: FACTS['litter.droppings.nitrogen'].value,
          cnOfDroppings: FACTS['litter.droppings.cn'].value,
          least: FACTS['litter.cn.least'].value,
          carbon: FACTS['litter.carbon'].value,
          cn: bedding.cn ?? 0,
          bulk: bedding.kgM3,
          kg,
          litres,
        },
        ASSUMED,
      )
    : s.found('litter.weekly', 'litres', 0, ASSUMED);
  const cleanOut = schoolFor(ctx, 'litter.cleanOut');
  const rule = schoolFor(ctx, 'litter.school');
  const changed = rule.params.changeDays;
  // what is raked like a tray, or hosed, does not grow
  const grows = changed === undefined && rule.params.raked !== 1;
  // litter that is changed is not topped up: it all comes out and goes in again
  const perYear =
    changed === undefined
      ? (startL * 365) / cleanOut.value + weekly.value * WEEKS_A_YEAR
      : (startL * 365) / changed;
  s.worked(
    'litter.year',
    'litter.year',
    W['litter.year'],
    {
      start: startL,
      every: changed ?? cleanOut.value,
      weekly: changed === undefined ? weekly.value : 0,
      weeks: WEEKS_A_YEAR,
      year: perYear,
    },
    basisOf(cleanOut),
  );
  s.worked(
    'litter.bales',
    'litter.bales',
    W['litter.bales'],
    {
      year: perYear,
      bale: plan.litter.baleL,
      bales: perYear / plan.litter.baleL,
    },
    ENTERED,
  );
  const dry = 1 - FACTS['roosts.droppings.wetShare'].value;
  const settled = FACTS['litter.settled'].value;
  const lost = FACTS['litter.lost'].value;
  const rise =
    floor === 0 ? 0 : ((onLitter.value * dry + kg) * WEEKS_A_YEAR * (1 - lost)) / (settled * floor);
  const riseYear = s.worked(
    'litter.rise',
    'litter.rise',
    W['litter.rise'],
    {
      week,
      dry,
      topUp: kg,
      weeks: WEEKS_A_YEAR,
      lost,
      settled,
      floor,
      rise,
    },
    ASSUMED,
  );
  const out = changed ?? cleanOut.value;
  const atEnd = plan.litter.depthM + (grows ? (rise * out) / 365 : 0);
  const end = s.worked(
    'litter.depth.end',
    'litter.depth.end',
    W['litter.depth.end'],
    {
      start: plan.litter.depthM,
      rise: grows ? riseYear.value : 0,
      days: out,
      depth: atEnd,
    },
    ASSUMED,
  );
  // a centimetre is within what a rake levels
  const most = litterEndM(plan);
  if (grows && below(most + FACTS['litter.level'].value, atEnd)) {
    s.find(
      'litter.depth.outgrows',
      'awkward',
      [],
      {
        grows: end,
        days: s.found('litter.out.days', 'days', out, basisOf(cleanOut)),
        final: s.entered('litter.final', 'm', most),
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
  } else if (below(Math.max(p.finalM ?? 0, p.mostStartM ?? 0), litter.depthM)) {
    s.find('litter.depth.deep', 'awkward', [], {
      depth: start,
      allowed: s.rule('litter.depth.most', 'm', Math.max(p.finalM ?? 0, p.mostStartM ?? 0), basis),
    });
  }
  if (litter.retainingM === null) return;
  const needed = litterEndM(ctx.plan) + FACTS['litter.board.above'].value;
  if (!below(litter.retainingM, needed)) return;
  s.find('litter.board.low', 'awkward', [], {
    board: s.entered('litter.retaining', 'm', litter.retainingM),
    needed: s.worked(
      'litter.retaining.needed',
      'litter.retaining',
      W['litter.retaining'],
      {
        final: litterEndM(ctx.plan),
        above: FACTS['litter.board.above'].value,
        needed,
      },
      KEEPERS,
    ),
  });
}

function floors(s: Sheet, ctx: StationContext): void {
  const { floorBuild } = ctx.plan.shell;
  if (floorBuild === 'boards') s.find('litter.floor.seams', 'awkward', [], {});
  const caught = ctx.plan.fixtures.some((f) => f.kind === 'board');
  if (ctx.plan.litter.school === 'mesh' && !caught) s.find('litter.mesh.noTray', 'awkward', [], {});
}
