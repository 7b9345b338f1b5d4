import type { AirMoment, Flow } from '@/core/air/airMoment';
import { type Projection, px } from '@/core/drawing/projection';
import type { Section } from '@/core/drawing/shape';
import { faceOf, LIES, roofOutline, roomOf } from '@/core/drawing/view';
import { solidOf } from '@/core/geometry/solids';
import { wallTop } from '@/core/geometry/walls';
import type { Plan } from '@/core/model/schema';

/** One arrow on the page. */
export interface AirArrow {
  readonly key: string;
  readonly way: 'in' | 'out';
  readonly isGap: boolean;
  readonly flowLS: number;
  /** Its outline, px. */
  readonly path: string;
  /** Where its words stand, and how they are set, px. */
  readonly at: readonly [x: number, y: number];
  readonly anchor: 'start' | 'middle' | 'end';
}

/** An arrow is so long and so wide where least flows, and so much more where most does, px. */
const [LEAST_LONG, MORE_LONG, LEAST_WIDE, MORE_WIDE] = [20, 44, 3, 9];
/** How far it reaches out through a wall, px. */
const OUTSIDE_PX = 20;
const WORDS_PX = 13;
/** Less is nothing, L/s. */
const NOTHING_LS = 0.005;

/**
 * What flows through the openings of a coop in one hour, as arrows: through a wall at the side of the page across it,
 * through one that is looked at straight up and down, for what is cold falls in and what is warm rises out. What
 * comes in is pointed at the room, what goes out away from it. Gaps stand at the wall at the side with less to show.
 * @param mostLS  what flows through one opening at most in the whole day: the widest arrow
 * @param size    smaller where the drawing is
 */
export function arrowsIn(
  plan: Plan,
  view: Section,
  moment: AirMoment,
  projection: Projection,
  mostLS: number,
  size = 1,
): AirArrow[] {
  const { shell } = plan;
  const { acrossM } = roomOf(view, shell);
  const isWarm = moment.tiC >= moment.outC;
  const draw = (flow: Flow, place: Place, isGap: boolean): AirArrow[] =>
    (['in', 'out'] as const).flatMap((way) => {
      const flowLS = way === 'in' ? flow.inLS : flow.outLS;
      if (flowLS < NOTHING_LS) return [];
      const both = flow.inLS >= NOTHING_LS && flow.outLS >= NOTHING_LS;
      const share = Math.sqrt(Math.min(1, flowLS / mostLS));
      const long = size * (LEAST_LONG + MORE_LONG * share);
      const wide = size * (LEAST_WIDE + MORE_WIDE * share);
      // through one opening cold goes below and warm above
      const lowGoes = isWarm ? 'in' : 'out';
      const up = both ? (way === lowGoes ? 0.25 : 0.75) : 0.5;
      return [{ key: `${flow.id}.${way}`, way, isGap, flowLS, ...lay(place, way, up, long, wide) }];
    });
  const lay = (place: Place, way: 'in' | 'out', up: number, long: number, wide: number) => {
    const y = projection.v(place.b0 + (place.b1 - place.b0) * up);
    if (place.side !== 'facing') {
      const inward = place.side === 'left' ? 1 : -1;
      const wall = projection.u(place.side === 'left' ? 0 : acrossM);
      const [outer, inner] = [wall - inward * OUTSIDE_PX, wall + inward * long];
      const [from, to] = way === 'in' ? [outer, inner] : [inner, outer];
      return {
        path: arrowPath([from, y], [to, y], wide),
        at: [inner + inward * 5, y + 4] as const,
        anchor: place.side === 'left' ? ('start' as const) : ('end' as const),
      };
    }
    const x = projection.u(place.a0 + (place.a1 - place.a0) * (place.along + 0.4 * (up - 0.5)));
    const tip = place.isRoof ? y - OUTSIDE_PX : y;
    const foot = y + long;
    const [from, to] = way === 'in' ? [tip, foot] : [foot, tip];
    return {
      path: arrowPath([x, from], [x, to], wide),
      at: [x, foot + WORDS_PX] as const,
      anchor: 'middle' as const,
    };
  };
  const eaves = Math.min(
    ...(['front', 'rear', 'left', 'right'] as const).map((w) => wallTop(plan, w)),
  );
  const placed = moment.flows.flatMap((flow): Placed[] => {
    const f = plan.fixtures.find((x) => x.id === flow.id);
    if (f?.kind !== 'window' && f?.kind !== 'vent' && f?.kind !== 'popDoor') return [];
    if (flow.inLS < NOTHING_LS && flow.outLS < NOTHING_LS) return [];
    const face = faceOf(solidOf(f, plan), view, shell);
    const isRoof = f.kind === 'vent' && f.place === 'ridge';
    const isEdgeOn = !isRoof && face.a1 - face.a0 < THIN_M;
    const side = !isEdgeOn ? 'facing' : face.a1 <= acrossM / 2 ? 'left' : 'right';
    // of two walls one behind the other the near one's arrows stand to the right, clear of the far one's
    const along = isRoof ? 0.5 : f.wall === LIES[view].near ? 0.72 : 0.28;
    return [{ flow, place: { ...face, isRoof, along, side } }];
  });
  // at the wall with less to show
  const at = (side: Place['side']): number => placed.filter((p) => p.place.side === side).length;
  const side = at('left') > at('right') ? 'right' : 'left';
  const gap = (b: number): Place => ({
    ...{ side, isRoof: false, along: 0 },
    ...{ a0: 0, a1: 0, b0: b, b1: b },
  });
  const [low, high] = [gap(GAP_M), gap(eaves - GAP_M)];
  return clearOfOneAnother([
    ...joined(placed, projection).flatMap(({ flow, place }) => draw(flow, place, false)),
    ...draw({ ...moment.gaps, outLS: 0 }, isWarm ? low : high, true),
    ...draw({ ...moment.gaps, inLS: 0 }, isWarm ? high : low, true),
  ]);
}

