import { newRain } from '../edit/new/rain';
import { createJudge } from '../judge';
import type { Finding, StationId } from '../kernel/finding';
import type { Plan, Side } from '../model/schema';
import { boundsOf } from './bounds';
import { type Decision, decisionsOf } from './decisions';
import { type Choices, fitOut, isOfTheCoop, type Tried } from './fitOut';
import { type Ground, groundOf } from './ground';
import { withoutMeshWall } from './meshWall';
import { withOwnStrip } from './ownStrip';

export type Judge = ReturnType<typeof createJudge>;

/** A fit-out that has no harm in it and nothing short. */
export interface RoughFit {
  readonly kind: 'fits';
  readonly plan: Plan;
  readonly findings: readonly Finding[];
  readonly tried: Tried;
  /** Whether a mesh wall makes two zones of it; then `tried` is the hens'. */
  readonly parted?: true;
  /** Why it is so, in the order of building. */
  readonly why: readonly Decision[];
}

export type Fitted = RoughFit | { readonly kind: 'misses'; readonly station: StationId };

/** One shell tried: with a bag of feed that these birds eat fresh. */
export function fitted(
  plan: Plan,
  on: string,
  judge: Judge = createJudge(),
  choices: Choices = {},
): Fitted {
  const bounds = boundsOf(plan, on, judge);
  if (bounds.share > 1) return { kind: 'misses', station: bounds.station };
  const ground = groundOf(plan, on, judge);
  const found = fitOut(ground, choices);
  if (found === null) return { kind: 'misses', station: bounds.station };
  const tried = { ...found, plan: withoutMeshWall(found.plan) };
  const bad = tried.findings.find(isOfTheCoop);
  if (bad) return { kind: 'misses', station: bad.station };
  const strip =
    choices.strip === false || tried.plan !== found.plan
      ? null
      : withOwnStrip(ground, tried.plan, bounds.of.floor, tried.findings);
  const stripped =
    strip === null ? tried : { ...tried, plan: strip.plan, findings: strip.findings };
  const made = choices.rain === true ? withRain(ground, stripped) : stripped;
  const why = [
    ...decisionsOf(ground, made),
    ...(strip === null ? [] : [stripDecision(strip.plan, strip.wall)]),
  ];
  const bag = made.findings.find((f) => f.code === 'feed.bag.stale')?.numbers.fits?.value;
  if (bag === undefined) {
    return { kind: 'fits', plan: made.plan, findings: made.findings, tried: made, why };
  }
  const fresh = { ...made.plan, fills: { ...made.plan.fills, bagKg: bag } };
  return { kind: 'fits', plan: fresh, findings: ground.judge(fresh).findings, tried: made, why };
}

/** The same with a rain barrel over its line. */
function withRain(ground: Ground, tried: Tried): Tried {
  const plan = { ...tried.plan, rain: newRain(tried.plan) };
  return { ...tried, plan, findings: ground.judge(plan).findings };
}

/** Why the keeper has a strip of floor. */
const stripDecision = ({ shell }: Plan, wall: Side): Decision => ({
  code: 'shell.strip',
  station: 'shell',
  topic: null,
  fixtures: [],
  numbers: { depth: { value: shell.storage?.depthM ?? 0, unit: 'm' } },
  wall,
  aspect: 'strip',
});
