'use client';
import { fail, issue, type Outcome } from '@/core/kernel/outcome';
import type { UnitSystem } from '@/core/kernel/units/length';
import { type Field, type PathOf, setAt, valueAt } from '@/core/model/field';
import type { Plan } from '@/core/model/schema';
import { labelOf } from '@/text/fieldLabels.data';
import { FIELDS, type ValueKind } from '@/text/fieldNames.data';
import { ChoiceField, CountField } from '../forms/fields';
import { type Measure, MeasureField } from '../forms/MeasureField';
import { amountIn, lengthIn, smallLengthIn, within } from '../forms/measures';
import { YesField } from '../forms/YesField';

/** How a value is shown where that is not as it stands in the file. */
export interface Shown<T> {
  readonly type?: Field['type'];
  /** Of a number that is shown in place of something else. */
  readonly kind?: ValueKind;
  readonly least?: number;
  readonly most?: number;
  /** Shown as left open. */
  readonly open?: true;
  readonly unit?: string;
  show(value: unknown, of: T, plan: Plan): unknown;
  /** What is stored for what was entered. */
  store(shown: unknown, before: unknown, of: T, plan: Plan): unknown;
}

/** A field of a panel: where its value stands. Kind, limits and unit follow from the schema, its label from the table of names. */
export interface Row<T> {
  readonly path: PathOf<T>;
  /** Left out where it says nothing of this one; a value that this one has not is left out by itself. */
  readonly when?: (of: T, plan: Plan) => boolean;
  readonly choices?: readonly { readonly id: string | number; readonly name: string }[];
  /** What stands for a value that is left open. */
  readonly none?: string;
  readonly as?: Shown<T>;
  /** One press of an arrow key, in the unit printed. */
  readonly step?: number;
  readonly unit?: string;
  /** How it is read and written, where that hangs on the thing. */
  readonly measure?: (of: T, units: UnitSystem) => Measure | null;
  /** Of a small thing: all is inches in an imperial plan. */
  readonly small?: true;
  /** A row of its own: its choices are long. */
  readonly wide?: true;
  /** Two beside one another. */
  readonly half?: true;
  /** Where the table of names cannot know it. */
  readonly label?: string;
  /** What follows of itself from a new value. */
  readonly after?: (of: T, plan: Plan) => void;
}

/** Fields of a panel in their order; where nothing is to be said of one, its path is enough. */
export type Rows<T> = readonly (PathOf<T> | Row<T>)[];

/** Makes one undoable edit, named by what was changed. */
export type Change<T> = (name: string, recipe: (draft: T, plan: Plan) => void) => Outcome<unknown>;

/** The unit of each kind of value, as the measures know it. */
const UNITS: Readonly<Partial<Record<ValueKind, string>>> = {
  area: 'm²',
  mass: 'kg',
  celsius: '°C',
  litres: 'L',
  bulk: 'bulk',
  degrees: '°',
  minutes: 'min',
  watts: 'W',
  days: 'days',
};

/** Longest length that a panel takes, m: longer is a slip of the hand. */
const LONGEST_M = 30;

/**
 * Fields of one thing by its rows.
 * @param name     what the table of names calls the thing: a fixture's kind, or its place in the plan
 * @param fieldOf  what the schema says of a value of it, by its path
 */
export function Fields<T>({
  of,
  name,
  fieldOf,
  rows,
  plan,
  change,
}: {
  of: T;
  name: string;
  fieldOf: (path: string) => Field | null;
  rows: Rows<T>;
  plan: Plan;
  change: Change<T>;
}) {
  return rows.map((given) => {
    const row: Row<T> = typeof given === 'string' ? { path: given } : (given as Row<T>);
    const field = fieldOf(row.path);
    if (!field || row.when?.(of, plan) === false) return null;
    const label = row.label ?? labelOf(name, row.path);
    return (
      <RowField
        key={label}
        {...{ of, row, label, plan, change }}
        field={{ ...field, ...(row.as?.type ? { type: row.as.type } : {}) }}
      />
    );
  });
}

interface Given<T> {
  readonly of: T;
  readonly row: Row<T>;
  readonly field: Field;
  readonly label: string;
  readonly plan: Plan;
  readonly change: Change<T>;
}

function RowField<T>(given: Given<T>) {
  const { row, field, label, change } = given;
  const value = shown(given);
  const commit = (next: unknown): Outcome<unknown> =>
    change(label, (draft, p) => {
      const before = valueAt(draft, row.path);
      setAt(draft, row.path, row.as ? row.as.store(next, before, draft, p) : next);
      row.after?.(draft, p);
    });
  if (field.type === 'yesNo') {
    return (
      <YesField label={label} half={row.half ?? false} value={value === true} commit={commit} />
    );
  }
  if (field.type === 'choice') {
    const choices = (row.choices ?? []).map((c) => ({ id: String(c.id), name: c.name }));
    return (
      <ChoiceField
        label={label}
        value={value === null ? OPEN : String(value)}
        choices={row.none === undefined ? choices : [{ id: OPEN, name: row.none }, ...choices]}
        wide={row.wide ?? false}
        commit={(id) => commit(id === OPEN ? null : typeof value === 'number' ? Number(id) : id)}
      />
    );
  }
  if (field.type === 'whole' && !field.open) {
    const { least, most } = field;
    return <CountField {...{ label, least, most, commit }} value={value as number} />;
  }
  const { measure, hold } = measured(given);
  const held = (n: number): Outcome<unknown> => {
    const inside = hold(n);
    return inside.ok ? commit(field.type === 'whole' ? Math.round(n) : n) : inside;
  };
  return field.open || row.as?.open ? (
    <MeasureField
      {...{ label, measure }}
      value={value as number | null}
      commit={held}
      placeholder={row.none ?? ''}
      clear={() => commit(null)}
    />
  ) : (
    <MeasureField {...{ label, measure }} value={value as number} commit={held} />
  );
}

/** What is chosen where nothing is said. */
const OPEN = '';

const shown = <T,>({ of, row, plan }: Pick<Given<T>, 'of' | 'row' | 'plan'>): unknown => {
  const value = valueAt(of, row.path);
  return row.as ? row.as.show(value, of, plan) : value;
};

/** How a number is read and written, and what is refused. */
function measured<T>({ of, row, field, plan }: Given<T>): {
  readonly measure: Measure;
  readonly hold: (n: number) => Outcome<number>;
} {
  const { units } = plan;
  const kind = row.as?.kind ?? FIELDS[row.path.slice(row.path.lastIndexOf('.') + 1)]?.[1];
  const at = (limit: number): number =>
    row.as && Number.isFinite(limit) ? (row.as.show(limit, of, plan) as number) : limit;
  const [one, other] = [at(field.least), at(field.most)];
  const least = row.as?.least ?? Math.min(one, other);
  const most = row.as?.most ?? Math.max(one, other);
  if (kind === 'length') {
    const measure = row.small ? smallLengthIn(units) : lengthIn(units);
    return { measure, hold: within(Math.max(0, least), Math.min(LONGEST_M, most), units) };
  }
  const unit = row.unit ?? row.as?.unit ?? (kind && UNITS[kind]) ?? '';
  const measure = row.measure?.(of, units) ?? amountIn(unit, units, row.step);
  const inside = (n: number): Outcome<number> =>
    n >= least && n <= most
      ? { ok: true, value: n }
      : fail(
          issue('length.outOfRange', { least: measure.write(least), most: measure.write(most) }),
        );
  return { measure, hold: inside };
}
