// Hens and ducks in one house: a bank is for those it is made for, and each is held to its own heights.
import { assess } from '../../assess';
import type { NestBank } from '../../model/schema';
import { bank, bareCoop, DAY, hens } from '../../tests/plans';

const on = DAY;
const OLD = { hatchedOn: '2025-09-01', arrivesOn: '2025-10-01' };
const layers = [
  hens(4, { id: 'hens', ...OLD }),
  hens(4, { id: 'ducks', breed: 'indian-runner', massKg: 1.9, ...OLD }),
];
const LITTER_M = 0.1;
const high = (parts: Partial<NestBank> = {}): NestBank =>
  bank({ id: 'high', boxes: 2, lipZ: LITTER_M + 0.45, boxW: 0.36, ...parts });
const low = (parts: Partial<NestBank> = {}): NestBank =>
  bank({ id: 'low', boxes: 2, lipZ: LITTER_M + 0.15, x: 0, y: 1.2, boxW: 0.36, ...parts });

const told = (banks: readonly NestBank[], flock = layers) => {
  const a = assess(bareCoop({ flock, fixtures: [...banks] }), { on });
  const nests = a.staves.find((s) => s.station === 'nests');
  const codes = a.findings.filter((f) => f.station === 'nests').map((f) => f.code);
  return { carries: nests?.carries, verdict: nests?.verdict, codes };
};

test('a bank on the floor is the ducks’ and one above it the hens’, where the keeper says nothing', () => {
  const both = told([high(), low()]);
  expect(both.carries).toBeGreaterThanOrEqual(8);
  expect(both.codes.filter((c) => /lip|short/i.test(c))).toEqual([]);
  expect(told([high()]).verdict).toBe('short');
  expect(told([low()]).verdict).toBe('short');
});

test('what the keeper says stands above that', () => {
  // both said to be the hens': the ducks have none
  const turned = told([high({ forWhom: 'hens' }), low({ forWhom: 'hens' })]);
  expect(turned.verdict).toBe('short');
  expect(turned.codes).toContain('nests.lip.low');
  const said = told([high({ forWhom: 'hens' }), low({ forWhom: 'ducks' })]);
  expect(said.verdict).not.toBe('short');
  expect(said.codes).not.toContain('nests.lip.low');
  // a bank for anybody is held to what both can use
  expect(told([low({ forWhom: 'anybody', boxes: 4 })]).carries).toBeGreaterThanOrEqual(8);
});

test('without ducks a bank on the floor is the hens’ too, and told of as too low', () => {
  const hensAlone = told([low()], [hens(4, OLD)]);
  expect(hensAlone.carries).toBeGreaterThanOrEqual(4);
  expect(hensAlone.codes).toContain('nests.lip.low');
});
