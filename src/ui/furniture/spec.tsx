'use client';
import { type ReactNode, useId } from 'react';
import { fail, issue, type Outcome } from '@/core/kernel/outcome';
import type { UnitSystem } from '@/core/kernel/units/length';
import type { Plan } from '@/core/model/schema';
import { ChoiceField, CountField, LengthField } from '../forms/fields';
import { type Measure, MeasureField } from '../forms/MeasureField';
import { amountIn, lengthIn } from '../forms/measures';
import { usePlan } from '../session/bench';

interface Of<T, V> {
  readonly label: string;
  get(of: T, plan: Plan): V;
  set(of: T, value: V, plan: Plan): void;
  /** Left out where it says nothing of this one. */
  when?(of: T, plan: Plan): boolean;
}

/** A field of something in the plan: what it is called, and how it is read and set. */
export type Spec<T> =
  | ({
      readonly kind: 'length';
      readonly least?: number;
      readonly most?: number;
      /** Of a small thing: all is inches in an imperial plan. */
      readonly small?: true;
    } & Of<T, number>)
  | ({ readonly kind: 'openLength'; readonly none: string; readonly most?: number } & Of<
      T,
      number | null
    >)
  | ({ readonly kind: 'count'; readonly least: number; readonly most: number } & Of<T, number>)
  | ({
      readonly kind: 'amount';
      readonly unit: string;
      readonly least: number;
      readonly most: number;
      readonly step?: number;
    } & Of<T, number>)
  | ({
      readonly kind: 'openAmount';
      readonly unit: string;
      /** How it is read and written, where that hangs on the thing. */
      measure?(of: T, units: UnitSystem): Measure | null;
      readonly none: string;
      readonly least: number;
      readonly most: number;
    } & Of<T, number | null>)
  | ({
      readonly kind: 'choice';
      readonly choices: readonly { readonly id: string; readonly name: string }[];
      /** A row of its own: its choices are long. */
      readonly wide?: true;
    } & Of<T, string>)
  | ({ readonly kind: 'yes' /** Two beside one another. */; readonly half?: true } & Of<
      T,
      boolean
    >);

/** Fields by their specification; `change` makes one undoable edit. */
export function SpecFields<T>({
  of,
  specs,
  change,
}: {
  of: T;
  specs: readonly Spec<T>[];
  change: (name: string, recipe: (draft: T, plan: Plan) => void) => Outcome<unknown>;
}) {
  const plan = usePlan();
  return specs
    .filter((s) => s.when?.(of, plan) ?? true)
    .map((s) => <SpecField key={s.label} of={of} spec={s} plan={plan} change={change} />);
}

function SpecField<T>({
  of,
  spec,
  plan,
  change,
}: {
  of: T;
  spec: Spec<T>;
  plan: Plan;
  change: (name: string, recipe: (draft: T, plan: Plan) => void) => Outcome<unknown>;
}): ReactNode {
  const { label } = spec;
  switch (spec.kind) {
    case 'length':
      return (
        <LengthField
          label={label}
          value={spec.get(of, plan)}
          units={plan.units}
          least={spec.least ?? 0}
          most={spec.most ?? 30}
          of={spec.small ? 'small' : 'coop'}
          commit={(v) => change(label, (d, p) => spec.set(d, v, p))}
        />
      );
    case 'openLength':
      return (
        <MeasureField
          label={label}
          value={spec.get(of, plan)}
          measure={lengthIn(plan.units)}
          placeholder={spec.none}
          commit={(v) => change(label, (d, p) => spec.set(d, v, p))}
          clear={() => change(label, (d, p) => spec.set(d, null, p))}
        />
      );
    case 'count':
      return (
        <CountField
          label={label}
          value={spec.get(of, plan)}
          least={spec.least}
          most={spec.most}
          commit={(v) => change(label, (d, p) => spec.set(d, v, p))}
        />
      );
    case 'amount':
    case 'openAmount': {
      const own = spec.kind === 'openAmount' ? spec.measure?.(of, plan.units) : null;
      const measure =
        own ?? amountIn(spec.unit, plan.units, spec.kind === 'amount' ? spec.step : undefined);
      const commit = (v: number): Outcome<unknown> =>
        v >= spec.least && v <= spec.most
          ? change(label, (d, p) => spec.set(d, v, p))
          : fail(
              issue('length.outOfRange', {
                least: measure.write(spec.least),
                most: measure.write(spec.most),
              }),
            );
      const shared = { label, measure, commit };
      return spec.kind === 'amount' ? (
        <MeasureField {...shared} value={spec.get(of, plan)} />
      ) : (
        <MeasureField
          {...shared}
          value={spec.get(of, plan)}
          placeholder={spec.none}
          clear={() => change(label, (d, p) => spec.set(d, null, p))}
        />
      );
    }
    case 'choice':
      return (
        <ChoiceField
          label={label}
          value={spec.get(of, plan)}
          choices={spec.choices}
          wide={spec.wide ?? false}
          commit={(v) => change(label, (d, p) => spec.set(d, v, p))}
        />
      );
    case 'yes':
      return (
        <YesField
          label={label}
          half={spec.half ?? false}
          value={spec.get(of, plan)}
          commit={(v) => change(label, (d, p) => spec.set(d, v, p))}
        />
      );
  }
}

/** Yes or no. */
function YesField({
  label,
  half,
  value,
  commit,
}: {
  label: string;
  half: boolean;
  value: boolean;
  commit: (value: boolean) => Outcome<unknown>;
}) {
  const id = useId();
  return (
    <label
      htmlFor={id}
      className={`${half ? '' : 'col-span-full'} flex items-center gap-2 text-[0.9rem] max-lg:min-h-[44px]`}
    >
      <input
        id={id}
        type="checkbox"
        className="size-4 shrink-0 accent-(--chalk)"
        checked={value}
        onChange={(event) => commit(event.currentTarget.checked)}
      />
      {label}
    </label>
  );
}

/** Fields that are seldom changed, folded away. */
export function More({ title, children }: { title: string; children: ReactNode }) {
  return (
    <details className="group col-span-full text-[0.9rem]">
      <summary className="w-fit text-[0.84rem] text-chalk hover:underline max-lg:min-h-[44px]">
        {title}
      </summary>
      <div className="mt-1.5 grid grid-cols-2 gap-x-3 gap-y-1.5 max-sm:grid-cols-1">{children}</div>
    </details>
  );
}
