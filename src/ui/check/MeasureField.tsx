'use client';
import { useId } from 'react';
import type { Issue } from '@/core/kernel/outcome';
import type { UnitSystem } from '@/core/kernel/units/length';
import { fieldUnit } from '@/core/kernel/units/length';
import { isRough } from '@/core/measure/bands';
import { issueText } from '@/text/issues';
import { bandText, type MeasureWords } from '@/text/measuring';
import { readRough } from '@/text/roughWords';
import { Field } from '../forms/Field';

/** Heights that everybody carries along. */
const BY_BODY = ['shin', 'knee', 'hip', 'chest', 'eyes'] as const;

/** One measure: exact, about, between two, or by the keeper's own body. */
export function MeasureField({
  words,
  value,
  units,
  statureM,
  height,
  wrong,
  shown,
  show,
  change,
}: {
  words: MeasureWords;
  value: string;
  units: UnitSystem;
  statureM: number;
  height: boolean;
  wrong: Issue | undefined;
  /** Whether its tape is the one that is drawn. */
  shown: boolean;
  show: () => void;
  change: (value: string) => void;
}) {
  const id = useId();
  const read = value.trim() === '' ? null : readRough(value, units, statureM);
  const note = read?.ok && isRough(read.value) ? bandText(read.value, units) : null;
  return (
    <div className={shown ? 'bg-chalk-soft/40' : undefined}>
      <Field
        id={id}
        label={words.name}
        unit={fieldUnit(units)}
        note={note}
        error={wrong ? issueText(wrong) : null}
        typed={value}
        mean={change}
      >
        <input
          id={id}
          className="input figures"
          value={value}
          maxLength={60}
          autoComplete="off"
          placeholder="not measured"
          title={words.how}
          aria-invalid={wrong !== undefined}
          aria-describedby={wrong ? `${id}-error` : note ? `${id}-note` : undefined}
          onFocus={show}
          onChange={(e) => change(e.target.value)}
        />
      </Field>
      {shown && height ? (
        <fieldset className="mt-1 flex flex-wrap gap-1" aria-label={`${words.name}: about so high`}>
          {BY_BODY.map((part) => (
            <button
              key={part}
              type="button"
              // Tab goes from measure to measure; by key the same is typed: "knee high"
              tabIndex={-1}
              className="border border-line bg-raised px-1.5 text-[0.82rem] text-chalk hover:border-chalk max-lg:min-h-[44px] max-lg:px-3"
              onClick={() => change(`${part} high`)}
            >
              {part}
            </button>
          ))}
        </fieldset>
      ) : null}
    </div>
  );
}
