import { type NotCounted, sidewaysM, spacingRule } from '../../geometry/bars';
import { solidOf } from '../../geometry/solids';
import type { Solid } from '../../kernel/finding';
import { below } from '../../kernel/units/number';
import { ENTERED, type Figure, figure } from '../../kernel/working';
import type { Bar, Plan } from '../../model/schema';
import { fitM } from '../../rules/book';
import { type StationContext, schoolFor } from '../context';
import { type Found, findingOf, NOTHING, numberOf } from '../found';
import { whyNotCounted } from './counted';
import { neededNumber } from './needed';
import { ROOSTS_WORKINGS as W } from './roosts.working';

const finding = findingOf('roosts');

export function apartFigure(a: Bar, b: Bar): Figure {
  const [one, other] = a.axis === 'x' ? [a.y, b.y] : [a.x, b.x];
  const ids = [a.id, b.id].sort().join('.');
  const parts = { one, other, apart: Math.abs(one - other) };
  return figure(`roosts.apart.${ids}`, 'roosts.apart', W['roosts.apart'], parts, ENTERED);
}

export function tooClose(a: Bar, b: Bar, ctx: StationContext, heaviestKg: number): Found {
  const { plan } = ctx;
  if (a.use === 'step' || b.use === 'step') return NOTHING;
  const apart = sidewaysM(a, b);
  const rule = spacingRule(a, b);
  // the rungs of a ladder go by its pitch
  const ladder = schoolFor(ctx, 'roosts.spacing').params.pitchM !== undefined;
  if (ladder && rule === 'roosts.apart.stair') return NOTHING;
  if (apart === null || !below(apart, fitM(rule, heaviestKg))) return NOTHING;
  // one under the other is told as a bar that does not count
  const why = whyNotCounted(ctx);
  const told: readonly (NotCounted | undefined)[] = ['underAnother', 'coincides', 'outside'];
  if (told.includes(why.get(a.id)) || told.includes(why.get(b.id))) return NOTHING;
  const apartOf = apartFigure(a, b);
  const numbers = { apart: numberOf(apartOf), needed: neededNumber(rule, heaviestKg) };
  const code = rule === 'roosts.apart.level' ? 'roosts.bars.tooClose' : 'roosts.bars.stairTooClose';
  return {
    figures: [apartOf],
    findings: [finding(code, 'awkward', [a.id, b.id], numbers, between(a, b, plan))],
  };
}

/** From the one bar's centre to the other's, where they run alongside. */
function between(a: Bar, b: Bar, plan: Plan): Solid {
  const s = solidOf(a, plan);
  const t = solidOf(b, plan);
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
