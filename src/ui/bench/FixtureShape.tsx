import type { ReactNode } from 'react';
import { boxesPerTier } from '@/core/geometry/solids';
import type { Solid } from '@/core/kernel/finding';
import type { Bar, Fixture, NestBank, Opening, Vessel } from '@/core/model/schema';
import { ruled } from '@/core/rules/rules.data';
import { type PageRect, type Projection, pageRect } from './projection';

interface Drawn<F extends Fixture> {
  readonly fixture: F;
  readonly r: PageRect;
  readonly p: Projection;
}

/** A fixture at its real size; pressed, it is picked. */
export function FixtureShape({
  fixture,
  solid,
  projection,
  picked,
  onPick,
}: {
  fixture: Fixture;
  solid: Solid;
  projection: Projection;
  picked: boolean;
  onPick?: () => void;
}) {
  const r = pageRect(solid, projection);
  const margin = Math.max(0, (14 - r.height) / 2);
  return (
    <g
      data-fixture={fixture.id}
      data-picked={picked || undefined}
      className={onPick ? 'cursor-pointer' : undefined}
      onPointerDown={onPick}
    >
      <title>{fixture.name}</title>
      {shape(fixture, r, projection)}
      <rect
        x={r.x - 3}
        y={r.y - margin}
        width={r.width + 6}
        height={r.height + 2 * margin}
        fill="transparent"
        className={picked ? 'stroke-chalk' : undefined}
        strokeWidth={picked ? 1.6 : 0}
      />
    </g>
  );
}

function shape(fixture: Fixture, r: PageRect, p: Projection): ReactNode {
  switch (fixture.kind) {
    case 'bar':
      return <BarShape fixture={fixture} r={r} p={p} />;
    case 'nestBank':
      return <BankShape fixture={fixture} r={r} p={p} />;
    case 'window':
    case 'vent':
    case 'door':
    case 'hatch':
    case 'popDoor':
      return <OpeningShape fixture={fixture} r={r} p={p} />;
    case 'feeder':
    case 'drinker':
      return <VesselShape fixture={fixture} r={r} p={p} />;
    case 'dish':
      return <rect {...r} rx="3" className="fill-sunk stroke-ink" strokeWidth="1" />;
    case 'dustBath':
      return <BathShape r={r} />;
    case 'ceiling':
      return (
        <rect {...r} className="fill-none stroke-soft" strokeWidth="1" strokeDasharray="3 2" />
      );
    case 'board':
    case 'ledge':
      return <rect {...r} className={timber} strokeWidth="0.9" />;
  }
}

/** A box of dust, dotted. */
function BathShape({ r }: { r: PageRect }) {
  const dots = Array.from({ length: 24 }, (_, i) => ({
    x: r.x + ((((i * 37) % 97) + 1) / 99) * r.width,
    y: r.y + ((((i * 53) % 89) + 4) / 97) * r.height,
  }));
  return (
    <g className="stroke-ink">
      <rect {...r} className="fill-litter" strokeWidth="1.1" />
      {dots.map((d) => (
        <circle key={`${d.x} ${d.y}`} cx={d.x} cy={d.y} r="0.8" className="fill-soft stroke-none" />
      ))}
    </g>
  );
}

const timber = 'fill-straw stroke-straw-line';

function BarShape({ fixture, r, p }: Drawn<Bar>) {
  const endOn = p.view !== 'above' && (fixture.axis === 'x') === (p.view === 'side');
  return (
    <g className={timber}>
      <rect
        {...r}
        strokeWidth="1"
        rx={fixture.section.shape === 'round' && endOn ? r.height / 2 : 1}
      />
      {endOn ? (
        <path
          d={`M${r.x} ${r.y}L${r.x + r.width} ${r.y + r.height}M${r.x + r.width} ${r.y}L${r.x} ${r.y + r.height}`}
          strokeWidth="0.7"
        />
      ) : null}
    </g>
  );
}

