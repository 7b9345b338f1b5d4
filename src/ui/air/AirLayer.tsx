'use client';
import { type Projection, px } from '@/core/drawing/projection';
import type { Section } from '@/core/drawing/shape';
import { faceOf, roomOf, WALL_DRAWN_M } from '@/core/drawing/view';
import { sleepingBars } from '@/core/geometry/bars';
import { solidOf } from '@/core/geometry/solids';
import { formatTemperature } from '@/core/kernel/units/temperature';
import { ruled } from '@/core/rules/rules.data';
import { flowText, speedText } from '@/text/airMoment';
import { useBench } from '../session/bench';
import { useAirShow } from './airShow';
import { arrowsIn, dropsUnder } from './arrows';
import { useAirDay } from './useAirDay';

/** So little flow is drawn as little even where it is the most, L/s. */
const FAINT_LS = 10;

/** The air of one hour, over a section: what flows in and out, how warm it is, where dew hangs, what blows on the bars. */
export function AirLayer({
  view,
  projection,
  narrow,
}: {
  view: Section;
  projection: Projection;
  /** No room for words but beside what somebody made. */
  narrow: boolean;
}) {
  const plan = useBench((s) => s.held?.plan ?? s.plan);
  const day = useAirDay();
  const hour = useAirShow((s) => s.hour);
  const moment = day?.[hour];
  if (!day || !moment || !plan) return null;
  const { units, shell } = plan;
  const most = Math.max(
    FAINT_LS,
    ...day.flatMap((m) => [...m.flows, m.gaps].flatMap((f) => [f.inLS, f.outLS])),
  );
  const { u, v } = projection;
  const { acrossM, upM } = roomOf(view, shell);
  const arrows = arrowsIn(plan, view, moment, projection, most, narrow ? 0.6 : 1);
  return (
    <g className="pointer-events-none" data-air={hour} data-axis>
      <Band
        view={view}
        projection={projection}
        // in the heat they are glad of it
        blown={moment.tiC < ruled('air.draught.warm') ? moment.roostMS : 0}
      />
      {moment.neutralM === null ? null : (
        <g>
          <path
            d={`M${px(u(0))} ${px(v(moment.neutralM))}H${px(u(acrossM))}`}
            className="fill-none stroke-chalk"
            strokeWidth={1}
            strokeDasharray="1 4"
            strokeLinecap="round"
          />
          {narrow ? null : (
            <Words x={u(acrossM / 2)} y={v(moment.neutralM) - 4} anchor="middle">
              {moment.tiC >= moment.outC
                ? 'in below this line, out above'
                : 'out below this line, in above'}
            </Words>
          )}
        </g>
      )}
      {moment.roofDew
        ? dropsUnder(plan, view).map(([a, b]) => (
            <path
              key={a}
              d={`M${px(u(a))} ${px(v(b) + 2)}q3.4 5 0 7q-3.4 -2 0 -7Z`}
              className="fill-chalk"
            />
          ))
        : null}
      {arrows.map((arrow) => (
        <g key={arrow.key} data-arrow={arrow.way} data-flow={arrow.flowLS}>
          <path
            d={arrow.path}
            className={arrow.way === 'in' ? 'fill-chalk stroke-chalk' : 'fill-raised stroke-chalk'}
            strokeWidth={1.2}
            strokeLinejoin="round"
            strokeDasharray={arrow.isGap ? '2 2' : undefined}
            fillOpacity={arrow.isGap ? 0.35 : 0.9}
          />
          {narrow && arrow.isGap ? null : (
            <Words x={arrow.at[0]} y={arrow.at[1]} anchor={arrow.anchor}>
              {`${arrow.isGap ? 'gaps' : arrow.way} ${flowText(arrow.flowLS, units, narrow)}`}
            </Words>
          )}
        </g>
      ))}
      {narrow ? null : (
        <Words x={u(acrossM / 2)} y={v(upM + WALL_DRAWN_M) - 7} anchor="middle" strong>
          {`outdoors ${formatTemperature(moment.outC, units)}, inside ${formatTemperature(moment.tiC, units)}`}
          {moment.roofDew ? ', dew on the roof' : ''}
          {`, ${speedText(moment.roostMS, units)} at the bars`}
        </Words>
      )}
    </g>
  );
}

/** What nothing should blow on: the room about the heads of sleeping birds. */
function Band({
  view,
  projection,
  blown,
}: {
  view: Section;
  projection: Projection;
  blown: number;
}) {
  const plan = useBench((s) => s.held?.plan ?? s.plan);
  const bars = plan ? sleepingBars(plan) : [];
  if (!plan || bars.length === 0) return null;
  const faces = bars.map((b) => ({ face: faceOf(solidOf(b, plan), view, plan.shell), z: b.z }));
  const { u, v } = projection;
  const [a0, a1] = [
    Math.min(...faces.map((f) => f.face.a0)),
    Math.max(...faces.map((f) => f.face.a1)),
  ];
  const [z0, z1] = [
    Math.min(...faces.map((f) => f.z)) - ruled('air.band.below'),
    Math.max(...faces.map((f) => f.z)) + ruled('air.band.above'),
  ];
  const isTooMuch = blown > ruled('air.draught.most');
  return (
    <rect
      x={u(a0) - 4}
      y={v(z1)}
      width={u(a1) - u(a0) + 8}
      height={v(z0) - v(z1)}
      className={isTooMuch ? 'fill-oxide/10 stroke-oxide' : 'fill-none stroke-strong'}
      strokeWidth={1}
      strokeDasharray="5 4"
      data-draught-band={isTooMuch || undefined}
    />
  );
}

function Words({
  x,
  y,
  anchor,
  strong = false,
  children,
}: {
  x: number;
  y: number;
  anchor: 'start' | 'middle' | 'end';
  strong?: boolean;
  children: React.ReactNode;
}) {
  return (
    <text
      x={px(x)}
      y={px(y)}
      textAnchor={anchor}
      className={`fill-ink stroke-raised ${strong ? 'text-[0.8rem]' : 'figures text-[0.74rem]'}`}
      strokeWidth={3}
      strokeLinejoin="round"
      paintOrder="stroke"
    >
      {children}
    </text>
  );
}
