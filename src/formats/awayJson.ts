import type { Away } from '@/core/stores/away/away';
import { limitName } from '@/text/awayWords';

/** Days away for other programs: each limit with its id; days that end nothing are null. */
export const awayJson = ({ wanted, lasts, days, fillEvery }: Away, from: string, to: string) => ({
  from,
  to,
  wanted,
  days,
  limiting: lasts[0] && lasts[0].days < wanted ? `away.${lasts[0].limit}` : null,
  limits: lasts.map(({ limit, days: own, more }) => ({
    id: `away.${limit}`,
    name: limitName(limit),
    days: Number.isFinite(own) ? own : null,
    more,
  })),
  fillFromBarrel: fillEvery,
});
