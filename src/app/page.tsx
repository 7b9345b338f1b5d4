import { headers } from 'next/headers';
import { dayIn } from '@/core/kernel/units/day';
import { listPlans } from '@/server/plans';
import { now } from '@/server/settings';
import { Home } from '@/ui/home/Home';

export const dynamic = 'force-dynamic';

export default async function PlansPage() {
  const [{ plans, unreadable }, requestHeaders] = await Promise.all([listPlans(), headers()]);
  return (
    <Home
      plans={plans.map(({ plan }) => ({ plan, on: dayIn(now(), plan.timeZone) }))}
      unreadable={unreadable}
      nonce={requestHeaders.get('x-nonce') ?? ''}
    />
  );
}
