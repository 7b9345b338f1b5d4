import { useId } from 'react';
import type { Solid } from '@/core/kernel/finding';
import { type Projection, pageRect } from './projection';

/** A clearance that is broken, hatched in oxide. */
export function ZoneShape({ zone, projection }: { zone: Solid; projection: Projection }) {
  const id = useId();
  const r = pageRect(zone, projection);
  return (
    <g className="pointer-events-none" data-zone>
      <defs>
        <pattern
          id={id}
          width="6"
          height="6"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(-45)"
        >
          <path d="M0 0V6" className="stroke-oxide" strokeWidth="1.1" />
        </pattern>
      </defs>
      <rect {...r} fill={`url(#${id})`} opacity="0.55" />
      <rect {...r} fill="none" className="stroke-oxide" strokeWidth="1" strokeDasharray="5 3" />
    </g>
  );
}
