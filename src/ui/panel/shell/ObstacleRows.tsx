'use client';
import type { OfKind } from '@/core/model/schema';
import { OBSTACLES } from '@/text/choices.data';
import { Part } from '../../furniture/FigureList';
import { FixtureRows } from '../../furniture/FixtureRows';
import type { Spec } from '../../furniture/spec';

type Obstacle = OfKind<'obstacle'>;

const SPECS: readonly Spec<Obstacle>[] = [
  {
    kind: 'choice',
    label: 'What it is',
    choices: OBSTACLES,
    get: (o) => o.what,
    set: (o, v) => {
      o.what = v as Obstacle['what'];
    },
  },
  length('From the left wall', 'x'),
  length('From the front wall', 'y'),
  length('Length', 'lengthM', 0.005),
  length('Width', 'depthM', 0.005),
  length('Height', 'heightM', 0.005),
  length('Underside above the floor', 'z'),
];

function length(
  label: string,
  key: 'x' | 'y' | 'z' | 'lengthM' | 'depthM' | 'heightM',
  least = 0,
): Spec<Obstacle> {
  return {
    kind: 'length',
    label,
    least,
    get: (o) => o[key],
    set: (o, m) => {
      o[key] = m;
    },
  };
}

/** Posts, steps and machines that stay where they stand. */
export const ObstacleRows = () => (
  <Part title="In the way">
    <FixtureRows<'obstacle'>
      kind="obstacle"
      specs={SPECS}
      empty="Nothing stays in the way: no post, step or machine."
      adds={[{ name: 'Add what stands in the way', make: 'obstacle' }]}
    />
  </Part>
);
