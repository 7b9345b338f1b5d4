'use client';
import type { Litter, Plan } from '@/core/model/schema';
import { BEDDINGS, FLOORS } from '@/text/choices.data';
import { Figure } from '../../figure/Figure';
import { WorkingHost } from '../../figure/WorkingHost';
import { FigureList } from '../../furniture/FigureList';
import { Fold } from '../../furniture/Fold';
import { PlanFields } from '../../furniture/PlanFields';
import type { Rows } from '../../furniture/rows';
import { useAssessment } from '../../session/bench';
import { DepthPicture } from './DepthPicture';

const LITTER: Rows<Litter> = [
  'depthM',
  { path: 'finalM', none: 'as it starts' },
  { path: 'material', choices: BEDDINGS },
  { path: 'retainingM', none: 'not known' },
  { path: 'baleL', step: 10 },
  { path: 'turned', when: (_, plan) => plan.litter.school === 'deep' },
];
const UNDER_IT: Rows<Plan['shell']> = [
  { path: 'floorBuild', choices: FLOORS },
  {
    path: 'upturnM',
    none: 'not known',
    when: (s) => s.floorBuild !== 'earth' && s.floorBuild !== 'mesh',
  },
];

/** The litter: how deep, of what, how much of it, and how it grows. */
export function LitterPanel() {
  const { figures } = useAssessment();
  return (
    <>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1.5 max-sm:grid-cols-1">
        <PlanFields at="litter" rows={LITTER} />
        <PlanFields at="shell" rows={UNDER_IT} />
      </div>
      {figures.get('litter.depth.end') ? (
        <Fold title="As it grows">
          <DepthPicture />
          {figures.get('litter.third.days') ? (
            <WorkingHost className="text-[0.87rem] text-soft">
              <p>
                It is as deep as it may be after <Figure id="litter.third.days" />: take a third of
                it out then, and go on.
              </p>
            </WorkingHost>
          ) : null}
        </Fold>
      ) : null}
      <Fold title="How much of it">
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
      </Fold>
    </>
  );
}
