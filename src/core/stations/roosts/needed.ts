import type { FindingNumber } from '../../kernel/finding';
import { KEEPERS } from '../../kernel/working';
import { fitM } from '../../rules/book';
import { RULES, type RuleId, ruled } from '../../rules/rules.data';
import { scaledParts } from '../shared.working';
import type { Sheet } from '../sheet';
import { ROOSTS_WORKINGS as W } from './roosts.working';

/** What the spacing rules ask for this flock. */
export function neededFigures(s: Sheet, heaviestKg: number): void {
  const scaled: readonly RuleId[] = [
    'roosts.apart.level',
    'roosts.apart.stair',
    'roosts.wall',
    'roosts.shadow',
  ];
  for (const id of scaled) {
    const parts = scaledParts(ruled(id), heaviestKg, RULES[id].scale, fitM(id, heaviestKg));
    s.worked(`${id}.needed`, W['roosts.fit'], parts, KEEPERS);
  }
  const plain: readonly RuleId[] = ['roosts.lowest', 'roosts.lowest.final', 'roosts.aboveNests'];
  for (const id of plain) {
    s.worked(`${id}.needed`, W['roosts.rule'], { value: ruled(id) }, KEEPERS);
  }
}

/**
 * A rule of the bars for a bird of this mass, kg, as a finding tells it.
 * @example neededNumber('roosts.wall', 2.2).value // 0.38
 */
export const neededNumber = (id: RuleId, heaviestKg: number): FindingNumber => ({
  value: fitM(id, heaviestKg),
  unit: 'm',
  figure: `${id}.needed`,
});
