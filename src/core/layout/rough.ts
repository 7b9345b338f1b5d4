import { METRES_PER_FOOT } from '../kernel/units/factors.data';
import type { Plan, Roof } from '../model/schema';
import { bareOf, type RoughAnswers } from './answers';
import { withBrooder } from './brooder';
import type { Choices } from './fitOut';
import { roomAndFitOut } from './rooms';
import { type Rough, roughOut } from './roughOut';

/** More birds than any room that is built for them by hand. */
export interface RoughTooMany {
  readonly kind: 'tooMany';
  readonly birds: number;
}

/** Walls of a room that the program chooses: one can stand up in it, m. */
const ROOM_WALLS = {
  metric: { lowM: 1.8, highM: 2.1 },
  imperial: { lowM: 6 * METRES_PER_FOOT, highM: 7 * METRES_PER_FOOT },
} as const;

/** The bare plan of a room that the program chooses. */
function roomIn(answers: RoughAnswers, on: string) {
  const { lowM, highM } = ROOM_WALLS[answers.units];
  const roof: Roof = { kind: 'mono', lowM, highM, highSide: 'front' };
  const first = withBrooder(bareOf(answers, { lengthM: 3, widthM: 3, roof }), on);
  return (lengthM: number, widthM: number): Plan => ({
    ...first,
    shell: { ...first.shell, lengthM, widthM },
  });
}

/**
 * A fit-out for what was answered: in the room named, or in one that the program chooses.
 * The same answers give the same fit-out.
 * @param on  the day assessed
 */
export function rough(
  answers: RoughAnswers,
  on: string,
  choices: Choices = {},
): Rough | RoughTooMany {
  if (answers.space !== null) {
    return roughOut(withBrooder(bareOf(answers, answers.space), on), on, choices);
  }
  return (
    roomAndFitOut(roomIn(answers, on), answers.units, on, choices) ?? {
      kind: 'tooMany',
      birds: answers.birds.reduce((n, b) => n + b.count, 0),
    }
  );
}
