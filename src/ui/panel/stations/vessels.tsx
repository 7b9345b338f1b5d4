'use client';
import type { OfKind, Plan } from '@/core/model/schema';
import { Figure } from '../../figure/Figure';
import { useAssessment } from '../../store/bench';
import { DRINKERS, FEEDERS, FEEDS, PLACES } from './choices';
import { FixtureRows } from './FixtureRows';
import type { Spec } from './spec';

type Vessel = OfKind<'feeder'> | OfKind<'drinker'>;

const from = (v: Vessel, plan: Plan): number => (v.place === 'run' ? 0 : plan.litter.depthM);
const counted = (v: Vessel): boolean => ['port', 'pedal', 'nipple', 'cup'].includes(v.type);

const main: readonly Spec<Vessel>[] = [
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
    when: (v) => v.type === 'trough',
    get: (v) => v.lengthM,
    set: (v, m) => {
      v.lengthM = m;
    },
  },
  {
    kind: 'length',
    label: 'Across',
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

const more: readonly Spec<Vessel>[] = [
  {
    kind: 'length',
    label: 'Height',
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
    choices: [
      { id: 'inside', name: 'from inside' },
      { id: 'outside', name: 'from outside' },
    ],
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
    choices: [
      { id: 'bolt', name: 'a through-bolt' },
      { id: 'hook', name: 'a screw hook' },
    ],
    when: (v) => v.hung,
    get: (v) => v.fixing,
    set: (v, f) => {
      v.fixing = f as Vessel['fixing'];
    },
  },
  {
    kind: 'yes',
    label: 'Reached from both long sides',
    when: (v) => v.type === 'trough',
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

/** What a vessel holds, weighs and offers, in a line. */
function Told({ v }: { v: Vessel }) {
  const { figures } = useAssessment();
  const station = v.kind === 'feeder' ? 'feed' : 'water';
  const id = (name: string): string => `${station}.vessel.${v.id}.${name}`;
  return (
    <p>
      {v.kind === 'feeder' ? (
        <>
          Holds <Figure id={id('contents')} />
        </>
      ) : (
        <>
          Holds <Figure id={id('litres')} />
        </>
      )}
      ; full and knocked about it weighs <Figure id={id('weight')} />.
      {figures.get(id('edge')) ? (
        <>
          {' '}
          <Figure id={id('edge')} /> to stand along.
        </>
      ) : null}
    </p>
  );
}

export function FeederRows() {
  return (
    <FixtureRows<'feeder'>
      kind="feeder"
      specs={[
        {
          kind: 'choice',
          label: 'Kind',
          choices: FEEDERS,
          get: (v) => v.type,
          set: (v, t) => {
            v.type = t as OfKind<'feeder'>['type'];
          },
        },
        ...main,
      ]}
      more={[
        {
          kind: 'choice',
          label: 'Feed in it',
          choices: FEEDS,
          get: (v) => v.feed,
          set: (v, f) => {
            v.feed = f as OfKind<'feeder'>['feed'];
          },
        },
        ...more,
        {
          kind: 'yes',
          label: 'Taken in at night',
          get: (v) => v.takenInAtNight,
          set: (v, y) => {
            v.takenInAtNight = y;
          },
        },
      ]}
      moreTitle="Feed, place, weight, how it is filled"
      empty="No feeder yet. Every bird wants a place when it has just been filled."
      adds={[
        { name: 'Add a feeder', make: 'feeder' },
        {
          name: 'Ports',
          make: 'ports',
        },
        {
          name: 'Pedal-lid box',
          make: 'pedal',
        },
      ]}
      summary={(v) => <Told v={v} />}
    />
  );
}

export function DishRows() {
  return (
    <FixtureRows<'dish'>
      kind="dish"
      specs={[
        {
          kind: 'choice',
          label: 'Holds',
          choices: [
            { id: 'shell', name: 'oyster shell' },
            { id: 'grit', name: 'grit' },
          ],
          get: (d) => d.holds,
          set: (d, v) => {
            d.holds = v as 'shell' | 'grit';
          },
        },
      ]}
      empty="No dish of shell or grit yet."
      adds={[
        { name: 'Shell', make: 'shell' },
        { name: 'Grit', make: 'grit' },
      ]}
    />
  );
}

export function DrinkerRows() {
  return (
    <FixtureRows<'drinker'>
      kind="drinker"
      specs={[
        {
          kind: 'choice',
          label: 'Kind',
          choices: DRINKERS,
          get: (v) => v.type,
          set: (v, t) => {
            v.type = t as OfKind<'drinker'>['type'];
          },
        },
        ...main,
      ]}
      more={[
        ...more,
        {
          kind: 'yes',
          label: 'A tray stands under it',
          get: (v) => v.tray,
          set: (v, y) => {
            v.tray = y;
          },
        },
        {
          kind: 'openLength',
          label: 'Bottom of its tank, up',
          none: 'no tank',
          most: 6,
          when: (v) => v.type === 'nipple' || v.type === 'cup',
          get: (v) => v.tankZ,
          set: (v, m) => {
            v.tankZ = m;
          },
        },
        {
          kind: 'openLength',
          label: 'Bore of its line',
          none: 'not known',
          most: 0.2,
          when: (v) => v.type === 'nipple' || v.type === 'cup',
          get: (v) => v.boreM,
          set: (v, m) => {
            v.boreM = m;
          },
        },
      ]}
      moreTitle="Place, weight, tray, tank"
      empty="No drinker yet. Size it for the hottest day."
      adds={[
        { name: 'Add a drinker', make: 'drinker' },
        {
          name: 'Nipples',
          make: 'nipples',
        },
        {
          name: 'Cups',
          make: 'cups',
        },
      ]}
      summary={(v) => <Told v={v} />}
    />
  );
}
