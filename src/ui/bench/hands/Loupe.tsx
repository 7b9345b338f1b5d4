import { type ReactNode, useId } from 'react';
import type { Frame } from '@/core/drawing/projection';
import { glassAt, RADIUS_PX } from './glass';

/** How much nearer things are in it. */
const TIMES = 2;

/** What lies under a finger that drags, larger and beside it: the finger itself hides it. */
export function Loupe({
  finger,
  drawing,
  frame,
  children,
}: {
  /** px on the drawing. */
  finger: readonly [number, number];
  /** Id of the drawing, which is shown through the glass. */
  drawing: string;
  frame: Frame;
  /** What is in hand. */
  children: ReactNode;
}) {
  const clip = useId();
  const { x, y } = glassAt(finger, frame);
  return (
    <g data-loupe className="pointer-events-none">
      <clipPath id={clip}>
        <circle cx={x} cy={y} r={RADIUS_PX} />
      </clipPath>
      <circle cx={x} cy={y} r={RADIUS_PX} className="fill-paper" />
      <g clipPath={`url(#${clip})`}>
        <g
          transform={`translate(${x - TIMES * finger[0]} ${y - TIMES * finger[1]}) scale(${TIMES})`}
        >
          <use href={`#${drawing}`} />
          {children}
        </g>
        <path
          d={`M${x - 7} ${y}h14M${x} ${y - 7}v14`}
          className="fill-none stroke-chalk"
          strokeWidth="1.2"
        />
      </g>
      <circle cx={x} cy={y} r={RADIUS_PX} className="fill-none stroke-strong" strokeWidth="1.6" />
    </g>
  );
}
