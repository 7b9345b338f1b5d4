import { flockSizes } from '@/core/birds/flockSizes';
import type { Adds } from '@/core/edit/adds';
import { withFinalDepth } from '@/core/stations/litterCourse';
import { useAssessment, usePlan } from '../store/bench';
import { addFixture } from './fixtures';

/** Adds a new thing that fits this flock, over the litter as it will be. */
export function useAdd(): (make: Adds) => void {
  const plan = usePlan();
  const { flock, litterFinalM } = useAssessment();
  return (make) => {
    const settled = withFinalDepth(plan, litterFinalM);
    addFixture(make(settled, flockSizes(settled, flock)));
  };
}
