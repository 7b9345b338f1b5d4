import type { Metadata } from 'next';
import { dayIn } from '@/core/kernel/units/day';
import { now } from '@/server/settings';
import { BlankSheet } from '@/ui/check/BlankSheet';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Measure up a coop' };

interface Props {
  readonly searchParams: Promise<{ units?: string }>;
}

export default async function SheetPage({ searchParams }: Props) {
  const { units } = await searchParams;
  return (
    <BlankSheet units={units === 'imperial' ? 'imperial' : 'metric'} on={dayIn(now(), 'UTC')} />
  );
}
