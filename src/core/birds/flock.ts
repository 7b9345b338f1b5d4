import { addDays, addYears, formatISO, parseISO } from 'date-fns';
import type { Group, Plan } from '../plan/schema';
import type { ClassRow } from './classes.data';
import { breedById, grownBird } from './size';

/** A group with what the stations ask of it worked out once. */
export interface FlockGroup {
  readonly group: Group;
  readonly kind: 'chicken' | 'duck';
  readonly class: ClassRow;
  /** One grown bird, kg. */
  readonly massKg: number;
  /** First day on which its hens are in lay; null for cocks. */
  readonly laysFrom: string | null;
}

/** The flock over the horizon, as counts a group on each day on which anything changes. */
export interface FlockByDay {
  readonly groups: readonly FlockGroup[];
  /** ISO days, rising; the first is the assessment's day. */
  readonly days: readonly string[];
  /** Birds of each group living in the coop on each of those days. */
  readonly counts: readonly (readonly number[])[];
  readonly planned: number;
  /** First day on which the planned number lives in the coop; null without birds. */
  readonly plannedOn: string | null;
  readonly today: number;
}

/**
 * Who lives in the coop when. A bird counts from its arrival, at adult mass, to the day it leaves;
 * a pullet is in lay from the earliest point of lay of her class.
 * @param plan  the plan; its horizon runs from `on` for `horizonYears`
 * @param on    the assessment's day, YYYY-MM-DD
 */
export function flockByDay(plan: Pick<Plan, 'flock' | 'horizonYears'>, on: string): FlockByDay {
  const groups = plan.flock.map(describe);
  const end = isoDay(addYears(parseISO(on), plan.horizonYears));
  const days = daysOfChange(groups, on, end);
  const counts = days.map((day) => groups.map((g) => (lives(g.group, day) ? g.group.count : 0)));
  const totals = counts.map((c) => c.reduce((a, b) => a + b, 0));
  const planned = Math.max(...totals);
  const first = planned > 0 ? days[totals.indexOf(planned)] : undefined;
  return { groups, days, counts, planned, plannedOn: first ?? null, today: totals[0] ?? 0 };
}

export const inLay = (g: FlockGroup, day: string): boolean =>
  g.laysFrom !== null && day >= g.laysFrom;

const isoDay = (date: Date): string => formatISO(date, { representation: 'date' });

function describe(group: Group): FlockGroup {
  const breed = breedById(group.breed);
  if (!breed) throw new Error(`no breed has the id ${group.breed}`);
  const bird = grownBird(breed, group.sex, group.massKg);
  return { group, kind: breed.kind, laysFrom: laysFrom(group, bird.class), ...bird };
}

function laysFrom(group: Group, birdClass: ClassRow): string | null {
  if (group.sex === 'cock') return null;
  if (group.hatchedOn === null) return group.arrivesOn;
  const pointOfLay = isoDay(addDays(parseISO(group.hatchedOn), 7 * birdClass.layWeeks[0]));
  return later(pointOfLay, group.arrivesOn);
}

const later = (a: string, b: string): string => (a < b ? b : a);

const lives = (g: Group, day: string): boolean =>
  day >= g.arrivesOn && (g.leavesOn === null || day < g.leavesOn);

/** Between these days nothing changes, so they stand for the whole horizon. */
function daysOfChange(groups: readonly FlockGroup[], on: string, end: string): string[] {
  const changes = groups.flatMap((g) => [g.group.arrivesOn, g.group.leavesOn, g.laysFrom]);
  const inHorizon = changes.filter((d): d is string => d !== null && d > on && d <= end);
  return [...new Set([on, ...inHorizon])].sort();
}
