'use client';
import type { StationId } from '@/core/kernel/finding';
import { formatDay } from '@/text/format';
import { Figure } from '../figure/Figure';
import { WorkingHost } from '../figure/WorkingHost';
import { goTo, useAssessment } from '../session/bench';

/** Needed against there, with the day that sets it. */
export function NeededThere({ station }: { station: StationId }) {
  const { figures, staves, plannedOn } = useAssessment();
  const stave = staves.find((s) => s.station === station);
  if (station === 'flock') return <FlockCounts plannedOn={plannedOn} />;
  if (!figures.get(`${station}.needed`) || !figures.get(`${station}.have`)) {
    return stave?.state === 'notApplicable' && CARRYING.has(station) ? (
      <p className="text-soft">
        {NOBODY[station]}{' '}
        <button
          type="button"
          className="text-chalk hover:underline max-lg:min-h-[44px]"
          onClick={() => goTo('flock')}
        >
          To the flock
        </button>
      </p>
    ) : null;
  }
  return (
    <div>
      <WorkingHost className="grid grid-cols-2 gap-3">
        <Big label="Needed" id={`${station}.needed`} />
        <Big label="There" id={`${station}.have`} />
      </WorkingHost>
      <WorkingHost className="mt-1.5 text-[0.87rem] text-soft">
        <p>
          <For station={station} />
          {stave?.setOn ? (
            <>
              , most on <time data-day={stave.setOn}>{formatDay(stave.setOn)}</time>
            </>
          ) : null}
          .
          {figures.get(`${station}.capacity`) && stave?.state !== 'notEntered' ? (
            <>
              {' '}
              Carries <Figure id={`${station}.capacity`} />.
              {stave?.carries === 0 && (figures.get(`${station}.have`)?.value ?? 0) > 0
                ? ' One kind of bird finds no place at all here, so the coop carries none of this flock.'
                : null}
            </>
          ) : null}
        </p>
      </WorkingHost>
    </div>
  );
}

/** What is missing where nobody in the flock needs the station. */
const NOBODY: Readonly<Partial<Record<StationId, string>>> = {
  floor: 'Add birds to see how much floor they need.',
  roosts: 'Add birds to see how much bar they need.',
  nests: 'Add hens that lay to see how many boxes they need.',
  air: 'Add birds to see how much air they need.',
  feed: 'Add birds to see how much feeder they need.',
  water: 'Add birds to see how much drinker they need.',
  door: 'Add birds to see how many pop doors they need.',
};

/** Stations that are sized for birds. */
const CARRYING: ReadonlySet<StationId> = new Set([
  'floor',
  'roosts',
  'nests',
  'air',
  'feed',
  'water',
  'door',
]);

/** What it is needed for. */
function For({ station }: { station: StationId }) {
  switch (station) {
    case 'nests':
      return (
        <>
          for <Figure id="nests.hensInLay" /> in lay
        </>
      );
    case 'floor':
    case 'roosts':
      return (
        <>
          <Figure id={station === 'floor' ? 'floor.areaPerBird' : 'roosts.widthPerBird'} /> a bird
          on average
        </>
      );
    case 'air':
      return <>net, all that you can open on a hot day</>;
    case 'feed':
    case 'water':
      return <>places when you have just filled it</>;
    case 'door':
      return <>one for every fifteen birds, and large enough for them</>;
    default:
      return <>on the last day in it</>;
  }
}

function Big({ label, id }: { label: string; id: string }) {
  return (
    <div>
      <p className="caption">{label}</p>
      <p className="figures whitespace-nowrap text-[1.4rem] leading-tight">
        <Figure id={id} />
      </p>
    </div>
  );
}

function FlockCounts({ plannedOn }: { plannedOn: string | null }) {
  return (
    <div>
      <WorkingHost className="grid grid-cols-2 gap-3">
        <Big label="Planned" id="coop.planned" />
        <Big label="Today" id="coop.today" />
      </WorkingHost>
      <p className="mt-1.5 text-[0.87rem] text-soft">
        {plannedOn ? (
          <>
            The most birds that live here on one day of the years ahead, first on{' '}
            <time data-day={plannedOn}>{formatDay(plannedOn)}</time>.
          </>
        ) : (
          'No birds yet.'
        )}
      </p>
    </div>
  );
}
