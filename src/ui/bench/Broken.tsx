import { useId } from 'react';
import { drawBroken } from '@/core/drawing/draw';
import { type Projection, pageRect } from '@/core/drawing/projection';
import type { Finding } from '@/core/kernel/finding';
import type { Shell } from '@/core/model/schema';
import { Hatches, Shapes } from '../drawing/Shapes';
import { pickFinding, useFindingSay } from '../session/bench';

interface Shown {
  /** Findings with a zone. */
  readonly findings: readonly Finding[];
  readonly shell: Shell;
  readonly projection: Projection;
}

const itemsOf = ({ findings, shell, projection }: Shown) =>
  drawBroken(
    findings.flatMap((f) => (f.zone ? [f.zone] : [])),
    projection.view,
    shell,
  );

/** Clearances that are broken, over the drawing. */
export function BrokenHatches(shown: Shown) {
  const hatches = useId();
  const items = itemsOf(shown);
  if (items.length === 0) return null;
  return (
    <g className="pointer-events-none">
      <Hatches of={hatches} />
      {items.map((item) => (
        <g key={item.key} data-item={item.what}>
          <Shapes shapes={item.shapes} projection={shown.projection} hatches={hatches} />
        </g>
      ))}
    </g>
  );
}

/** Their edges, under all that can be taken hold of: pressed, one picks its finding. */
export const BrokenEdges = (shown: Shown) => {
  const say = useFindingSay();
  return itemsOf(shown).map((item) => {
    const finding = shown.findings.find((f) => JSON.stringify(f.zone) === item.key);
    if (!finding) return null;
    return (
      // biome-ignore lint/a11y/noStaticElementInteractions: the finding itself is a button in the panel
      <rect
        key={item.key}
        data-broken={finding.key}
        {...pageRect(item.face, shown.projection)}
        className="cursor-pointer fill-none [pointer-events:stroke]"
        stroke="transparent"
        strokeWidth="9"
        onClick={() => pickFinding(finding)}
      >
        <title>{say.title(finding)}</title>
      </rect>
    );
  });
};
