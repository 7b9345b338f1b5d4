/** Days of the months of the year that normals stand for. */
export const MONTH_DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31] as const;
export const YEAR_DAYS = 365;
const MONTHS = 12;

/** Month (0…11) of each day of the year. */
const MONTH_OF_DAY: readonly number[] = MONTH_DAYS.flatMap((days, month) =>
  Array<number>(days).fill(month),
);

/**
 * Month (0…11) of a day of the year (0…364).
 * @example monthOfDay(31) // 1
 */
export const monthOfDay = (day: number): number => MONTH_OF_DAY[day] ?? MONTHS - 1;

const HARMONICS = 12;
const STEP = (2 * Math.PI) / YEAR_DAYS;

/**
 * The smoothest curve through the year whose mean over each month is the month's normal: harmonics of the
 * year, each as small as the months allow, quick ones held smallest.
 * @param months  twelve normals, January first
 * @returns       a value a day, 1 January first, 365 of them
 * @example       yearCurve(Array(12).fill(4))[100] // 4
 */
export function yearCurve(months: readonly number[]): Float64Array {
  const level = months.reduce((a, b) => a + b, 0) / MONTHS;
  const pulls = solve(
    PULLS,
    months.map((m) => m - level),
  );
  const curve = new Float64Array(YEAR_DAYS).fill(level);
  SHAPES.forEach((shape, month) => {
    const pull = pulls[month] ?? 0;
    for (let day = 0; day < YEAR_DAYS; day++)
      curve[day] = (curve[day] ?? 0) + pull * (shape[day] ?? 0);
  });
  return curve;
}

/** Terms of a day, each divided by the square of its order, so that bending is what is kept small. */
function termsOf(day: number): number[] {
  const angle = STEP * (day + 0.5);
  // the level hardly costs anything
  const terms = [LEVEL_EASE];
  for (let k = 1; k <= HARMONICS; k++) {
    terms.push(Math.cos(k * angle) / k ** 2, Math.sin(k * angle) / k ** 2);
  }
  return terms;
}
const LEVEL_EASE = 100;

const TERMS: readonly (readonly number[])[] = Array.from({ length: YEAR_DAYS }, (_, d) =>
  termsOf(d),
);

/** Mean of each term over each month. */
const MONTH_MEANS: readonly (readonly number[])[] = MONTH_DAYS.map((days, month) =>
  (TERMS[0] ?? []).map(
    (_, k) =>
      TERMS.reduce((sum, terms, d) => sum + (monthOfDay(d) === month ? (terms[k] ?? 0) : 0), 0) /
      days,
  ),
);

const dot = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, x, i) => sum + x * (b[i] ?? 0), 0);

/** What a pull on one month does to each day, and to the mean of each month. */
const SHAPES = MONTH_MEANS.map((month) => Float64Array.from(TERMS, (terms) => dot(month, terms)));
const PULLS = MONTH_MEANS.map((a) => MONTH_MEANS.map((b) => dot(a, b)));

/** Twelve equations by elimination with exchange of rows; they are far from singular. */
function solve(matrix: readonly (readonly number[])[], right: readonly number[]): number[] {
  const rows = matrix.map((row, i) => [...row, right[i] ?? 0]);
  const at = (i: number, j: number): number => rows[i]?.[j] ?? 0;
  for (let k = 0; k < MONTHS; k++) {
    let pivot = k;
    for (let i = k + 1; i < MONTHS; i++) if (Math.abs(at(i, k)) > Math.abs(at(pivot, k))) pivot = i;
    [rows[k], rows[pivot]] = [rows[pivot] ?? [], rows[k] ?? []];
    for (let i = k + 1; i < MONTHS; i++) {
      const factor = at(i, k) / at(k, k);
      rows[i] = (rows[i] ?? []).map((x, j) => x - factor * at(k, j));
    }
  }
  const found = Array<number>(MONTHS).fill(0);
  for (let k = MONTHS - 1; k >= 0; k--) {
    let sum = at(k, MONTHS);
    for (let j = k + 1; j < MONTHS; j++) sum -= at(k, j) * (found[j] ?? 0);
    found[k] = sum / at(k, k);
  }
  return found;
}
