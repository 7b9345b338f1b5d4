'use client';
import { OBSTACLES } from '@/text/choices.data';
import { Part } from '../../furniture/FigureList';
import { FixtureRows } from '../../furniture/FixtureRows';

/** Posts, steps and machines that stay where they stand. */
export const ObstacleRows = () => (
  <Part title="In the way">
    <FixtureRows
      kind="obstacle"
      rows={[{ path: 'what', choices: OBSTACLES }, 'x', 'y', 'lengthM', 'depthM', 'heightM', 'z']}
      empty="Nothing stays in the way: no post, step or machine."
      adds={[{ name: 'Add what stands in the way', make: 'obstacle' }]}
    />
  </Part>
);