interface Placed {
  readonly flow: Flow;
  readonly place: Place;
}

/** Openings of one wall seen edge on at one height lie one behind the other: one arrow has the flow of all. */
function joined(placed: readonly Placed[], { v }: Projection): Placed[] {
  const all: Placed[] = [];
  for (const one of placed) {
    const height = ({ place }: Placed): number => v((place.b0 + place.b1) / 2);
    const i = all.findIndex(
      (other) =>
        one.place.side !== 'facing' &&
        other.place.side === one.place.side &&
        Math.abs(height(other) - height(one)) < WORDS_PX,
    );
    const other = all[i];
    if (!other) {
      all.push(one);
      continue;
    }
    const [a, b] = [other.flow, one.flow];
    const flow = { id: `${a.id}+${b.id}`, inLS: a.inLS + b.inLS, outLS: a.outLS + b.outLS };
    all[i] = { flow, place: other.place };
  }
  return all;
}

/** Words of gaps give way to those of an opening at the same side and height. */
function clearOfOneAnother(arrows: readonly AirArrow[]): AirArrow[] {
  return arrows.map((arrow) => {
    const [x, y] = arrow.at;
    const near = arrows.find(
      (o) => !o.isGap && o.anchor === arrow.anchor && Math.abs(o.at[1] - y) < WORDS_PX,
    );
    if (!arrow.isGap || !near || arrow.anchor === 'middle') return arrow;
    const up = y <= near.at[1] ? -1 : 1;
    return { ...arrow, at: [x, near.at[1] + up * WORDS_PX] };
  });
}

interface Place {
  readonly side: 'left' | 'right' | 'facing';
  readonly isRoof: boolean;
  /** How far along the opening its arrow stands, 0…1. */
  readonly along: number;
  readonly a0: number;
  readonly a1: number;
  readonly b0: number;
  readonly b1: number;
}

/** A hole seen edge on is no wider than a wall; gaps are drawn so far from floor and eaves, m. */
const [THIN_M, GAP_M] = [0.12, 0.06];

/** An arrow from one place to another, px: a shaft and a head twice as wide. */
function arrowPath(
  [x0, y0]: readonly [number, number],
  [x1, y1]: readonly [number, number],
  wide: number,
): string {
  const long = Math.hypot(x1 - x0, y1 - y0);
  const [ux, uy] = [(x1 - x0) / long, (y1 - y0) / long];
  const head = Math.min(long * 0.5, wide * 1.3 + 4);
  const at = (along: number, aside: number): string =>
    `${px(x0 + ux * along - uy * aside)} ${px(y0 + uy * along + ux * aside)}`;
  const [half, flare, neck] = [wide / 2, wide / 2 + 3.5, long - head];
  return `M${at(0, half)}L${at(neck, half)}L${at(neck, flare)}L${at(long, 0)}L${at(neck, -flare)}L${at(neck, -half)}L${at(0, -half)}Z`;
}

/** Drops under the roof where dew forms, m across and up. */
export function dropsUnder(plan: Plan, view: Section, count = 14): [number, number][] {
  const { high } = roofOutline(plan.shell, view, 0);
  const { acrossM } = roomOf(view, plan.shell);
  return Array.from({ length: count }, (_, i) => {
    const a = (acrossM * (i + 0.5)) / count;
    const next = high.findIndex(([x]) => x >= a);
    const [[x0, z0], [x1, z1]] = [high[Math.max(0, next - 1)] ?? [0, 0], high[next] ?? [1, 0]];
    return [a, x1 === x0 ? z0 : z0 + ((z1 - z0) * (a - x0)) / (x1 - x0)];
  });
}
