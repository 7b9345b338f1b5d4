'use client';
import { useId } from 'react';
import { type RainPart, rainElevation } from '@/core/drawing/rain/elevation';
import type { Rain } from '@/core/model/schema';
import { vesselKind } from '@/core/rules/vesselKinds.data';
import { drinkersOf } from '@/core/stations/vessels/vessels';
import { Hatches, Shapes } from '../drawing/Shapes';
import { useSize } from '../drawing/size';
import { Mark } from '../marks/Mark';
import { useAssessment, usePlan } from '../session/bench';
import { sectionProjection } from '../vessel/sectionProjection';
import { faultsOf, PART_WORDS } from './rainParts';

/** The coop's end with the rain's way through it; a part that is pressed is picked, one with a fault is marked. */
export function RainElevation({
  rain,
  picked,
  pick,
}: {
  rain: Rain;
  picked: RainPart | null;
  pick: (part: RainPart) => void;
}) {
  const plan = usePlan();
  const { findings } = useAssessment();
  const [ref, size] = useSize<HTMLDivElement>();
  const hatches = useId();
  const onLine = drinkersOf(plan).filter((v) => vesselKind(v).onLine);
  const { coop, parts, face } = rainElevation(plan, rain, onLine);
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
        <Shapes shapes={coop} projection={p} hatches={hatches} />
        {parts.map(({ what, shapes, at }) => {
          const [worst] = faultsOf(what, findings);
          const isPicked = what === picked;
          return (
            // biome-ignore lint/a11y/noStaticElementInteractions: the same by keyboard is the part's own row beside it
            <g
              key={what}
              className={`cursor-pointer ${isPicked ? '[&_path]:stroke-chalk [&_path]:[stroke-width:2.5px]' : ''}`}
              data-drawn-part={what}
              onClick={() => pick(what)}
            >
              <Shapes shapes={shapes} projection={p} hatches={hatches} />
              <text
                x={p.u(at[0])}
                y={p.v(at[1])}
                textAnchor="middle"
                className={`text-[0.78rem] ${isPicked ? 'fill-chalk font-semibold' : 'fill-ink'}`}
              >
                {PART_WORDS[what].label}
              </text>
              {worst ? (
                <g transform={`translate(${p.u(at[0]) - 7} ${p.v(at[1]) + 3})`}>
                  <Mark kind={worst.severity} />
                </g>
              ) : null}
            </g>
          );
        })}
      </svg>
    </div>
  );
}
