'use client';
import dynamic from 'next/dynamic';
import { timesText } from '@/text/airWords';
import { useOpener } from '../forms/useOpener';
import { Fold } from '../furniture/Fold';
import { edit, usePlan, useWhole, useWorked } from '../session/bench';

const ThermometerDialog = dynamic(() =>
  import('./ThermometerDialog').then((m) => m.ThermometerDialog),
);

/** A keeper's own thermometer beside what is worked, and how leaky her coop is by it. */
export function ThermometerPart() {
  const plan = usePlan();
  const worked = useWorked();
  const { planned } = useWhole();
  const dialog = useOpener();
  if (plan.climate === null || planned === 0) return null;
  const { leakTimes } = plan.shell;
  return (
    <Fold title="Your thermometer">
      <div className="flex flex-col items-start gap-2 text-[0.9rem]">
        {leakTimes === 1 ? (
          <p className="text-soft">
            A few days of readings show how leaky the coop is, and how near all this comes.
          </p>
        ) : (
          <p data-reason>
            Fitted to your readings: {timesText(leakTimes)} the gaps of its build.{' '}
            <button
              type="button"
              className="text-chalk hover:underline max-lg:min-h-[44px]"
              onClick={() =>
                edit('Gaps as built', (d) => {
                  d.shell.leakTimes = 1;
                })
              }
            >
              Take that back
            </button>
          </p>
        )}
        <button
          ref={dialog.button}
          type="button"
          className="button"
          disabled={!worked}
          onClick={dialog.show}
        >
          Lay readings over it
        </button>
      </div>
      {dialog.open ? <ThermometerDialog close={dialog.close} /> : null}
    </Fold>
  );
}
