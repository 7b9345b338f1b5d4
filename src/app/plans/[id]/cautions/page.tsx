import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { assess } from '@/core/assess';
import { cautionsOf } from '@/core/cautions';
import { dayIn } from '@/core/kernel/units/day';
import { now } from '@/server/settings';
import { CautionSheet } from '@/ui/cautions/CautionSheet';
import { planOf } from '../planOf';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Cautions' };

interface Props {
  readonly params: Promise<{ id: string }>;
}

export default async function CautionsPage({ params }: Props) {
  const found = await planOf((await params).id);
  if (!found?.ok) notFound();
  const { plan } = found.value;
  const on = dayIn(now(), plan.timeZone);
  return <CautionSheet plan={plan} on={on} cautions={cautionsOf(plan, assess(plan, { on }))} />;
}
