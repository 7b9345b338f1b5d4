import { everything } from '@/core/tests/everything';
import { solidOf } from '../geometry/solids';
import { moved } from './moved';

const plan = everything('lamp');

test('whatever is moved, its box moves so far; what is cut into a wall moves along it alone', () => {
  for (const f of plan.fixtures) {
    const before = solidOf(f, plan);
    const after = solidOf(moved(f, 0.25, 0.125), plan);
    const inWall = 'wall' in f && !(f.kind === 'vent' && f.place === 'ridge');
    const along = inWall && (f.wall === 'left' || f.wall === 'right') ? 'y' : 'x';
    if ('wall' in f && !inWall) continue;
    const [dx, dy] = [after.x0 - before.x0, after.y0 - before.y0];
    expect([f.id, dx]).toEqual([f.id, expect.closeTo(inWall && along === 'y' ? 0 : 0.25, 6)]);
    expect([f.id, dy]).toEqual([f.id, expect.closeTo(inWall && along === 'x' ? 0 : 0.125, 6)]);
  }
});

test('heights go where they are sent; what stands on the litter stays on it', () => {
  for (const f of plan.fixtures) {
    const before = solidOf(f, plan);
    const after = solidOf(
      moved(f, 0, 0, (m) => m + 0.2),
      plan,
    );
    const stands =
      f.kind === 'dish' ||
      f.kind === 'dustBath' ||
      ((f.kind === 'feeder' || f.kind === 'drinker') && !f.hung) ||
      (f.kind === 'vent' && f.place === 'ridge');
    expect([f.id, after.z0 - before.z0]).toEqual([f.id, expect.closeTo(stands ? 0 : 0.2, 6)]);
  }
});
