import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { assess } from '@/core/assess';
import { dayIn } from '@/core/kernel/units/day';
import { now } from '@/server/settings';
import { PlanSheet } from '@/ui/print/PlanSheet';
import { planOf } from '../planOf';

export const dynamic = 'force-dynamic';

interface Props {
  readonly params: Promise<{ id: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const found = await planOf((await params).id);
  return { title: found?.ok ? `${found.value.plan.name}, on one page` : 'Print' };
}

export default async function PrintPage({ params }: Props) {
  const found = await planOf((await params).id);
  if (!found?.ok) notFound();
  const { plan } = found.value;
  const on = dayIn(now(), plan.timeZone);
  return <PlanSheet plan={plan} assessment={assess(plan, { on })} />;
}
