'use client';
import { useId, useState } from 'react';
import type { Outcome } from '@/core/kernel/outcome';
import type { UnitSystem } from '@/core/kernel/units/length';
import { PLAN_LIMITS } from '@/core/model/limits';
import { inUnits } from '@/text/inUnits';
import { useBench } from '../session/bench';
import { Field } from './Field';
import { MeasureField } from './MeasureField';
import { countIn, lengthIn, roomLengthIn, smallLengthIn, within } from './measures';
import { useDraft } from './useDraft';
import { whyNot } from './whyNot';

const LENGTHS = { coop: lengthIn, room: roomLengthIn, small: smallLengthIn } as const;

/** A length edited in place, held within bounds before it is committed. */
export function LengthField({
  label,
  value,
  units,
  least = 0,
  most = 30,
  of = 'coop',
  commit,
}: {
  label: string;
  value: number;
  units: UnitSystem;
  least?: number;
  most?: number;
  /** Of a room, a bare number up to 30 is feet in an imperial plan; of a small thing, all is inches. */
  of?: keyof typeof LENGTHS;
  commit: (m: number) => Outcome<unknown>;
}) {
  const hold = within(least, most, units);
  return (
    <MeasureField
      label={label}
      value={value}
      measure={LENGTHS[of](units)}
      commit={(m) => {
        const held = hold(m);
        return held.ok ? commit(m) : held;
      }}
    />
  );
}

export function CountField({
  label,
  value,
  least,
  most,
  inTable = false,
  commit,
}: {
  label: string;
  value: number;
  least: number;
  most: number;
  inTable?: boolean;
  commit: (n: number) => Outcome<unknown>;
}) {
  const measure = countIn(least, most);
  const take = (n: number): Outcome<unknown> => {
    const held = measure.read(String(n));
    return held.ok ? commit(n) : held;
  };
  return (
    <MeasureField label={label} value={value} measure={measure} inTable={inTable} commit={take} />
  );
}

/** A choice of a few. */
export function ChoiceField<T extends string>({
  label,
  value,
  choices,
  inTable = false,
  wide = false,
  commit,
}: {
  label: string;
  inTable?: boolean;
  /** A row of its own: its choices are long. */
  wide?: boolean;
  value: T;
  choices: readonly { readonly id: T; readonly name: string }[];
  commit: (value: T) => Outcome<unknown>;
}) {
  const id = useId();
  const units = useBench((s) => s.plan?.units ?? 'metric');
  const [error, setError] = useState<string | null>(null);
  const field = (
    <Field id={id} label={label} error={error} inTable={inTable}>
      <select
        id={id}
        className="input"
        value={value}
        onChange={(event) => {
          const outcome = commit(event.currentTarget.value as T);
          if (outcome.ok) setError(null);
          else whyNot(outcome, setError);
        }}
      >
        {choices.map((c) => (
          <option key={c.id} value={c.id}>
            {inUnits(c.name, units)}
          </option>
        ))}
      </select>
    </Field>
  );
  return wide ? <div className="col-span-full">{field}</div> : field;
}

/** Years before and after today beyond which a day is asked about. */
const YEARS_MEANT = 15;

/** Asks about a day in a year that nobody means: 1850, 3000; null for any other. */
function strangeYear(day: string, on: string): string | null {
  const year = Number(day.slice(0, 4));
  if (!/^\d{4,6}-/.test(day) || Math.abs(year - Number(on.slice(0, 4))) <= YEARS_MEANT) return null;
  return `Do you mean the year ${year}? Change it, or press Enter to keep it.`;
}

/** A name or a day: plain text committed on leaving; a text that can't be taken stays, with what is wrong. */
export function TextField({
  label,
  value,
  type = 'text',
  inTable = false,
  commit,
}: {
  label: string;
  inTable?: boolean;
  value: string;
  type?: 'text' | 'date';
  commit: (value: string) => Outcome<unknown>;
}) {
  const id = useId();
  const on = useBench((s) => s.on);
  const { draft, setDraft, error, settle, refuse, hold } = useDraft(label);
  /** @param sure  whether a year that nobody means is kept as it is typed */
  const take = (sure: boolean, draft: string | null): void => {
    if (draft === null) return;
    if (draft === value) {
      settle();
      return;
    }
    const asked = type === 'date' ? strangeYear(draft, on) : null;
    if (asked !== null && !(sure && error === asked)) {
      hold(asked, draft);
      return;
    }
    const outcome = commit(draft);
    if (outcome.ok) settle();
    else refuse(outcome, draft);
  };
  return (
    <Field
      id={id}
      label={label}
      error={error}
      typed={draft ?? ''}
      mean={(text) => take(true, text)}
      inTable={inTable}
    >
      <input
        id={id}
        type={type}
        className={`input ${type === 'date' ? 'figures text-[0.87rem]' : ''}`}
        value={draft ?? value}
        data-dirty={draft !== null || undefined}
        data-refused={(error !== null && draft !== null) || undefined}
        maxLength={type === 'text' ? PLAN_LIMITS.name : undefined}
        autoComplete="off"
        aria-invalid={error !== null}
        aria-describedby={error ? `${id}-error` : undefined}
        onChange={(event) => setDraft(event.currentTarget.value)}
        onBlur={() => take(false, draft)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') take(true, draft);
          if (event.key === 'Escape' && draft !== null) {
            event.stopPropagation();
            settle();
          }
        }}
      />
    </Field>
  );
}
