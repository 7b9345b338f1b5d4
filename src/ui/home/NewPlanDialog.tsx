'use client';
import { zodResolver } from '@hookform/resolvers/zod';
import { Plus } from 'lucide-react';
import { useRouter } from 'next/navigation';
import * as Dialog from 'radix-ui/dialog';
import { useId, useState } from 'react';
import { type FieldErrors, type UseFormRegister, useForm } from 'react-hook-form';
import { z } from 'zod';
import { newPlan } from '@/core/edit/defaults';
import {
  fieldUnit,
  formatLength,
  readRoomLength,
  type UnitSystem,
} from '@/core/kernel/units/length';
import { PLAN_LIMITS } from '@/core/model/limits';
import type { Roof } from '@/core/model/schema';
import { issueText } from '@/text/issues';
import { Field } from '../forms/Field';
import { within } from '../forms/measures';
import { roofOfKind } from '../panel/roof';

/** A length typed into the form, read in the units chosen there and held between 0.3 and 30 m. */
function readInside(text: string, units: UnitSystem): { m: number } | { wrong: string } {
  const read = readRoomLength(text, units);
  const held = read.ok ? within(0.3, 30, units)(read.value) : read;
  if (held.ok) return { m: held.value };
  const first = held.issues[0];
  return { wrong: first ? issueText(first) : '' };
}

const LENGTHS = ['length', 'width', 'low', 'high'] as const;

const formSchema = z
  .object({
    name: z.string().trim().min(1, 'Give the coop a name.').max(PLAN_LIMITS.name),
    units: z.enum(['metric', 'imperial']),
    roof: z.enum(['mono', 'gable', 'flat']),
    length: z.string(),
    width: z.string(),
    low: z.string(),
    high: z.string(),
  })
  .superRefine((form, ctx) => {
    const metres: Partial<Record<(typeof LENGTHS)[number], number>> = {};
    for (const key of LENGTHS) {
      if (key === 'low' && form.roof === 'flat') continue;
      const read = readInside(form[key], form.units);
      if ('wrong' in read) ctx.addIssue({ code: 'custom', path: [key], message: read.wrong });
      else metres[key] = read.m;
    }
    if (metres.low !== undefined && metres.high !== undefined && metres.high < metres.low) {
      ctx.addIssue({
        code: 'custom',
        path: ['high'],
        message: 'The high side is lower than the low side. Swap them.',
      });
    }
  });

type Form = z.infer<typeof formSchema>;

const START: Form = {
  name: '',
  units: 'metric',
  roof: 'mono',
  length: '',
  width: '',
  low: '',
  high: '',
};

