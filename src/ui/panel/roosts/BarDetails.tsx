'use client';
import type { Bar } from '@/core/model/schema';
import { CEILING_MESH, MATERIALS } from '@/text/choices.data';
import { Figure } from '../../figure/Figure';
import { WorkingHost } from '../../figure/WorkingHost';
import { FixtureRows } from '../../furniture/FixtureRows';
import { Fold } from '../../furniture/Fold';
import { FixtureFields } from '../../furniture/PlanFields';
import type { Rows } from '../../furniture/rows';
import { ABOVE_LITTER } from '../../furniture/shown';
import { useAssessment } from '../../session/bench';

const isRound = ({ section }: Bar): boolean =>
  section.shape === 'round' || section.shape === 'branch';

const BAR: Rows<Bar> = [
  { path: 'material', choices: MATERIALS },
  'brackets',
  {
    path: 'section.widthM',
    after: (b) => {
      if (isRound(b)) b.section.heightM = b.section.widthM;
    },
  },
  { path: 'section.heightM', when: (b) => !isRound(b) },
  { path: 'wrapM', when: isRound },
  'liftsOut',
  'hung',
  { path: 'braced', when: (b) => b.hung },
];

/** What a bar is made of and how it is held. */
export const BarDetails = ({ bar }: { bar: Bar }) => <FixtureFields fixture={bar} rows={BAR} />;

const BOX = [{ path: 'z', as: ABOVE_LITTER }, 'y', 'x', 'lengthM', 'depthM'] as const;

/** The board under the bars, ledges, a mesh ceiling, and what the top bar alone carries. */
export function RoostDetails() {
  const { figures } = useAssessment();
  return (
    <>
      {figures.get('roosts.topBar') ? (
        <WorkingHost className="text-[0.87rem] text-soft">
          <p>
            The top bar alone has a place for <Figure id="roosts.topBar" />; a small flock crowds on
            to it.
          </p>
        </WorkingHost>
      ) : null}
      <Fold title="Droppings board" of={['board']}>
        {figures.get('roosts.board.days') ? (
          <WorkingHost className="text-[0.9rem]">
            <p>
              Scrape it every <Figure id="roosts.board.days" />.
            </p>
          </WorkingHost>
        ) : null}
        <FixtureRows
          kind="board"
          rows={BOX}
          empty="No board under the bars: droppings of the night fall on the litter."
          adds={[{ name: 'Add a board', make: 'board' }]}
        />
      </Fold>
      <Fold title="Rafters and ledges" of={['ledge']}>
        <FixtureRows
          kind="ledge"
          rows={[...BOX, 'sloped']}
          empty="None entered. Birds sleep on anything flat that is as high as the bars."
          adds={[{ name: 'Add a ledge', make: 'ledge' }]}
        />
      </Fold>
      <Fold title="Mesh ceiling" of={['ceiling']}>
        <FixtureRows
          kind="ceiling"
          rows={[...BOX, { path: 'cover', choices: CEILING_MESH }]}
          empty="None. Mesh stretched level under the rafters keeps birds off all that is above it."
          adds={[{ name: 'Add a mesh ceiling', make: 'ceiling' }]}
        />
      </Fold>
    </>
  );
}
