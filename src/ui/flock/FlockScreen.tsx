'use client';
import { edit, usePlan } from '../session/bench';
import { AddBirds } from './AddBirds';
import { DemandPictures } from './DemandPictures';
import { GroupTable } from './GroupTable';

/** The flock over time: its groups edited in place, the timeline, and what they ask for. */
export function FlockScreen() {
  const { flock } = usePlan();
  return (
    <section
      aria-label="The flock"
      className="relative flex min-h-0 min-w-0 flex-col gap-3 overflow-y-auto px-5 py-3 max-lg:shrink-0 max-lg:overflow-visible max-lg:px-4 max-lg:group-data-[pane=staves]/main:hidden"
    >
      <div className="flex items-center justify-between">
        <h2 className="text-[1.2rem]">Who lives here, and when</h2>
        <div className="flex items-center gap-2">
          <Horizon />
          <AddBirds />
        </div>
      </div>
      {flock.length === 0 ? (
        <p className="max-w-prose text-soft">
          A group is birds of one breed, sex and age: four Sussex hens, say. Add the ones you keep
          and the ones you mean to keep. The coop is sized for the most that live in it on one day.
        </p>
      ) : (
        <>
          <GroupTable />
          <DemandPictures />
        </>
      )}
    </section>
  );
}

const YEARS = [1, 2, 3, 4, 5];

/** How many years the flock is looked at ahead. */
function Horizon() {
  const { horizonYears } = usePlan();
  return (
    <label className="flex items-center gap-1.5 whitespace-nowrap text-[0.87rem] text-soft">
      <span className="max-lg:sr-only">years ahead</span>
      <select
        className="input w-auto"
        value={horizonYears}
        onChange={(event) => {
          const years = Number(event.currentTarget.value);
          edit('Years ahead', (d) => {
            d.horizonYears = years;
          });
        }}
      >
        {YEARS.map((n) => (
          <option key={n}>{n}</option>
        ))}
      </select>
    </label>
  );
}
