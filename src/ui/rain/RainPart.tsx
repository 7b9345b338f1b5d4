'use client';
import { CloudRain } from 'lucide-react';
import dynamic from 'next/dynamic';
import { newRain } from '@/core/edit/new/rain';
import { useOpener } from '../forms/useOpener';
import { FigureList } from '../furniture/FigureList';
import { Fold } from '../furniture/Fold';
import { edit, usePlan } from '../session/bench';

const RainBench = dynamic(() => import('./RainBench').then((m) => m.RainBench));

/** Whether rain is collected, and the way to its workbench. */
export function RainPart() {
  const plan = usePlan();
  const { open, button, show, close } = useOpener();
  const begin = (): void => {
    if (plan.rain === null) {
      edit('Collect rain', (d) => {
        d.rain = newRain(plan);
      });
    }
    show();
  };
  return (
    <Fold title="Rain">
      {plan.rain === null ? (
        <p className="text-[0.87rem] text-soft" data-reason>
          A roof brings much of what the birds drink. The program sizes the gutter and the barrel,
          and runs thirty years of rain through them.
        </p>
      ) : (
        <FigureList
          rows={[
            { name: 'Barrel', id: 'water.rain.litres' },
            { name: 'The roof brings in a year', id: 'water.rain.brought' },
            { name: 'The birds drink', id: 'water.rain.drunk' },
          ]}
        />
      )}
      <div className="flex flex-wrap gap-2">
        <button ref={button} type="button" className="button" onClick={begin}>
          <CloudRain size={15} aria-hidden /> {plan.rain === null ? 'Collect rain' : 'Rain barrel'}
        </button>
        {plan.rain === null ? null : (
          <button
            type="button"
            className="button"
            onClick={() =>
              edit('Collect no rain', (d) => {
                d.rain = null;
              })
            }
          >
            Collect none
          </button>
        )}
      </div>
      {open ? <RainBench close={close} /> : null}
    </Fold>
  );
}
