import { wayText } from '@/text/placing';
import type { BenchState } from '../session/benchState';

/** What is in the way of what was put somewhere, in words. */
export const RefusedWays = ({ ways }: Pick<NonNullable<BenchState['refused']>, 'ways'>) =>
  ways.map(wayText).join(' ');
