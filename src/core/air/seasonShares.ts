import type { Plan } from '../model/schema';
import type { House } from './house';

/** How the openings of a house stand in a season: by opening a share, and the net area of windows and vents so open. */
export interface SeasonShares {
  readonly shares: Float64Array;
  readonly openM2: number;
}

/**
 * In summer all is open, by day the birds' doors too. In the cold what can't be shut is open, and where there is
 * nothing of that, what can be opened: somebody has to leave something open. Gaps always are.
 * @example seasonShares(plan, model.house, true).openM2 > 0 // true
 */
export function seasonShares(
  plan: Pick<Plan, 'fixtures'>,
  house: House,
  isSummer: boolean,
  isNight = !isSummer,
): SeasonShares {
  const kinds = new Map(plan.fixtures.map((f) => [f.id, f]));
  const how = house.openings.map(({ id, leak }) => {
    const f = kinds.get(id);
    if (leak) return 'gap';
    if (f?.kind === 'popDoor') return 'door';
    return f?.kind === 'window' || f?.kind === 'vent' ? f.opens : 'shut';
  });
  const always = how.includes('open');
  const share = (one: (typeof how)[number]): number => {
    if (one === 'gap' || one === 'open') return 1;
    if (one === 'door') return isNight ? 0 : 1;
    return one === 'closable' && (isSummer || !always) ? 1 : 0;
  };
  const shares = Float64Array.from(how, share);
  const openM2 = house.openings.reduce(
    (sum, o, j) =>
      how[j] === 'open' || how[j] === 'closable' ? sum + o.netM2 * (shares[j] ?? 0) : sum,
    0,
  );
  return { shares, openM2 };
}
