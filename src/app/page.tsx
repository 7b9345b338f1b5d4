import { headers } from 'next/headers';
import { dayIn } from '@/core/kernel/units/day';
import { listBin } from '@/server/bin';
import { listPlans } from '@/server/plans';
import { now } from '@/server/settings';
import { formatDay } from '@/text/format';
import { Home } from '@/ui/home/Home';

export const dynamic = 'force-dynamic';

export default async function PlansPage() {
  const [{ plans, unreadable }, bin, requestHeaders] = await Promise.all([
    listPlans(),
    listBin(),
    headers(),
  ]);
  return (
    <Home
      plans={plans.map(({ plan, family }) => ({
        plan,
        family,
        on: dayIn(now(), plan.timeZone),
      }))}
      unreadable={unreadable}
      bin={bin.map(({ id, name, goesAt }) => ({ id, name, goes: formatDay(goesAt.slice(0, 10)) }))}
      on={dayIn(now(), 'UTC')}
      nonce={requestHeaders.get('x-nonce') ?? ''}
    />
  );
}
