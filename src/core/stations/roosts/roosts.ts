import type { AskedDay } from '../../carrying/asked';
import { REFERENCE_HEN_KG } from '../../model/classes.data';
import { byDay, type CarryingStation, schoolFor } from '../context';
import { barsTooClose } from './between';
import { barBuilt, wholeRows } from './heights';
import { carryFigures, lengthFigures } from './length';
import { neededFigures } from './needed';
import { allSeated, isSure, isSureOf, type Sure, surelySeated } from './packing';
import { barsFor } from './seats';
import { lengthShort } from './shortage';
import { barAlone, barsUncounted, nestLipZ } from './spacing';
import { widthsOf } from './widths';

/** Roosts: every bird finds her width, as whole birds on whole bars that she gets up to. */
export const roostsStation: CarryingStation = {
  id: 'roosts',
  topic: 'roosts.length',
  entered: (plan) => plan.fixtures.some((f) => f.kind === 'bar'),
  supply: (ctx) => {
    const { usableM, reaches } = barsFor(ctx);
    const sets = [...new Set(reaches)].map((own) => own.map(Number).join(''));
    return [schoolFor(ctx, 'roosts.hop'), ...usableM, ...sets];
  },
  demand: (ctx, school) => {
    const bars = barsFor(ctx);
    const widthsOn = byDay(ctx, `widths.${school.id}`, [school.value], (flock, d) =>
      widthsOf(flock, school, d),
    );
    // a flock is grown bird by bird on one day
    let last: { day: AskedDay; sure: Sure } | null = null;
    const sureOn = (day: AskedDay): Sure => {
      if (last?.day !== day) {
        last = { day, sure: surelySeated(bars, day.counts, day.perBird) };
      }
      return last.sure;
    };
    return {
      measure: school.scale === 'none' ? 'roosting' : 'length',
      perBird: widthsOn,
      // lots choose widest first, of equal width the heavier
      fits: (taken, { order, perBird }) => allSeated(bars, order, taken, perBird),
      sure: (n, day) => {
        const sure = sureOn(day);
        return isSureOf(sure, n) || isSure(sure, day.seq.of(n), day.perBird);
      },
    };
  },
  lack: (ctx, lot) => (barsFor(ctx).reaches[lot]?.includes(true) ? 'room' : 'reach'),
  judge: (s, ctx, { carry, school, short }) => {
    s.explain(() => lengthFigures(s, ctx));
    if (carry.state !== 'carries') return;
    const heaviest = ctx.flock.heaviestOnBarsKg ?? REFERENCE_HEN_KG;
    s.explain(() => {
      neededFigures(s, heaviest);
      carryFigures(s, ctx, carry, school);
    });
    lengthShort(s, ctx, carry, school, short);
    barsUncounted(s, ctx, heaviest);
    barsTooClose(s, ctx, heaviest);
    const { plan, flock, of } = ctx;
    const sections = schoolFor(ctx, 'roosts.section');
    const alone = [plan.shell, plan.litter, flock, nestLipZ(ctx), of('ceiling'), sections];
    for (const bar of of('bar')) {
      s.part(
        'roosts.bar.alone',
        alone,
        (own) => {
          barAlone(own, ctx, bar, heaviest);
          barBuilt(own, ctx, bar);
        },
        bar,
      );
    }
    wholeRows(s, ctx, carry, school);
  },
};
