'use client';
import { isoDay } from '@/core/kernel/units/day';
import type { NestBank } from '@/core/model/schema';
import { BOXES_FOR, COLLECTED, LATCHES, NEST_FLOORS } from '@/text/choices.data';
import { formatDay } from '@/text/format';
import { Part } from '../../furniture/FigureList';
import { editFixture } from '../../furniture/fixtures';
import { type Spec, SpecFields } from '../../furniture/spec';
import { useAssessment, usePlan } from '../../session/bench';

const BANK: readonly Spec<NestBank>[] = [
  {
    kind: 'choice',
    label: 'Collected',
    choices: COLLECTED,
    get: (b) => b.collect,
    set: (b, v) => {
      b.collect = v as NestBank['collect'];
    },
  },
  {
    kind: 'choice',
    label: 'Floor of the boxes',
    choices: NEST_FLOORS,
    get: (b) => b.floor,
    set: (b, v) => {
      b.floor = v as NestBank['floor'];
    },
  },
  {
    kind: 'choice',
    label: 'Boxes for',
    choices: [{ id: 'asItStands', name: 'as it stands' }, ...BOXES_FOR],
    get: (b) => b.forWhom ?? 'asItStands',
    set: (b, v) => {
      b.forWhom = v === 'asItStands' ? null : (v as NestBank['forWhom']);
    },
  },
  {
    kind: 'openLength',
    label: 'Step or rail above litter',
    none: 'none',
    most: 3,
    get: (b, plan) => (b.stepZ === 0 ? null : b.stepZ - plan.litter.depthM),
    set: (b, m, plan) => {
      b.stepZ = m === null ? 0 : m + plan.litter.depthM;
    },
  },
  {
    kind: 'amount',
    label: 'Top slopes',
    unit: '°',
    least: 0,
    most: 90,
    step: 5,
    get: (b) => b.lidDeg,
    set: (b, v) => {
      b.lidDeg = v;
    },
  },
  {
    kind: 'choice',
    label: 'Latch outside',
    choices: LATCHES,
    when: (b) => b.collect !== 'inside',
    get: (b) => b.latch,
    set: (b, v) => {
      b.latch = v as NestBank['latch'];
    },
  },
  {
    kind: 'amount',
    label: 'Lid or flap weighs',
    unit: 'kg',
    least: 0,
    most: 500,
    step: 0.5,
    get: (b) => b.lidKg,
    set: (b, v) => {
      b.lidKg = v;
    },
  },
  {
    kind: 'yes',
    label: 'A stay or catch holds it',
    get: (b) => b.stay,
    set: (b, v) => {
      b.stay = v;
    },
  },
  {
    kind: 'yes',
    label: 'A rail to land on',
    get: (b) => b.rail,
    set: (b, v) => {
      b.rail = v;
    },
  },
  {
    kind: 'yes',
    label: 'A curtain, open at the foot',
    get: (b) => b.curtain,
    set: (b, v) => {
      b.curtain = v;
    },
  },
  {
    kind: 'yes',
    label: 'Comes apart for cleaning',
    get: (b) => b.comesApart,
    set: (b, v) => {
      b.comesApart = v;
    },
  },
  {
    kind: 'yes',
    label: 'Top tier shut at night',
    when: (b) => b.rows > 1,
    get: (b) => b.topShutAtNight,
    set: (b, v) => {
      b.topShutAtNight = v;
    },
  },
];

/** How a bank is collected, floored, roofed and shut. */
export function NestDetails({ bank }: { bank: NestBank }) {
  const plan = usePlan();
  return (
    <SpecFields
      of={bank}
      specs={BANK}
      change={(name, recipe) => editFixture('nestBank', bank.id, name, (b) => recipe(b, plan))}
    />
  );
}

/** When screened boxes are opened for young hens, and what is done then. */
export function NestOpeningDays() {
  const { events } = useAssessment();
  const { flock } = usePlan();
  const openings = events.filter((e) => e.code === 'nests.open');
  if (openings.length === 0) return null;
  return (
    <Part title="Opening the boxes">
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
    </Part>
  );
}
