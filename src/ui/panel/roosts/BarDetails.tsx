'use client';
import type { Bar, OfKind } from '@/core/model/schema';
import { CEILING_MESH, MATERIALS } from '@/text/choices.data';
import { Figure } from '../../figure/Figure';
import { WorkingHost } from '../../figure/WorkingHost';
import { Part } from '../../furniture/FigureList';
import { FixtureRows } from '../../furniture/FixtureRows';
import { editFixture } from '../../furniture/fixtures';
import { type Spec, SpecFields } from '../../furniture/spec';
import { useAssessment, usePlan } from '../../session/bench';

const BAR: readonly Spec<Bar>[] = [
  {
    kind: 'choice',
    label: 'Made of',
    choices: MATERIALS,
    get: (b) => b.material,
    set: (b, v) => {
      b.material = v as Bar['material'];
    },
  },
  {
    kind: 'count',
    label: 'Brackets between',
    least: 0,
    most: 20,
    get: (b) => b.brackets,
    set: (b, n) => {
      b.brackets = n;
    },
  },
  {
    kind: 'length',
    label: 'Section, across',
    least: 0.01,
    most: 0.3,
    get: (b) => b.section.widthM,
    set: (b, m) => {
      b.section.widthM = m;
      if (b.section.shape === 'round' || b.section.shape === 'branch') b.section.heightM = m;
    },
  },
  {
    kind: 'length',
    label: 'Section, high',
    least: 0.01,
    most: 0.3,
    when: (b) => b.section.shape === 'flat' || b.section.shape === 'square',
    get: (b) => b.section.heightM,
    set: (b, m) => {
      b.section.heightM = m;
    },
  },
  {
    kind: 'length',
    label: 'Cord wound round it, thick',
    most: 0.03,
    when: (b) => b.section.shape === 'round' || b.section.shape === 'branch',
    get: (b) => b.wrapM,
    set: (b, m) => {
      b.wrapM = m;
    },
  },
  {
    kind: 'yes',
    label: 'Lifts out for cleaning',
    get: (b) => b.liftsOut,
    set: (b, v) => {
      b.liftsOut = v;
    },
  },
  {
    kind: 'yes',
    label: 'Hangs from the rafters',
    get: (b) => b.hung,
    set: (b, v) => {
      b.hung = v;
    },
  },
  {
    kind: 'yes',
    label: 'Tied against swinging',
    when: (b) => b.hung,
    get: (b) => b.braced,
    set: (b, v) => {
      b.braced = v;
    },
  },
];

/** What a bar is made of and how it is held. */
export function BarDetails({ bar }: { bar: Bar }) {
  const plan = usePlan();
  return (
    <SpecFields
      of={bar}
      specs={BAR}
      change={(name, recipe) => editFixture('bar', bar.id, name, (b) => recipe(b, plan))}
    />
  );
}

const BOX: readonly Spec<OfKind<'board'> | OfKind<'ledge'> | OfKind<'ceiling'>>[] = [
  {
    kind: 'length',
    label: 'Top above litter',
    most: 6,
    get: (b, plan) => b.z - plan.litter.depthM,
    set: (b, m, plan) => {
      b.z = m + plan.litter.depthM;
    },
  },
  {
    kind: 'length',
    label: 'From the front wall',
    get: (b) => b.y,
    set: (b, m) => {
      b.y = m;
    },
  },
  {
    kind: 'length',
    label: 'From the left wall',
    get: (b) => b.x,
    set: (b, m) => {
      b.x = m;
    },
  },
  {
    kind: 'length',
    label: 'Length',
    least: 0.05,
    get: (b) => b.lengthM,
    set: (b, m) => {
      b.lengthM = m;
    },
  },
  {
    kind: 'length',
    label: 'Deep, front to rear',
    least: 0.01,
    get: (b) => b.depthM,
    set: (b, m) => {
      b.depthM = m;
    },
  },
];

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
      <Part title="Droppings board">
        {figures.get('roosts.board.days') ? (
          <WorkingHost className="text-[0.9rem]">
            <p>
              Scrape it every <Figure id="roosts.board.days" />.
            </p>
          </WorkingHost>
        ) : null}
        <FixtureRows<'board'>
          kind="board"
          specs={BOX}
          empty="No board under the bars: droppings of the night fall on the litter."
          adds={[{ name: 'Add a board', make: 'board' }]}
        />
      </Part>
      <Part title="Rafters and ledges">
        <FixtureRows<'ledge'>
          kind="ledge"
          specs={[
            ...BOX,
            {
              kind: 'yes',
              label: 'Its top slopes',
              get: (l) => l.sloped,
              set: (l, v) => {
                l.sloped = v;
              },
            },
          ]}
          empty="None entered. Birds sleep on anything flat that is as high as the bars."
          adds={[{ name: 'Add a ledge', make: 'ledge' }]}
        />
      </Part>
      <Part title="Mesh ceiling">
        <FixtureRows<'ceiling'>
          kind="ceiling"
          specs={[
            ...BOX,
            {
              kind: 'choice',
              label: 'Made of',
              choices: CEILING_MESH,
              get: (c) => c.cover,
              set: (c, v) => {
                c.cover = v as OfKind<'ceiling'>['cover'];
              },
            },
          ]}
          empty="None. Mesh stretched level under the rafters keeps birds off all that is above it."
          adds={[{ name: 'Add a mesh ceiling', make: 'ceiling' }]}
        />
      </Part>
    </>
  );
}
