import type { SVGProps } from 'react';
import type { Place } from '@/core/drawing/alike';
import { type Projection, type Stroke, strokesOf } from '@/core/drawing/projection';
import type { Pen, Shape } from '@/core/drawing/shape';

/** Hatches by the pen that fills with them; a drawing has its own, so that two on a page do not share one. */
const HATCHES = {
  wall: { size: 7, turn: 45, className: 'stroke-strong', strokeWidth: 1 },
  outOfReach: { size: 7, turn: 45, className: 'stroke-oxide', strokeWidth: 1.4 },
  broken: { size: 6, turn: -45, className: 'stroke-oxide', strokeWidth: 1.1 },
  markOut: { size: 8, turn: 45, className: 'stroke-chalk', strokeWidth: 0.7 },
  cutGrain: { size: 4, turn: 45, className: 'stroke-straw-line', strokeWidth: 0.8 },
  deadFeed: { size: 5, turn: 45, className: 'stroke-straw-line', strokeWidth: 1.3 },
  storage: { size: 12, turn: -45, className: 'stroke-line', strokeWidth: 1 },
} as const;

const HATCHED = Object.entries(HATCHES);

/** Definitions that a drawing's shapes refer to. */
export function Hatches({ of }: { of: string }) {
  return (
    <defs>
      {HATCHED.map(([pen, { size, turn, ...line }]) => (
        <pattern
          key={pen}
          id={`${of}-${pen}`}
          width={size}
          height={size}
          patternUnits="userSpaceOnUse"
          patternTransform={`rotate(${turn})`}
        >
          <path d={`M0 0V${size}`} {...line} />
        </pattern>
      ))}
    </defs>
  );
}

type Look = Pick<
  SVGProps<SVGPathElement>,
  | 'className'
  | 'strokeWidth'
  | 'strokeDasharray'
  | 'strokeLinejoin'
  | 'strokeLinecap'
  | 'fillOpacity'
  | 'opacity'
>;

const line = (className: string, strokeWidth: number, more: Look = {}): Look => ({
  className: `fill-none ${className}`,
  strokeWidth,
  ...more,
});

