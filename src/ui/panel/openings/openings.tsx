'use client';
import type { OfKind } from '@/core/model/schema';
import { COVERS, OPENS, PANES, SCREENS, SIDES, VENT_PLACES } from '@/text/choices.data';
import { Figure } from '../../figure/Figure';
import { FixtureRows } from '../../furniture/FixtureRows';
import type { Row } from '../../furniture/rows';
import { useAssessment } from '../../session/bench';

/** Where a hole in a wall is, and how large. */
export const hole = [
  { path: 'wall', choices: SIDES },
  'widthM',
  'heightM',
  'sillZ',
  'alongM',
] as const;
const air = [
  ...hole,
  { path: 'opens', choices: OPENS },
  { path: 'cover', choices: COVERS },
] as const;
const airMore = [
  { path: 'screenedBy', choices: SCREENS },
  { path: 'pane', choices: PANES },
  'baffle',
  'stay',
  'innerSill',
] as const;

/** Drilled holes are there as soon as their number is said. */
const holes: Row<OfKind<'vent'>> = {
  path: 'holes',
  label: 'Drilled holes',
  none: 'one opening',
  unit: 'holes',
  as: {
    type: 'whole',
    least: 1,
    most: 2000,
    show: (all) => (all as OfKind<'vent'>['holes'])?.count ?? null,
    store: (count, all) =>
      count === null ? null : { diameterM: 0.025, ...(all as object), count },
  },
};

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
    <FixtureRows
      kind="window"
      rows={air}
      more={airMore}
      moreTitle="Pane, screen, stay"
      empty="No window yet."
      adds={[{ name: 'Add a window', make: 'window' }]}
      told={(o) => [`air.opening.${o.id}`]}
      summary={(o) => <Net id={o.id} />}
    />
  );
}

export function VentRows() {
  return (
    <FixtureRows
      kind="vent"
      rows={air}
      more={[{ path: 'place', choices: VENT_PLACES }, holes, 'holes.diameterM', ...airMore]}
      moreTitle="Ridge, holes, screen, baffle"
      empty="No vent yet. Put one high up first: under the eaves, over the birds’ heads, open in all weathers."
      adds={[{ name: 'Add a vent', make: 'vent' }]}
      told={(o) => [`air.opening.${o.id}`]}
      summary={(o) => <Net id={o.id} />}
    />
  );
}
