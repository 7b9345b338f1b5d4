import type { Frame, Projection } from '@/core/drawing/projection';
import { acrossPage, LIES } from '@/core/drawing/view';
import type { Plan } from '@/core/model/schema';
import { lineText, wayText } from '@/text/placing';
import type { InHand } from '../../session/inHand';

/** Lines that hold what is in hand, each with the rule or the thing that it stands for; and what is in its way. */
export function Guides({
  held,
  plan,
  projection: p,
  frame,
}: {
  held: InHand;
  plan: Plan;
  projection: Projection;
  frame: Frame;
}) {
  const across = LIES[p.view].across;
  const [left, right] = [p.u(0), p.u(p.acrossM)];
  const [top, foot] = [p.v(p.upM), p.v(0)];
  return (
    <g data-guides className="pointer-events-none" aria-hidden>
      {held.lines.map((line) => {
        const isAcross = line.axis === across;
        if (!isAcross && line.axis !== p.upAxis) return null;
        const text = lineText(line, plan);
        const isRule = line.why.kind === 'rule';
        const at = isAcross ? p.u(acrossPage(p.view, plan.shell, line.atM)) : p.v(line.atM);
        const d = isAcross ? `M${at} ${top - 8}V${foot + 8}` : `M${left - 8} ${at}H${right + 8}`;
        // the words stand on the side of the line that has more room
        const isLate = at > (left + right) / 2;
        return (
          <g key={`${line.axis}-${line.atM}`} data-guide={line.why.kind}>
            <path
              d={d}
              className="stroke-chalk"
              strokeWidth={isRule ? 1.2 : 0.8}
              strokeDasharray={isRule ? undefined : '3 3'}
            />
            <text
              x={isAcross ? at + (isLate ? -5 : 5) : left + 6}
              y={isAcross ? top + 14 : at - 5}
              textAnchor={isAcross && isLate ? 'end' : 'start'}
              fontSize="11.5"
              className="fill-chalk"
              stroke="var(--color-paper)"
              strokeWidth="4"
              paintOrder="stroke"
            >
              {text}
            </text>
          </g>
        );
      })}
      {held.ways.length === 0 ? null : (
        <text
          x={(left + right) / 2}
          y={Math.max(16, frame.top - 22)}
          textAnchor="middle"
          fontSize="12.5"
          className="fill-oxide font-semibold"
          stroke="var(--color-paper)"
          strokeWidth="4"
          paintOrder="stroke"
        >
          {held.ways.map(wayText).join(' ')}
        </text>
      )}
    </g>
  );
}
