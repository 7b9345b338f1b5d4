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

/**
 * Day of the year on which a month begins, 0…364.
 * @param month  0…11
 * @example      monthStart(2) // 59
 */
export const monthStart = (month: number): number =>
  MONTH_DAYS.slice(0, month).reduce((a, b) => a + b, 0);

/** Day on which each month is half over, counted from 1 January. */
const MIDDLES: readonly number[] = MONTH_DAYS.map((days, month) => monthStart(month) + days / 2);

/** How much of each month's knot is in the middle of a day: straight lines, full at the middle of the month. */
const HATS: readonly Float64Array[] = MIDDLES.map((middle, month) => {
  const before = MIDDLES[(month + MONTHS - 1) % MONTHS] ?? 0;
  const after = MIDDLES[(month + 1) % MONTHS] ?? 0;
  const apart = (from: number, to: number): number => (to - from + YEAR_DAYS) % YEAR_DAYS;
  return Float64Array.from({ length: YEAR_DAYS }, (_, day) => {
    const at = day + 0.5;
    const [since, until] = [apart(middle, at), apart(at, middle)];
    if (since < apart(middle, after)) return 1 - since / apart(middle, after);
    return Math.max(0, 1 - until / apart(before, middle));
  });
});

/** Mean of each knot's hat over each month. */
const MEANS = MONTH_DAYS.map((days, month) =>
  HATS.map((hat) => hat.reduce((sum, x, d) => sum + (monthOfDay(d) === month ? x : 0), 0) / days),
);

/**
 * The year as straight lines between the middles of the months, with knots such that the mean over each month is
 * the month's normal.
 * @param months  twelve normals, January first
 * @returns       a value a day, 1 January first, 365 of them
 * @source        domain notes, "Settled", Weather
 * @example       yearCurve(Array(12).fill(4))[100] // 4
 */
export function yearCurve(months: readonly number[]): Float64Array {
  const knots = solve(MEANS, months);
  const curve = new Float64Array(YEAR_DAYS);
  HATS.forEach((hat, month) => {
    const knot = knots[month] ?? 0;
    for (let day = 0; day < YEAR_DAYS; day++)
      curve[day] = (curve[day] ?? 0) + knot * (hat[day] ?? 0);
  });
  return curve;
}

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
