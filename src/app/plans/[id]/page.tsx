import type { Metadata } from 'next';
import { headers } from 'next/headers';
import Link from 'next/link';
import { notFound } from 'next/navigation';
import { dayIn } from '@/core/kernel/units/day';
import { firstSight } from '@/server/firstSight';
import { now } from '@/server/settings';
import { issueLine } from '@/text/issues';
import { BenchScreen } from '@/ui/plan/BenchScreen';
import { NOTE_EARLY_ACTS } from '@/ui/plan/earlyActs';
import { planOf } from './planOf';

export const dynamic = 'force-dynamic';

interface Props {
  readonly params: Promise<{ id: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const found = await planOf((await params).id);
  return { title: found?.ok ? found.value.plan.name : 'Plan' };
}

export default async function PlanPage({ params }: Props) {
  const found = await planOf((await params).id);
  if (!found) notFound();
  if (!found.ok) {
    return (
      <main className="mx-auto max-w-2xl p-8">
        <h1 className="text-[1.5rem]">This plan can't be read</h1>
        <p className="mt-2 text-soft">It is kept as it is. What is wrong with it:</p>
        <ul className="mt-2">
          {found.issues.map((issue) => (
            <li key={issueLine(issue)}>{issueLine(issue)}</li>
          ))}
        </ul>
        <Link href="/" className="button mt-4">
          All plans
        </Link>
      </main>
    );
  }
  const { plan, revision } = found.value;
  const nonce = (await headers()).get('x-nonce') ?? '';
  const on = dayIn(now(), plan.timeZone);
  return (
    <>
      <script
        nonce={nonce}
        // biome-ignore lint/security/noDangerouslySetInnerHtml: a text of ours, under the page's own nonce
        dangerouslySetInnerHTML={{ __html: NOTE_EARLY_ACTS }}
      />
      <BenchScreen
        key={plan.id}
        plan={plan}
        revision={revision}
        on={on}
        nonce={nonce}
        first={await firstSight(plan, on)}
      />
    </>
  );
}
