'use client';
import { Minus, Plus } from 'lucide-react';
import { type KeyboardEvent, useId, useRef, useState } from 'react';
import type { Outcome } from '@/core/kernel/outcome';
import { issueText } from '@/text/issues';
import { Field } from './Field';

/** How a kind of measure is read, written and stepped. */
export interface Measure {
  readonly unit: string;
  read(text: string): Outcome<number>;
  write(value: number): string;
  /** SI value of one press of an arrow key. */
  readonly step: number;
}

/**
 * A measure read as typed. It echoes what it read, gives back what was typed, and keeps a text it cannot
 * read, with what is wrong under it. Enter or leaving the field commits; Escape gives up the change.
 */
export function MeasureField({
  label,
  value,
  measure,
  commit,
  placeholder,
  autoFocus,
  inTable = false,
  clear,
}: {
  label: string;
  value: number | null;
  measure: Measure;
  /** Takes the value, SI; what is wrong with it, if it can't be taken. */
  commit: (value: number) => Outcome<unknown>;
  placeholder?: string;
  autoFocus?: boolean;
  inTable?: boolean;
  /** Leaves the measure open, where an emptied field may. */
  clear?: () => Outcome<unknown>;
}) {
  const id = useId();
  const [draft, setDraft] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  const typed = useRef<{ text: string; value: number } | null>(null);
  const written = value === null ? '' : measure.write(value);
  const read = draft === null ? null : measure.read(draft);
  const echo = read?.ok && draft !== written ? `= ${measure.write(read.value)}` : null;

  const take = (text: string): boolean => {
    if (text === written) return settle();
    if (clear && text.trim() === '') {
      const cleared = clear();
      return cleared.ok ? settle() : refuse(cleared);
    }
    const outcome = measure.read(text);
    if (!outcome.ok) return refuse(outcome);
    const committed = commit(outcome.value);
    if (!committed.ok) return refuse(committed);
    typed.current = { text, value: outcome.value };
    return settle();
  };
  const settle = (): boolean => {
    setDraft(null);
    setError(null);
    return true;
  };
  const refuse = (outcome: Outcome<unknown>): boolean => {
    const first = outcome.ok ? null : outcome.issues[0];
    setError(first ? issueText(first) : null);
    return false;
  };
  const step = (times: number): void => {
    if (value === null) return;
    const committed = commit(Math.round((value + times * measure.step) * 1e6) / 1e6);
    if (committed.ok) settle();
    else refuse(committed);
  };
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>): void => {
    if (event.key === 'Enter' && draft !== null) {
      event.preventDefault();
      if (take(draft)) event.currentTarget.select();
    } else if (event.key === 'Escape' && draft !== null) {
      event.stopPropagation();
      settle();
    } else if ((event.key === 'ArrowUp' || event.key === 'ArrowDown') && value !== null) {
      event.preventDefault();
      step((event.key === 'ArrowUp' ? 1 : -1) * (event.shiftKey ? 10 : 1));
    }
  };
  const same =
    value !== null && typed.current !== null && Math.abs(typed.current.value - value) < 1e-9;
  return (
    <Field inTable={inTable} id={id} label={label} unit={measure.unit} note={echo} error={error}>
      <div className="flex gap-1">
        <input
          id={id}
          className="input figures"
          // biome-ignore lint/a11y/noAutofocus: only the first field of a dialog that was just asked for
          autoFocus={autoFocus}
          value={draft ?? written}
          placeholder={placeholder}
          inputMode="text"
          autoComplete="off"
          aria-invalid={error !== null}
          aria-describedby={error ? `${id}-error` : echo ? `${id}-note` : undefined}
          onFocus={(event) => {
            if (draft === null && same && typed.current) setDraft(typed.current.text);
            const input = event.currentTarget;
            // by the next frame a quick Tab may have moved on, and selecting would bring the focus back
            requestAnimationFrame(() => {
              if (document.activeElement === input) input.select();
            });
          }}
          onChange={(event) => setDraft(event.currentTarget.value)}
          onBlur={() => {
            if (draft !== null && typed.current?.text === draft && same) settle();
            else if (draft !== null) take(draft);
          }}
          onKeyDown={onKeyDown}
        />
        <Stepper field={id} sign={-1} step={step} disabled={value === null} />
        <Stepper field={id} sign={1} step={step} disabled={value === null} />
      </div>
    </Field>
  );
}

/** A step up or down for a thumb; on a desk the arrow keys do the same. */
function Stepper({
  field,
  sign,
  step,
  disabled,
}: {
  /** Id of the field it steps. */
  field: string;
  sign: 1 | -1;
  step: (times: number) => void;
  disabled: boolean;
}) {
  return (
    <button
      type="button"
      className="icon-button shrink-0 border-line lg:hidden"
      disabled={disabled}
      aria-label={sign > 0 ? 'More' : 'Less'}
      aria-describedby={`${field}-label`}
      onClick={() => step(sign)}
    >
      {sign > 0 ? <Plus size={16} aria-hidden /> : <Minus size={16} aria-hidden />}
    </button>
  );
}