/** How each pen looks on the screen: line weights and dashes in pixels, colours by the theme. */
const LOOKS: Readonly<Record<Pen, Look>> = {
  room: { className: 'fill-raised' },
  littered: { className: 'fill-litter/50' },
  wall: {},
  wallEdge: line('stroke-ink', 1.2),
  roofBehind: line('stroke-strong', 1, { strokeDasharray: '7 4' }),
  ground: line('stroke-ink', 2),
  partition: line('stroke-ink', 1.6, { strokeDasharray: '2 4' }),
  litter: { className: 'fill-litter' },
  litterTop: line('stroke-straw-line', 0.8),
  litterEnd: line('stroke-straw-line', 1, { strokeDasharray: '6 4' }),

  stud: { className: 'fill-straw stroke-straw-line', strokeWidth: 0.7 },
  studLine: line('stroke-line', 1, { strokeDasharray: '12 3 3 3' }),
  storage: { opacity: 0.8 },
  storageEdge: line('stroke-soft', 1, { strokeDasharray: '10 4' }),

  timber: { className: 'fill-straw stroke-straw-line', strokeWidth: 0.9, strokeLinejoin: 'round' },
  endGrain: line('stroke-straw-line', 0.7),
  thing: { className: 'fill-sunk stroke-ink', strokeWidth: 1, strokeLinejoin: 'round' },
  thingLine: line('stroke-ink', 0.7),
  divider: line('stroke-ink', 0.8),
  hollow: { className: 'fill-ink/25' },
  hole: { className: 'fill-paper stroke-ink', strokeWidth: 1, strokeDasharray: '6 3' },
  holeBefore: line('stroke-ink', 1, { strokeDasharray: '6 3' }),
  cutHole: { className: 'fill-paper stroke-ink', strokeWidth: 1 },
  fold: line('stroke-ink', 0.7, { strokeDasharray: '6 3' }),
  mesh: line('stroke-soft', 1, { strokeDasharray: '3 2' }),
  dust: { className: 'fill-litter stroke-ink', strokeWidth: 1.1 },
  grain: { className: 'fill-soft' },
  outlet: { className: 'fill-ink' },
  chain: line('stroke-ink', 1, { strokeDasharray: '2 2' }),
  glass: { className: 'fill-chalk-soft stroke-ink', strokeWidth: 1, fillOpacity: 0.7 },
  wire: line('stroke-soft', 0.6),
  leaf: line('stroke-ink', 2),
  ramp: { className: 'fill-straw stroke-straw-line', strokeWidth: 0.9 },
  rail: { className: 'fill-straw stroke-straw-line', strokeWidth: 0.9 },
  bracket: { className: 'fill-ink' },
  pipe: line('stroke-ink', 1.6),
  tank: { className: 'fill-sunk stroke-ink', strokeWidth: 0.9 },
  hollowed: { className: 'fill-raised' },
  feed: { className: 'fill-litter' },
  deadFeed: { className: 'stroke-straw-line', strokeWidth: 0.9 },
  water: { className: 'fill-chalk-soft' },
  waterLow: { className: 'fill-chalk', fillOpacity: 0.35 },
  cutGrain: {},
  cutEdge: line('stroke-ink', 2, { strokeLinejoin: 'round' }),
  keeper: { className: 'fill-ink', opacity: 0.07 },

  bird: { className: 'fill-bird stroke-bird-line', strokeWidth: 1.1, strokeLinejoin: 'round' },
  birdLine: line('stroke-bird-line', 0.8, { strokeLinejoin: 'round', strokeLinecap: 'round' }),
  birdLeg: line('stroke-straw-line', 1.4, { strokeLinecap: 'round', strokeLinejoin: 'round' }),
  birdEye: { className: 'fill-ink' },
  comb: { className: 'fill-comb stroke-comb-line', strokeWidth: 0.6, strokeLinejoin: 'round' },
  astray: {
    className: 'fill-oxide-soft stroke-oxide',
    strokeWidth: 1.1,
    strokeLinejoin: 'round',
    strokeDasharray: '4 2.5',
  },
  astrayLine: line('stroke-oxide', 0.8, { strokeLinejoin: 'round', strokeLinecap: 'round' }),

  outOfReach: { opacity: 0.6 },
  broken: { opacity: 0.55 },
  markOut: { opacity: 0.4 },
  markOutEdge: line('stroke-chalk', 0.9, { strokeDasharray: '5 3' }),
  aisle: { className: 'fill-chalk', fillOpacity: 0.1 },
  brokenEdge: line('stroke-oxide', 1, { strokeDasharray: '5 3' }),
  leader: line('stroke-strong', 0.8),
  ghost: {
    className: 'fill-chalk-soft stroke-chalk',
    strokeWidth: 1.3,
    strokeDasharray: '4 3',
    fillOpacity: 0.55,
  },
};

/** Shapes of the core on the page, in their order. */
export function Shapes({
  shapes,
  projection,
  hatches,
}: {
  shapes: readonly Shape[];
  projection: Projection;
  /** The id that the drawing's hatches were given. */
  hatches: string;
}) {
  return <Strokes strokes={strokesOf(shapes, projection)} hatches={hatches} />;
}

/** What has been put on the page already. */
export function Strokes({ strokes, hatches }: { strokes: readonly Stroke[]; hatches: string }) {
  return strokes.map(({ pen, ...on }, i) => {
    const look = {
      ...LOOKS[pen],
      'data-pen': pen,
      ...(pen in HATCHES ? { fill: `url(#${hatches}-${pen})` } : {}),
    };
    const filled = !LOOKS[pen].className?.startsWith('fill-none');
    // the list of one item is made anew as a whole: its order is its identity
    const key = `${pen}-${i}`;
    return 'd' in on ? (
      <path key={key} {...(filled ? { fillRule: 'evenodd' } : {})} {...on} {...look} />
    ) : (
      <ellipse key={key} {...on} {...(look as SVGProps<SVGEllipseElement>)} />
    );
  });
}

/** How the birds of a drawing look, each look once. */
export function Looks({ of, looks }: { of: string; looks: readonly (readonly Stroke[])[] }) {
  return (
    <defs>
      {looks.map((strokes, i) => (
        // a look has no name but its place
        // biome-ignore lint/suspicious/noArrayIndexKey: the list is made anew as a whole
        <g key={i} id={`${of}-look-${i}`}>
          <Strokes strokes={strokes} hatches={of} />
        </g>
      ))}
    </defs>
  );
}

/** A bird where it is. */
export function SetBird({ of, place }: { of: string; place: Place | undefined }) {
  return place ? <use href={`#${of}-look-${place.look}`} x={place.x} y={place.y} /> : null;
}
