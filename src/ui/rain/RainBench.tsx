'use client';
import { useId, useState } from 'react';
import { rainElevation } from '@/core/drawing/rain/elevation';
import type { Rain } from '@/core/model/schema';
import { vesselKind } from '@/core/rules/vesselKinds.data';
import { drinkersOf } from '@/core/stations/vessels/vessels';
import { barrelsL } from '@/core/stores/rain/roof';
import { formatValue } from '@/text/format';
import { barrelText, outlookLines } from '@/text/rainWords';
import { Hatches, Shapes } from '../bench/Shapes';
import { useSize } from '../bench/size';
import { FullDialog } from '../forms/FullDialog';
import { FindingList } from '../panel/FindingList';
import { FigureList, Part } from '../panel/stations/FigureList';
import { edit, useAssessment, usePlan } from '../store/bench';
import { sectionProjection } from '../vessel/sectionProjection';
import { LevelChart } from './LevelChart';
import { RainFields } from './RainFields';
import { type RainRun, useRain } from './useRain';

/** Rain from the ridge to the cup on the workbench: its parts, its picture, and thirty years of it. */
export function RainBench({ close }: { close: () => void }) {
  const { rain } = usePlan();
  const { run, tryBarrel } = useRain();
  if (rain === null) return null;
  return (
    <FullDialog title="Rain barrel" close={close}>
      <div className="flex min-h-0 flex-1 gap-5 max-lg:flex-col">
        <RainFields rain={rain} />
        <div className="flex min-w-0 flex-1 flex-col gap-3 overflow-y-auto max-lg:overflow-visible">
          <Elevation rain={rain} />
          <ThirtyYears rain={rain} run={run} tryBarrel={tryBarrel} />
        </div>
        <div className="flex w-[20rem] shrink-0 flex-col gap-3 overflow-y-auto max-lg:w-full max-lg:overflow-visible">
          <RainFaults />
          <OnLine />
          <Part title="To cut and build">
            <FigureList
              rows={[
                { name: 'Roof that drains', id: 'water.rain.roof' },
                { name: 'The gutter carries', id: 'water.rain.gutter' },
                { name: 'A downpour brings', id: 'water.rain.peak' },
                { name: 'Sheet to fold, wide', id: 'water.rain.sheet' },
                { name: 'Supports', id: 'water.rain.supports' },
                { name: 'First rain kept out', id: 'water.rain.flushMm' },
                { name: 'Standpipe, long', id: 'water.rain.flush' },
                { name: 'Full on its stand', id: 'water.rain.load' },
              ]}
            />
          </Part>
          <Part title="In a mean year">
            <FigureList
              rows={[
                { name: 'The roof brings', id: 'water.rain.brought' },
                { name: 'The birds drink', id: 'water.rain.drunk' },
              ]}
            />
          </Part>
          <p className="text-[0.84rem] text-soft" data-reason>
            Rain off a roof carries droppings. It is for birds, not for people. Local rules on
            collecting rain differ: ask.
          </p>
        </div>
      </div>
    </FullDialog>
  );
}

/** Faults of the rain's way, which name no fixture, and of the line. */
function RainFaults() {
  const { findings } = useAssessment();
  const own = findings.filter((f) =>
    /^water\.(roof|gutter|flush|stand|barrel|overflow|rain|line)\./.test(f.code),
  );
  return own.length === 0 ? null : <FindingList findings={own} />;
}

/** Says so where no drinker hangs on the line yet. */
function OnLine() {
  const plan = usePlan();
  if (drinkersOf(plan).some((v) => vesselKind(v).onLine)) return null;
  return (
    <p className="text-[0.9rem]" data-reason>
      No drinker hangs on its line yet: you fill the drinkers from the barrel. Under Water, cups or
      nipples take the water by themselves.
    </p>
  );
}

const LABELS = {
  roof: 'roof',
  gutter: 'gutter',
  flush: 'first rain',
  barrel: 'barrel',
  stand: 'stand',
  overflow: 'overflow',
  line: 'line',
  drinkers: 'drinkers',
} as const;

/** The coop's end with the rain's way through it. */
function Elevation({ rain }: { rain: Rain }) {
  const plan = usePlan();
  const [ref, size] = useSize<HTMLDivElement>();
  const hatches = useId();
  const onLine = drinkersOf(plan).filter((v) => vesselKind(v).onLine);
  const { shapes, face, labels } = rainElevation(plan, rain, onLine);
  const width = Math.max(260, size?.width ?? 480);
  const height = Math.max(200, Math.min(330, width * 0.62));
  const p = sectionProjection(face, width, height);
  return (
    <div ref={ref} className="shrink-0">
      <svg
        width={width}
        height={height}
        role="img"
        data-rain
        aria-label="The rain’s way: roof, gutter, first rain kept out, barrel on its stand, overflow, line"
      >
        <Hatches of={hatches} />
        <Shapes shapes={shapes} projection={p} hatches={hatches} />
        {labels
          .filter((l) => l.what !== 'line' || onLine.length > 0)
          .map(({ what, at }) => (
            <text
              key={what}
              x={p.u(at[0])}
              y={p.v(at[1])}
              textAnchor="middle"
              className="fill-ink text-[0.78rem]"
            >
              {LABELS[what]}
            </text>
          ))}
      </svg>
    </div>
  );
}

const MOST_TRIED_L = 1500;

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
              {formatValue(Math.round(litres), 'litres', units)}
            </output>
          </label>
          <input
            id={slider}
            type="range"
            min={20}
            max={Math.max(MOST_TRIED_L, own)}
            step={10}
            value={litres}
            aria-valuetext={formatValue(Math.round(litres), 'litres', units)}
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
