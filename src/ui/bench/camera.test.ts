import fc from 'fast-check';
import { project } from '@/core/drawing/projection';
import { sample } from '@/core/tests/plans';
import { closer, closeUp, panned, seenBy } from './camera';

const frame = { width: 720, height: 600, left: 180, right: 40, top: 38, bottom: 64 };
const { shell } = sample('pell-garth');
const whole = project('front', shell, frame);

test('looked at as a whole a coop is projected as it is', () => {
  expect(seenBy(whole, frame, null)).toBe(whole);
});

test('what is under the pointer stays under it, however much closer one looks', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.4, max: 2.6, noNaN: true }),
      fc.double({ min: 0.4, max: 2, noNaN: true }),
      fc.double({ min: 1.1, max: 6, noNaN: true }),
      (acrossM, upM, factor) => {
        const at = [whole.u(acrossM), whole.v(upM)] as const;
        const camera = closer(whole, frame, null, factor, at);
        const seen = seenBy(whole, frame, camera);
        expect(seen.scale).toBeCloseTo(whole.scale * factor, 6);
        // the middle of what is looked at never leaves the coop
        fc.pre(camera !== null && camera.acrossM > 0.01 && camera.acrossM < 2.99);
        fc.pre(camera !== null && camera.upM > 0.01 && camera.upM < shell.roof.highM - 0.01);
        expect(seen.u(acrossM)).toBeCloseTo(at[0], 4);
        expect(seen.v(upM)).toBeCloseTo(at[1], 4);
      },
    ),
  );
});

test('as far away as the whole coop it is the whole coop, and no farther', () => {
  const near = closer(whole, frame, null, 2);
  expect(near?.times).toBeCloseTo(2, 9);
  expect(closer(whole, frame, near, 0.5)).toBeNull();
  expect(closer(whole, frame, null, 0.5)).toBeNull();
  expect(closer(whole, frame, near, 1000)?.times).toBe(24);
});

test('panned, the drawing goes with the hand; the whole coop stays where it is', () => {
  const near = closer(whole, frame, null, 3);
  const moved = seenBy(whole, frame, panned(whole, near, [30, -20]));
  const before = seenBy(whole, frame, near);
  expect(moved.u(1) - before.u(1)).toBeCloseTo(30, 6);
  expect(moved.v(1) - before.v(1)).toBeCloseTo(-20, 6);
  expect(panned(whole, null, [30, -20])).toBeNull();
});

test('close to a thing, it stands in the middle and within the room of the drawing', () => {
  const face = { a0: 0.9, a1: 2.1, b0: 0.6, b1: 0.65 };
  const seen = seenBy(whole, frame, closeUp(whole, frame, face));
  const middle = (seen.u(face.a0) + seen.u(face.a1)) / 2;
  expect(middle).toBeCloseTo((frame.left + frame.width - frame.right) / 2, 6);
  expect(seen.u(face.a0)).toBeGreaterThan(frame.left);
  expect(seen.u(face.a1)).toBeLessThan(frame.width - frame.right);
  expect(seen.scale).toBeGreaterThan(whole.scale);
});
