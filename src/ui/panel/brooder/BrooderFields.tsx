'use client';
import { Plus } from 'lucide-react';
import { brooderFor } from '@/core/stations/brooder/brooderFor';
import { formatDay } from '@/text/format';
import { Figure } from '../../figure/Figure';
import { WorkingHost } from '../../figure/WorkingHost';
import { FigureList } from '../../furniture/FigureList';
import { Fold } from '../../furniture/Fold';
import { PlanFields } from '../../furniture/PlanFields';
import { edit, goTo, useAssessment, usePlan } from '../../session/bench';
import { BOX, HEAT } from './brooder.rows';

/** The brooder: its box, its heat, and when each brood goes out. */
export function BrooderFields() {
  const { brooder, units } = usePlan();
  const { brooder: worked } = useAssessment();
  if (worked.broods.length === 0) {
    return (
      <div className="flex flex-col gap-2 text-soft">
        <p>
          No group is reared here from the hatch. Set it for a group under Flock, and its brooder is
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
          <p className="text-soft">Chicks will be reared here, and there is no brooder yet.</p>
          <button
            type="button"
            className="button button-primary self-start"
            onClick={() =>
              edit('Add a brooder', (d) => {
                d.brooder = brooderFor(units, worked.broods);
              })
            }
          >
            <Plus size={15} aria-hidden /> Add a brooder
          </button>
        </div>
      ) : (
        <>
          <div className="grid grid-cols-2 gap-x-3 gap-y-1.5 max-sm:grid-cols-1">
            <PlanFields at="brooder" rows={HEAT} />
            <PlanFields at="brooder" rows={BOX} />
          </div>
          <FigureList
            rows={[
              { name: 'Lamp needed', id: 'brooder.lamp.needed' },
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

/** What chicks stand on, and where they drink. */
function Floor() {
  return (
    <Fold title="Floor and water">
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
    </Fold>
  );
}

/** The first likely day out of each brood, and the chance of a colder night. */
function Out() {
  const { brooder, figures } = useAssessment();
  const { flock } = usePlan();
  return (
    <Fold title="Out">
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
        Judged by nights outdoors; the coop’s own warmth is left out.
      </p>
    </Fold>
  );
}

function Joining() {
  return (
    <details className="text-[0.87rem]">
      <summary className="w-fit text-chalk hover:underline max-lg:min-h-[44px]">
        When they join the older birds
      </summary>
      <WorkingHost className="mt-1">
        <p>
          They see each other through mesh for <Figure id="fact.brooder.join.seen" /> to{' '}
          <Figure id="fact.brooder.join.seenMost" />.
        </p>
      </WorkingHost>
      <ul className="list-disc pl-4 text-soft" data-reason>
        <li>Then let them be together for hours while you watch: two or more, never one alone.</li>
        <li>Wait until they weigh two thirds of the smallest grown bird.</li>
        <li>
          Put them on the bars after dark. Give them a feeder and a drinker of their own, out of
          sight.
        </li>
        <li>A small hole that grown birds cannot pass gives them a safe place.</li>
      </ul>
    </details>
  );
}
