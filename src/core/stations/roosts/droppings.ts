import { droppingsKgDay } from '../../birds/droppings';
import type { Carries } from '../../carrying/carrying';
import { meetInPlan } from '../../geometry/forms';
import { grown } from '../../geometry/segments';
import type { Solid } from '../../kernel/finding';
import { below } from '../../kernel/units/number';
import { ENTERED } from '../../kernel/working';
import type { Bar, Plan } from '../../model/schema';
import type { ChosenSchool } from '../../rules/book';
import { ruled } from '../../rules/rules.data';
import { basisOf, type StationContext, schoolFor } from '../context';
import type { Sheet } from '../sheet';
import { ROOSTS_WORKINGS as W } from './roosts.working';
import { type FlockSeats, seatFlock } from './seats';

/** Droppings are taken for water, kg/m³. */
const DROPPINGS_KG_M3 = ruled('droppings.density');

/**
 * Thickness of droppings a day on the strip under the bars, m.
 * @param share   night share of the day's droppings
 * @param kgDay   fresh droppings of all who sit there, kg a day
 * @param usedM   length of bar in use, m
 * @example       stripMDay(1 / 2, 0.10838, 0.3) // 0.0012
 */
export const stripMDay = (share: number, kgDay: number, usedM: number): number =>
  (share * kgDay) / (DROPPINGS_KG_M3 * (1 - STRIP_AIR) * ruled('roosts.droppings.strip') * usedM);

/** Of the strip's volume, what is air. */
const STRIP_AIR = ruled('droppings.air');

/** Boards under the bars: whether any bar is over them, how far they reach, and how often they are scraped. */
export function boards(s: Sheet, ctx: StationContext, carry: Carries, school: ChosenSchool): void {
  if (ctx.of('board').length === 0) return;
  const reads = [ctx.of('board'), ctx.of('bar'), ctx.plan.shell];
  s.part('roosts.boards', reads, (own) => boardsUnder(own, ctx));
  s.explain(() => scraping(s, ctx, seatFlock(ctx, carry, school)));
}

function boardsUnder(s: Sheet, ctx: StationContext): void {
  const front = ruled('roosts.board.front');
  for (const board of ctx.of('board')) {
    const solid = ctx.solid(board);
    const over = ctx
      .of('bar')
      .filter(
        (b) =>
          b.use === 'sleeping' && b.z > board.z && meetInPlan(grown(ctx.solid(b), front), solid),
      );
    if (over.length === 0) {
      s.find('roosts.board.noBars', 'awkward', [board.id], {}, solid);
      continue;
    }
    const there = beforeBars(over, solid, ctx.plan);
    if (below(there, front)) {
      s.find(
        'roosts.board.shallow',
        'awkward',
        [board.id],
        {
          there: s.found(`roosts.board.${board.id}.front`, 'm', there, ENTERED),
          needed: s.fact('roosts.board.front'),
        },
        solid,
      );
    }
  }
}

/** How far a board reaches before the foremost of its bars, m: on the side away from the wall they stand at. */
function beforeBars(bars: readonly Bar[], board: Solid, { shell }: Plan): number {
  const alongX = bars[0]?.axis === 'x';
  const centres = bars.filter((b) => (b.axis === 'x') === alongX).map((b) => (alongX ? b.y : b.x));
  const [lo, hi] = [Math.min(...centres), Math.max(...centres)];
  const far = (alongX ? shell.widthM : shell.lengthM) - hi;
  const [from, to] = alongX ? [board.y0, board.y1] : [board.x0, board.x1];
  return far <= lo ? lo - from : to - hi;
}

/** How often the board is scraped: before the droppings are 15 mm thick, and at least weekly. */
function scraping(s: Sheet, ctx: StationContext, seats: FlockSeats): void {
  const share = schoolFor(ctx, 'roosts.droppings');
  const seated = seats.seated.map((bar) => bar.reduce((a, b) => a + b, 0));
  const used = seats.bars.reduce((sum, b, i) => sum + ((seated[i] ?? 0) > 0 ? b.effectiveM : 0), 0);
  const birds = seated.reduce((a, b) => a + b, 0);
  if (used === 0 || birds === 0) return;
  const kg = seats.seated.reduce(
    (sum, bar) =>
      sum +
      bar.reduce(
        (n, count, i) => n + count * droppingsKgDay(ctx.flock.columns[i]?.massKg[seats.d] || 2.2),
        0,
      ),
    0,
  );
  const strip = ruled('roosts.droppings.strip');
  const thickness = stripMDay(share.value, kg, used);
  const warmest = ctx.flock.climate
    ? Math.max(...ctx.flock.climate.months.map((m) => m.meanC))
    : null;
  const warm = warmest !== null && warmest > ruled('roosts.board.warm');
  const most = ruled(warm ? 'roosts.board.daysWarm' : 'roosts.board.days');
  const thick = ruled('roosts.board.thick');
  s.worked(
    'roosts.board.days',
    W['roosts.board.days'],
    {
      share: share.value,
      droppings: kg,
      strip,
      used,
      solid: 1 - STRIP_AIR,
      density: DROPPINGS_KG_M3,
      thickness,
      thick,
      most,
      days: Math.min(most, thick / thickness),
    },
    basisOf(share),
  );
}
