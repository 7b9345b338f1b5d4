import {
  type FirstLesson,
  firstLesson,
  type KeptNight,
  type NightLesson,
} from '../../air/firstLesson';
import type { LESSON_NUMBERS, LessonVariant } from '../../air/lessonKinds.data';
import type { Basis } from '../../kernel/working';
import type { StationContext } from '../context';
import type { Sheet } from '../sheet';
import { AIR_WORKINGS as W } from './air.working';
import { computedIn } from './computed';

const NETWORK: Basis = { evidence: 'assumption', source: 'air-network' };

/** Figures of what the coop's air teaches, each under the lesson's own name; none where there is no climate or bird. */
export function lesson(s: Sheet, ctx: StationContext): void {
  const computed = computedIn(ctx);
  const { climate } = ctx.flock;
  if (computed === null || climate === null) return;
  const taught = firstLesson(ctx.plan, ctx.flock, climate, computed.needs);
  if (taught === null) return;
  const variant = variantOf(taught);
  const id = (name: (typeof LESSON_NUMBERS)[number]): string => `air.lesson.${variant}.${name}`;
  const { birdsW: heat, lossWK: loss, outC: outdoors, openM2 } = taught;
  s.found(id('month'), 'ratio', taught.month, NETWORK);
  s.found(id('out'), 'celsius', outdoors, NETWORK);
  s.found(id('area'), 'm2', openM2, NETWORK);
  if (taught.kind === 'heat') {
    const inside = { heat, sun: taught.sunW, loss, outdoors };
    s.worked(
      id('open'),
      W['air.lesson.inside'],
      { ...inside, open: openM2, inside: taught.openC },
      NETWORK,
    );
    s.worked(
      id('shut'),
      W['air.lesson.inside'],
      { ...inside, open: 0, inside: taught.shutC },
      NETWORK,
    );
    return;
  }
  const { open, shut, hours } = taught;
  const rise = { heat, loss, outdoors, hours };
  s.worked(
    id('openRise'),
    W['air.lesson.rise'],
    { ...rise, open: openM2, rise: open.riseK },
    NETWORK,
  );
  s.worked(id('shutRise'), W['air.lesson.rise'], { ...rise, open: 0, rise: shut.riseK }, NETWORK);
  s.worked(
    id('gain'),
    W['air.lesson.gain'],
    { shut: shut.riseK, opened: open.riseK, gain: shut.riseK - open.riseK },
    NETWORK,
  );
  const settled = (night: KeptNight, area: number) => ({
    given: night.givenKg,
    carried: night.carriedKg,
    open: area,
    hours,
    settled: night.givenKg - night.carriedKg,
  });
  s.worked(id('openSettled'), W['air.lesson.settled'], settled(open, openM2), NETWORK);
  s.worked(id('shutSettled'), W['air.lesson.settled'], settled(shut, 0), NETWORK);
  s.worked(
    id('more'),
    W['air.lesson.more'],
    {
      shut: shut.settledKg,
      opened: open.settledKg,
      more: shut.settledKg - open.settledKg,
    },
    NETWORK,
  );
}

/** Less is no water to speak of in a night, kg, and no warmth, K. */
const [NO_WATER_KG, NO_WARMTH_K] = [0.005, 0.05];

function variantOf(taught: FirstLesson): LessonVariant {
  if (taught.kind === 'heat') return taught.isBuilt ? 'heat.built' : 'heat.bare';
  return taught.isBuilt ? builtVariant(taught) : bareVariant(taught);
}

function builtVariant({ kind, open, shut }: NightLesson): LessonVariant {
  if (shut.settledKg - open.settledKg < NO_WATER_KG) return 'same';
  return shut.riseK - open.riseK < NO_WARMTH_K ? `${kind}.builtCold` : `${kind}.built`;
}

function bareVariant({ kind, open, shut }: NightLesson): LessonVariant {
  if (shut.settledKg < NO_WATER_KG) return 'dry';
  return open.settledKg < NO_WATER_KG ? `${kind}.bare` : `${kind}.bareWet`;
}
