'use client';
import type { StationId } from '@/core/finding';
import { formatDay } from '@/text/format';
import { Figure } from '../figure/Figure';
import { WorkingHost } from '../figure/WorkingHost';
import { useAssessment } from '../store/bench';

/** Needed against there, with the day that sets it. */
export function NeededThere({ station }: { station: StationId }) {
  const { figures, staves, plannedOn } = useAssessment();
  const stave = staves.find((s) => s.station === station);
  if (station === 'flock') return <FlockCounts plannedOn={plannedOn} />;
  if (!figures[`${station}.needed`] || !figures[`${station}.have`]) {
    return stave?.state === 'notApplicable' && station !== 'shell' ? (
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
          {station === 'nests' ? (
            <>
              for <Figure id="nests.hensInLay" /> in lay
            </>
          ) : (
            <>
              <Figure id={station === 'floor' ? 'floor.areaPerBird' : 'roosts.widthPerBird'} /> a
              bird on average
            </>
          )}
          {stave?.setOn ? (
            <>
              , set by <time data-day={stave.setOn}>{formatDay(stave.setOn)}</time>
            </>
          ) : null}
          . Carries <Figure id={`${station}.capacity`} />.
        </p>
      </WorkingHost>
    </div>
  );
}

/** How many live in the coop, from each day on which that changes. */
function DaysOfChange() {
  const { days, figures } = useAssessment();
  const changes = days.filter(
    ({ figure }, i) =>
      i === 0 || figures[figure]?.value !== figures[days[i - 1]?.figure ?? '']?.value,
  );
  return (
    <div className="mt-4">
      <h3 className="mb-1 text-[1rem]">Birds in the coop</h3>
      <WorkingHost>
        <dl>
          {changes.map(({ day, figure }) => (
            <div key={day} className="flex justify-between gap-3 border-line border-t py-1">
              <dt className="text-soft">
                from <time data-day={day}>{formatDay(day)}</time>
              </dt>
              <dd className="figures">
                <Figure id={figure} />
              </dd>
            </div>
          ))}
        </dl>
      </WorkingHost>
    </div>
  );
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
      {plannedOn ? <DaysOfChange /> : null}
    </div>
  );
}
