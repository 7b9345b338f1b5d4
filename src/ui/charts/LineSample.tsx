/** How a line of a chart looks: its colour by token, its dashes, its breadth in pixels. */
export interface LineLook {
  readonly ink: string;
  readonly type: 'solid' | 'dashed' | 'dotted';
  readonly width?: number;
}

const DASHES = { solid: undefined, dashed: '6 3', dotted: '1.5 2.5' } as const;

/** A piece of a chart's line, to stand before its name. */
export function LineSample({ ink, type, width = 1.5 }: LineLook) {
  return (
    <svg width="26" height="6" className="shrink-0" aria-hidden>
      <path
        d="M0 3H26"
        style={{ stroke: `var(${ink})` }}
        strokeWidth={width}
        strokeDasharray={DASHES[type]}
      />
    </svg>
  );
}
