import type { FlockByDay } from '../birds/flock';
import { birdSize, breedById, SIZE_COEFFICIENTS } from '../birds/size';
import type { FootMark, StickMark } from '../geometry/stick';
import type { Plan } from '../plan/schema';
import { ASSUMED, ENTERED, type Figure, figure } from '../working';
import { COOP_WORKINGS as W } from './coop.working';

/** Figure id of the birds living in the coop on a day. */
export const flockDayFigure = (day: string): string => `flock.on.${day}`;

interface Rail {
  readonly carries: number | null;
}

/** Figures of the whole coop and of each group's bird. */
export function coopFigures(
  plan: Plan,
  flock: FlockByDay,
  carries: number | null,
  staves: readonly Rail[],
): Figure[] {
  const { planned, plannedOn } = flock;
  const at = plannedOn === null ? 0 : flock.days.indexOf(plannedOn);
  const figures = [
    figure(
      'coop.planned',
      'coop.planned',
      W['coop.planned'],
      { living: flock.counts[at] ?? [], planned },
      ENTERED,
    ),
    figure(
      'coop.today',
      'coop.planned',
      W['coop.planned'],
      { living: flock.counts[0] ?? [], planned: flock.today },
      ENTERED,
    ),
    ...flock.days.map((day, d) => {
      const living = flock.counts[d] ?? [];
      const birds = living.reduce((a, b) => a + b, 0);
      return figure(
        flockDayFigure(day),
        'coop.planned',
        W['coop.planned'],
        { living, planned: birds },
        ENTERED,
      );
    }),
    ...plan.flock.flatMap((_, i) => birdFigures(flock, i)),
  ];
  if (carries !== null) {
    const rails = staves.flatMap((s) => (s.carries === null ? [] : [s.carries]));
    const held = { evidence: 'keepers', source: 'keepers' } as const;
    figures.push(
      figure('coop.carries', 'coop.carries', W['coop.carries'], { staves: rails, carries }, held),
      figure(
        'coop.room',
        'coop.room',
        W['coop.room'],
        { carries, planned, room: carries - planned },
        held,
      ),
    );
  }
  return figures;
}

function birdFigures(flock: FlockByDay, i: number): Figure[] {
  const bird = flock.groups[i];
  if (!bird) return [];
  const { group, massKg: mass } = bird;
  const breed = breedById(group.breed);
  const size = birdSize(mass);
  const { length, back, headToBack } = SIZE_COEFFICIENTS;
  const id = `flock.${group.id}.mass`;
  const massFigure =
    group.massKg === null && breed
      ? figure(
          id,
          'flock.mass.standard',
          W['flock.mass.standard'],
          { breedHen: breed.henKg, timesHen: mass / breed.henKg, standard: mass },
          { evidence: 'published', source: 'breed-standards' },
        )
      : figure(id, 'flock.mass', W['flock.mass'], { value: mass }, ENTERED);
  return [
    massFigure,
    figure(
      `flock.${group.id}.length`,
      'flock.length',
      W['flock.length'],
      { coefficient: length, mass, size: size.lengthM },
      ASSUMED,
    ),
    figure(
      `flock.${group.id}.height`,
      'flock.height',
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
    figure(id, 'shell.measure', W['shell.measure'], { value }, ENTERED);
  return [
    measure('shell.length', lengthM),
    measure('shell.width', widthM),
    ...marks.map((mark) => measure(mark.id, mark.z)),
    ...feet.map((mark) => measure(mark.id, mark.m)),
  ];
}
