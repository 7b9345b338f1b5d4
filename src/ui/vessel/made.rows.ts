import { bodiesFor, withBody } from '@/core/edit/new/homeMade';
import type { Made, Vessel, VesselBody } from '@/core/model/schema';
import { panUnder } from '@/core/model/vesselForm';
import { PIPES } from '@/core/rules/pipes.data';
import { BODIES, ELBOWS } from '@/text/choices.data';
import type { Row, Rows, Shown } from '../furniture/rows';
import { RIM_ABOVE_LITTER } from '../furniture/shown';

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

const is =
  (...shapes: readonly VesselBody['shape'][]) =>
  (v: Vessel): boolean =>
    v.made !== null && shapes.includes(v.made.body.shape);

/** A choice among what is sold, which sets several measures of how it is made. */
const ofMade = (
  show: (made: Made) => string,
  store: (chosen: string, made: Made, v: Vessel) => Made,
): Shown<Vessel> => ({
  type: 'choice',
  show: (made) => (made ? show(made as Made) : ''),
  store: (chosen, made, v) => made && store(chosen as string, made as Made, v),
});

/** What it is made from. */
export const shapeRow = (v: Vessel, units: 'metric' | 'imperial'): Row<Vessel> => ({
  path: 'made',
  label: 'Made from',
  choices: BODIES.filter((b) => bodiesFor(v).includes(b.id)),
  wide: true,
  as: ofMade(
    (made) => made.body.shape,
    (shape, made, own) => withBody(own, made, shape as VesselBody['shape'], units),
  ),
});

/** The pipe that the body is, by what is sold. */
const BODY_PIPE: Row<Vessel> = {
  path: 'made',
  label: 'Pipe',
  choices: SOLD,
  wide: true,
  when: is('pipe'),
  as: ofMade(
    ({ body }) => (body.shape === 'pipe' ? soldAs(body.acrossM) : 'measured'),
    (id, made) => {
      const pipe = PIPES.find((p) => p.id === id);
      if (!pipe || made.body.shape !== 'pipe') return made;
      return {
        ...made,
        body: { ...made.body, acrossM: tenth(pipe.outsideM) },
        wallM: tenth((pipe.outsideM - pipe.boreM) / 2),
      };
    },
  ),
};

/** The measures of what it is made from. */
export function bodyRows(taken: Taken): Rows<Vessel> {
  const [times, how] =
    taken === 'round' ? ([Math.PI, 'round it'] as const) : ([1, 'across'] as const);
  const as: Shown<Vessel> = {
    show: (m) => (m as number) * times,
    store: (m) => (m as number) / times,
  };
  return [
    { path: 'made.body.acrossM', label: `Outside, ${how}`, small: true, when: is('can'), as },
    { path: 'made.body.topM', label: `Top, ${how}`, small: true, as },
    { path: 'made.body.footM', label: `Foot, ${how}`, small: true, as },
    { path: 'made.body.longM', small: true },
    { path: 'made.body.deepM', small: true },
    BODY_PIPE,
    { path: 'made.body.acrossM', label: 'Pipe, outside', small: true, when: is('pipe') },
    {
      path: 'made.body.highM',
      label: 'Height, without lid',
      small: true,
      when: is('can', 'pail', 'box'),
    },
    { path: 'made.body.highM', label: 'Straight part', small: true, when: is('pipe') },
    { path: 'made.body.elbowDeg', choices: ELBOWS },
    { path: 'made.wallM', small: true },
  ];
}

const isPort = (v: Vessel): boolean =>
  v.type === 'port' && v.made !== null && v.made.body.shape !== 'pipe';
const hasHole = (v: Vessel): boolean => v.type === 'holes' || v.type === 'bucket';

/** Where feed or water comes out of it. */
export const MOUTH_ROWS: Rows<Vessel> = [
  { path: 'outlets', label: 'How many', when: (v) => v.type === 'port' || hasHole(v) },
  {
    path: 'made',
    label: 'Pipe',
    choices: SOLD,
    wide: true,
    when: isPort,
    as: ofMade(
      ({ elbow }) => soldAs(elbow.acrossM),
      (id, made) => {
        const pipe = PIPES.find((p) => p.id === id);
        return pipe ? { ...made, elbow: { ...made.elbow, acrossM: tenth(pipe.outsideM) } } : made;
      },
    ),
  },
  { path: 'made.elbow.acrossM', small: true, when: isPort },
  {
    path: 'made.floorM',
    small: true,
    when: (v) => v.kind === 'feeder' && v.made?.body.shape !== 'pipe',
  },
  { path: 'made.elbow.gapM', small: true, when: isPort },
  { path: 'made.elbow.legM', small: true, when: isPort },
  { path: 'made.hole.acrossM', small: true, when: hasHole },
  { path: 'made.hole.lowM', small: true, when: hasHole },
  {
    path: 'made.hole.lowM',
    label: 'Foot, above pan',
    small: true,
    when: (v) => v.type === 'tube',
  },
  { path: 'made.pan.acrossM', small: true, when: panUnder },
  { path: 'made.pan.deepM', small: true, when: panUnder },
];

/** How it stands or hangs. */
export const STAND_ROWS: Rows<Vessel> = [
  { path: 'rimZ', small: true, as: RIM_ABOVE_LITTER },
  { path: 'emptyKg', step: 0.5 },
  {
    path: 'waste',
    none: 'by its kind',
    as: {
      unit: '%',
      show: (waste) => (waste === null ? null : ((waste as number) - 1) * 100),
      store: (n) => (n === null ? null : 1 + (n as number) / 100),
    },
  },
  { path: 'onWall', when: (v) => !v.hung },
  'hung',
];
