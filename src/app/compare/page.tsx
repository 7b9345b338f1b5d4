import type { Metadata } from 'next';
import { headers } from 'next/headers';
import { dayIn } from '@/core/kernel/units/day';
import { listPlans } from '@/server/plans';
import { now } from '@/server/settings';
import { CompareScreen } from '@/ui/compare/CompareScreen';
import { MOST_COMPARED } from '@/ui/compare/columns';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Plans side by side' };

interface Props {
  readonly searchParams: Promise<{ plan?: string | string[] }>;
}

/** Plans side by side: those asked for that there are; one alone has its nearest variant beside it. */
export default async function ComparePage({ searchParams }: Props) {
  const asked = [(await searchParams).plan ?? []].flat();
  const { plans } = await listPlans();
  const found = [...new Set(asked)].flatMap((id) => plans.filter((p) => p.plan.id === id));
  const [only] = found;
  const kin = plans.filter((p) => p.family === only?.family && p !== only);
  const shown = (found.length === 1 ? [...found, ...kin.slice(0, 1)] : found).slice(
    0,
    MOST_COMPARED,
  );
  return (
    <CompareScreen
      plans={shown.map(({ plan, revision }) => ({
        plan,
        revision,
        on: dayIn(now(), plan.timeZone),
      }))}
      all={plans.map(({ plan, family }) => ({ id: plan.id, name: plan.name, family }))}
      nonce={(await headers()).get('x-nonce') ?? ''}
    />
  );
}
