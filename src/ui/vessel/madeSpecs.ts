import { bodiesFor, withBody } from '@/core/edit/new/homeMade';
import type { Made, Plan, Vessel, VesselBody } from '@/core/model/schema';
import { panUnder } from '@/core/model/vesselForm';
import { PIPES } from '@/core/rules/pipes.data';
import { BODIES, ELBOWS } from '@/text/choices.data';
import type { Spec } from '../furniture/spec';

type BodyOf<S extends VesselBody['shape']> = Extract<VesselBody, { shape: S }>;

/** A length of a body of some shapes; others do not have it. */
function length<S extends VesselBody['shape']>(
  label: string,
  shapes: readonly S[],
  key: keyof BodyOf<S> & string,
  times = 1,
): Spec<Vessel> {
  const bodyOf = (v: Vessel): Record<string, number> | null =>
    v.made && (shapes as readonly string[]).includes(v.made.body.shape)
      ? (v.made.body as unknown as Record<string, number>)
      : null;
  return {
    kind: 'length',
    label,
    least: 0.02,
    most: 3 * times,
    small: true,
    when: (v) => bodyOf(v) !== null,
    get: (v) => (bodyOf(v)?.[key] ?? 0) * times,
    set: (v, m) => {
      const body = bodyOf(v);
      if (body) body[key] = m / times;
    },
  };
}

/** A length of how it is made. */
const part = (
  label: string,
  when: (v: Vessel, made: Made) => boolean,
  get: (made: Made) => number,
  set: (made: Made, m: number) => void,
  most = 0.4,
): Spec<Vessel> => ({
  kind: 'length',
  label,
  most,
  small: true,
  when: (v) => v.made !== null && when(v, v.made),
  get: (v) => (v.made ? get(v.made) : 0),
  set: (v, m) => {
    if (v.made) set(v.made, m);
  },
});

/** Pipes that feed goes through: those for water are too narrow, and some have the same outside. */
const WIDE = PIPES.filter((p) => !p.id.startsWith('supply'));
/** Pipes as they are sold, and one that was measured. */
const SOLD = [
  { id: 'measured', name: 'as I measured it' },
  ...WIDE.map(({ id, name }) => ({ id, name })),
];
const soldAs = (outsideM: number): string =>
  WIDE.find((p) => Math.abs(p.outsideM - outsideM) < 1e-4)?.id ?? 'measured';
/** To a tenth of a millimetre, m. */
const tenth = (m: number): number => Math.round(m * 1e4) / 1e4;

/** How a body is measured: straight across, or round it with the tape. */
export type Taken = 'across' | 'round';

/** What it is made from. */
export function shapeSpec(v: Vessel): Spec<Vessel> {
  return {
    kind: 'choice',
    label: 'Made from',
    choices: BODIES.filter((b) => bodiesFor(v).includes(b.id)),
    wide: true,
    get: (f) => f.made?.body.shape ?? '',
    set: (f, shape, plan: Plan) => {
      if (!f.made) return;
      f.made = withBody(f, f.made, shape as VesselBody['shape'], plan.units);
    },
  };
}

/** The measures of what it is made from. */
export function bodySpecs(taken: Taken): readonly Spec<Vessel>[] {
  const [times, how] =
    taken === 'round' ? ([Math.PI, 'round it'] as const) : ([1, 'across'] as const);
  return [
    length(`Outside, ${how}`, ['can'], 'acrossM', times),
    length(`Top, ${how}`, ['pail'], 'topM', times),
    length(`Foot, ${how}`, ['pail'], 'footM', times),
    length('Along the front', ['box'], 'longM'),
    length('Front to back', ['box'], 'deepM'),
    {
      kind: 'choice',
      label: 'Pipe',
      choices: SOLD,
      wide: true,
      when: (f) => f.made?.body.shape === 'pipe',
      get: (f) => (f.made?.body.shape === 'pipe' ? soldAs(f.made.body.acrossM) : 'measured'),
      set: (f, id) => {
        const pipe = PIPES.find((p) => p.id === id);
        if (!pipe || f.made?.body.shape !== 'pipe') return;
        f.made.body.acrossM = tenth(pipe.outsideM);
        f.made.wallM = tenth((pipe.outsideM - pipe.boreM) / 2);
      },
    },
    length('Pipe, outside', ['pipe'], 'acrossM'),
    length('Height, without lid', ['can', 'pail', 'box'], 'highM'),
    length('Straight part', ['pipe'], 'highM'),
    {
      kind: 'choice',
      label: 'Elbow',
      choices: ELBOWS,
      when: (f) => f.made?.body.shape === 'pipe',
      get: (f) => (f.made?.body.shape === 'pipe' ? String(f.made.body.elbowDeg) : ''),
      set: (f, deg) => {
        if (f.made?.body.shape === 'pipe') f.made.body.elbowDeg = deg === '45' ? 45 : 90;
      },
    },
    part(
      'Wall',
      () => true,
      (m) => m.wallM,
      (m, w) => {
        m.wallM = w;
      },
      0.05,
    ),
  ];
}

