'use client';
import { Minus, Plus } from 'lucide-react';
import { type KeyboardEvent, useId, useLayoutEffect, useRef } from 'react';
import type { Outcome } from '@/core/kernel/outcome';
import { afterEdits } from '../session/bench';
import { Field } from './Field';
import { stepName, useThing } from './thing';
import { useDraft } from './useDraft';

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
  /** Takes the value, SI, and the text that it was read from, where it was typed; what is wrong with it, if it can't be taken. */
  commit: (value: number, text?: string) => Outcome<unknown>;
  placeholder?: string;
  autoFocus?: boolean;
  inTable?: boolean;
  /** Leaves the measure open, where an emptied field may. */
  clear?: () => Outcome<unknown>;
}) {
  const id = useId();
  const thing = useThing();
  const { draft, setDraft, error, settle, refuse } = useDraft(label);
  const typed = useRef<{ text: string; value: number } | null>(null);
  /** Whether the field has the focus and nothing has been typed in it since. */
  const untouched = useRef(false);
  const written = value === null ? '' : measure.write(value);
  const read = draft === null ? null : measure.read(draft);
  const echo = read?.ok && draft !== written ? `= ${measure.write(read.value)}` : null;

  const take = (text: string): boolean => {
    if (text === written) return settle();
    if (clear && text.trim() === '') {
      const cleared = clear();
      return cleared.ok ? settle() : refuse(cleared, text);
    }
    const outcome = measure.read(text);
    if (!outcome.ok) return refuse(outcome, text);
    const committed = commit(outcome.value, text);
    if (!committed.ok) return refuse(committed, text);
    typed.current = { text, value: outcome.value };
    return settle();
  };
  const step = (times: number): void => {
    if (value === null) return;
    const stepped = Math.round((value + times * measure.step) * 1e6) / 1e6;
    const committed = commit(stepped);
    if (committed.ok) settle();
    // a step too far changes nothing: it is said, and the value stands
    else refuse(committed, null);
  };
  // a step counts from what the field shows when its turn comes, not from before an edit that still waits
  const latestStep = useRef(step);
  useLayoutEffect(() => {
    latestStep.current = step;
  });
  const stepInTurn = (times: number): void => afterEdits(() => latestStep.current(times));
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>): void => {
    if (event.key === 'Enter' && draft !== null) {
      event.preventDefault();
      if (take(draft)) event.currentTarget.select();
    } else if (event.key === 'Escape' && draft !== null) {
      event.stopPropagation();
      settle();
    } else if ((event.key === 'ArrowUp' || event.key === 'ArrowDown') && value !== null) {
      event.preventDefault();
      stepInTurn((event.key === 'ArrowUp' ? 1 : -1) * (event.shiftKey ? 10 : 1));
    }
  };
  const same =
    value !== null && typed.current !== null && Math.abs(typed.current.value - value) < 1e-9;
  return (
    <Field
      inTable={inTable}
      id={id}
      label={label}
      unit={measure.unit}
      echo={echo}
      error={error}
      typed={draft ?? ''}
      mean={take}
    >
      <div className="flex gap-1">
        <input
          id={id}
          className="input figures"
          // biome-ignore lint/a11y/noAutofocus: only the first field of a dialog that was just asked for
          autoFocus={autoFocus}
          value={draft ?? written}
          data-dirty={(draft !== null && draft !== typed.current?.text) || undefined}
          data-refused={(error !== null && draft !== null) || undefined}
          placeholder={placeholder}
          inputMode="text"
          autoComplete="off"
          aria-invalid={error !== null}
          aria-describedby={error ? `${id}-error` : echo ? `${id}-note` : undefined}
          onFocus={(event) => {
            if (draft === null && same && typed.current) setDraft(typed.current.text);
            const input = event.currentTarget;
            untouched.current = true;
            // by the next frame a quick Tab may have moved on, and selecting would bring the focus back; or a quick
            // hand has typed, and its first letter would be typed over
            requestAnimationFrame(() => {
              if (document.activeElement === input && untouched.current) input.select();
            });
          }}
          onChange={(event) => {
            untouched.current = false;
            setDraft(event.currentTarget.value);
          }}
          onBlur={() => {
            if (draft !== null && typed.current?.text === draft && same) settle();
            else if (draft !== null) take(draft);
          }}
          onKeyDown={onKeyDown}
        />
        {([-1, 1] as const).map((sign) => (
          <Stepper
            key={sign}
            name={stepName(label, sign, thing?.name)}
            sign={sign}
            step={stepInTurn}
            disabled={value === null}
          />
        ))}
      </div>
    </Field>
  );
}

/** A step up or down for a thumb; on a desk the arrow keys do the same. */
function Stepper({
  name,
  sign,
  step,
  disabled,
}: {
  name: string;
  sign: 1 | -1;
  step: (times: number) => void;
  disabled: boolean;
}) {
  return (
    <button
      type="button"
      className="icon-button shrink-0 border-line lg:hidden"
      disabled={disabled}
      aria-label={name}
      onClick={() => step(sign)}
    >
      {sign > 0 ? <Plus size={16} aria-hidden /> : <Minus size={16} aria-hidden />}
    </button>
  );
}
