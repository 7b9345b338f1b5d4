/** The reference bird of every keepers' rule: a medium hen. */
export const REFERENCE_HEN_KG = 2.2;

export type BirdClass =
  | 'bantam'
  | 'lightLayer'
  | 'medium'
  | 'heavy'
  | 'giant'
  | 'lightDuck'
  | 'heavyDuck'
  | 'meat';

export interface ClassRow {
  readonly id: BirdClass;
  readonly kind: 'chicken' | 'duck' | 'meat';
  /** Adult hen's mass below which she belongs here, kg (Infinity for the last of a kind). */
  readonly belowKg: number;
  readonly cockToHen: number;
  /** Earliest and latest age at the first egg, weeks. */
  readonly layWeeks: readonly [number, number];
  /** Least inside size of a nest box, m: width, depth, height. */
  readonly nestBoxM: readonly [number, number, number];
  /** Nest entrance above the litter, m: least and most. */
  readonly nestLipM: readonly [number, number];
  /** Highest bar, m above the litter it is landed on: foot injuries. */
  readonly highestBarM: number;
  /** Least inside size of a pop door, m: width, height. */
  readonly popDoorM: readonly [number, number];
  /** Steepest ramp, degrees, and least width of it, m. */
  readonly ramp: readonly [number, number];
  /** Birds that one port, and one pedal-lid box, serves. */
  readonly perPort: number;
  readonly perPedal: number;
}

/**
 * Classes of grown bird, lightest first within a kind. Source: keepers' usage (masses, nest sizes, lips).
 * Ducks' boxes are the heavy hen's (assumption): their nests stand on the floor. Highest bars, doors, ramps and ports are keepers' rules. Meat birds go by the giant's limits.
 */
export const CLASSES: readonly ClassRow[] = [
  {
    id: 'bantam',
    kind: 'chicken',
    belowKg: 1.2,
    cockToHen: 1.2,
    layWeeks: [22, 26],
    nestBoxM: [0.25, 0.25, 0.28],
    nestLipM: [0.3, 0.6],
    highestBarM: 1.8,
    popDoorM: [0.25, 0.3],
    ramp: [35, 0.2],
    perPort: 5,
    perPedal: 10,
  },
  {
    id: 'lightLayer',
    kind: 'chicken',
    belowKg: 2.0,
    cockToHen: 1.3,
    layWeeks: [17, 20],
    nestBoxM: [0.3, 0.3, 0.33],
    nestLipM: [0.45, 0.6],
    highestBarM: 1.6,
    popDoorM: [0.3, 0.35],
    ramp: [35, 0.2],
    perPort: 5,
    perPedal: 10,
  },
  {
    id: 'medium',
    kind: 'chicken',
    belowKg: 2.8,
    cockToHen: 1.3,
    layWeeks: [19, 22],
    nestBoxM: [0.3, 0.3, 0.33],
    nestLipM: [0.45, 0.6],
    highestBarM: 1.2,
    popDoorM: [0.3, 0.35],
    ramp: [35, 0.2],
    perPort: 4,
    perPedal: 8,
  },
  {
    id: 'heavy',
    kind: 'chicken',
    belowKg: 3.8,
    cockToHen: 1.3,
    layWeeks: [22, 26],
    nestBoxM: [0.3556, 0.4, 0.4],
    nestLipM: [0.3, 0.6],
    highestBarM: 0.9,
    popDoorM: [0.35, 0.4],
    ramp: [35, 0.3],
    perPort: 4,
    perPedal: 6,
  },
  {
    id: 'giant',
    kind: 'chicken',
    belowKg: Number.POSITIVE_INFINITY,
    cockToHen: 1.3,
    layWeeks: [24, 30],
    nestBoxM: [0.3556, 0.4, 0.4],
    nestLipM: [0.3, 0.6],
    highestBarM: 0.6,
    popDoorM: [0.4, 0.45],
    ramp: [25, 0.3],
    perPort: 4,
    perPedal: 6,
  },
  {
    id: 'lightDuck',
    kind: 'duck',
    belowKg: 2.6,
    cockToHen: 1.1,
    layWeeks: [20, 24],
    nestBoxM: [0.3556, 0.4, 0.4],
    nestLipM: [0, 0.3],
    highestBarM: 0.3,
    popDoorM: [0.4, 0.45],
    ramp: [25, 0.3],
    perPort: 4,
    perPedal: 8,
  },
  {
    id: 'heavyDuck',
    kind: 'duck',
    belowKg: Number.POSITIVE_INFINITY,
    cockToHen: 1.1,
    layWeeks: [22, 26],
    nestBoxM: [0.3556, 0.4, 0.4],
    nestLipM: [0, 0.3],
    highestBarM: 0.3,
    popDoorM: [0.4, 0.45],
    ramp: [25, 0.3],
    perPort: 4,
    perPedal: 6,
  },
  {
    id: 'meat',
    kind: 'meat',
    belowKg: Number.POSITIVE_INFINITY,
    cockToHen: 1.15,
    layWeeks: [26, 30],
    nestBoxM: [0.3556, 0.4, 0.4],
    nestLipM: [0.3, 0.6],
    highestBarM: 0.6,
    popDoorM: [0.4, 0.45],
    ramp: [25, 0.3],
    perPort: 4,
    perPedal: 6,
  },
];
