'use client';
import { useEffect, useId, useState } from 'react';
import { parsePlan } from '@/core/edit/parse';
import { edit, usePlan } from '../session/bench';

interface Listed {
  readonly id: string;
  readonly name: string;
}

/** Takes the rules of another plan into this one, as one edit. */
export function TakeRules() {
  const id = useId();
  const plan = usePlan();
  const [plans, setPlans] = useState<readonly Listed[]>([]);
  const [wrong, setWrong] = useState(false);
  useEffect(() => {
    fetch('/api/plans')
      .then((r) => r.json())
      .then((all: Listed[]) => setPlans(all.filter((p) => p.id !== plan.id)))
      .catch(() => setPlans([]));
  }, [plan.id]);
  if (plans.length === 0) return null;
  const take = async (from: Listed): Promise<void> => {
    setWrong(false);
    try {
      const response = await fetch(`/api/plans/${from.id}`);
      const read = parsePlan(((await response.json()) as { plan: unknown }).plan);
      if (!read.ok) throw new Error('it is no plan');
      const { schools, litter } = read.value;
      edit(`Rules of ${from.name}`, (d) => {
        d.schools = { ...schools };
        d.litter.school = litter.school;
      });
    } catch {
      setWrong(true);
    }
  };
  return (
    <div className="mt-3 flex flex-wrap items-center gap-2">
      <label htmlFor={id} className="text-soft">
        Or take the rules of another plan:
      </label>
      <select
        id={id}
        className="input w-auto"
        value=""
        onChange={(e) => {
          const from = plans.find((p) => p.id === e.target.value);
          if (from) void take(from);
        }}
      >
        <option value="">choose a plan</option>
        {plans.map((p) => (
          <option key={p.id} value={p.id}>
            {p.name}
          </option>
        ))}
      </select>
      {wrong ? (
        <p role="alert" className="text-oxide">
          The server does not answer, so no rule was changed. Try again.
        </p>
      ) : null}
    </div>
  );
}
