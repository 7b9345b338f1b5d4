'use client';
import dynamic from 'next/dynamic';
import { useMemo } from 'react';
import type { Vessel } from '@/core/model/schema';
import { capacityL, contentsKg, wasteOf } from '@/core/stations/vessels/vessels';
import { levelsOf } from '@/core/stores/levels';
import { formatValue } from '@/text/format';
import { useSize } from '../drawing/size';
import { Fold } from '../furniture/Fold';
import { usePlan, useWhole, useWorked } from '../session/bench';

const LevelsChart = dynamic(() => import('./LevelsChart').then((m) => m.LevelsChart), {
  ssr: false,
});

/** Days that are looked at. */
const DAYS = 42;

/** How full each feeder or drinker is over the coming six weeks, filled on the days that the plan says. */
export function LevelsPart({ of }: { of: Vessel['kind'] }) {
  // until the core has come nothing is known of the coming days
  return useWorked() ? <Levels of={of} /> : null;
}

function Levels({ of }: { of: Vessel['kind'] }) {
  const { fixtures, fills } = usePlan();
  const { flock } = useWhole();
  const isFeed = of === 'feeder';
  const vessels = fixtures.filter((f): f is Vessel => f.kind === of);
  const everyDays = isFeed ? fills.feedDays : fills.waterDays;
  const column = flock.totals[isFeed ? 'coopFeedKg' : 'coopWaterL'];
  // from the first day that anybody takes of it
  const first = Math.max(
    0,
    column.findIndex((n) => n > 0),
  );
  const daily = Array.from(column.subarray(first, first + DAYS));
  const run = useMemo(
    () =>
      levelsOf(
        vessels.map((v) => ({
          id: v.id,
          full: v.kind === 'feeder' ? contentsKg(v) : capacityL(v),
          waste: v.kind === 'feeder' ? wasteOf(v) : 1,
        })),
        daily,
        everyDays,
      ),
    [vessels, daily, everyDays],
  );
  if (vessels.length === 0 || daily.every((n) => n === 0)) return null;
  return (
    <Fold title={isFeed ? 'Feed in the coming six weeks' : 'Water in the coming six weeks'}>
      <Told {...{ isFeed, vessels, everyDays, run }} first={flock.horizon.first + first} />
    </Fold>
  );
}

/** The picture of it, what it says, and the same week by week. */
function Told({
  isFeed,
  vessels,
  everyDays,
  run,
  first,
}: {
  isFeed: boolean;
  vessels: readonly Vessel[];
  everyDays: number;
  run: ReturnType<typeof levelsOf>;
  first: number;
}) {
  const { units } = usePlan();
  // measured where it stands: while it is folded away there is nothing to measure
  const [ref, size] = useSize<HTMLDivElement>();
  const unit = isFeed ? 'kg' : 'litres';
  return (
    <>
      <div ref={ref} className="min-h-[150px]">
        <LevelsChart
          first={first}
          lines={vessels.map((v, i) => ({ name: v.name, levels: run.levels[i] ?? [] }))}
          unit={isFeed ? 'kg' : 'L'}
          units={units}
          width={size?.width ?? 0}
        />
      </div>
      <p className="text-[0.87rem] text-soft" data-reason>
        {run.emptyOn.length === 0
          ? `Filled every ${everyDays} days, none of them runs empty.`
          : `Filled every ${everyDays} days, all are empty on ${run.emptyOn.length} of ${DAYS} days.`}
      </p>
      <table className="sr-only">
        <caption>{isFeed ? 'Feed left' : 'Water left'} at the end of each week</caption>
        <tbody>
          {vessels.map((v, i) => (
            <tr key={v.id}>
              <th scope="row">{v.name}</th>
              {[6, 13, 20, 27, 34, 41].map((d) => (
                <td key={d}>{formatValue(run.levels[i]?.[d] ?? 0, unit, units)}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
