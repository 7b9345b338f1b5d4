'use client';
import type { BroodPlan } from '@/core/stations/brooder';
import { formatDay } from '@/text/format';
import { useSize } from '../bench/size';
import { Figure } from '../figure/Figure';
import { WorkingHost } from '../figure/WorkingHost';
import { useAssessment, usePlan } from '../store/bench';

/** The brooder to scale with the room its brood asks for week by week, and the weeks in a table. */
export function BrooderScreen() {
  const { brooder } = useAssessment();
  return (
    <section
      aria-label="The brooder"
      className="relative flex min-h-0 min-w-0 flex-col overflow-y-auto px-5 py-3 max-lg:overflow-visible max-lg:group-data-[pane=staves]/main:hidden"
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
        {figures[hatched] ? (
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
              <th className="text-right font-normal">Feed edge</th>
              <th className="text-right font-normal">Water rim</th>
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

const HEIGHT = 250;

/** The box from above at one scale: what is there, and what each week asks for as long a strip of it. */
function BoxPicture({ brood }: { brood: BroodPlan }) {
  const { brooder } = usePlan();
  const { figures, brooder: worked } = useAssessment();
  const [ref, size] = useSize<HTMLDivElement>();
  if (brooder === null) return null;
  const needs = brood.weeks.map((w) => w.spaceM2 / brooder.widthM);
  const most = Math.max(brooder.lengthM, ...needs);
  const width = Math.max(200, (size?.width ?? 560) - 8);
  const scale = Math.min((width - 20) / most, (HEIGHT - 56) / brooder.widthM);
  const x0 = 4;
  const y0 = 24;
  const across = brooder.widthM * scale;
  const there = brooder.lengthM * scale;
  const plate = brooder.heat.kind === 'plate' ? brooder.heat : null;
  const chicks = Math.min(60, brood.chicks);
  const short = (worked.carries ?? 0) < worked.chicks;
  return (
    <div ref={ref} className="my-3">
      <svg
        width="100%"
        height={across + 58}
        role="img"
        aria-label="The brooder from above, with the length of it that each week asks for"
        data-brooder
      >
        <rect
          x={x0}
          y={y0}
          width={there}
          height={across}
          className="fill-litter/50 stroke-ink"
          strokeWidth="2"
        />
        {plate ? (
          <rect
            x={x0 + 6}
            y={y0 + 6}
            width={Math.max(4, plate.widthM * scale)}
            height={Math.max(4, Math.min(across - 12, plate.depthM * scale))}
            className="fill-straw stroke-straw-line"
          />
        ) : null}
        {brooder.heat.kind === 'lamp'
          ? Array.from({ length: brooder.heat.count }, (_, i) => {
              const r = Math.max(8, Math.sqrt(0.07 / Math.PI) * scale);
              return x0 + 8 + r + i * (r + 10);
            }).map((cx) => (
              <circle
                key={cx}
                cx={cx}
                cy={y0 + across / 2}
                r={Math.max(8, Math.sqrt(0.07 / Math.PI) * scale)}
                className="fill-straw/70 stroke-straw-line"
              />
            ))
          : null}
        {Array.from({ length: chicks }, (_, i) => {
          const cols = Math.max(1, Math.ceil(Math.sqrt((chicks * there) / across)));
          const cx = x0 + ((i % cols) + 0.5) * (there / cols);
          const cy = y0 + (Math.floor(i / cols) + 0.5) * (across / Math.ceil(chicks / cols));
          const back = (brood.weeks.at(-1)?.backM ?? 0.1) * scale;
          return (
            <ellipse
              key={`${cx} ${cy}`}
              cx={cx}
              cy={cy}
              rx={Math.min(14, back * 0.75)}
              ry={Math.min(9, back * 0.42)}
              className="fill-raised stroke-ink"
              strokeWidth="0.8"
            />
          );
        })}
        {needs.map((need, i) => {
          const last = i === needs.length - 1;
          if (!last && needs[i + 1] === need) return null;
          const x = x0 + need * scale;
          const week = brood.weeks[i]?.week ?? 0;
          return (
            <g key={week}>
              <line
                x1={x}
                x2={x}
                y1={y0 - 6}
                y2={y0 + across + 8}
                className={last && short ? 'stroke-oxide' : 'stroke-chalk'}
                strokeWidth={last ? 2 : 1.2}
                strokeDasharray={last ? undefined : '5 4'}
              />
              <text
                x={x}
                y={y0 + across + 22}
                textAnchor={need > most * 0.9 ? 'end' : 'middle'}
                className="fill-soft text-[11px]"
                data-axis
              >
                week {week}
              </text>
            </g>
          );
        })}
        <text x={x0} y={14} className="fill-soft text-[11px]" data-axis>
          what each week asks of a box as wide as yours
        </text>
      </svg>
      {figures['brooder.have'] && figures['brooder.needed'] ? (
        <WorkingHost className="text-[0.9rem]">
          <p>
            There: <Figure id="brooder.have" />. Asked for on the last day:{' '}
            <Figure id="brooder.needed" />, for <Figure id="brooder.chicks" />.
          </p>
        </WorkingHost>
      ) : null}
    </div>
  );
}
