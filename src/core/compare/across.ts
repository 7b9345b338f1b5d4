import { type Difference, type Part, planDifferences } from '../edit/differences';
import { ENTERED_AT } from '../edit/enteredAt';
import { isListed, LISTED, type ListedPart } from '../edit/sameData';
import type { StationId } from '../kernel/station';
import type { Plan } from '../model/schema';

/** The station that a part of the plan is entered at. */
const OF_PART: Readonly<Partial<Record<Part, StationId>>> = {
  group: 'flock',
  ownBreed: 'flock',
  limits: 'flock',
  horizonYears: 'flock',
  shell: 'shell',
  soldFor: 'shell',
  run: 'shell',
  site: 'shell',
  partition: 'shell',
  climate: 'air',
  fills: 'feed',
  litter: 'litter',
  keeper: 'reach',
  brooder: 'brooder',
};

/** What each plan has for itself, and what says nothing about the coop. */
const OWN: ReadonlySet<Part> = new Set<Part>([
  'id',
  'name',
  'format',
  'version',
  'units',
  'timeZone',
  'roughly',
]);

/** A difference that can be taken from one plan into another, with the station it belongs to. */
export interface Crossing extends Difference {
  /** Null for what belongs to no station: the rules that were chosen. */
  readonly station: StationId | null;
}

/**
 * What would change in a plan if all were taken into it from another: fixtures, groups and parts one by one, in the
 * order of the plan's parts. Names, units and time zone stay each plan's own.
 * @param into  the plan that would change
 * @param from  the plan it would be taken from
 */
export const crossings = (into: Plan, from: Plan): Crossing[] =>
  planDifferences(into, from)
    .filter(({ part }) => !OWN.has(part))
    .map((d) => ({ ...d, station: stationOf(d, into, from) }));

function stationOf({ part, id }: Difference, into: Plan, from: Plan): StationId | null {
  if (part !== 'fixture') return OF_PART[part] ?? null;
  const kind = [...from.fixtures, ...into.fixtures].find((f) => f.id === id)?.kind;
  return kind === undefined ? null : ENTERED_AT[kind];
}

/**
 * A plan with some of its differences from another taken over: what is added there comes, what is not there goes,
 * what is otherwise there becomes so. The plan given is left as it is; whether the result makes a plan is for
 * `parsePlan` to say: a breed of the keeper's own may not have been taken with its group.
 * @param taken  from `crossings(into, from)`
 */
export function takeAcross(
  into: Plan,
  from: Plan,
  taken: readonly Pick<Difference, 'part' | 'id'>[],
): Plan {
  const next = { ...into };
  for (const { part, id } of taken) {
    const list = LISTS.find((key) => LISTED[key] === part);
    if (list !== undefined && id !== null)
      Object.assign(next, { [list]: withOne(next, from, list, id) });
    else if (!isListed(part as keyof Plan))
      Object.assign(next, { [part]: from[part as keyof Plan] });
  }
  return next;
}

const LISTS = Object.keys(LISTED) as ListedPart[];

/** A list of the plan with one of its things as the other plan has it, in the place that it has there. */
function withOne<K extends ListedPart>(into: Plan, from: Plan, key: K, id: string): Plan[K] {
  const own = into[key] as readonly { readonly id: string }[];
  const theirs = from[key] as readonly { readonly id: string }[];
  const at = theirs.findIndex((x) => x.id === id);
  const thing = theirs[at];
  if (thing === undefined) return own.filter((x) => x.id !== id) as Plan[K];
  if (own.some((x) => x.id === id)) return own.map((x) => (x.id === id ? thing : x)) as Plan[K];
  return [...own.slice(0, at), thing, ...own.slice(at)] as Plan[K];
}
