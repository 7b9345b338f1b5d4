'use client';
import { zodResolver } from '@hookform/resolvers/zod';
import { useRouter } from 'next/navigation';
import * as Dialog from 'radix-ui/dialog';
import { type ReactNode, useId, useState } from 'react';
import { type FieldErrors, type UseFormRegister, useForm } from 'react-hook-form';
import {
  fieldUnit,
  formatLength,
  readRoomLength,
  type UnitSystem,
} from '@/core/kernel/units/length';
import { ANY_BREED_IDS, BREEDS } from '@/core/model/breeds.data';
import { CLIMATES } from '@/core/model/climates.data';
import { climateChoice } from '@/text/climates';
import { Field } from '../forms/Field';
import { storeNew } from '../session/storeNew';
import { rememberUnits, unitsToBegin } from '../units/remembered';
import { type Answers, answersSchema, BEGIN, planFrom, WHO_AND_WHERE } from './newPlanAnswers';

/** Two questions, one after the other: who and where, then the room. */
export function NewPlanForm() {
  const router = useRouter();
  const [step, setStep] = useState<'who' | 'room'>('who');
  const { register, handleSubmit, watch, setError, setValue, trigger, setFocus, formState } =
    useForm<Answers>({
      resolver: zodResolver(answersSchema),
      defaultValues: { ...BEGIN, units: unitsToBegin() },
    });
  const { errors, isSubmitting } = formState;
  const form = watch();
  const store = async (answers: Answers): Promise<void> => {
    const stored = await storeNew(planFrom(answers, new Date()));
    if (stored.ok) router.push(stored.href);
    else {
      setError('root', {
        message: 'The server does not answer, so nothing was stored. Start it and press again.',
      });
    }
  };
  const next = async (): Promise<void> => {
    if (!(await trigger(WHO_AND_WHERE))) return;
    rememberUnits(form.units);
    setStep('room');
    requestAnimationFrame(() => setFocus('length'));
  };
  const submit = step === 'who' ? next : handleSubmit(store);
  const parts: Part = {
    form,
    register,
    errors,
    mean: (name, text) => setValue(name, text, { shouldValidate: true }),
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void submit(event);
      }}
      noValidate
      className="mt-1"
    >
      {step === 'who' ? (
        <>
          <p className="text-soft">Who lives in it, and where does it stand?</p>
          <WhoAndWhere {...parts} />
        </>
      ) : (
        <>
          <p className="text-soft">
            How big is the room? Measure inside, wall to wall and floor to roof.
          </p>
          <Room {...parts} />
        </>
      )}
      {errors.root ? (
        <p role="alert" className="mt-3 text-oxide">
          {errors.root.message}
        </p>
      ) : null}
      <div className="mt-5 flex justify-end gap-2">
        {step === 'who' ? (
          <>
            <Dialog.Close type="button" className="button">
              Cancel
            </Dialog.Close>
            <button type="submit" className="button button-primary">
              Next: the room
            </button>
          </>
        ) : (
          <>
            <button type="button" className="button" onClick={() => setStep('who')}>
              Back
            </button>
            <button type="submit" className="button button-primary" disabled={isSubmitting}>
              Start the plan
            </button>
          </>
        )}
      </div>
    </form>
  );
}

interface Part {
  readonly form: Answers;
  readonly register: UseFormRegister<Answers>;
  readonly errors: FieldErrors<Answers>;
  /** Takes one way in which a text can be meant. */
  readonly mean: (name: keyof Answers, text: string) => void;
}

