'use client';
import { useId } from 'react';
import { birdSize } from '@/core/birds/size';
import type { Brooder } from '@/core/model/schema';
import { ruled } from '@/core/rules/rules.data';
import type { BroodPlan } from '@/core/stations/brooder/brooder';
import { formatDay } from '@/text/format';
import { useSize } from '../drawing/size';
import { Figure } from '../figure/Figure';
import { WorkingHost } from '../figure/WorkingHost';
import { useAssessment, usePlan } from '../session/bench';

/** The brooder to scale with the room its brood asks for week by week, and the weeks in a table. */
export function BrooderScreen() {
  const { brooder } = useAssessment();
  return (
    <section
      aria-label="The brooder"
      className="relative flex min-h-0 min-w-0 flex-col overflow-y-auto px-5 py-3 max-lg:shrink-0 max-lg:overflow-visible max-lg:px-4 max-lg:group-data-[pane=staves]/main:hidden"
    >
      {brooder.broods.length === 0 ? (
        <p className="m-auto max-w-sm text-center text-soft">
          No chicks are reared here. Under Flock, a group can be set to be reared from the hatch;
          its brooder is drawn here.
        </p>
      ) : (
        brooder.broods.map((b) => <Brood key={b.groupId} brood={b} />)
      )}
    </section>
  );
}

