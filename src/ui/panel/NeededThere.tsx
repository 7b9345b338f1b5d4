'use client';
import type { StationId } from '@/core/kernel/finding';
import { formatDay } from '@/text/format';
import { Figure } from '../figure/Figure';
import { WorkingHost } from '../figure/WorkingHost';
import { useAssessment } from '../store/bench';

/** Needed against there, with the day that sets it. */
export function NeededThere({ station }: { station: StationId }) {
  const { figures, staves, plannedOn } = useAssessment();
  const stave = staves.find((s) => s.station === station);
  if (station === 'flock') return <FlockCounts plannedOn={plannedOn} />;
  if (!figures.get(`${station}.needed`) || !figures.get(`${station}.have`)) {
    return stave?.state === 'notApplicable' && CARRYING.has(station) ? (
      <p className="text-soft">No bird of this flock asks anything of it.</p>
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
              , set by <time data-day={stave.setOn}>{formatDay(stave.setOn)}</time>
            </>
          ) : null}
          .
          {figures.get(`${station}.capacity`) && stave?.state !== 'notEntered' ? (
            <>
              {' '}
              Carries <Figure id={`${station}.capacity`} />.
              {stave?.carries === 0 && (figures.get(`${station}.have`)?.value ?? 0) > 0
                ? ' Birds are counted in step, each kind by its share: here one kind finds no place from its first bird on, whoever else finds one.'
                : null}
            </>
          ) : null}
        </p>
      </WorkingHost>
    </div>
  );
}

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
      return <>net, all that can stand open on a hot day</>;
    case 'feed':
    case 'water':
      return <>places when it has just been filled</>;
    case 'door':
      return <>one for every fifteen birds, large enough for all of them</>;
    default:
      return <>on the last day in it</>;
  }
}

function Big({ label, id }: { label: string; id: string }) {
  return (
    <div>
      <p className="caption">{label}</p>
      <p className="figures text-[1.5rem] leading-tight">
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
            Most birds living in the coop on one day of the next years, first on{' '}
            <time data-day={plannedOn}>{formatDay(plannedOn)}</time>.
          </>
        ) : (
          'No birds yet.'
        )}
      </p>
    </div>
  );
}
