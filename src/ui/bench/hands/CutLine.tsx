import type { Projection } from '@/core/drawing/projection';
import type { Section } from '@/core/drawing/shape';
import { depthOf, LIES, WALL_DRAWN_M } from '@/core/drawing/view';
import type { Shell } from '@/core/model/schema';

/** Where the section is cut, on the plan: dragged through the coop, its arrows look the way the section does. */
export function CutLine({
  section,
  cutM,
  shell,
  projection: p,
}: {
  section: Section;
  cutM: number;
  shell: Shell;
  projection: Projection;
}) {
  const { across, near } = LIES[section];
  const isFar = near === 'rear' || near === 'right';
  const at = isFar ? depthOf(section, shell) - cutM : cutM;
  const isLevel = across === 'x';
  const past = WALL_DRAWN_M * p.scale;
  const line = isLevel ? p.v(at) : p.u(at);
  const [from, to] = isLevel
    ? [p.u(0) - past, p.u(shell.lengthM) + past]
    : [p.v(shell.widthM) - past, p.v(0) + past];
  // the arrows point to the far wall
  const way = isLevel ? (isFar ? 1 : -1) : isFar ? -1 : 1;
  const arrow = (end: number): string =>
    isLevel
      ? `M${end - 5} ${line}L${end + 5} ${line}L${end} ${line + way * 9}Z`
      : `M${line} ${end - 5}L${line} ${end + 5}L${line + way * 9} ${end}Z`;
  const d = isLevel ? `M${from} ${line}H${to}` : `M${line} ${from}V${to}`;
  return (
    <g
      data-cut-line={cutM}
      className={`pointer-events-auto ${isLevel ? 'cursor-ns-resize' : 'cursor-ew-resize'}`}
    >
      <title>Where the section is cut. Drag it through the coop.</title>
      <path d={d} stroke="transparent" strokeWidth="12" fill="none" />
      <path d={d} className="stroke-ink" strokeWidth="1.1" strokeDasharray="12 3 3 3" fill="none" />
      <path d={`${arrow(from)}${arrow(to)}`} className="fill-ink" />
    </g>
  );
}