function WhoAndWhere({ form, ...shared }: Part) {
  return (
    <div className="mt-3 grid grid-cols-2 gap-3 max-sm:grid-cols-1">
      <FormField name="name" label="Name of the coop" {...shared} />
      <FormChoice name="units" label="Units" {...shared}>
        <option value="metric">metres, kilograms, °C</option>
        <option value="imperial">feet, pounds, °F</option>
      </FormChoice>
      <FormField name="birds" label="How many birds, if you know" {...shared} />
      <FormChoice name="breed" label="What kind" {...shared}>
        {KINDS.map(([heading, breeds]) => (
          <optgroup key={heading} label={heading}>
            {breeds.map((b) => (
              <option key={b.id} value={b.id}>
                {b.name}
              </option>
            ))}
          </optgroup>
        ))}
      </FormChoice>
      <div className="col-span-full">
        <FormChoice name="climate" label="What is the weather like there" {...shared}>
          <option value="">I will say later</option>
          {CLIMATES.map((c) => (
            <option key={c.id} value={c.id}>
              {climateChoice(c, form.units)}
            </option>
          ))}
        </FormChoice>
      </div>
    </div>
  );
}

const KINDS = [
  ['Not one breed', BREEDS.filter((b) => ANY_BREED_IDS.has(b.id))],
  ['Chickens', BREEDS.filter((b) => b.kind === 'chicken' && !ANY_BREED_IDS.has(b.id))],
  ['Ducks', BREEDS.filter((b) => b.kind === 'duck')],
  ['Meat birds', BREEDS.filter((b) => b.kind === 'meat')],
] as const;

function Room({ form, ...shared }: Part) {
  const unit = form.units === 'imperial' ? 'ft' : fieldUnit(form.units);
  const room = (name: 'length' | 'width' | 'low' | 'high', label: string): ReactNode => (
    <FormField
      name={name}
      label={label}
      unit={unit}
      note={echo(form[name], form.units)}
      typed={form[name]}
      {...shared}
    />
  );
  return (
    <div className="mt-3 grid grid-cols-2 gap-3 max-sm:grid-cols-1">
      {room('length', 'Length, left to right')}
      {room('width', 'Width, front to rear')}
      <div className="col-span-full">
        <FormChoice name="roof" label="Roof" {...shared}>
          <option value="mono">one slope, high at the rear</option>
          <option value="gable">gable, ridge left to right</option>
          <option value="flat">flat</option>
        </FormChoice>
      </div>
      {form.roof === 'flat' ? null : room('low', 'Height, low side')}
      {room('high', HIGH_LABELS[form.roof])}
    </div>
  );
}

const HIGH_LABELS = {
  flat: 'Height inside',
  gable: 'Height at the ridge',
  mono: 'Height, high side',
} as const;

function FormField({
  name,
  label,
  unit,
  note,
  typed = '',
  register,
  errors,
  mean,
}: Omit<Part, 'form'> & {
  name: keyof Answers;
  label: string;
  typed?: string;
  unit?: string;
  note?: string | null;
}) {
  const id = useId();
  const error = errors[name]?.message ?? null;
  return (
    <Field
      id={id}
      label={label}
      unit={unit}
      note={note ?? null}
      error={error}
      typed={typed}
      mean={(text) => mean(name, text)}
    >
      <input
        id={id}
        className={`input ${name === 'name' ? '' : 'figures'}`}
        autoComplete="off"
        inputMode={name === 'birds' ? 'numeric' : undefined}
        aria-invalid={error !== null}
        aria-describedby={error ? `${id}-error` : undefined}
        {...register(name)}
      />
    </Field>
  );
}

function FormChoice({
  name,
  label,
  register,
  children,
}: Omit<Part, 'form' | 'errors' | 'mean'> & {
  name: keyof Answers;
  label: string;
  errors?: FieldErrors<Answers>;
  mean?: Part['mean'];
  children: ReactNode;
}) {
  const id = useId();
  return (
    <Field id={id} label={label}>
      <select id={id} className="input" {...register(name)}>
        {children}
      </select>
    </Field>
  );
}

/** What was read, as the tape has it. */
function echo(text: string, units: UnitSystem): string | null {
  const read = readRoomLength(text, units);
  return read.ok ? `= ${formatLength(read.value, { units })}` : null;
}
