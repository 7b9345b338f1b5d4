import { type FlockByDay, massThen } from '../../birds/flock';
import { atMost } from '../../kernel/units/number';
import { type ChosenSchool, scaleToBird } from '../../rules/book';
import { ruled } from '../../rules/rules.data';

/** Warmest month's mean daily maximum from which birds hold their wings out at night, °C, and the room they ask for. */
export const HOT = {
  fromC: ruled('air.hot.least'),
  times: ruled('roosts.hot.times'),
} as const;

/** What the rule for hot places makes of a width: 1.2 times, or 1 where it does not apply. */
export const hotFactor = ({ climate }: FlockByDay): number => {
  return climate !== null && atMost(HOT.fromC, climate.design.hottestMeanMaxC) ? HOT.times : 1;
};

/**
 * Width of one bird of each lot along the bar on a day, m; 0 for those that take none: ducks, and young chicks.
 * @example widthsOf(flock, { ...ctx.schools['roosts.length'], value: 0.3, scale: 'length' }, 0) // [0.3]
 */
export function widthsOf(flock: FlockByDay, school: ChosenSchool, d: number): number[] {
  const hot = hotFactor(flock);
  return flock.lots.map((lot, i) => {
    const here = (flock.columns[i]?.living[d] ?? 0) > 0;
    const none = here ? flock.columns[i]?.lengthFactor[d] === 0 : lot.kind === 'duck';
    return none ? 0 : hot * scaleToBird(school.value, massThen(flock, i, d), school.scale);
  });
}
