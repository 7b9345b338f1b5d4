import { BREEDS, type Breed } from '../model/breeds.data';
import { type BirdClass, CLASSES, type ClassRow } from '../model/classes.data';
import { ruled } from '../rules/rules.data';

/** How big a bird is drawn and judged, m. */
export interface BirdSize {
  /** Beak to tail. */
  readonly lengthM: number;
  /** Body across, at rest. */
  readonly widthM: number;
  /** Back above the ground. */
  readonly backM: number;
  /** Head above the ground, standing. */
  readonly headM: number;
}

/** Coefficients on mass^(1/3). Assumption from proportions. */
export const SIZE_COEFFICIENTS = {
  length: ruled('size.length'),
  width: ruled('size.width'),
  back: ruled('size.back'),
  headToBack: ruled('size.headToBack'),
};

/**
 * A bird's useful lengths from her mass.
 * @param massKg  live mass, kg, above 0
 * @source        wide-rafter (assumption from proportions)
 * @throws        RangeError where the mass is not above 0 (NaN too)
 * @example       birdSize(2.2).backM // 0.2406
 */
export function birdSize(massKg: number): BirdSize {
  if (!(massKg > 0)) throw new RangeError(`a bird's mass must be above 0 kg, not ${massKg}`);
  const k = Math.cbrt(massKg);
  const { length, width, back, headToBack } = SIZE_COEFFICIENTS;
  return { lengthM: length * k, widthM: width * k, backM: back * k, headM: headToBack * back * k };
}

const BY_ID = new Map(BREEDS.map((b) => [b.id, b]));

/** The breed with this id, or undefined. */
export const breedById = (id: string): Breed | undefined => BY_ID.get(id);

/**
 * The class a grown hen of this mass belongs to.
 * @throws RangeError where no class of her kind is for such a mass
 * @example classOfHen('chicken', 2.2).id // 'medium'
 */
export function classOfHen(kind: Breed['kind'], henKg: number): ClassRow {
  const row = CLASSES.find((c) => c.kind === kind && henKg < c.belowKg);
  if (!row) throw new RangeError(`no class for a ${kind} of ${henKg} kg`);
  return row;
}

export function classById(id: BirdClass): ClassRow {
  const row = CLASSES.find((c) => c.id === id);
  if (!row) throw new Error(`no class has the id ${id}`);
  return row;
}

/**
 * A grown bird's mass and class from breed, sex and the keeper's own figure.
 * @param overrideKg  the keeper's figure for one grown bird of the group's sex, kg, or null
 * @example grownBird({ kind: 'chicken', henKg: 2.2 }, 'cock', null).massKg // 2.86
 */
export function grownBird(
  breed: Pick<Breed, 'kind' | 'henKg'>,
  sex: 'hen' | 'cock',
  overrideKg: number | null,
): { massKg: number; class: ClassRow } {
  const standard = classOfHen(breed.kind, breed.henKg);
  if (overrideKg === null) {
    return { massKg: breed.henKg * (sex === 'cock' ? standard.cockToHen : 1), class: standard };
  }
  const henKg = sex === 'cock' ? overrideKg / standard.cockToHen : overrideKg;
  return { massKg: overrideKg, class: classOfHen(breed.kind, henKg) };
}
