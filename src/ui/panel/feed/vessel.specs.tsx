'use client';
import type { OfKind, Plan } from '@/core/model/schema';
import { ruled } from '@/core/rules/rules.data';
import { isRound, vesselKind } from '@/core/rules/vesselKinds.data';
import { FILLED_FROM, FIXINGS, PLACES } from '@/text/choices.data';
import { feedIn } from '../../forms/measures';
import type { Spec } from '../../furniture/spec';

export type Vessel = OfKind<'feeder'> | OfKind<'drinker'>;

const from = (v: Vessel, plan: Plan): number => (v.place === 'run' ? 0 : plan.litter.depthM);
const counted = (v: Vessel): boolean => vesselKind(v).outlet !== null;

export const main: readonly Spec<Vessel>[] = [
  {
    kind: 'count',
    label: 'Outlets',
    least: 1,
    most: 60,
    when: counted,
    get: (v) => v.outlets,
    set: (v, n) => {
      v.outlets = n;
    },
  },
  {
    kind: 'length',
    label: 'Trough, length',
    least: 0.05,
    when: (v) => v.made === null && !isRound(v),
    get: (v) => v.lengthM,
    set: (v, m) => {
      v.lengthM = m;
    },
  },
  {
    kind: 'length',
    label: 'Across',
    when: (v) => v.made === null,
    least: 0.03,
    most: 3,
    get: (v) => v.diameterM,
    set: (v, m) => {
      v.diameterM = m;
    },
  },
  {
    kind: 'openAmount',
    label: 'Holds',
    unit: 'L',
    // feed is bought and poured by its mass
    measure: (v, units) =>
      v.kind === 'feeder' ? feedIn(ruled(`feed.density.${v.feed}`), units) : null,
    none: 'by its size',
    least: 0.1,
    most: 2000,
    get: (v) => v.capacityL,
    set: (v, n) => {
      v.capacityL = n;
    },
  },
  {
    kind: 'length',
    label: 'Rim above litter',
    most: 3,
    get: (v, plan) => v.rimZ - from(v, plan),
    set: (v, m, plan) => {
      v.rimZ = m + from(v, plan);
    },
  },
  {
    kind: 'choice',
    label: 'Stands',
    choices: PLACES,
    get: (v) => v.place,
    set: (v, p) => {
      v.place = p as Vessel['place'];
    },
  },
];

export const more: readonly Spec<Vessel>[] = [
  {
    kind: 'length',
    label: 'Height',
    when: (v) => v.made === null,
    least: 0.03,
    most: 3,
    get: (v) => v.heightM,
    set: (v, m) => {
      v.heightM = m;
    },
  },
  {
    kind: 'amount',
    label: 'Weighs empty',
    unit: 'kg',
    least: 0,
    most: 500,
    step: 0.5,
    get: (v) => v.emptyKg,
    set: (v, n) => {
      v.emptyKg = n;
    },
  },
  {
    kind: 'length',
    label: 'From the left wall',
    get: (v) => v.x,
    set: (v, m) => {
      v.x = m;
    },
  },
  {
    kind: 'length',
    label: 'From the front wall',
    get: (v) => v.y,
    set: (v, m) => {
      v.y = m;
    },
  },
  {
    kind: 'choice',
    label: 'Filled',
    choices: FILLED_FROM,
    get: (v) => v.fillFrom,
    set: (v, f) => {
      v.fillFrom = f as Vessel['fillFrom'];
    },
  },
  {
    kind: 'yes',
    label: 'It hangs',
    get: (v) => v.hung,
    set: (v, y) => {
      v.hung = y;
    },
  },
  {
    kind: 'yes',
    label: 'Fixed to the wall',
    when: (v) => !v.hung,
    get: (v) => v.onWall,
    set: (v, y) => {
      v.onWall = y;
    },
  },
  {
    kind: 'choice',
    label: 'Hangs by',
    choices: FIXINGS,
    when: (v) => v.hung,
    get: (v) => v.fixing,
    set: (v, f) => {
      v.fixing = f as Vessel['fixing'];
    },
  },
  {
    kind: 'yes',
    label: 'Reached from both long sides',
    when: (v) => !isRound(v),
    get: (v) => v.bothSides,
    set: (v, y) => {
      v.bothSides = y;
    },
  },
  {
    kind: 'yes',
    label: 'A bird can stand on top',
    get: (v) => v.flatTop,
    set: (v, y) => {
      v.flatTop = y;
    },
  },
];