function BankShape({ fixture, r, p }: Drawn<NestBank>) {
  const tiers = fixture.rows;
  const across = boxesPerTier(fixture);
  const alongPage = (fixture.faces === 'front' || fixture.faces === 'rear') === (p.view !== 'side');
  const towardsEye = p.view !== 'above' && alongPage;
  const cols = alongPage ? across : 1;
  const rows = p.view === 'above' ? (alongPage ? 1 : across) : tiers;
  const w = r.width / cols;
  const h = r.height / rows;
  const lip = ruled('nests.lip.board') * p.scale;
  const cells = Array.from({ length: cols * rows }, (_, i) => ({
    x: r.x + (i % cols) * w,
    y: r.y + Math.floor(i / cols) * h,
  }));
  return (
    <g>
      <rect {...r} className="fill-sunk stroke-ink" strokeWidth="1.1" />
      {cells.map((c) => (
        <g key={`${c.x} ${c.y}`}>
          <rect
            x={c.x}
            y={c.y}
            width={w}
            height={h}
            fill="none"
            className="stroke-ink"
            strokeWidth="0.8"
          />
          {towardsEye ? (
            <>
              <rect
                x={c.x + 3}
                y={c.y + 3}
                width={Math.max(0, w - 6)}
                height={Math.max(0, h - lip - 3)}
                className="fill-ink/25"
              />
              <rect
                x={c.x}
                y={c.y + h - lip}
                width={w}
                height={lip}
                className={timber}
                strokeWidth="0.8"
              />
            </>
          ) : null}
        </g>
      ))}
    </g>
  );
}

/** What tells one opening from another: panes, slats, a flap's fold, a pop door's track. */
function openingLines(fixture: Opening, r: PageRect): ReactNode {
  const { x, y, width: w, height: h } = r;
  const lines: Readonly<Record<Opening['kind'], string | null>> = {
    door: null,
    window: `M${x + w / 2} ${y}V${y + h}M${x} ${y + h / 2}H${x + w}`,
    vent: [0.25, 0.5, 0.75].map((t) => `M${x} ${y + t * h}H${x + w}`).join(''),
    hatch: `M${x} ${y}L${x + w / 2} ${y + h}L${x + w} ${y}`,
    popDoor: `M${x + w * 0.12} ${y}V${y + h}M${x + w * 0.88} ${y}V${y + h}`,
  };
  const d = lines[fixture.kind];
  return d === null ? null : <path d={d} fill="none" strokeWidth="0.7" strokeDasharray="6 3" />;
}

function OpeningShape({ r, fixture }: Drawn<Opening>) {
  const thin = r.width < 1 || r.height < 1;
  const box = thin
    ? {
        x: r.x - (r.width < 1 ? 4 : 0),
        y: r.y - (r.height < 1 ? 4 : 0),
        width: Math.max(8, r.width),
        height: Math.max(8, r.height),
      }
    : r;
  return (
    <g className="stroke-ink">
      <rect
        {...box}
        className="fill-paper"
        strokeWidth="1"
        strokeDasharray={thin ? undefined : '6 3'}
      />
      {thin ? null : openingLines(fixture, r)}
    </g>
  );
}

/** A tank with its outlets at the height birds use them. */
function OutletShape({ fixture, r, p }: Drawn<Vessel>) {
  const n = Math.min(8, fixture.outlets);
  const at = r.y + r.height - (fixture.hung ? 0.08 * p.scale : 0);
  const rim = p.v(fixture.rimZ);
  return (
    <g className="fill-sunk stroke-ink" strokeWidth="1">
      <rect {...r} rx="2" />
      {Array.from({ length: n }, (_, i) => {
        const x = r.x + ((i + 0.5) / n) * r.width;
        return <circle key={x} cx={x} cy={Math.min(at, rim)} r="3" className="fill-ink" />;
      })}
    </g>
  );
}

function VesselShape({ fixture, r, p }: Drawn<Vessel>) {
  if (p.view === 'above') {
    return (
      <g className="fill-sunk stroke-ink">
        <ellipse
          cx={r.x + r.width / 2}
          cy={r.y + r.height / 2}
          rx={r.width / 2}
          ry={r.height / 2}
          strokeWidth="1"
        />
        <ellipse
          cx={r.x + r.width / 2}
          cy={r.y + r.height / 2}
          rx={r.width / 3}
          ry={r.height / 3}
          fill="none"
          strokeWidth="0.7"
        />
      </g>
    );
  }
  if (fixture.type === 'nipple' || fixture.type === 'cup' || fixture.type === 'port') {
    return <OutletShape fixture={fixture} r={r} p={p} />;
  }
  const pan = Math.min(r.height, 0.08 * p.scale);
  const body = { x: r.x + r.width * 0.22, width: r.width * 0.56 };
  return (
    <g className="fill-sunk stroke-ink" strokeWidth="1">
      {fixture.hung ? (
        <line
          x1={r.x + r.width / 2}
          x2={r.x + r.width / 2}
          y1={r.y}
          y2={r.y - 26}
          strokeDasharray="2 2"
        />
      ) : null}
      <rect
        x={body.x}
        y={r.y}
        width={body.width}
        height={r.height - pan}
        rx={fixture.kind === 'drinker' ? 4 : 1}
      />
      <path
        d={`M${r.x} ${r.y + r.height - pan}h${r.width}l${-r.width * 0.07} ${pan}h${-r.width * 0.86}Z`}
      />
    </g>
  );
}
