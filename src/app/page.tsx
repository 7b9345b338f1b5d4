import { headers } from 'next/headers';
import { dayIn } from '@/core/kernel/units/day';
import { listBin } from '@/server/bin';
import { cardStamp, wordsAtOnce } from '@/server/cards';
import { listPage } from '@/server/list';
import { now } from '@/server/settings';
import { formatDay } from '@/text/format';
import { Home } from '@/ui/home/Home';

export const dynamic = 'force-dynamic';

interface Props {
  readonly searchParams: Promise<{ find?: string | string[]; page?: string | string[] }>;
}

const one = (asked: string | string[] | undefined): string => [asked ?? ''].flat()[0] ?? '';

/** What is looked for can't be longer than a name. */
const LONGEST_FIND = 80;

export default async function PlansPage({ searchParams }: Props) {
  const asked = await searchParams;
  const find = one(asked.find).slice(0, LONGEST_FIND);
  const page = Number.parseInt(one(asked.page), 10) || 1;
  const [list, bin, requestHeaders] = await Promise.all([
    listPage({ find, page }),
    listBin(),
    headers(),
  ]);
  const words = await wordsAtOnce(list.plans);
  return (
    <Home
      plans={list.plans.map((saved, i) => ({
        id: saved.plan.id,
        name: saved.plan.name,
        units: saved.plan.units,
        revision: saved.revision,
        stamp: cardStamp(saved),
        kin: saved.kin,
        words: words[i] ?? null,
      }))}
      unreadable={list.unreadable}
      place={{ find, total: list.total, found: list.found, page: list.page, pages: list.pages }}
      bin={bin.map(({ id, name, goesAt }) => ({ id, name, goes: formatDay(goesAt.slice(0, 10)) }))}
      on={dayIn(now(), 'UTC')}
      nonce={requestHeaders.get('x-nonce') ?? ''}
    />
  );
}
