import { sample } from '../tests/plans';
import { fieldAt, setAt, valueAt } from './field';
import { fixture, fixtureOf } from './fixtures.schema';
import { planSchema } from './schema';

const bar = fixtureOf({
  kind: 'bar',
  id: 'bar-1',
  name: 'Bar 1',
  x: 0,
  y: 1,
  z: 0.9,
  axis: 'x',
  lengthM: 2,
  section: { shape: 'flat', widthM: 0.089, heightM: 0.038 },
  wallToWall: false,
  use: 'sleeping',
});

describe('what the schema says of a value', () => {
  test('a number has its limits, a whole number is known as one', () => {
    expect(fieldAt(fixture, bar, 'section.widthM')).toEqual({
      type: 'number',
      least: 0.01,
      most: 0.3,
      open: false,
    });
    expect(fieldAt(fixture, bar, 'brackets')).toMatchObject({ type: 'whole', least: 0, most: 20 });
    expect(fieldAt(fixture, bar, 'liftsOut')?.type).toBe('yesNo');
    expect(fieldAt(fixture, bar, 'use')?.type).toBe('choice');
  });

  test('a value that may be left open is open', () => {
    const plan = sample('pell-garth');
    expect(fieldAt(planSchema, plan, 'litter.finalM')?.open).toBe(true);
    expect(fieldAt(planSchema, plan, 'litter.depthM')?.open).toBe(false);
    expect(fieldAt(planSchema, plan, 'soldFor')).toMatchObject({ type: 'whole', open: true });
  });

  test('of variants the one that it is counts; what another has is not there', () => {
    const lamp = { ...sample('osk-landing') };
    lamp.brooder = {
      ...(lamp.brooder as NonNullable<typeof lamp.brooder>),
      heat: { kind: 'lamp', watts: 100, count: 2, aboveM: 0.5, coated: false, secondFixing: true },
    };
    expect(fieldAt(planSchema, lamp, 'brooder.heat.watts')).toMatchObject({ type: 'number' });
    expect(fieldAt(planSchema, lamp, 'brooder.heat.hens')).toBeNull();
    expect(fieldAt(fixture, bar, 'lipZ')).toBeNull();
  });

  test('what stands in something that is not there is not there', () => {
    const plan = { ...sample('pell-garth'), rain: null };
    expect(fieldAt(planSchema, plan, 'rain.barrel.litres')).toBeNull();
    expect(valueAt(plan, 'rain.barrel.litres')).toBeUndefined();
    setAt(plan, 'rain.barrel.litres', 200);
    expect(plan.rain).toBeNull();
  });

  test('a value is set where its path leads', () => {
    const own = structuredClone(bar);
    setAt(own, 'section.heightM', 0.05);
    setAt(own, 'name', 'Front bar');
    expect([own.section.heightM, valueAt(own, 'name')]).toEqual([0.05, 'Front bar']);
  });
});
