'use client';
import { isoDay } from '@/core/kernel/units/day';
import type { NestBank } from '@/core/model/schema';
import { BOXES_FOR, COLLECTED, LATCHES, NEST_FLOORS } from '@/text/choices.data';
import { formatDay } from '@/text/format';
import { Fold } from '../../furniture/Fold';
import { FixtureFields } from '../../furniture/PlanFields';
import type { Rows } from '../../furniture/rows';
import { STEP_ABOVE_LITTER } from '../../furniture/shown';
import { useAssessment, usePlan } from '../../session/bench';

const BANK: Rows<NestBank> = [
  { path: 'collect', choices: COLLECTED },
  { path: 'floor', choices: NEST_FLOORS },
  { path: 'forWhom', choices: BOXES_FOR, none: 'as it stands' },
  { path: 'stepZ', none: 'none', as: STEP_ABOVE_LITTER },
  { path: 'lidDeg', step: 5 },
  { path: 'latch', choices: LATCHES, when: (b) => b.collect !== 'inside' },
  { path: 'lidKg', step: 0.5 },
  'stay',
  'rail',
  'curtain',
  'comesApart',
  { path: 'topShutAtNight', when: (b) => b.rows > 1 },
];

/** How a bank is collected, floored, roofed and shut. */
export const NestDetails = ({ bank }: { bank: NestBank }) => (
  <FixtureFields fixture={bank} rows={BANK} />
);

/** When screened boxes are opened for young hens, and what is done then. */
export function NestOpeningDays() {
  const { events } = useAssessment();
  const { flock } = usePlan();
  const openings = events.filter((e) => e.code === 'nests.open');
  if (openings.length === 0) return null;
  return (
    <Fold title="Opening the boxes">
      <ul className="flex flex-col gap-1 text-[0.9rem]">
        {openings.map(({ lot, on, numbers }) => {
          const lays = isoDay(numbers.lays ?? 0);
          return (
            <li key={lot}>
              for <span data-name>{flock.find((g) => g.id === lot)?.name ?? lot}</span> on{' '}
              <time data-day={on}>{formatDay(on)}</time>; they come into lay about{' '}
              <time data-day={lays}>{formatDay(lays)}</time>
            </li>
          );
        })}
      </ul>
      <p className="text-[0.84rem] text-soft" data-reason>
        Screened off until then, so that nobody learns to sleep in them; opened with bedding and a
        dummy egg. At night a block in a box that someone sleeps in.
      </p>
    </Fold>
  );
}