/** Asks for what a keeper can measure first, and opens the new plan at its flock. */
export function NewPlanDialog() {
  const [open, setOpen] = useState(false);
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger className="button button-primary">
        <Plus size={15} aria-hidden /> New plan
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-10 bg-ink/40" />
        <Dialog.Content className="-translate-x-1/2 -translate-y-1/2 fixed top-1/2 left-1/2 z-20 max-h-[92vh] w-[min(32rem,94vw)] overflow-auto border border-strong bg-raised p-5 shadow-xl">
          <Dialog.Title className="text-[1.3rem]">New plan</Dialog.Title>
          <Dialog.Description className="mt-1 text-soft">
            Measure inside, wall to wall and floor to roof. Birds and fittings come next.
          </Dialog.Description>
          <NewPlanForm />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function NewPlanForm() {
  const router = useRouter();
  const { register, handleSubmit, watch, setError, formState } = useForm<Form>({
    resolver: zodResolver(formSchema),
    defaultValues: START,
  });
  const { errors, isSubmitting } = formState;
  const form = watch();
  const store = async (values: Form): Promise<void> => {
    try {
      const response = await fetch('/api/plans', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(planFrom(values)),
      });
      if (!response.ok) throw new Error(String(response.status));
      router.push(`/plans/${((await response.json()) as { id: string }).id}`);
    } catch {
      setError('root', {
        message: 'The server does not answer, so nothing was stored. Start it and press again.',
      });
    }
  };
  const unit = form.units === 'imperial' ? 'ft' : fieldUnit(form.units);
  return (
    <form onSubmit={handleSubmit(store)} noValidate className="mt-4 flex flex-col gap-3">
      <FormField name="name" label="Name of the coop" register={register} errors={errors} />
      <div className="grid grid-cols-2 gap-3">
        <FormChoice
          name="units"
          label="Units"
          register={register}
          choices={[
            ['metric', 'metres, kilograms'],
            ['imperial', 'feet, pounds'],
          ]}
        />
        <FormChoice
          name="roof"
          label="Roof"
          register={register}
          choices={[
            ['mono', 'one slope, high at the rear'],
            ['gable', 'gable, ridge left to right'],
            ['flat', 'flat'],
          ]}
        />
        <FormField
          name="length"
          label="Length, left to right"
          unit={unit}
          register={register}
          errors={errors}
          note={echo(form.length, form.units)}
        />
        <FormField
          name="width"
          label="Width, front to rear"
          unit={unit}
          register={register}
          errors={errors}
          note={echo(form.width, form.units)}
        />
        {form.roof === 'flat' ? null : (
          <FormField
            name="low"
            label="Height, low side"
            unit={unit}
            register={register}
            errors={errors}
            note={echo(form.low, form.units)}
          />
        )}
        <FormField
          name="high"
          label={
            form.roof === 'flat'
              ? 'Height inside'
              : form.roof === 'gable'
                ? 'Height at the ridge'
                : 'Height, high side'
          }
          unit={unit}
          register={register}
          errors={errors}
          note={echo(form.high, form.units)}
        />
      </div>
      {errors.root ? (
        <p role="alert" className="text-oxide">
          {errors.root.message}
        </p>
      ) : null}
      <div className="mt-2 flex justify-end gap-2">
        <Dialog.Close type="button" className="button">
          Cancel
        </Dialog.Close>
        <button type="submit" className="button button-primary" disabled={isSubmitting}>
          Start the plan
        </button>
      </div>
    </form>
  );
}

function FormField({
  name,
  label,
  unit,
  note,
  register,
  errors,
}: {
  name: keyof Form;
  label: string;
  unit?: string;
  note?: string | null;
  register: UseFormRegister<Form>;
  errors: FieldErrors<Form>;
}) {
  const id = useId();
  const error = errors[name]?.message ?? null;
  return (
    <Field id={id} label={label} unit={unit} note={note ?? null} error={error}>
      <input
        id={id}
        className={`input ${name === 'name' ? '' : 'figures'}`}
        autoComplete="off"
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
  choices,
  register,
}: {
  name: 'units' | 'roof';
  label: string;
  choices: readonly (readonly [id: string, name: string])[];
  register: UseFormRegister<Form>;
}) {
  const id = useId();
  return (
    <Field id={id} label={label}>
      <select id={id} className="input" {...register(name)}>
        {choices.map(([value, text]) => (
          <option key={value} value={value}>
            {text}
          </option>
        ))}
      </select>
    </Field>
  );
}

/** What was read, as the tape has it. */
function echo(text: string, units: UnitSystem): string | null {
  const read = readRoomLength(text, units);
  return read.ok ? `= ${formatLength(read.value, { units })}` : null;
}

function planFrom(form: Form) {
  const metres = (text: string): number => {
    const read = readInside(text, form.units);
    if ('wrong' in read) throw new Error(read.wrong);
    return read.m;
  };
  const highM = metres(form.high);
  const roof: Roof = roofOfKind(form.roof, {
    lowM: form.roof === 'flat' ? highM : metres(form.low),
    highM,
  });
  return newPlan({
    id: crypto.randomUUID(),
    name: form.name,
    units: form.units,
    timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC',
    lengthM: metres(form.length),
    widthM: metres(form.width),
    roof,
  });
}
