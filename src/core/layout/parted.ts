import { createAssessor } from '../assess';
import { lotsOf } from '../birds/lots';
import { canBeSliced } from '../edit/zones';
import { createJudge } from '../judge';
import type { Finding } from '../kernel/finding';
import type { Group, Plan, Side } from '../model/schema';
import { boundsOf } from './bounds';
import type { Decision } from './decisions';
import { type Choices, isOfTheCoop } from './fitOut';
import { fitted, type RoughFit } from './fitted';
import { backInPlace, sliceOf } from './slice';
import { exact, SHELL_STEP_M } from './steps';

/** A zone is no narrower than this, m: nobody gets into less. Source: wide-rafter (assumption). */
const LEAST_ZONE_M = 0.6;
/** Places of the mesh wall that are tried, from the one that shares the floor by need. */
const TRIED = [0, 1, -1, 2, -2, 3];

/** Places at which they did not fit, before they are let live together: each takes as long as a refusal. */
const MOST_FAILED = 2;

/** Whether a flock asks for two zones: ducks beside hens. */
export function asksForTwo({ flock, ownBreeds }: Pick<Plan, 'flock' | 'ownBreeds'>): boolean {
  const ducks = flock.filter((g) => isDucks(g, ownBreeds)).length;
  return ducks > 0 && ducks < flock.length;
}

const isDucks = (group: Group, ownBreeds: Plan['ownBreeds']): boolean =>
  lotsOf(group, ownBreeds).some((lot) => lot.kind === 'duck');

/**
 * A coop in two zones with a mesh wall across its length, hens at the left and ducks at the right, each with all it
 * needs; null where the flock asks for no two, where something stands already, or where they find no room so.
 * @param plan  a bare plan that `parsePlan` accepted
 */
export function partedFit(plan: Plan, on: string, choices: Choices = {}): RoughFit | null {
  if (choices.parted === false || !asksForTwo(plan)) return null;
  if (plan.partition !== null || plan.fixtures.length > 0 || !canBeSliced(plan)) return null;
  const ducks = plan.flock.filter((g) => isDucks(g, plan.ownBreeds));
  const hens = plan.flock.filter((g) => !ducks.includes(g));
  const judges = [createJudge(), createJudge()] as const;
  const { lengthM } = plan.shell;
  const step = SHELL_STEP_M[plan.units];
  const needs = [hens, ducks].map(
    (flock, i) => boundsOf({ ...plan, flock }, on, judges[i]).of.floor,
  ) as [number, number];
  const fair = (lengthM * needs[0]) / (needs[0] + needs[1]);
  const places = TRIED.map((k) => exact(Math.round(fair / step + k) * step)).filter(
    (at) => at >= LEAST_ZONE_M && lengthM - at >= LEAST_ZONE_M,
  );
  let failed = 0;
  for (const atM of new Set(places)) {
    if (failed >= MOST_FAILED) return null;
    const split: Plan = {
      ...plan,
      partition: { axis: 'x', atM, beyond: ducks.map((g) => g.id) },
    };
    const [near, beyond] = [sliceOf(split, 'near'), sliceOf(split, 'beyond')];
    if (boundsOf(near, on, judges[0]).share > 1 || boundsOf(beyond, on, judges[1]).share > 1) {
      continue;
    }
    // the ducks' zone is the smaller: it is tried first
    const second = fitted(beyond, on, judges[1], { bath: choices.bath });
    if (second.kind !== 'fits') {
      failed++;
      continue;
    }
    const first = fitted(near, on, judges[0], choices);
    if (first.kind !== 'fits') {
      failed++;
      continue;
    }
    const made = joined(split, on, atM, first, second);
    if (made) return made;
    failed++;
  }
  return null;
}

/** Both zones in one plan, proved by an assessment of the whole; null where it finds something bad. */
function joined(
  plan: Plan,
  on: string,
  atM: number,
  near: RoughFit,
  beyond: RoughFit,
): RoughFit | null {
  const own = near.plan.fixtures;
  const { fixtures, ids } = backInPlace(beyond.plan.fixtures, own, atM);
  const made: Plan = {
    ...plan,
    fixtures: [...own, ...fixtures],
    litter: {
      ...near.plan.litter,
      retainingM: highest(near.plan.litter.retainingM, beyond.plan.litter.retainingM),
    },
    fills: {
      ...near.plan.fills,
      bagKg: Math.min(near.plan.fills.bagKg, beyond.plan.fills.bagKg),
    },
  };
  const proved = turnedUp(made, on);
  if (proved === null) return null;
  const parted: Decision = {
    code: 'shell.parted',
    station: 'shell',
    topic: null,
    fixtures: [],
    numbers: { at: { value: atM, unit: 'm' } },
    aspect: 'zones',
  };
  return {
    kind: 'fits',
    ...proved,
    tried: near.tried,
    parted: true,
    why: [
      parted,
      ...near.why.map((d) => atTheMesh(d, 'right')),
      { ...parted, code: 'shell.beyond', numbers: {}, aspect: null },
      // what is the whole coop's has been told already, and nothing of the ducks' is chosen apart
      ...beyond.why
        .filter((d) => d.station !== 'litter')
        .map((d) => ({
          ...atTheMesh(d, 'left'),
          fixtures: d.fixtures.map((id) => ids.get(id) ?? id),
          aspect: null,
        })),
    ],
  };
}

/**
 * The plan with nothing bad found in it. Air passes the mesh: openings of the ducks' zone that lie as high as the hens
 * sleep turn their air up. Null where something bad is left.
 */
function turnedUp(plan: Plan, on: string): { plan: Plan; findings: readonly Finding[] } | null {
  const assess = createAssessor();
  const before = assess(plan, { on, lean: true }).findings;
  const bad = before.filter(isOfTheCoop);
  if (bad.length === 0) return { plan, findings: before };
  if (bad.some((f) => f.code !== 'air.opening.inDraught')) return null;
  const low = new Set(bad.flatMap((f) => f.fixtures));
  const fixtures = plan.fixtures.map((f) =>
    f.kind === 'vent' && low.has(f.id) ? { ...f, baffle: true } : f,
  );
  const turned = { ...plan, fixtures };
  const { findings } = assess(turned, { on, lean: true });
  return findings.some(isOfTheCoop) ? null : { plan: turned, findings };
}

/** A zone's wall on the other zone's side is the mesh. */
const atTheMesh = (d: Decision, mesh: Side): Decision =>
  d.wall === mesh ? { ...d, wall: 'mesh' } : d;

const highest = (a: number | null, b: number | null): number | null =>
  a === null || b === null ? (a ?? b) : Math.max(a, b);

/** Why they live in one room where two were asked for. */
export const TOGETHER: Decision = {
  code: 'shell.together',
  station: 'shell',
  topic: null,
  fixtures: [],
  numbers: {},
  aspect: null,
};
