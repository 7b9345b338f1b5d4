'use client';
import type { OfKind } from '@/core/model/schema';
import { COVERS, OPENS, PANES, SCREENS, SIDES, VENT_PLACES } from '@/text/choices.data';
import { Figure } from '../../figure/Figure';
import { FixtureRows } from '../../furniture/FixtureRows';
import type { Spec } from '../../furniture/spec';
import { useAssessment } from '../../session/bench';

export interface Hole {
  wall: 'front' | 'rear' | 'left' | 'right';
  alongM: number;
  sillZ: number;
  widthM: number;
  heightM: number;
}

export const wall: Spec<Hole> = {
  kind: 'choice',
  label: 'In the wall',
  choices: SIDES,
  get: (o) => o.wall,
  set: (o, v) => {
    o.wall = v as Hole['wall'];
  },
};
export const size: readonly Spec<Hole>[] = [
  {
    kind: 'length',
    label: 'Width',
    least: 0.01,
    get: (o) => o.widthM,
    set: (o, v) => {
      o.widthM = v;
    },
  },
  {
    kind: 'length',
    label: 'Height',
    least: 0.01,
    most: 6,
    get: (o) => o.heightM,
    set: (o, v) => {
      o.heightM = v;
    },
  },
  {
    kind: 'length',
    label: 'Sill above the floor',
    most: 6,
    get: (o) => o.sillZ,
    set: (o, v) => {
      o.sillZ = v;
    },
  },
  {
    kind: 'length',
    label: 'Along the wall',
    get: (o) => o.alongM,
    set: (o, v) => {
      o.alongM = v;
    },
  },
];
export const hole: readonly Spec<Hole>[] = [wall, ...size];

type Air = OfKind<'window'> | OfKind<'vent'>;

const opens: Spec<Air> = {
  kind: 'choice',
  label: 'Opens',
  choices: OPENS,
  get: (o) => o.opens,
  set: (o, v) => {
    o.opens = v as Air['opens'];
  },
};
const cover: Spec<Air> = {
  kind: 'choice',
  label: 'Covered with',
  choices: COVERS,
  get: (o) => o.cover,
  set: (o, v) => {
    o.cover = v as Air['cover'];
  },
};
const airMore: readonly Spec<Air>[] = [
  {
    kind: 'choice',
    label: 'And behind it',
    choices: SCREENS,
    get: (o) => o.screenedBy,
    set: (o, v) => {
      o.screenedBy = v as Air['screenedBy'];
    },
  },
  {
    kind: 'choice',
    label: 'Closed by',
    choices: PANES,
    get: (o) => o.pane,
    set: (o, v) => {
      o.pane = v as Air['pane'];
    },
  },
  {
    kind: 'yes',
    label: 'A baffle turns the air up',
    get: (o) => o.baffle,
    set: (o, v) => {
      o.baffle = v;
    },
  },
  {
    kind: 'yes',
    label: 'A stay or catch against the wind',
    get: (o) => o.stay,
    set: (o, v) => {
      o.stay = v;
    },
  },
  {
    kind: 'yes',
    label: 'Its inner sill is a ledge',
    get: (o) => o.innerSill,
    set: (o, v) => {
      o.innerSill = v;
    },
  },
];

const ventMore: readonly Spec<OfKind<'vent'>>[] = [
  {
    kind: 'choice',
    label: 'Lies in',
    choices: VENT_PLACES,
    get: (o) => o.place,
    set: (o, v) => {
      o.place = v as OfKind<'vent'>['place'];
    },
  },
  {
    kind: 'openAmount',
    label: 'Drilled holes',
    unit: 'holes',
    none: 'one opening',
    least: 1,
    most: 2000,
    get: (o) => o.holes?.count ?? null,
    set: (o, v) => {
      o.holes =
        v === null ? null : { count: Math.round(v), diameterM: o.holes?.diameterM ?? 0.025 };
    },
  },
  {
    kind: 'length',
    label: 'Each hole across',
    least: 0.002,
    most: 0.2,
    when: (o) => o.holes !== null,
    get: (o) => o.holes?.diameterM ?? 0.025,
    set: (o, v) => {
      if (o.holes) o.holes.diameterM = v;
    },
  },
];

/** Net area of an opening, once air passes it. */
function Net({ id }: { id: string }) {
  const { figures } = useAssessment();
  const figure = `air.opening.${id}`;
  const panel = `air.panel.${id}`;
  return figures.get(figure) ? (
    <>
      <p>
        <Figure id={figure} /> net, through all that covers it.
      </p>
      {figures.get(panel) ? (
        <p data-panel-cut>
          Cut a panel of <Figure id={`${panel}.width`} /> × <Figure id={`${panel}.height`} />,{' '}
          <Figure id={panel} />.
        </p>
      ) : null}
    </>
  ) : (
    <p>No air passes it.</p>
  );
}

export function WindowRows() {
  return (
    <FixtureRows<'window'>
      kind="window"
      specs={[...hole, opens, cover]}
      more={airMore}
      moreTitle="Pane, screen, stay"
      empty="No window yet."
      adds={[{ name: 'Add a window', make: 'window' }]}
      summary={(o) => <Net id={o.id} />}
    />
  );
}

export function VentRows() {
  return (
    <FixtureRows<'vent'>
      kind="vent"
      specs={[...hole, opens, cover]}
      more={[...ventMore, ...airMore]}
      moreTitle="Ridge, holes, screen, baffle"
      empty="No vent yet. Put one high up first: under the eaves, over the birds’ heads, open in all weathers."
      adds={[{ name: 'Add a vent', make: 'vent' }]}
      summary={(o) => <Net id={o.id} />}
    />
  );
}
