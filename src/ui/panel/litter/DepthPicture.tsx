'use client';
import { formatDay } from '@/text/format';
import { Figure } from '../../figure/Figure';
import { WorkingHost } from '../../figure/WorkingHost';
import { useAssessment, usePlan } from '../../session/bench';

const W = 300;
const H = 92;
const LEFT = 4;
const FOOT = 18;

/** Litter over the months to the clean-out, against the depth that is planned for. */
export function DepthPicture() {
  const { litter } = usePlan();
  const { figures, events } = useAssessment();
  const end = figures.get('litter.depth.end');
  const cleanOut = events.find((e) => e.code === 'litter.cleanOut');
  if (!end || !cleanOut) return null;
  const out = cleanOut.on;
  const planned = litter.finalM ?? litter.depthM;
  const most = Math.max(end.value, planned, 0.05) * 1.15;
  const x = (share: number): number => LEFT + share * (W - 2 * LEFT);
  const y = (m: number): number => H - FOOT - (m / most) * (H - FOOT - 6);
  return (
    <WorkingHost className="text-[0.87rem]">
      <svg
        viewBox={`0 0 ${W} ${H}`}
        className="w-full"
        role="img"
        aria-label="Depth of the litter from its start to its clean-out"
      >
        <path
          d={`M${x(0)} ${y(0)}L${x(0)} ${y(litter.depthM)}L${x(1)} ${y(end.value)}L${x(1)} ${y(0)}Z`}
          className="fill-litter stroke-straw-line"
          strokeWidth="1"
        />
        <line
          x1={x(0)}
          x2={x(1)}
          y1={y(planned)}
          y2={y(planned)}
          className="stroke-chalk"
          strokeWidth="1.4"
          strokeDasharray="5 4"
        />
        <line x1={x(0)} x2={x(1)} y1={y(0)} y2={y(0)} className="stroke-ink" strokeWidth="1.4" />
        {Array.from({ length: 13 }, (_, i) => i / 12).map((s) => (
          <line
            key={s}
            x1={x(s)}
            x2={x(s)}
            y1={y(0)}
            y2={y(0) + 4}
            className="stroke-strong"
            strokeWidth="1"
          />
        ))}
        <text x={x(0)} y={H - 2} className="fill-soft text-[10px]" data-axis>
          now
        </text>
        <text x={x(1)} y={H - 2} textAnchor="end" className="fill-soft text-[10px]" data-axis>
          clean-out
        </text>
      </svg>
      <p className="text-soft">
        From <Figure id="litter.depth" /> to <Figure id="litter.depth.end" /> by{' '}
        <time data-day={out}>{formatDay(out)}</time>; heights are judged from the dashed line.
      </p>
    </WorkingHost>
  );
}
