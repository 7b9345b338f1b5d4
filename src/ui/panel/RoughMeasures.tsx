'use client';
import { useDeferredValue, useMemo } from 'react';
import type { StationId } from '@/core/kernel/finding';
import { uncertainOf } from '@/core/measure/uncertain';
import { uncertainText } from '@/text/measuring';
import { pick, useBench, usePlan } from '../session/bench';

/** Which rough measures this station's verdict hangs on; a press leads to the thing. */
export function RoughMeasures({ station }: { station: StationId }) {
  const plan = useDeferredValue(usePlan());
  const on = useBench((s) => s.on);
  const all = useMemo(() => uncertainOf(plan, on), [plan, on]);
  const own = all.filter(
    (u) =>
      u.stations.some((s) => s.station === station) ||
      u.findings.some((f) => f.station === station),
  );
  if (own.length === 0) return null;
  return (
    <section className="border-straw-line border-l-3 pl-2 text-[0.92rem]" data-rough-measures>
      <h3 className="text-[0.95rem]">Measured roughly: the answer hangs on it</h3>
      <ul>
        {own.map((u) => {
          const { fixture, key } = u.roughly;
          const said = uncertainText(
            {
              ...u,
              stations: u.stations.filter((s) => s.station === station),
              findings: u.findings.filter((f) => f.station === station),
            },
            plan,
          );
          return (
            <li key={`${fixture} ${key}`} data-name>
              {fixture === null ? (
                said
              ) : (
                <button
                  type="button"
                  className="text-left hover:text-chalk max-lg:min-h-[44px]"
                  onClick={() => pick(fixture)}
                >
                  {said}
                </button>
              )}
            </li>
          );
        })}
      </ul>
      <p className="caption">Type what the tape says, and it is rough no longer.</p>
    </section>
  );
}
