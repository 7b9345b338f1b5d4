import { newMade } from '@/core/edit/new/homeMade';
import type { Drinker, Feeder, Made, Plan } from '@/core/model/schema';
import { type Fault, fault, MM, measure, type Recipe } from './faults.make';
import { change } from './plans';

/** The feeder made at home: hung, with its rim where it was. */
const feeder =
  (type: Feeder['type'], parts: Partial<Made> = {}, own: Partial<Feeder> = {}): Recipe =>
  (d) =>
    change(d, 'feeder', 'feeder', { type, ...own, made: made(d, 'feeder', type, parts) });

const drinker =
  (parts: Partial<Made> = {}): Recipe =>
  (d) =>
    change(d, 'drinker', 'drinker', {
      type: 'bucket',
      made: made(d, 'drinker', 'bucket', parts),
    });

function made(
  d: Plan,
  id: string,
  type: Feeder['type'] | Drinker['type'],
  parts: Partial<Made>,
): Made {
  const vessel = d.fixtures.find((f) => f.id === id);
  const start = newMade({ ...vessel, type } as Feeder, 'metric');
  if (!start) throw new Error(`${type} is not made at home`);
  return { ...start, ...parts };
}

const part = (d: Plan, kind: 'feeder' | 'drinker', set: (m: Made) => void): void => {
  const own = d.fixtures.find((f) => f.id === kind);
  if (own?.kind === kind && own.made) set(own.made);
};

const CAN: Made['body'] = { shape: 'can', acrossM: 0.4, highM: 0.6 };
/** Twelve holes of 51 mm and twelve webs of 40 mm go round so much, m across. */
const TWELVE_ACROSS = (12 * (0.051 + 0.04)) / Math.PI;
const NARROW: Made['elbow'] = { acrossM: 0.05, gapM: 0.025, legM: 0.025 };
const LITTLE = { capacityL: 10 } as const;

const nothingBeside: Recipe = (d) => {
  const none = { scratch: 0, scraps: 0, sunflower: 0 };
  d.ration = { cold: { ...none }, warm: { ...none } };
};

/** Faults of what is made at home, each raised alone, with a near miss. */
export const HOME_MADE_FAULTS: readonly Fault[] = [
  measure(
    'feed.ports.close',
    [TWELVE_ACROSS - 1e-4, TWELVE_ACROSS + 1e-4],
    (d, m) =>
      part(d, 'feeder', (own) => {
        own.body = { ...CAN, acrossM: m };
      }),
    feeder('port', { body: CAN, elbow: NARROW }, { outlets: 12, ...LITTLE }),
  ),
  // six elbows of 75 mm stand on a ring of 75 mm, 65.75 mm inside the can
  measure(
    'feed.ports.meet',
    [0.2815 - MM, 0.2815 + MM],
    (d, m) =>
      part(d, 'feeder', (own) => {
        own.body = { ...CAN, acrossM: m };
      }),
    feeder('port', { body: CAN }, { outlets: 6, ...LITTLE }),
  ),
  measure(
    'feed.mouth.low',
    [0.015 - MM, 0.015],
    (d, m) =>
      part(d, 'feeder', (own) => {
        own.elbow.gapM = m;
      }),
    feeder('port', { body: CAN }, { outlets: 4, ...LITTLE }),
  ),
  measure(
    'feed.mouth.high',
    [0.035 + MM, 0.035],
    (d, m) =>
      part(d, 'feeder', (own) => {
        own.elbow.gapM = m;
      }),
    feeder('port', { body: CAN }, { outlets: 4, ...LITTLE }),
  ),
  // ports of 76 mm whose middle is 87.5 mm up reach 125.5 mm
  fault(
    'feed.hole.high',
    (d) =>
      part(d, 'feeder', (own) => {
        own.body = { ...CAN, highM: 0.1255 - MM };
      }),
    // a can that just holds them keeps most of what is in it: one that does not is higher
    (d) =>
      part(d, 'feeder', (own) => {
        own.body = { ...CAN, highM: 0.4 };
      }),
    feeder('port', { body: CAN }, { outlets: 6, ...LITTLE }),
  ),
  // two holes keep 2.356·tan 35°·R³ and a little more: a third of a low can
  fault(
    'feed.dead.much',
    (d) =>
      part(d, 'feeder', (own) => {
        own.body = { shape: 'can', acrossM: 0.3, highM: 0.2 };
      }),
    (d) =>
      part(d, 'feeder', (own) => {
        own.body = { shape: 'can', acrossM: 0.3, highM: 0.25 };
      }),
    feeder('holes', {}, { outlets: 2, takenInAtNight: true, ...LITTLE }),
  ),
  measure(
    'feed.pan.narrow',
    [0.12 + 0.4 - MM, 0.12 + 0.4],
    (d, m) =>
      part(d, 'feeder', (own) => {
        if (own.pan) own.pan.acrossM = m;
      }),
    feeder('holes', { body: CAN }, { outlets: 8, takenInAtNight: true, ...LITTLE }),
  ),
  measure(
    'water.pan.narrow',
    [0.12 + 0.3 - MM, 0.12 + 0.3],
    (d, m) =>
      part(d, 'drinker', (own) => {
        if (own.pan) own.pan.acrossM = m;
      }),
    drinker({ body: { shape: 'can', acrossM: 0.3, highM: 0.36 } }),
  ),
  measure(
    'water.bucket.hole',
    [0.013 + MM / 2, 0.013],
    (d, m) =>
      part(d, 'drinker', (own) => {
        own.hole = { acrossM: m, lowM: 0.025 };
      }),
    drinker(),
  ),
  measure(
    'feed.ration.scratch',
    [0.1 + MM, 0.1],
    (d, share) => {
      if (d.ration) d.ration.cold.scratch = share;
    },
    nothingBeside,
  ),
  // scraps of 4 % protein in a feed of 17: 16 are left at one part in thirteen
  measure(
    'feed.ration.protein',
    [1 / 13 + MM, 1 / 13 - MM],
    (d, share) => {
      if (d.ration) d.ration.warm.scraps = share;
    },
    nothingBeside,
  ),
  // a pan 55 mm deep and holes of 12 mm
  measure(
    'water.bucket.floods',
    [0.031 + MM, 0.031],
    (d, m) =>
      part(d, 'drinker', (own) => {
        own.hole = { acrossM: 0.012, lowM: m };
      }),
    drinker(),
  ),
  measure(
    'water.bucket.deep',
    [0.062 + MM, 0.062],
    (d, m) =>
      part(d, 'drinker', (own) => {
        if (own.pan) own.pan.deepM = m;
      }),
    drinker(),
  ),
  measure(
    'water.bucket.clogs',
    [0.02 - MM, 0.02],
    (d, m) =>
      part(d, 'drinker', (own) => {
        own.hole = { acrossM: 0.012, lowM: m };
        if (own.pan) own.pan.deepM = 0.05;
      }),
    drinker(),
  ),
];
