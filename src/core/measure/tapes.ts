import { solidOf } from '../geometry/solids';
import type { Fixture, Plan } from '../model/schema';
import type { RoomMeasure } from './things.data';

/** A point of a view: across and up the page, m. */
export type OnPage = readonly [across: number, up: number];

/** Where the tape is held for a measure: in which view, from where to where. */
export interface Tape {
  readonly view: 'front' | 'right' | 'above';
  readonly from: OnPage;
  readonly to: OnPage;
}

/** A height or breadth is taken so far inside the wall that it is seen, as a share of the room. */
const IN = 0.04;

/**
 * Where the tape is held for a measure of the room, inside.
 * @example tapeOfRoom(plan, 'width').view // 'above'
 */
export function tapeOfRoom({ shell, litter }: Plan, measure: RoomMeasure): Tape {
  const { lengthM, widthM, roof } = shell;
  const side = (y: number, top: number): Tape => ({ view: 'right', from: [y, 0], to: [y, top] });
  const isHighAtRear = roof.kind === 'mono' && roof.highSide === 'rear';
  switch (measure) {
    case 'length':
      return { view: 'above', from: [0, widthM / 2], to: [lengthM, widthM / 2] };
    case 'width':
      return { view: 'above', from: [lengthM / 2, 0], to: [lengthM / 2, widthM] };
    case 'front':
      return side(widthM * IN, isHighAtRear ? roof.lowM : roof.highM);
    case 'rear':
      return side(widthM * (1 - IN), isHighAtRear ? roof.highM : roof.lowM);
    case 'litter':
      return { view: 'front', from: [lengthM * IN, 0], to: [lengthM * IN, litter.depthM] };
  }
}

/** Where the tape is held for a measure of a thing that stands in the plan; null for what is not measured of it. */
export function tapeOfThing(plan: Plan, fixture: Fixture, measure: string): Tape | null {
  const s = solidOf(fixture, plan);
  const bed = plan.litter.depthM;
  const isAcross = !('wall' in fixture) || fixture.wall === 'front' || fixture.wall === 'rear';
  const view = isAcross ? 'front' : 'right';
  const [a0, a1] = isAcross ? [s.x0, s.x1] : [s.y0, s.y1];
  const level = (z: number): Tape => ({ view, from: [a0, z], to: [a1, z] });
  const upright = (from: number, to: number, a = (a0 + a1) / 2): Tape => ({
    view,
    from: [a, from],
    to: [a, to],
  });
  const seen = (from: OnPage, to: OnPage): Tape => ({ view: 'above', from, to });
  if (fixture.kind === 'bar') {
    const middle = (s.y0 + s.y1) / 2;
    if (measure === 'length') return level(s.z1);
    if (measure === 'along') return seen([0, middle], [s.x0, middle]);
    if (measure === 'height') return upright(bed, s.z1);
    if (measure === 'behind') {
      return { view: 'right', from: [middle, s.z1], to: [plan.shell.widthM, s.z1] };
    }
    return { view: 'right', from: [s.y0, s.z1], to: [s.y1, s.z1] };
  }
  if (fixture.kind === 'nestBank') {
    const alongX = fixture.faces === 'front' || fixture.faces === 'rear';
    const own = alongX ? 'front' : 'right';
    const [b0, b1] = alongX ? [s.x0, s.x1] : [s.y0, s.y1];
    const line = (from: OnPage, to: OnPage): Tape => ({ view: own, from, to });
    const beside = b0 + (b1 - b0) * 0.9;
    if (measure === 'wide') return line([b0, s.z1], [b0 + fixture.boxW, s.z1]);
    if (measure === 'high') return line([beside, s.z0], [beside, s.z1]);
    if (measure === 'lip') return line([(b0 + b1) / 2, bed], [(b0 + b1) / 2, fixture.lipZ]);
    const middle = alongX ? (s.x0 + s.x1) / 2 : (s.y0 + s.y1) / 2;
    if (measure === 'along') {
      const [x, y] = [(s.x0 + s.x1) / 2, (s.y0 + s.y1) / 2];
      return alongX ? seen([0, y], [s.x0, y]) : seen([x, 0], [x, s.y0]);
    }
    return alongX ? seen([middle, s.y0], [middle, s.y1]) : seen([s.x0, middle], [s.x1, middle]);
  }
  if (fixture.kind === 'obstacle') {
    const [x, y] = [(s.x0 + s.x1) / 2, (s.y0 + s.y1) / 2];
    if (measure === 'left') return seen([0, y], [s.x0, y]);
    if (measure === 'front') return seen([x, 0], [x, s.y0]);
    if (measure === 'long') return seen([s.x0, s.y0], [s.x1, s.y0]);
    if (measure === 'deep') return seen([s.x0, s.y0], [s.x0, s.y1]);
    return upright(s.z0, s.z1);
  }
  if (measure === 'wide') return level((s.z0 + s.z1) / 2);
  if (measure === 'along') {
    const middle = (s.z0 + s.z1) / 2;
    return { view, from: [0, middle], to: [a0, middle] };
  }
  // beside the middle, where the breadth is taken
  if (measure === 'high') return upright(s.z0, s.z1, a0 + (a1 - a0) * 0.85);
  if (measure === 'sill') return upright(0, s.z0, a0);
  return measure === 'across' ? level(s.z1) : null;
}
