import { produce } from 'immer';
import { assess } from '../assess';
import type { Plan } from '../model/schema';
import { DAY, sample } from '../tests/plans';
import { findingsApart } from './findings';

const found = (plan: Plan) => assess(plan, { on: DAY }).findings;
const codes = (list: readonly { code: string }[]): string[] => list.map((f) => f.code);
const base = sample('pell-garth');
const mended = produce(base, (d: Plan) => {
  for (const f of d.fixtures) if (f.kind === 'bar') f.y = f.id === 'bar-1' ? 1.7 : 1.2;
});

test('a bar moved from the wall mends what it was too near to, and is told once', () => {
  const { come, gone, stay } = findingsApart(found(base), found(mended));
  expect(codes(gone)).toContain('roosts.bar.nearWall');
  expect(codes(come)).not.toContain('roosts.bar.nearWall');
  expect(stay + come.length).toBe(found(mended).length);
});

test('the other way round what was mended has come, and what came is mended', () => {
  const there = findingsApart(found(base), found(mended));
  const back = findingsApart(found(mended), found(base));
  expect(codes(back.come)).toEqual(codes(there.gone));
  expect(codes(back.gone)).toEqual(codes(there.come));
});

test('the same fault of other fixtures is the same fault, one for one', () => {
  const renamed = produce(base, (d: Plan) => {
    for (const f of d.fixtures) f.id = `other-${f.id}`;
  });
  const { come, gone } = findingsApart(found(base), found(renamed));
  expect([codes(come), codes(gone)]).toEqual([[], []]);
});

test('a plan against itself has nothing come and nothing gone', () => {
  expect(findingsApart(found(base), found(base))).toMatchObject({ come: [], gone: [] });
});
