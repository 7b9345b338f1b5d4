import { dayOf, type FlockByDay, livingOn, massThen } from '../birds/flock';
import { birdSize, SIZE_COEFFICIENTS } from '../birds/size';
import type { FootMark, StickMark } from '../geometry/stick';
import type { Apart, Pair } from '../kernel/sentence';
import { ASSUMED, BREED_STANDARD, ENTERED, type Figure, figure, KEEPERS } from '../kernel/working';
import type { Plan } from '../model/schema';
import { COOP_WORKINGS as W } from './coop.working';

/** Figure id of the birds living in the coop on a day. */
export const flockDayFigure = (day: string): string => `flock.on.${day}`;

/**
 * Figures of the planned flock, of every day it changes on, and of each lot's bird as it is drawn.
 * @param drawnOn  day of the horizon that birds are drawn on, from 0
 * @example birdsFigures(flock, 0)[0]?.value // 6
 */
export function birdsFigures(flock: FlockByDay, drawnOn: number): Figure[] {
  const livingFigure = (id: string, d: number | null): Figure => {
    const living = d === null ? flock.lots.map(() => 0) : livingOn(flock, d);
    const birds = living.reduce((a, b) => a + b, 0);
    return figure(id, W['coop.planned'], { living, planned: birds }, ENTERED);
  };
  return [
    livingFigure('coop.planned', flock.peaks.head?.d ?? null),
    livingFigure('coop.today', 0),
    ...flock.changes.map((d) => livingFigure(flockDayFigure(dayOf(flock, d)), d)),
    ...flock.lots.flatMap((_, i) => birdFigures(flock, i, drawnOn)),
  ];
}

/**
 * What the coop carries, the shortest of its rails, and how many more than planned that is; where other birds than
 * the planned ones live here on the day that sets it, how many of those find what they ask for.
 * @param rails  birds that each station carries
 * @example carriesFigures(12, 14, [12, 20], { pair: null, apart: null })[0]?.value // 12
 */
export function carriesFigures(
  carries: number,
  planned: number,
  rails: readonly number[],
  { pair, apart }: { readonly pair: Pair | null; readonly apart: Apart | null },
): Figure[] {
  const found = (id: string, value: number): Figure =>
    figure(id, W['coop.found'], { value }, KEEPERS);
  return [
    ...(pair ? [found('coop.pair.birds', pair.birds), found('coop.pair.of', pair.of)] : []),
    ...(apart ? apartFigures(apart) : []),
    figure('coop.carries', W['coop.carries'], { staves: rails, carries }, KEEPERS),
    figure('coop.room', W['coop.room'], { carries, planned, room: carries - planned }, KEEPERS),
  ];
}

/** Birds of kinds that find nothing, and those of the others that are carried. */
function apartFigures({ counts, carried, at }: Apart): Figure[] {
  const none = counts.reduce((a, b) => a + b, 0);
  return [
    figure('coop.none', W['coop.none'], { nobody: counts, none }, KEEPERS),
    figure('coop.others', W['coop.others'], { fits: at, others: carried }, KEEPERS),
  ];
}

/** A grown bird of a lot, and how big one is drawn on the day that the drawing shows. */
function birdFigures(flock: FlockByDay, i: number, drawnOn: number): Figure[] {
  const lot = flock.lots[i];
  if (!lot) return [];
  const { group, breed, massKg: grown } = lot;
  const mass = massThen(flock, i, drawnOn);
  const size = birdSize(mass);
  const { length, back, headToBack } = SIZE_COEFFICIENTS;
  const id = `flock.${lot.id}.mass`;
  const massFigure =
    group.massKg === null
      ? figure(
          id,
          W['flock.mass.standard'],
          { breedHen: breed.henKg, timesHen: grown / breed.henKg, standard: grown },
          BREED_STANDARD,
        )
      : figure(id, W['flock.mass'], { value: grown }, ENTERED);
  return [
    massFigure,
    figure(
      `flock.${lot.id}.length`,
      W['flock.length'],
      { coefficient: length, mass, size: size.lengthM },
      ASSUMED,
    ),
    figure(
      `flock.${lot.id}.height`,
      W['flock.height'],
      { coefficient: back, headToBack, mass, size: size.headM },
      ASSUMED,
    ),
  ];
}

/** The shell's measures and everything marked on the sticks. */
export function shellFigures(
  plan: Plan,
  marks: readonly StickMark[],
  feet: readonly FootMark[],
): Figure[] {
  const { lengthM, widthM } = plan.shell;
  const measure = (id: string, value: number): Figure =>
    figure(id, W['shell.measure'], { value }, ENTERED);
  return [
    measure('shell.length', lengthM),
    measure('shell.width', widthM),
    ...marks.map((mark) => measure(mark.id, mark.heightM)),
    ...feet.map((mark) => measure(mark.id, mark.m)),
  ];
}
