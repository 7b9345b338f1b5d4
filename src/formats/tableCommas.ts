import Papa from 'papaparse';
import { fail, issue, type Outcome, ok } from '@/core/kernel/outcome';
import { askedBack, type Commas, hasEither, readCommas } from '@/core/kernel/units/thousands';

/** A number that shows what a comma is in it: "12,5", "0,125", "1234,567". */
const COMMA_IS_POINT = /^[^\d]*(\d*,\d{1,2}|\d*,\d{4,}|0+,\d+|\d{4,},\d+)(?![\d.,])/;
/** A number with a decimal point: a comma beside it in the same table parts thousands. */
const POINT_IS_POINT = /^[^\d.,]*\d*\.\d+(?![\d.,])/;

/** What the numbers of some cells show of their commas; null where they show nothing, or both. */
function shownBy(cells: Iterable<string>): Commas | null {
  let [point, thousands] = [false, false];
  for (const cell of cells) {
    if (COMMA_IS_POINT.test(cell)) point = true;
    else if (POINT_IS_POINT.test(cell)) thousands = true;
  }
  return point === thousands ? null : point ? 'point' : 'thousands';
}

/**
 * A table in which no comma can be meant two ways any more: what "1,200" is, the other numbers of its column say, else
 * those of the whole table.
 * @param rows    cells
 * @param commas  what the keeper has answered; null: not asked yet
 * @returns       the cells; or the issue `columns.comma`, once, where nothing decides and nobody has said
 */
export function settleCommas(
  rows: readonly (readonly string[])[],
  commas: Commas | null = null,
): Outcome<string[][]> {
  const columns = new Map<number, Commas | null>();
  let whole: Commas | null | undefined;
  for (const row of rows) {
    row.forEach((cell, at) => {
      if (hasEither(cell) && !columns.has(at))
        columns.set(at, shownBy(rows.map((r) => r[at] ?? '')));
    });
  }
  if (columns.size === 0) return ok(rows as string[][]);
  const settled: string[][] = [];
  for (const row of rows) {
    const cells: string[] = [];
    for (const [at, cell] of row.entries()) {
      if (!hasEither(cell)) {
        cells.push(cell);
        continue;
      }
      whole ??= shownBy(rows.flat());
      const meant = commas ?? columns.get(at) ?? whole;
      const asked = askedBack(cell);
      if (meant === null || asked === null) {
        return fail(issue('columns.comma', { ...asked?.details, typed: cell.trim() }));
      }
      cells.push(readCommas(cell, meant));
    }
    settled.push(cells);
  }
  return ok(settled);
}

/** The text of a table with the commas of its numbers written as the keeper has answered. */
export function withCommas(text: string, commas: Commas): string {
  const { data, meta } = Papa.parse<string[]>(text.trim());
  return Papa.unparse(
    data.map((row) => row.map((cell) => readCommas(cell, commas))),
    { delimiter: meta.delimiter },
  );
}
