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

/** Walls of a room that the program chooses: one to stand up in, or a box on legs that is worked through hatches, m. */
const ROOM_WALLS = {
  metric: {
    room: { lowM: 1.8, highM: 2.1, legsM: 0 },
    box: { lowM: 1.2, highM: 1.4, legsM: 0.6 },
  },
  imperial: {
    room: { lowM: 6 * METRES_PER_FOOT, highM: 7 * METRES_PER_FOOT, legsM: 0 },
    box: { lowM: 4 * METRES_PER_FOOT, highM: 4.5 * METRES_PER_FOOT, legsM: 2 * METRES_PER_FOOT },
  },
} as const;

/** Narrower than this nobody turns round in a room, m; larger than this nobody reaches into a box, m². */
const ROOM_FROM_M = 1.7;
const BOX_TO_M2 = 3;

/** The bare plan of a room that the program chooses. */
function roomIn(answers: RoughAnswers, on: string) {
  const roof: Roof = { kind: 'mono', lowM: 1.8, highM: 2.1, highSide: 'front' };
  const first = withBrooder(bareOf(answers, { lengthM: 3, widthM: 3, roof }), on);
  const walls = ROOM_WALLS[answers.units];
  return (lengthM: number, widthM: number): Plan | null => {
    const isRoom = Math.min(lengthM, widthM) >= ROOM_FROM_M;
    if (!isRoom && lengthM * widthM > BOX_TO_M2) return null;
    const { lowM, highM, legsM } = isRoom ? walls.room : walls.box;
    return {
      ...first,
      shell: {
        ...first.shell,
        lengthM,
        widthM,
        roof: { ...roof, lowM, highM },
        floorAboveGroundM: legsM,
      },
    };
  };
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
