'use client';
import { Plus } from 'lucide-react';
import { newBrooder } from '@/core/edit/defaults';
import type { Brooder } from '@/core/model/schema';
import { formatDay } from '@/text/format';
import { Figure } from '../../figure/Figure';
import { WorkingHost } from '../../figure/WorkingHost';
import { edit, goTo, useAssessment, usePlan } from '../../store/bench';
import { BOX, HEAT } from './brooder.specs';
import { FigureList, Part } from './FigureList';
import { SpecFields } from './spec';

/** The brooder: its box, its heat, and when each brood goes out. */
export function BrooderFields() {
  const { brooder } = usePlan();
  const { brooder: worked } = useAssessment();
  if (worked.broods.length === 0) {
    return (
      <div className="flex flex-col gap-2 text-soft">
        <p>
          No group is reared here from the hatch. Say so of a group under Flock, and its brooder is
          sized here.
        </p>
        <button type="button" className="button self-start" onClick={() => goTo('flock')}>
          Go to the flock
        </button>
      </div>
    );
  }
  return (
    <>
      {brooder === null ? (
        <div className="flex flex-col gap-2">
          <p className="text-soft">Chicks are to be reared here and no brooder is entered yet.</p>
          <button
            type="button"
            className="button button-primary self-start"
            onClick={() =>
              edit('Add a brooder', (d) => {
                d.brooder = newBrooder();
              })
            }
          >
            <Plus size={15} aria-hidden /> Add a brooder
          </button>
        </div>
      ) : (
        <>
          <div className="grid grid-cols-2 gap-x-3 gap-y-1.5 max-sm:grid-cols-1">
            <SpecFields of={brooder} specs={HEAT} change={change} />
            <SpecFields of={brooder} specs={BOX} change={change} />
          </div>
          <FigureList
            rows={[
              { name: 'Lamp asked for', id: 'brooder.lamp.needed' },
              { name: 'Chicks it carries', id: 'brooder.capacity' },
            ]}
          />
        </>
      )}
      <Floor />
      <Out />
      <Joining />
    </>
  );
}

const change = (name: string, recipe: (b: Brooder, p: never) => void) =>
  edit(name, (d) => {
    if (d.brooder) recipe(d.brooder, undefined as never);
  });

/** What chicks stand on, and where they drink. */
function Floor() {
  return (
    <Part title="Floor and water">
      <WorkingHost className="text-[0.9rem]">
        <p>
          Paper towel over the bedding for the first <Figure id="fact.brooder.paper.days" />: on
          bare newspaper legs splay. Then shavings <Figure id="fact.brooder.litter.least" /> to{' '}
          <Figure id="fact.brooder.litter.most" /> deep, never cedar or fine sawdust.
        </p>
      </WorkingHost>
      <p className="text-[0.84rem] text-soft" data-reason>
        A shallow drinker, or pebbles in it, in the first week. Rims go up each week to the back, on
        the cool side.
      </p>
    </Part>
  );
}

/** The first likely day out of each brood, and the chance of a colder night. */
function Out() {
  const { brooder, figures } = useAssessment();
  const { flock } = usePlan();
  return (
    <Part title="Out">
      {brooder.broods.map((b) => (
        <WorkingHost key={b.groupId} className="text-[0.9rem]">
          <p>
            <span className="font-semibold" data-name>
              {flock.find((g) => g.id === b.groupId)?.name}
            </span>{' '}
            can move out from <time data-day={b.out.day}>{formatDay(b.out.day)}</time>, at{' '}
            <Figure id={`brooder.${b.groupId}.out.age`} />
            {figures.get(`brooder.${b.groupId}.out.borne`) ? (
              <>
                , when they bear <Figure id={`brooder.${b.groupId}.out.borne`} /> at night
              </>
            ) : null}
            {figures.get(`brooder.${b.groupId}.out.chance`) ? (
              <>
                ; a colder night in the ten that follow:{' '}
                <Figure id={`brooder.${b.groupId}.out.chance`} />
              </>
            ) : null}
            . You plan <time data-day={b.movesOn}>{formatDay(b.movesOn)}</time>.
          </p>
        </WorkingHost>
      ))}
      <p className="text-[0.84rem] text-soft" data-reason>
        Outdoor nights are taken; what the coop adds is not counted.
      </p>
    </Part>
  );
}

function Joining() {
  return (
    <details className="text-[0.87rem]">
      <summary className="w-fit text-chalk hover:underline max-lg:min-h-[44px]">
        Joining the older birds
      </summary>
      <WorkingHost className="mt-1">
        <p>
          They see each other through mesh for <Figure id="fact.brooder.join.seen" /> to{' '}
          <Figure id="fact.brooder.join.seenMost" />.
        </p>
      </WorkingHost>
      <ul className="list-disc pl-4 text-soft" data-reason>
        <li>Then hours together, watched; in pairs or more, never one alone.</li>
        <li>Not before two thirds of the smallest grown bird’s mass.</li>
        <li>Put on the bars after dark, with a spare feeder and drinker out of sight.</li>
        <li>A pop hole too small for the grown ones is a refuge.</li>
      </ul>
    </details>
  );
}
