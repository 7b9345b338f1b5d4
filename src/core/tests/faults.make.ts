import { newDrinker, newFeeder } from '@/core/edit/new/floorThings';
import type { Plan } from '@/core/model/schema';
import { bar, change, hens, sampleClimate, soundCoop } from './plans';

/** A fault of a sound coop: the plan that has it and nothing else, and the plan that just does not. */
export interface Fault {
  readonly code: string;
  readonly broken: Plan;
  readonly near: Plan;
}

export type Recipe = (draft: Plan) => void;

export const MM = 0.001;

export const fault = (
  code: string,
  broken: Recipe,
  near: Recipe,
  both: Recipe = () => {},
): Fault => ({
  code,
  broken: soundCoop((d) => {
    both(d);
    broken(d);
  }),
  near: soundCoop((d) => {
    both(d);
    near(d);
  }),
});

/** A fault of one number: what breaks it and what just does not. */
export const measure = (
  code: string,
  values: readonly [broken: number, near: number],
  set: (draft: Plan, value: number) => void,
  both?: Recipe,
): Fault =>
  fault(
    code,
    (d) => set(d, values[0]),
    (d) => set(d, values[1]),
    both,
  );

/** A fault that one choice makes and unmakes. */
export const choice = (code: string, broken: Recipe, both?: Recipe): Fault =>
  fault(code, broken, () => {}, both);

export const all =
  (...recipes: readonly Recipe[]): Recipe =>
  (d) => {
    for (const r of recipes) r(d);
  };

export const climate =
  (id: string): Recipe =>
  (d) => {
    d.climate = sampleClimate(id);
    // what frost does to water has faults of its own
    for (const f of d.fixtures) if (f.kind === 'drinker') f.winter = { kind: 'carried' };
  };

export const flock =
  (count: number, parts: Parameters<typeof hens>[1] = {}): Recipe =>
  (d) => {
    d.flock = [hens(count, { massKg: 2.2, ...parts })];
  };

/** Bars, nests, feed and water for sixteen. */
export function roomy(d: Plan): void {
  change(d, 'bar', 'bar', { x: 0.3, lengthM: 3.4, brackets: 4 });
  change(d, 'bar', 'step', { y: 1.6 });
  d.fixtures.push(bar({ id: 'bar-2', x: 0.3, y: 2.05, z: 0.7, lengthM: 3.4, brackets: 4 }));
  change(d, 'nestBank', 'bank', { boxes: 4 });
  change(d, 'feeder', 'feeder', { outlets: 5, capacityL: 25 });
  change(d, 'drinker', 'drinker', { capacityL: 12 });
  d.fixtures.push({ ...newDrinker(d, { x: 0.9, y: 1.3, capacityL: 12 }), id: 'drinker-2' });
}

export const apartFeeders: Recipe = (d) => {
  const second = newFeeder(d, { type: 'port', outlets: 3, x: 3.2, y: 1.3, capacityL: 10 });
  d.fixtures.push({ ...second, id: 'feeder-2' });
};
