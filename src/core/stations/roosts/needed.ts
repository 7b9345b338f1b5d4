import type { FindingNumber } from '../../kernel/finding';
import { type Figure, figure, KEEPERS } from '../../kernel/working';
import { fitM } from '../../rules/book';
import { FIT, type FitRuleId } from '../../rules/fit.data';
import { scaledParts } from '../shared.working';
import { ROOSTS_WORKINGS as W } from './roosts.working';

/** What the spacing rules ask for this flock. */
export function neededFigures(heaviestKg: number): Figure[] {
  const scaled: readonly FitRuleId[] = [
    'roosts.apart.level',
    'roosts.apart.stair',
    'roosts.wall',
    'roosts.shadow',
  ];
  const plain: readonly FitRuleId[] = ['roosts.lowest', 'roosts.lowest.final', 'roosts.aboveNests'];
  return [
    ...scaled.map((id) =>
      figure(
        `${id}.needed`,
        'roosts.fit',
        W['roosts.fit'],
        scaledParts(FIT[id].valueM, heaviestKg, FIT[id].scale, fitM(id, heaviestKg)),
        KEEPERS,
      ),
    ),
    ...plain.map((id) =>
      figure(`${id}.needed`, 'roosts.rule', W['roosts.rule'], { value: FIT[id].valueM }, KEEPERS),
    ),
  ];
}

export const neededNumber = (id: FitRuleId, heaviestKg: number): FindingNumber => ({
  value: fitM(id, heaviestKg),
  unit: 'm',
  figure: `${id}.needed`,
});
