import type { Plan } from '../model/schema';
import { highestLipZ, solidOf } from './solids';

/** A height marked on the story stick. */
export interface StickMark {
  /** Figure id of its height. */
  readonly id: string;
  readonly kind:
    | 'litter'
    | 'bar'
    | 'lip'
    | 'sill'
    | 'head'
    | 'feederRim'
    | 'drinkerRim'
    | 'board'
    | 'ledge'
    | 'ceiling'
    | 'eaves'
    | 'roofHigh';
  /** Where it stands, m above the bare floor. */
  readonly z: number;
  /**
   * The height that is written beside it, m: of what birds use above the litter as it is started, of the walls and
   * the roof above the bare floor. Fields and words measure each from the same place.
   */
  readonly heightM: number;
  /** Fixtures at this height. */
  readonly fixtures: readonly string[];
}

/** What is built into the walls and the roof: measured before there is any litter. */
export const FROM_FLOOR: ReadonlySet<StickMark['kind']> = new Set([
  'sill',
  'head',
  'eaves',
  'roofHigh',
]);

/**
 * Every height of the coop that a keeper marks on one stick, lowest first.
 * Fixtures of a kind at one height share a mark.
 */
export function stickMarks(plan: Plan): StickMark[] {
  const marks = new Map<string, StickMark>();
  const add = (kind: StickMark['kind'], z: number, fixture?: string): void => {
    const id = `stick.${kind}.${Math.round(z * 1e4)}`;
    const earlier = marks.get(id);
    const fixtures = [...(earlier?.fixtures ?? []), ...(fixture === undefined ? [] : [fixture])];
    const heightM = FROM_FLOOR.has(kind) ? z : z - plan.litter.depthM;
    marks.set(id, { id, kind, z, heightM, fixtures });
  };
  if (plan.litter.depthM > 0) add('litter', plan.litter.depthM);
  for (const f of plan.fixtures) {
    switch (f.kind) {
      case 'bar':
        add('bar', f.z, f.id);
        break;
      case 'nestBank':
        add('lip', f.lipZ, f.id);
        if (f.rows > 1) add('lip', highestLipZ(f), f.id);
        break;
      case 'window':
      case 'vent':
      case 'door':
      case 'hatch':
      case 'popDoor':
        if (f.sillZ > 0) add('sill', f.sillZ, f.id);
        add('head', f.sillZ + f.heightM, f.id);
        break;
      case 'feeder':
        if (f.place === 'coop') add('feederRim', f.rimZ, f.id);
        break;
      case 'drinker':
        if (f.place === 'coop') add('drinkerRim', f.rimZ, f.id);
        break;
      case 'board':
        add('board', f.z, f.id);
        break;
      case 'ledge':
        add('ledge', f.z, f.id);
        break;
      case 'ceiling':
        add('ceiling', f.z, f.id);
        break;
      case 'dish':
      case 'dustBath':
      case 'obstacle':
        break;
    }
  }
  const { roof } = plan.shell;
  if (roof.kind !== 'flat') add('eaves', roof.lowM);
  add('roofHigh', roof.highM);
  return [...marks.values()].sort((a, b) => a.z - b.z || (a.id < b.id ? -1 : 1));
}

/** A distance marked on the stick's twin along the foot, m from the left (x) or front (y) wall. */
export interface FootMark {
  readonly id: string;
  readonly m: number;
  readonly fixtures: readonly string[];
}

/** Where bars and nests begin and end (or have their centre, seen end on), and the far wall. */
export function footMarks(plan: Plan, axis: 'x' | 'y'): FootMark[] {
  const marks = new Map<string, FootMark>();
  const add = (m: number, fixture?: string): void => {
    if (Math.abs(m) < 5e-5) return;
    const id = `foot.${axis}.${Math.round(m * 1e4)}`;
    const fixtures = [
      ...(marks.get(id)?.fixtures ?? []),
      ...(fixture === undefined ? [] : [fixture]),
    ];
    marks.set(id, { id, m, fixtures });
  };
  for (const f of plan.fixtures) {
    if (f.kind === 'bar' && f.axis !== axis) add(axis === 'x' ? f.x : f.y, f.id);
    else if (f.kind === 'bar' || f.kind === 'nestBank') {
      const s = solidOf(f, plan);
      add(axis === 'x' ? s.x0 : s.y0, f.id);
      add(axis === 'x' ? s.x1 : s.y1, f.id);
    }
  }
  add(axis === 'x' ? plan.shell.lengthM : plan.shell.widthM);
  return [...marks.values()].sort((a, b) => a.m - b.m);
}
