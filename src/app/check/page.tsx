import type { Metadata } from 'next';
import { headers } from 'next/headers';
import { dayIn } from '@/core/kernel/units/day';
import { now } from '@/server/settings';
import { CheckScreen } from '@/ui/check/CheckScreen';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Check a coop that stands' };

export default async function CheckPage() {
  const nonce = (await headers()).get('x-nonce') ?? '';
  return <CheckScreen nonce={nonce} on={dayIn(now(), 'UTC')} />;
}
