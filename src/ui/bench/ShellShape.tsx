import { useId } from 'react';
import type { Plan } from '@/core/model/schema';
import { type Projection, roofOutline, WALL_DRAWN_M } from './projection';

const path = (points: readonly (readonly [number, number])[], p: Projection): string =>
  points
    .map(([a, b], i) => `${i === 0 ? 'M' : 'L'}${p.u(a).toFixed(1)} ${p.v(b).toFixed(1)}`)
    .join('');

/** Walls, roof, floor and litter of the shell. */
export function ShellShape({ plan, projection: p }: { plan: Plan; projection: Projection }) {
  return (
    <>
      {p.view === 'above' ? (
        <FromAbove plan={plan} p={p} />
      ) : (
        <InSection plan={plan} p={p} view={p.view} />
      )}
      <PartitionLine plan={plan} p={p} />
    </>
  );
}

/** The mesh between two zones, seen edge on. */
function PartitionLine({ plan, p }: { plan: Plan; p: Projection }) {
  const { partition } = plan;
  const across = p.view === 'side' ? 'y' : 'x';
  if (partition === null || (partition.axis !== across && p.view !== 'above')) return null;
  const flat = partition.axis === 'y' && p.view === 'above';
  const ends = flat
    ? { x1: p.u(0), x2: p.u(p.acrossM), y1: p.v(partition.atM), y2: p.v(partition.atM) }
    : { x1: p.u(partition.atM), x2: p.u(partition.atM), y1: p.v(0), y2: p.v(p.upM) };
  return (
    <line {...ends} className="stroke-ink" strokeWidth="1.6" strokeDasharray="2 4" data-partition />
  );
}

function InSection({ plan, p, view }: { plan: Plan; p: Projection; view: 'front' | 'side' }) {
  const hatch = useId();
  const { high, low } = roofOutline(plan.shell, view);
  const t = WALL_DRAWN_M;
  const a = p.acrossM;
  const [first, last] = [high[0]?.[1] ?? 0, high[high.length - 1]?.[1] ?? 0];
  const outer = [
    [-t, 0],
    ...[[-t, first + t], ...high.slice(1, -1).map(([u, v]) => [u, v + t]), [a + t, last + t]],
    [a + t, 0],
  ] as [number, number][];
  const inner = [[0, 0], ...high, [a, 0]] as [number, number][];
  const slopes = low.some(([, h], i) => Math.abs(h - (high[i]?.[1] ?? h)) > 1e-6);
  const litter = plan.litter.depthM;
  return (
    <g>
      <defs>
        <pattern
          id={hatch}
          width="7"
          height="7"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path d="M0 0V7" className="stroke-strong" strokeWidth="1" />
        </pattern>
      </defs>
      <path d={`${path(inner, p)}Z`} className="fill-raised" />
      <path
        d={`${path(outer, p)}Z${path([...inner].reverse(), p)}Z`}
        fill={`url(#${hatch})`}
        fillRule="evenodd"
      />
      <path d={path(outer, p)} className="stroke-ink" fill="none" strokeWidth="1.2" />
      <path d={path(inner, p)} className="stroke-ink" fill="none" strokeWidth="1.2" />
      {slopes ? (
        <path d={path(low, p)} className="stroke-strong" fill="none" strokeDasharray="7 4" />
      ) : null}
      <rect
        x={p.u(0)}
        y={p.v(litter)}
        width={a * p.scale}
        height={litter * p.scale}
        className="fill-litter"
        data-litter
      />
      <line
        x1={p.u(0)}
        x2={p.u(a)}
        y1={p.v(litter)}
        y2={p.v(litter)}
        className="stroke-straw-line"
        strokeWidth="0.8"
      />
      {plan.litter.finalM === null ? null : (
        <line
          x1={p.u(0)}
          x2={p.u(a)}
          y1={p.v(plan.litter.finalM)}
          y2={p.v(plan.litter.finalM)}
          className="stroke-straw-line"
          strokeWidth="1"
          strokeDasharray="6 4"
          data-litter-end
        />
      )}
      <line
        x1={p.u(-t) - 14}
        x2={p.u(a + t) + 14}
        y1={p.v(0)}
        y2={p.v(0)}
        className="stroke-ink"
        strokeWidth="2"
      />
    </g>
  );
}

function FromAbove({ plan, p }: { plan: Plan; p: Projection }) {
  const hatch = useId();
  const t = WALL_DRAWN_M;
  const { lengthM, widthM } = plan.shell;
  const rect = (m: number): [number, number][] => [
    [-m, -m],
    [lengthM + m, -m],
    [lengthM + m, widthM + m],
    [-m, widthM + m],
  ];
  return (
    <g>
      <defs>
        <pattern
          id={hatch}
          width="7"
          height="7"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path d="M0 0V7" className="stroke-strong" strokeWidth="1" />
        </pattern>
      </defs>
      <path
        d={`${path(rect(0), p)}Z`}
        className={plan.litter.depthM > 0 ? 'fill-litter/50' : 'fill-raised'}
      />
      <path
        d={`${path(rect(t), p)}Z${path(rect(0).reverse(), p)}Z`}
        fill={`url(#${hatch})`}
        fillRule="evenodd"
        className="stroke-ink"
        strokeWidth="1.2"
      />
    </g>
  );
}
