import { boxesPerTier, solidOf } from '../geometry/solids';
import { gridNear } from '../kernel/units/grid';
import { tidy } from '../kernel/units/number';
import type { Fixture, NestBank } from '../model/schema';
import { linesFor, type PlaceAxis, type PlacingFor, type SnapLine, spanOf } from './lines';
import type { Holds, Settled } from './settle';

/** An end of a fixture that can be pulled: which side of it, along which line. */
export interface End {
  readonly axis: PlaceAxis;
  readonly side: 'low' | 'high';
}

/** Shorter than this nothing is pulled, m. */
const LEAST_M = { bar: 0.1, other: 0.05 } as const;

/** The ends of a fixture that change its size when they are pulled. */
export function endsOf(f: Fixture): End[] {
  const both = (axis: PlaceAxis): End[] => [
    { axis, side: 'low' },
    { axis, side: 'high' },
  ];
  switch (f.kind) {
    case 'bar':
      return both(f.axis);
    case 'nestBank':
      return both(f.faces === 'front' || f.faces === 'rear' ? 'x' : 'y');
    case 'window':
    case 'vent':
    case 'door':
    case 'hatch':
    case 'popDoor':
      return [...both(f.wall === 'front' || f.wall === 'rear' ? 'x' : 'y'), ...both('z')];
    case 'feeder':
    case 'drinker':
      return f.type === 'trough' ? both('x') : [];
    case 'dustBath':
    case 'board':
    case 'ledge':
    case 'ceiling':
      return [...both('x'), ...both('y')];
    case 'obstacle':
      return [...both('x'), ...both('y'), { axis: 'z', side: 'high' }];
    case 'dish':
      return [];
  }
}

/**
 * A fixture with one end pulled so far: its other end stays.
 * @param byM  m along the end's axis
 * @example pull({ ...bar, axis: 'x', x: 0.5, lengthM: 2 }, { axis: 'x', side: 'high' }, 0.304, { plan, sizes }, { ruleM: 0, lineM: 0 }).fixture.lengthM // 2.3
 */
export function pull(
  fixture: Fixture,
  end: End,
  byM: number,
  to: PlacingFor,
  holds: Holds,
): Settled {
  const [low, high] = spanOf(solidOf(fixture, to.plan), end.axis);
  const from = end.side === 'low' ? low : high;
  const held = fixture.kind === 'nestBank' ? null : lineAt(fixture, end, from + byM, to, holds);
  const least = fixture.kind === 'bar' ? LEAST_M.bar : LEAST_M.other;
  const wanted = held?.atM ?? gridNear(from + byM, to.plan.units);
  const at = end.side === 'low' ? Math.min(wanted, high - least) : Math.max(wanted, low + least);
  const span: [number, number] = end.side === 'low' ? [at, high] : [low, at];
  return {
    fixture: spanning(fixture, end, span),
    lines: held && at === wanted ? [held] : [],
  };
}

function lineAt(
  fixture: Fixture,
  { axis, side }: End,
  wanted: number,
  to: PlacingFor,
  holds: Holds,
): SnapLine | null {
  if (axis === 'z') return null;
  const near = linesFor(fixture, axis, to).filter(
    (line) =>
      line.anchor === side &&
      Math.abs(line.atM - wanted) < (line.why.kind === 'rule' ? holds.ruleM : holds.lineM),
  );
  near.sort((a, b) => Math.abs(a.atM - wanted) - Math.abs(b.atM - wanted));
  return near[0] ?? null;
}

/** A fixture that reaches from here to there on an axis. */
function spanning(f: Fixture, { axis, side }: End, [low, high]: [number, number]): Fixture {
  const size = tidy(high - low);
  switch (f.kind) {
    case 'bar':
      return { ...f, lengthM: size, [f.axis]: tidy(low) };
    case 'nestBank':
      return bankOf(f, side, size);
    case 'window':
    case 'vent':
    case 'door':
    case 'hatch':
    case 'popDoor':
      return axis === 'z'
        ? { ...f, sillZ: tidy(low), heightM: size }
        : { ...f, alongM: tidy(low), widthM: size };
    case 'feeder':
    case 'drinker':
      // placed by its middle
      return { ...f, x: tidy((low + high) / 2), lengthM: size };
    case 'obstacle':
      if (axis === 'z') return { ...f, heightM: size };
      return axis === 'x'
        ? { ...f, x: tidy(low), lengthM: size }
        : { ...f, y: tidy(low), depthM: size };
    case 'dustBath':
    case 'board':
    case 'ledge':
    case 'ceiling':
      return axis === 'x'
        ? { ...f, x: tidy(low), lengthM: size }
        : { ...f, y: tidy(low), depthM: size };
    case 'dish':
      return f;
  }
}

/** Boxes a bank may have at most, as the plan's file holds. */
const MOST_BOXES = 60;

/** A bank of as many whole boxes as the length holds, its other end where it was. */
function bankOf(bank: NestBank, side: End['side'], lengthM: number): NestBank {
  const columns = Math.max(1, Math.round(lengthM / bank.boxW));
  const boxes = Math.min(MOST_BOXES, columns * bank.rows);
  const next = { ...bank, boxes };
  if (side === 'high') return next;
  const grown = (boxesPerTier(next) - boxesPerTier(bank)) * bank.boxW;
  const axis = bank.faces === 'front' || bank.faces === 'rear' ? 'x' : 'y';
  return { ...next, [axis]: tidy(bank[axis] - grown) };
}
