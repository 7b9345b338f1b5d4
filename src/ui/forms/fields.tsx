'use client';
import { useId, useState } from 'react';
import type { Outcome } from '@/core/kernel/outcome';
import type { UnitSystem } from '@/core/kernel/units/length';
import { PLAN_LIMITS } from '@/core/model/limits';
import { issueText } from '@/text/issues';
import { Field } from './Field';
import { MeasureField } from './MeasureField';
import { countIn, lengthIn, roomLengthIn, within } from './measures';

const firstText = (outcome: Outcome<unknown>): string | null => {
  const first = outcome.ok ? undefined : outcome.issues[0];
  return first ? issueText(first) : null;
};

/** A length edited in place, held within bounds before it is committed. */
export function LengthField({
  label,
  value,
  units,
  least = 0,
  most = 30,
  room = false,
  commit,
}: {
  label: string;
  value: number;
  units: UnitSystem;
  least?: number;
  most?: number;
  /** Of a room: a bare number up to 30 is feet in an imperial plan. */
  room?: boolean;
  commit: (m: number) => Outcome<unknown>;
}) {
  const hold = within(least, most, units);
  return (
    <MeasureField
      label={label}
      value={value}
      measure={(room ? roomLengthIn : lengthIn)(units)}
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
  commit,
}: {
  label: string;
  inTable?: boolean;
  value: T;
  choices: readonly { readonly id: T; readonly name: string }[];
  commit: (value: T) => Outcome<unknown>;
}) {
  const id = useId();
  const [error, setError] = useState<string | null>(null);
  return (
    <Field id={id} label={label} error={error} inTable={inTable}>
      <select
        id={id}
        className="input"
        value={value}
        onChange={(event) => setError(firstText(commit(event.currentTarget.value as T)))}
      >
        {choices.map((c) => (
          <option key={c.id} value={c.id}>
            {c.name}
          </option>
        ))}
      </select>
    </Field>
  );
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
  const [draft, setDraft] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  const take = (): void => {
    if (draft === null) return;
    const outcome = draft === value ? null : commit(draft);
    setError(outcome ? firstText(outcome) : null);
    if (!outcome || outcome.ok) setDraft(null);
  };
  return (
    <Field id={id} label={label} error={error} inTable={inTable}>
      <input
        id={id}
        type={type}
        className={`input ${type === 'date' ? 'figures text-[0.87rem]' : ''}`}
        value={draft ?? value}
        maxLength={type === 'text' ? PLAN_LIMITS.name : undefined}
        autoComplete="off"
        aria-invalid={error !== null}
        aria-describedby={error ? `${id}-error` : undefined}
        onChange={(event) => setDraft(event.currentTarget.value)}
        onBlur={take}
        onKeyDown={(event) => {
          if (event.key === 'Enter') take();
          if (event.key === 'Escape' && draft !== null) {
            event.stopPropagation();
            setDraft(null);
            setError(null);
          }
        }}
      />
    </Field>
  );
}
