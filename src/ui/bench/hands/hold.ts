import type { Projection } from '@/core/drawing/projection';
import { depthOf, LIES } from '@/core/drawing/view';
import { solidOf } from '@/core/geometry/solids';
import { gridNear } from '@/core/kernel/units/grid';
import { tidy } from '@/core/kernel/units/number';
import { moved } from '@/core/model/moved';
import type { Fixture, Plan } from '@/core/model/schema';
import { inTheWay } from '@/core/placing/inTheWay';
import { heightOf, type PlacingFor, type SnapLine } from '@/core/placing/lines';
import { onWall } from '@/core/placing/onWall';
import { type End, pull } from '@/core/placing/pull';
import { FREE, type Holds, type Settled, type Shift, settle } from '@/core/placing/settle';
import { cutAt, inView, pick, sessionHere, useBench, useInHand } from '../../session/bench';
import { standing } from '../../session/benchState';
import { engineHere } from '../../session/engineHere';
import { ofEachPlan } from '../../session/own';
import { sayWhereabouts } from '../whereabouts';
import { shiftOf } from './shift';

/** What a hand holds. */
export type Hold =
  | { readonly kind: 'move'; readonly fixture: Fixture; readonly view: Projection['view'] }
  | {
      readonly kind: 'pull';
      readonly fixture: Fixture;
      readonly end: End;
      readonly view: Projection['view'];
    }
  | {
      readonly kind: 'mark';
      readonly fixtures: readonly Fixture[];
      readonly view: Projection['view'];
      /** The way that the stick lies on the page. */
      readonly way: 'up' | 'across';
    }
  | { readonly kind: 'cut'; readonly fromM: number };

/** A rule's distance holds from so far off, and a wall or another fixture's line, px. */
const RULE_PX = 12;
const LINE_PX = 7;

/** What of the drawing is under the hand; null where that is the paper. */
export function holdOf(target: EventTarget | null, { view }: Projection): Hold | null {
  if (!(target instanceof Element)) return null;
  const { plan, picked, cutM } = useBench.getState();
  if (!plan || !engineHere()) return null;
  const by = (id: string | null | undefined) => plan.fixtures.find((f) => f.id === id);
  if (target.closest('[data-cut-line]')) return { kind: 'cut', fromM: cutM };
  const grip = target.closest('[data-grip]')?.getAttribute('data-grip')?.split('-');
  const own = by(picked);
  if (grip && own) {
    sessionHere().hand.takeUp([own.id]);
    return { kind: 'pull', fixture: own, end: { axis: grip[0], side: grip[1] } as End, view };
  }
  const mark = target.closest('[data-mark-moves]');
  const marked = mark?.getAttribute('data-mark-moves');
  const fixtures = marked?.split(' ').flatMap((id) => by(id) ?? []);
  if (fixtures && fixtures.length > 0) {
    sessionHere().hand.takeUp(fixtures.map((f) => f.id));
    pick(fixtures[0]?.id ?? null);
    const way = mark?.closest('[data-foot]') ? 'across' : 'up';
    return { kind: 'mark', fixtures, view, way };
  }
  const fixture = by(target.closest('[data-fixture]')?.getAttribute('data-fixture'));
  if (!fixture) return null;
  sessionHere().hand.takeUp([fixture.id]);
  pick(fixture.id);
  return { kind: 'move', fixture, view };
}

/** What things are placed by, and in which plan. */
const known = ofEachPlan<{ readonly for: (PlacingFor & { readonly of: Plan }) | null }>(() => ({
  for: null,
}));

/** What things are placed by in a plan: worked once for as long as it is held. */
function placingFor(plan: Plan): PlacingFor {
  const last = known.getState().for;
  if (last?.of === plan) return last;
  const engine = engineHere();
  const assessment = useBench.getState().held?.assessment ?? inView();
  if (!engine || !assessment) throw new Error('nothing is held before the engine is here');
  const settled = engine.withFinalDepth(plan, assessment.litterFinalM);
  const now = { of: plan, plan: settled, sizes: engine.flockSizes(settled, assessment.flock) };
  known.setState({ for: now });
  return now;
}

/**
 * Moves what is held.
 * @param movement  px since it was taken up
 * @param isFree    nothing holds it but the tape
 */