function Brood({ brood }: { brood: BroodPlan }) {
  const { flock } = usePlan();
  const { figures } = useAssessment();
  const hatched = `brooder.${brood.groupId}.hatched`;
  const name = flock.find((g) => g.id === brood.groupId)?.name ?? brood.groupId;
  const id = (week: number, what: string): string =>
    `brooder.${brood.groupId}.week.${week}.${what}`;
  return (
    <article className="mb-6">
      <h2 className="text-[1.2rem]" data-name>
        {name}
      </h2>
      <WorkingHost className="text-[0.9rem] text-soft">
        hatch on <time data-day={brood.hatchedOn}>{formatDay(brood.hatchedOn)}</time>, out on{' '}
        <time data-day={brood.movesOn}>{formatDay(brood.movesOn)}</time>
        {figures.get(hatched) ? (
          <>
            . The eggs set give <Figure id={hatched} />,{' '}
            <Figure id={`brooder.${brood.groupId}.forGroup`} /> of the kind that is kept
          </>
        ) : null}
        .
      </WorkingHost>
      <BoxPicture brood={brood} />
      <WorkingHost className="relative overflow-x-auto" workingClassName="py-2">
        <table className="w-full min-w-[30rem] text-[0.9rem]">
          <thead>
            <tr className="border-ink border-b-2 text-soft text-[0.82rem]">
              <th className="py-1 text-left font-normal">Week</th>
              <th className="text-right font-normal">Under the heat</th>
              <th className="text-right font-normal">Rims at</th>
              <th className="text-right font-normal">Floor</th>
              <th className="text-right font-normal">Feeder edge</th>
              <th className="text-right font-normal">Drinker rim</th>
              <th className="text-right font-normal">Wall</th>
            </tr>
          </thead>
          <tbody className="figures">
            {brood.weeks.map((w) => (
              <tr key={w.week} className="border-line border-b">
                <td className="py-1" data-axis>
                  {w.week}
                </td>
                {['comfort', 'back', 'space', 'feed', 'water', 'wall'].map((what) => (
                  <td key={what} className="text-right">
                    <Figure id={id(w.week, what)} />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </WorkingHost>
    </article>
  );
}

const HEIGHT = 280;
const MARGIN = 10;
/** Chicks drawn at most: more would be a grey heap. */
const MOST_DRAWN = 80;

/** The box from above, and round it the box of its own shape that each step of room asks for, all at one scale. */
function BoxPicture({ brood }: { brood: BroodPlan }) {
  const { brooder } = usePlan();
  const { figures, brooder: worked } = useAssessment();
  const [ref, size] = useSize<HTMLDivElement>();
  if (brooder === null) return null;
  const steps = stepsOf(brood.weeks, brooder.lengthM * brooder.widthM);
  const most = Math.max(1, ...steps.map((s) => s.times));
  const width = Math.max(200, size?.width ?? 560);
  const scale = Math.min(
    (width - 2 * MARGIN) / (brooder.lengthM * most),
    (HEIGHT - 2 * MARGIN) / (brooder.widthM * most),
  );
  const [long, deep] = [brooder.lengthM * scale, brooder.widthM * scale];
  const short = (worked.carries ?? 0) < worked.chicks;
  return (
    <div ref={ref} className="my-3">
      <svg
        width="100%"
        height={deep * most + 2 * MARGIN}
        role="img"
        aria-label="The brooder from above, in the box that each step needs"
        data-brooder
      >
        <g transform={`translate(${MARGIN} ${MARGIN})`}>
          {steps
            .toReversed()
            .filter((s) => s.times > 1)
            .map((s) => (
              <Asked
                key={s.week}
                step={s}
                long={long}
                deep={deep}
                last={s.times === most}
                short={short}
              />
            ))}
          <Box brooder={brooder} brood={brood} scale={scale} />
          {steps
            .filter((s) => s.times <= 1)
            .map((s) => (
              <Asked key={s.week} step={s} long={long} deep={deep} last={false} short={false} />
            ))}
        </g>
      </svg>
      {figures.get('brooder.have') && figures.get('brooder.needed') ? (
        <WorkingHost className="text-[0.9rem]">
          <p>
            There: <Figure id="brooder.have" />. Needed on the last day:{' '}
            <Figure id="brooder.needed" />, for <Figure id="brooder.chicks" />.
          </p>
        </WorkingHost>
      ) : null}
    </div>
  );
}

/** A box of the brooder's shape, so many times as long and as wide. */
interface Step {
  readonly week: number;
  readonly times: number;
}

/** The last week of each step of room; weeks that ask for the same are told once. */
const stepsOf = (weeks: BroodPlan['weeks'], areaM2: number): Step[] =>
  weeks
    .filter((w, i) => weeks[i + 1]?.spaceM2 !== w.spaceM2)
    .map((w) => ({ week: w.week, times: Math.sqrt(w.spaceM2 / areaM2) }));

/** What a step of room asks for, as an outline with its week in the far corner. */
function Asked({
  step: { week, times },
  long,
  deep,
  last,
  short,
}: {
  step: Step;
  long: number;
  deep: number;
  last: boolean;
  short: boolean;
}) {
  const line = last && short ? 'stroke-oxide' : 'stroke-chalk';
  return (
    <>
      <rect
        width={long * times}
        height={deep * times}
        className={`${line} ${last && short ? 'fill-oxide/5' : 'fill-none'}`}
        strokeWidth={last ? 1.6 : 1.1}
        strokeDasharray="5 4"
      />
      <text
        x={long * times - 6}
        y={deep * times - 7}
        textAnchor="end"
        className="fill-soft text-[11px]"
        data-axis
      >
        to week {week}
      </text>
    </>
  );
}

/** The box that is there, its chicks on their last day in it, and what warms them. */
function Box({ brooder, brood, scale }: { brooder: Brooder; brood: BroodPlan; scale: number }) {
  const clip = useId();
  const [long, deep] = [brooder.lengthM * scale, brooder.widthM * scale];
  const drawn = Math.min(MOST_DRAWN, brood.chicks);
  const columns = Math.max(1, Math.round(Math.sqrt((drawn * long) / deep)));
  const rows = Math.ceil(drawn / columns);
  const { lengthM, widthM } = birdSize(brood.weeks.at(-1)?.massKg ?? 0.5);
  const { heat } = brooder;
  return (
    <>
      <clipPath id={clip}>
        <rect width={long} height={deep} />
      </clipPath>
      <rect width={long} height={deep} className="fill-litter stroke-ink" strokeWidth="2" />
      <g clipPath={`url(#${clip})`}>
        {Array.from({ length: drawn }, (_, i) => {
          const x = ((i % columns) + 0.5) * (long / columns);
          const y = (Math.floor(i / columns) + 0.5) * (deep / rows);
          return (
            <ellipse
              key={`${x} ${y}`}
              cx={x}
              cy={y}
              rx={(lengthM * scale) / 2}
              ry={(widthM * scale) / 2}
              className="fill-raised stroke-ink"
              strokeWidth="0.8"
            />
          );
        })}
        {heat.kind === 'plate' ? (
          <rect
            x={5}
            y={5}
            width={heat.widthM * scale}
            height={heat.depthM * scale}
            className="fill-straw/80 stroke-straw-line"
          />
        ) : null}
        {heat.kind === 'lamp'
          ? Array.from({ length: heat.count }, (_, i) => (i + 1) * SPOT_M * scale).map((x) => (
              <circle
                key={x}
                cx={x}
                cy={deep / 2}
                r={SPOT_M * scale}
                className="fill-straw/60 stroke-straw-line"
              />
            ))
          : null}
      </g>
      <rect width={long} height={deep} className="fill-none stroke-ink" strokeWidth="2" />
    </>
  );
}

/** A lamp's least spot as a circle, m. */
const SPOT_M = Math.sqrt(ruled('brooder.lamp.spot') / Math.PI);
