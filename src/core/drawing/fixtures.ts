import { formOf } from '../geometry/solids';
import type { Fixture, Plan } from '../model/schema';
import { circle, type Face, path, type Shape, type View } from './shape';
import { bankShapes } from './things/banks';
import { barShapes } from './things/bars';
import { openingShapes } from './things/openings';
import { vesselShapes } from './things/vessels';
import { outlineOf } from './view';

/**
 * A fixture as it is drawn, m.
 * @param face  what of it shows in the view
 */
export function fixtureShapes(fixture: Fixture, face: Face, plan: Plan, view: View): Shape[] {
  const outline = (pen: 'timber' | 'thing' | 'dust' | 'mesh'): Shape =>
    outlineOf(pen, formOf(fixture, plan), view, plan.shell);
  switch (fixture.kind) {
    case 'bar':
      return barShapes(fixture, face, plan, view);
    case 'nestBank':
      return bankShapes(fixture, face, plan, view);
    case 'window':
    case 'vent':
    case 'door':
    case 'hatch':
    case 'popDoor':
      return openingShapes(fixture, face, plan, view);
    case 'feeder':
    case 'drinker':
      return vesselShapes(fixture, face, plan, view);
    case 'dish':
      return [outline('thing')];
    case 'dustBath':
      return [outline('dust'), ...grains(face)];
    case 'ceiling':
      return [outline('mesh')];
    case 'obstacle':
      return [outline('thing'), crossed(face)];
    case 'board':
    case 'ledge':
      return [outline('timber')];
  }
}

/** A thing of the house that stays is crossed out: nothing can stand there. */
const crossed = ({ a0, a1, b0, b1 }: Face): Shape =>
  path('fold', ['M', a0, b0], ['L', a1, b1], ['M', a0, b1], ['L', a1, b0]);

/** Grains of dust, always the same ones. */
const grains = ({ a0, a1, b0, b1 }: Face): Shape[] =>
  Array.from({ length: 24 }, (_, i) =>
    circle(
      'grain',
      [
        a0 + ((((i * 37) % 97) + 1) / 99) * (a1 - a0),
        b1 - ((((i * 53) % 89) + 4) / 97) * (b1 - b0),
      ],
      0.005,
    ),
  );
