import { type NotCounted, sidewaysM, spacingRule } from '../../geometry/bars';
import type { FindingNumber, Solid } from '../../kernel/finding';
import { below } from '../../kernel/units/number';
import { ENTERED } from '../../kernel/working';
import type { Bar } from '../../model/schema';
import { fitM } from '../../rules/book';
import { type StationContext, schoolFor } from '../context';
import type { Sheet } from '../sheet';
import { whyNotCounted } from './counted';
import { neededNumber } from './needed';
import { ROOSTS_WORKINGS as W } from './roosts.working';

export function apartOf(s: Sheet, a: Bar, b: Bar): FindingNumber {
  const [one, other] = a.axis === 'x' ? [a.y, b.y] : [a.x, b.x];
  const ids = [a.id, b.id].sort().join('.');
  const parts = { one, other, apart: Math.abs(one - other) };
  return s.worked(`roosts.apart.${ids}`, W['roosts.apart'], parts, ENTERED);
}

/** Bars that lie nearer to one another than birds of this mass leave room for. */
export function barsTooClose(s: Sheet, ctx: StationContext, heaviestKg: number): void {
  const bars = ctx.of('bar').filter((b) => b.use !== 'step');
  const farthest = Math.max(
    fitM('roosts.apart.level', heaviestKg),
    fitM('roosts.apart.stair', heaviestKg),
  );
  for (const [i, a] of bars.entries()) {
    for (let j = i + 1; j < bars.length; j++) {
      const b = bars[j] as Bar;
      const apart = sidewaysM(a, b);
      if (apart !== null && apart < farthest) tooClose(s, ctx, a, b, apart, heaviestKg);
    }
  }
}

function tooClose(
  s: Sheet,
  ctx: StationContext,
  a: Bar,
  b: Bar,
  apart: number,
  heaviestKg: number,
): void {
  const rule = spacingRule(a, b);
  if (!below(apart, fitM(rule, heaviestKg))) return;
  // the rungs of a ladder go by its pitch
  const ladder = schoolFor(ctx, 'roosts.spacing').params.pitchM !== undefined;
  if (ladder && rule === 'roosts.apart.stair') return;
  // one under the other is told as a bar that does not count
  const why = whyNotCounted(ctx);
  const told: readonly (NotCounted | undefined)[] = ['underAnother', 'coincides', 'outside'];
  if (told.includes(why.get(a.id)) || told.includes(why.get(b.id))) return;
  const numbers = { apart: apartOf(s, a, b), needed: neededNumber(rule, heaviestKg) };
  const code = rule === 'roosts.apart.level' ? 'roosts.bars.tooClose' : 'roosts.bars.stairTooClose';
  s.find(code, 'awkward', [a.id, b.id], numbers, between(a, b, ctx));
}

/** From the one bar's centre to the other's, where they run alongside. */
function between(a: Bar, b: Bar, ctx: StationContext): Solid {
  const s = ctx.solid(a);
  const t = ctx.solid(b);
  const z = { z0: Math.min(a.z, b.z), z1: Math.max(a.z, b.z) + 0.3 };
  return a.axis === 'x'
    ? {
        x0: Math.max(s.x0, t.x0),
        x1: Math.min(s.x1, t.x1),
        y0: Math.min(a.y, b.y),
        y1: Math.max(a.y, b.y),
        ...z,
      }
    : {
        y0: Math.max(s.y0, t.y0),
        y1: Math.min(s.y1, t.y1),
        x0: Math.min(a.x, b.x),
        x1: Math.max(a.x, b.x),
        ...z,
      };
}
