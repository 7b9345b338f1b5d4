import { useId } from 'react';
import type { ReachMap } from '@/core/geometry/reach';
import type { Projection } from './projection';

/** Floor that no arm gets to, hatched cell by cell. */
export function ReachShape({ map, projection: p }: { map: ReachMap; projection: Projection }) {
  const id = useId();
  const w = map.cellX * p.scale;
  const h = map.cellY * p.scale;
  const cells: string[] = [];
  map.within.forEach((v, at) => {
    if (v === 1) return;
    const i = at % map.columns;
    const j = Math.floor(at / map.columns);
    cells.push(`M${p.u(i * map.cellX)} ${p.v((j + 1) * map.cellY)}h${w}v${h}h${-w}Z`);
  });
  if (cells.length === 0) return null;
  return (
    <g className="pointer-events-none" data-unreached>
      <defs>
        <pattern
          id={id}
          width="7"
          height="7"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path d="M0 0V7" className="stroke-oxide" strokeWidth="1.4" />
        </pattern>
      </defs>
      <path d={cells.join('')} fill={`url(#${id})`} opacity="0.6" />
    </g>
  );
}
