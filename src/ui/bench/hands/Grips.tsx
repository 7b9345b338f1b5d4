import type { Frame, Projection } from '@/core/drawing/projection';
import type { Fixture, Plan } from '@/core/model/schema';
import { gripsOf } from './grips';

/** How far out a finger's grip stands, so that the finger does not hide what it holds, px. */
const OUT_PX = 26;
const FINGER_PX = 22;
const MOUSE_PX = 9;

/** Half as broad as a finger's grip is drawn, px. */
const GRIP_PX = 10;

const within = (n: number, least: number, most: number): number =>
  Math.max(least, Math.min(most, n));

/** Handles at the ends of the picked fixture that change its size. */
export function Grips({
  fixture,
  plan,
  projection: p,
  frame,
  coarse,
}: {
  fixture: Fixture;
  plan: Plan;
  projection: Projection;
  /** Grips stay clear of what stands beside the drawing. */
  frame: Frame;
  /** Whether a finger takes hold. */
  coarse: boolean;
}) {
  return (
    <g data-grips aria-hidden>
      {gripsOf(fixture, plan, p.view).map(({ end, acrossM, upM, outward }) => {
        const [x, y] = [p.u(acrossM), p.v(upM)];
        const out = coarse ? OUT_PX : 0;
        const gx = within(x + outward[0] * out, frame.left + GRIP_PX, frame.width - GRIP_PX - 2);
        const gy = within(y - outward[1] * out, GRIP_PX, frame.height - frame.bottom);
        return (
          <g
            key={`${end.axis}-${end.side}`}
            data-grip={`${end.axis}-${end.side}`}
            className={`pointer-events-auto ${end.axis === p.upAxis ? 'cursor-ns-resize' : 'cursor-ew-resize'}`}
          >
            {coarse ? <path d={`M${x} ${y}L${gx} ${gy}`} className="stroke-chalk" /> : null}
            <circle cx={gx} cy={gy} r={coarse ? FINGER_PX : MOUSE_PX} fill="transparent" />
            <circle
              cx={gx}
              cy={gy}
              r={coarse ? 9 : 4.5}
              className="fill-raised stroke-chalk"
              strokeWidth="1.6"
            />
          </g>
        );
      })}
    </g>
  );
}
