'use client';
import { OBSTACLES } from '@/text/choices.data';
import { FixtureRows } from '../../furniture/FixtureRows';
import { Fold } from '../../furniture/Fold';

/** Posts, steps and machines that stay where they stand. */
export const ObstacleRows = () => (
  <Fold title="In the way" of={['obstacle']}>
    <FixtureRows
      kind="obstacle"
      rows={[{ path: 'what', choices: OBSTACLES }, 'x', 'y', 'lengthM', 'depthM', 'heightM', 'z']}
      empty="Nothing stays in the way: no post, step or machine."
      adds={[{ name: 'Add what stands in the way', make: 'obstacle' }]}
    />
  </Fold>
);