const isPort = (v: Vessel, made: Made): boolean => v.type === 'port' && made.body.shape !== 'pipe';
const hasPan = (v: Vessel, made: Made): boolean => panUnder(v) && made.pan !== null;
const hasHole = (v: Vessel): boolean => v.type === 'holes' || v.type === 'bucket';

/** Where feed or water comes out of it. */
export const MOUTH_SPECS: readonly Spec<Vessel>[] = [
  {
    kind: 'count',
    label: 'How many',
    least: 1,
    most: 24,
    when: (v) => v.type === 'port' || hasHole(v),
    get: (v) => v.outlets,
    set: (v, n) => {
      v.outlets = n;
    },
  },
  {
    kind: 'choice',
    label: 'Pipe',
    choices: SOLD,
    wide: true,
    when: (v) => v.made !== null && isPort(v, v.made),
    get: (v) => soldAs(v.made?.elbow.acrossM ?? 0),
    set: (v, id) => {
      const pipe = PIPES.find((p) => p.id === id);
      if (v.made && pipe) v.made.elbow.acrossM = tenth(pipe.outsideM);
    },
  },
  part(
    'Its outside',
    isPort,
    (m) => m.elbow.acrossM,
    (m, v) => {
      m.elbow.acrossM = v;
    },
  ),
  part(
    'Floor over foot',
    (v, m) => v.kind === 'feeder' && m.body.shape !== 'pipe',
    (m) => m.floorM,
    (m, v) => {
      m.floorM = v;
    },
  ),
  part(
    'Mouth over floor',
    isPort,
    (m) => m.elbow.gapM,
    (m, v) => {
      m.elbow.gapM = v;
    },
  ),
  part(
    'Leg of the elbow',
    isPort,
    (m) => m.elbow.legM,
    (m, v) => {
      m.elbow.legM = v;
    },
  ),
  part(
    'Each hole across',
    (v) => hasHole(v),
    (m) => m.hole.acrossM,
    (m, v) => {
      m.hole.acrossM = v;
    },
  ),
  part(
    'Holes over foot',
    (v) => hasHole(v),
    (m) => m.hole.lowM,
    (m, v) => {
      m.hole.lowM = v;
    },
  ),
  part(
    'Foot over pan',
    (v) => v.type === 'tube',
    (m) => m.hole.lowM,
    (m, v) => {
      m.hole.lowM = v;
    },
  ),
  part(
    'Pan, across',
    hasPan,
    (m) => m.pan?.acrossM ?? 0,
    (m, v) => {
      if (m.pan) m.pan.acrossM = v;
    },
    2,
  ),
  part(
    'Pan, deep',
    hasPan,
    (m) => m.pan?.deepM ?? 0,
    (m, v) => {
      if (m.pan) m.pan.deepM = v;
    },
  ),
];

/** How it stands or hangs. */
export const STAND_SPECS: readonly Spec<Vessel>[] = [
  {
    kind: 'length',
    label: 'Rim above litter',
    most: 3,
    small: true,
    get: (v, plan) => v.rimZ - (v.place === 'run' ? 0 : plan.litter.depthM),
    set: (v, m, plan) => {
      v.rimZ = m + (v.place === 'run' ? 0 : plan.litter.depthM);
    },
  },
  {
    kind: 'amount',
    label: 'Weighs empty',
    unit: 'kg',
    least: 0,
    most: 500,
    step: 0.5,
    get: (v) => v.emptyKg,
    set: (v, n) => {
      v.emptyKg = n;
    },
  },
  {
    kind: 'openAmount',
    label: 'Feed lost',
    unit: '%',
    none: 'by its kind',
    least: 0,
    most: 200,
    when: (v) => v.kind === 'feeder',
    get: (v) => (v.kind !== 'feeder' || v.waste === null ? null : (v.waste - 1) * 100),
    set: (v, n) => {
      if (v.kind === 'feeder') v.waste = n === null ? null : 1 + n / 100;
    },
  },
  {
    kind: 'yes',
    label: 'Fixed to the wall',
    when: (v) => !v.hung,
    get: (v) => v.onWall,
    set: (v, y) => {
      v.onWall = y;
    },
  },
  {
    kind: 'yes',
    label: 'It hangs',
    get: (v) => v.hung,
    set: (v, y) => {
      v.hung = y;
    },
  },
];
