import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { assess } from '@/core/assess';
import { awayOf } from '@/core/tending/awayOf';
import { wrongDates } from '@/text/awayDates';
import { sitterSheet } from '@/text/sitterSheet';
import { SitterPage } from '@/ui/away/SitterPage';
import { planOf } from '../planOf';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Sheet for the sitter' };

interface Props {
  readonly params: Promise<{ id: string }>;
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}

const one = (value: string | string[] | undefined): string | null =>
  typeof value === 'string' ? value : null;

export default async function AwayPage({ params, searchParams }: Props) {
  const [{ id }, asked] = await Promise.all([params, searchParams]);
  const [from, to] = [one(asked.from), one(asked.to)];
  const found = await planOf(id);
  if (!found?.ok) notFound();
  const wrong = wrongDates(from, to);
  if (from === null || to === null || wrong !== null) {
    return <p className="p-6">{wrong}</p>;
  }
  const { plan } = found.value;
  const { flock } = assess(plan, { on: from });
  const sheet = sitterSheet(plan, flock, awayOf(plan, from, to), from, to);
  return <SitterPage planId={plan.id} sheet={sheet} />;
}
