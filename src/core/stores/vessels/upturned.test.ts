import { pointsOf } from '../../drawing/shape';
import { vesselSection } from '../../drawing/vessel/section';
import { newDrinker } from '../../edit/new/floorThings';
import { newMade } from '../../edit/new/homeMade';
import type { Vessel } from '../../model/schema';
import { soundCoop } from '../../tests/plans';
import { contentsOf } from './contents';
import { roundHoles } from './holes';
import { acrossAtM, frustumL } from './volume';

// A pail 26 cm across the foot, 30 cm the top, 36 cm high, turned over into a pan.
const plan = soundCoop();
const bucket: Vessel = newDrinker(plan, { type: 'bucket', outlets: 3 });
const start = newMade(bucket, 'metric');
if (!start) throw new Error('a bucket is made at home');
const made = {
  ...start,
  wallM: 0,
  floorM: 0,
  body: { shape: 'pail' as const, footM: 0.26, topM: 0.3, highM: 0.36 },
  hole: { acrossM: 0.012, lowM: 0.03 },
};
const upturned: Vessel = { ...bucket, made };

test('the holes of an upturned bucket are worked where it is wide: near its rim, which is down', () => {
  const round = roundHoles(upturned);
  if (!round) throw new Error('its holes go round');
  // middle of a hole 36 mm over the rim: 0.30 − (0.30 − 0.26)·0.036/0.36
  expect(acrossAtM(round.made.body, round.middleM)).toBeCloseTo(0.296, 9);
  // upright the strip would have been for 0.264: 11 % short
  expect(0.264 / 0.296).toBeCloseTo(0.892, 3);
});

test('what stays in it is the water below its holes, in the wide end', () => {
  const { wholeL, deadL } = contentsOf(upturned, made);
  const low = 0.042;
  const across = 0.3 - (0.04 * low) / 0.36;
  expect(wholeL).toBeCloseTo(frustumL(0.3, 0.26, 0.36), 6);
  expect(deadL).toBeCloseTo(frustumL(0.3, across, low), 6);
});

test('it is drawn with its foot up', () => {
  const { shapes } = vesselSection(upturned, made, plan, null);
  const outline = shapes
    .filter((shape) => shape.pen === 'thing')
    .map(pointsOf)
    .find((points) => Math.max(...points.map(([, b]) => b)) > 0.3);
  if (!outline) throw new Error('no outline');
  const wideAt = (pick: (b: number[]) => number): number => {
    const b = pick(outline.map((p) => p[1]));
    const at = outline.filter((p) => p[1] === b).map((p) => p[0]);
    return Math.max(...at) - Math.min(...at);
  };
  expect(wideAt((b) => Math.min(...b))).toBeCloseTo(0.3, 6);
  expect(wideAt((b) => Math.max(...b))).toBeCloseTo(0.26, 6);
});

test('a pail that stands upright is worked as it is', () => {
  const feeder: Vessel = { ...bucket, type: 'fount' };
  expect(contentsOf(feeder, made).wholeL).toBeCloseTo(frustumL(0.26, 0.3, 0.36), 6);
});
