import type { Metadata } from 'next';
import { headers } from 'next/headers';
import { dayIn } from '@/core/kernel/units/day';
import { now } from '@/server/settings';
import { RoughScreen } from '@/ui/rough/RoughScreen';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Rough it out' };

export default async function RoughPage() {
  const nonce = (await headers()).get('x-nonce') ?? '';
  return <RoughScreen nonce={nonce} on={dayIn(now(), 'UTC')} />;
}