export function moveHold(
  hold: Hold,
  [mx, my]: readonly [number, number],
  scale: number,
  isFree: boolean,
): void {
  const plan = standing(useBench.getState());
  const engine = engineHere();
  if (!plan || !engine) return;
  if (hold.kind === 'cut') {
    moveCut(hold.fromM, plan, mx / scale, -my / scale);
    return;
  }
  const to = placingFor(plan);
  const holds: Holds = isFree ? FREE : { ruleM: RULE_PX / scale, lineM: LINE_PX / scale };
  const [acrossM, upM] = [mx / scale, -my / scale];
  if (hold.kind === 'mark') {
    const [first] = hold.fixtures;
    if (!first) return;
    const by = hold.way === 'up' ? shiftOf(hold.view, 0, upM) : shiftOf(hold.view, acrossM, 0);
    const { fixture, lines } = settle(first, by, to, holds);
    const [was, now] = [solidOf(first, plan), solidOf(fixture, plan)];
    const up = (heightOf(fixture) ?? 0) - (heightOf(first) ?? 0);
    const all = hold.fixtures.map((f) =>
      moved(f, now.x0 - was.x0, now.y0 - was.y0, (z) => tidy(z + up)),
    );
    showAt(plan, all, lines);
    return;
  }
  if (hold.kind === 'pull') {
    const { dx, dy, dz } = shiftOf(hold.view, acrossM, upM);
    const by = { x: dx, y: dy, z: dz }[hold.end.axis];
    const { fixture, lines } = pull(hold.fixture, hold.end, by, to, holds);
    showAt(plan, [fixture], lines);
    return;
  }
  const by = shiftOf(hold.view, acrossM, upM);
  const { fixture, lines } =
    roundCorner(hold, by, plan, to, holds) ?? settle(hold.fixture, by, to, holds);
  showAt(plan, [fixture], lines);
}

/** An opening that is taken to another wall, seen from above; null where it stays in its own. */
function roundCorner(
  { fixture: f, view }: Extract<Hold, { kind: 'move' }>,
  { dx, dy }: Shift,
  plan: Plan,
  to: PlacingFor,
  holds: Holds,
): Settled | null {
  if (view !== 'above' || !('wall' in f) || (f.kind === 'vent' && f.place === 'ridge')) return null;
  const s = solidOf(f, plan);
  const { wall, alongM } = onWall(f, [(s.x0 + s.x1) / 2 + dx, (s.y0 + s.y1) / 2 + dy], plan);
  if (wall === f.wall) return null;
  const isLevel = wall === 'front' || wall === 'rear';
  const by = { dx: isLevel ? alongM : 0, dy: isLevel ? 0 : alongM, dz: 0 };
  return settle({ ...f, wall, alongM: 0 }, by, to, holds);
}

function showAt(plan: Plan, fixtures: readonly Fixture[], lines: readonly SnapLine[]): void {
  const now = useInHand.getState().plan;
  const by = new Map(fixtures.map((f) => [f.id, f]));
  const same = fixtures.every(
    (f) => JSON.stringify(now?.fixtures.find((n) => n.id === f.id)) === JSON.stringify(f),
  );
  const next =
    same && now ? now : { ...plan, fixtures: plan.fixtures.map((f) => by.get(f.id) ?? f) };
  const ways = fixtures.flatMap((f) => inTheWay(plan, next, f.id));
  sessionHere().hand.holdAt(next, { lines, ways });
}

function moveCut(fromM: number, plan: Plan, acrossM: number, upM: number): void {
  const { section } = useBench.getState();
  const { along, near } = LIES[section];
  const by = along === 'y' ? upM : acrossM;
  const inward = near === 'rear' || near === 'right' ? -by : by;
  const most = depthOf(section, plan.shell) - 0.05;
  cutAt(Math.max(0, Math.min(most, gridNear(fromM + inward, plan.units))));
}

/** Lets go: what is held stays where it is, or goes back where something is in its way. */
export function letGo(hold: Hold): void {
  if (hold.kind === 'cut') return;
  const fixture = hold.kind === 'mark' ? hold.fixtures[0] : hold.fixture;
  const name = fixture?.name ?? '';
  sessionHere().hand.putDown(hold.kind === 'pull' ? `Resize ${name}` : `Move ${name}`);
  sayWhereabouts(fixture?.id ?? '');
}
