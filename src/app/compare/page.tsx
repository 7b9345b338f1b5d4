import type { Metadata } from 'next';
import { headers } from 'next/headers';
import { dayIn } from '@/core/kernel/units/day';
import { planHeads, readPlans } from '@/server/plans';
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
  const heads = await planHeads();
  const found = [...new Set(asked)].filter((id) => heads.some((head) => head.id === id));
  const [only] = found;
  const family = heads.find((head) => head.id === only)?.family;
  const kin = heads.filter((head) => head.family === family && head.id !== only);
  const ids = found.length === 1 ? [...found, ...kin.slice(0, 1).map((head) => head.id)] : found;
  const { plans: shown } = await readPlans(ids.slice(0, MOST_COMPARED));
  return (
    <CompareScreen
      plans={shown.map(({ plan, revision }) => ({
        plan,
        revision,
        on: dayIn(now(), plan.timeZone),
      }))}
      all={heads.map(({ id, name, family }) => ({ id, name, family }))}
      nonce={(await headers()).get('x-nonce') ?? ''}
    />
  );
}
