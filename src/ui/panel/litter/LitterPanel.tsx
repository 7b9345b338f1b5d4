'use client';
import type { Litter, Plan } from '@/core/model/schema';
import { BEDDINGS, FLOORS } from '@/text/choices.data';
import { Figure } from '../../figure/Figure';
import { WorkingHost } from '../../figure/WorkingHost';
import { FigureList, Part } from '../../furniture/FigureList';
import { type Spec, SpecFields } from '../../furniture/spec';
import { edit, useAssessment, usePlan } from '../../session/bench';
import { DepthPicture } from './DepthPicture';

const SPECS: readonly Spec<Litter>[] = [
  {
    kind: 'length',
    label: 'Litter depth',
    most: 0.6,
    get: (l) => l.depthM,
    set: (l, m) => {
      l.depthM = m;
    },
  },
  {
    kind: 'openLength',
    label: 'Planned for, at most',
    none: 'as it starts',
    most: 0.8,
    get: (l) => l.finalM,
    set: (l, m) => {
      l.finalM = m;
    },
  },
  {
    kind: 'choice',
    label: 'Bedding',
    choices: BEDDINGS,
    get: (l) => l.material,
    set: (l, m) => {
      l.material = m as Litter['material'];
    },
  },
  {
    kind: 'openLength',
    label: 'Retaining board, high',
    none: 'not known',
    get: (l) => l.retainingM,
    set: (l, m) => {
      l.retainingM = m;
    },
  },
  {
    kind: 'amount',
    label: 'A bale, shaken out',
    unit: 'bulk',
    least: 5,
    most: 3000,
    step: 10,
    get: (l) => l.baleL,
    set: (l, v) => {
      l.baleL = v;
    },
  },
  {
    kind: 'yes',
    label: 'Turned twice a week',
    when: (_, plan) => plan.litter.school === 'deep',
    get: (l) => l.turned,
    set: (l, v) => {
      l.turned = v;
    },
  },
];

/** The litter: how deep, of what, how much of it, and how it grows. */
export function LitterPanel() {
  const { litter, shell } = usePlan();
  const { figures } = useAssessment();
  return (
    <>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1.5 max-sm:grid-cols-1">
        <SpecFields
          of={litter}
          specs={SPECS}
          change={(name, recipe) => edit(name, (d) => recipe(d.litter, d))}
        />
        <SpecFields
          of={shell}
          specs={[
            {
              kind: 'choice',
              label: 'Floor under it',
              choices: FLOORS,
              get: (s) => s.floorBuild,
              set: (s, v) => {
                s.floorBuild = v as Plan['shell']['floorBuild'];
              },
            },
            {
              kind: 'openLength',
              label: 'Turned up the walls',
              none: 'not known',
              most: 0.6,
              when: (s) => s.floorBuild !== 'earth' && s.floorBuild !== 'mesh',
              get: (s) => s.upturnM,
              set: (s, v) => {
                s.upturnM = v;
              },
            },
          ]}
          change={(name, recipe) => edit(name, (d) => recipe(d.shell, d))}
        />
      </div>
      {figures.get('litter.depth.end') ? (
        <Part title="As it grows">
          <DepthPicture />
          {figures.get('litter.third.days') ? (
            <WorkingHost className="text-[0.87rem] text-soft">
              <p>
                It is as deep as it may be after <Figure id="litter.third.days" />: take a third of
                it out then, and go on.
              </p>
            </WorkingHost>
          ) : null}
        </Part>
      ) : null}
      <Part title="How much of it">
        <FigureList
          rows={[
            { name: 'To start', id: 'litter.start' },
            { name: 'Added a week', id: 'litter.weekly' },
            { name: 'A year', id: 'litter.year' },
            { name: 'In bales', id: 'litter.bales' },
            { name: 'Droppings a day', id: 'litter.droppings' },
            { name: 'On the litter, a week', id: 'litter.onLitter' },
          ]}
        />
      </Part>
    </>
  );
}
