'use client';
import { useId, useState } from 'react';
import type { RainPart } from '@/core/drawing/rain/elevation';
import { LITRES_PER_GALLON } from '@/core/kernel/units/factors.data';
import type { Rain } from '@/core/model/schema';
import { barrelsL } from '@/core/stores/rain/roof';
import { formatValue } from '@/text/format';
import { barrelText, outlookLines } from '@/text/rainWords';
import { useSize } from '../drawing/size';
import { FullDialog } from '../forms/FullDialog';
import { edit, usePlan } from '../session/bench';
import { LevelChart } from './LevelChart';
import { RainElevation } from './RainElevation';
import { RainFields } from './RainFields';
import { RainPartList } from './RainPartList';
import { type RainRun, useRain } from './useRain';

/** Rain from the ridge to the cup on the workbench: its parts, its picture, and thirty years of it. */
export function RainBench({ close }: { close: () => void }) {
  const { rain } = usePlan();
  const { run, tryBarrel } = useRain();
  const [picked, setPicked] = useState<RainPart | null>(null);
  if (rain === null) return null;
  return (
    <FullDialog title="Rain barrel" close={close}>
      <div className="flex min-h-0 flex-1 gap-5 max-lg:flex-col">
        <RainFields picked={picked} />
        <div className="flex min-w-0 flex-1 flex-col gap-3 overflow-y-auto max-lg:overflow-visible">
          <RainElevation rain={rain} picked={picked} pick={setPicked} />
          <ThirtyYears rain={rain} run={run} tryBarrel={tryBarrel} />
        </div>
        <div className="flex w-[20rem] shrink-0 flex-col gap-3 overflow-y-auto max-lg:w-full max-lg:overflow-visible">
          <RainPartList picked={picked} pick={setPicked} />
          <p className="text-[0.84rem] text-soft" data-reason>
            Rain off a roof carries droppings. It is for birds, not for people. Local rules on
            collecting rain differ: ask.
          </p>
        </div>
      </div>
    </FullDialog>
  );
}

const MOST_TRIED_L = 1500;
/** A barrel is tried in steps of ten litres, or of five gallons. */
const STEP_L = { metric: 10, imperial: 5 * LITRES_PER_GALLON } as const;

/** What thirty years of this place's weather make of it; another barrel is tried by dragging. */
function ThirtyYears({
  rain,
  run,
  tryBarrel,
}: {
  rain: Rain;
  run: RainRun;
  tryBarrel: (litres: number) => void;
}) {
  const { units } = usePlan();
  const [ref, size] = useSize<HTMLDivElement>();
  const slider = useId();
  const [drag, setDrag] = useState<number | null>(null);
  const own = barrelsL(rain);
  const litres = drag ?? own;
  const step = STEP_L[units];
  const take = (): void => {
    if (drag === null) return;
    edit('Rain: barrel', (d) => {
      if (d.rain) d.rain.barrel.litres = drag / d.rain.barrel.count;
    });
    setDrag(null);
  };
  return (
    <section ref={ref} className="flex flex-col gap-2" data-outlook={run.kind}>
      <h3 className="font-semibold text-[0.95rem]">Thirty years of it</h3>
      {run.kind === 'working' ? <p className="text-soft">Working thirty years…</p> : null}
      {run.kind === 'failed' ? (
        <p className="text-oxide">It could not be worked. Open it again.</p>
      ) : null}
      {run.kind === 'nowhere' ? (
        <p className="text-soft">
          Choose a climate under Air: then thirty years of its rain are run.
        </p>
      ) : null}
      {run.kind === 'done' ? (
        <>
          <p data-reason>{barrelText((run.tried ?? run.outlook).run, units)}</p>
          <label
            htmlFor={slider}
            className="flex items-baseline justify-between gap-3 text-[0.9rem]"
          >
            <span>Try another barrel</span>
            <output className="figures" data-axis>
              {formatValue(litres, 'litres', units)}
            </output>
          </label>
          <input
            id={slider}
            type="range"
            min={2 * step}
            max={Math.max(MOST_TRIED_L, own)}
            step={step}
            value={litres}
            aria-valuetext={formatValue(litres, 'litres', units)}
            className="w-full accent-(--chalk) max-lg:min-h-[44px]"
            onChange={(event) => {
              const next = Number(event.currentTarget.value);
              setDrag(next);
              tryBarrel(next);
            }}
          />
          {drag === null || drag === own ? null : (
            <button type="button" className="button w-fit" onClick={take}>
              Take this barrel
            </button>
          )}
          <LevelChart
            run={(run.tried ?? run.outlook).run}
            picked={run.outlook.picked}
            units={units}
            width={size?.width ?? 0}
          />
          <ul className="text-[0.9rem]" data-reason>
            {outlookLines(run.outlook, units).map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </>
      ) : null}
    </section>
  );
}
