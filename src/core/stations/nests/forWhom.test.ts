// Hens and ducks in one house: a bank is for those it is made for, and each is held to its own heights.
import { assess, createAssessor } from '../../assess';
import type { NestBank } from '../../model/schema';
import { remedies } from '../../remedies/remedies';
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
  bank({ id: 'low', boxes: 2, lipZ: LITTER_M + 0.12, x: 0, y: 1.2, boxW: 0.36, ...parts });

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

describe('one bank for hens and ducks, nobody named', () => {
  const at = (lipM: number, parts: Partial<NestBank> = {}, flock = layers) => {
    const plan = bareCoop({
      flock,
      fixtures: [high({ boxes: 4, lipZ: LITTER_M + lipM, ...parts })],
    });
    const judged = assess(plan, { on });
    const of = (code: string) => judged.findings.find((f) => f.code === code);
    return {
      plan,
      judged,
      carries: judged.staves.find((s) => s.station === 'nests')?.carries ?? 0,
      unreached: of('nests.lip.unreached'),
      low: of('nests.lip.low'),
    };
  };

  test('over the floor it is anybody’s who gets in: hens by their hops, ducks to 0.30 m', () => {
    for (const lipM of [0.13, 0.2, 0.3]) {
      const shared = at(lipM);
      expect([lipM, shared.carries >= 8]).toEqual([lipM, true]);
      // ducks use it: to be told that it is too low for hens would take it from them
      expect([shared.unreached, shared.low]).toEqual([undefined, undefined]);
    }
    // on the floor it is the ducks' alone
    expect(at(0.12).carries).toBe(0);
  });

  test('a finger above what a duck gets to she has no box, and is told so with her days; lowering it mends it', () => {
    const ducks = layers.map((g) =>
      g.id === 'ducks' ? { ...g, arrivesOn: '2027-01-10', leavesOn: '2027-08-01' } : g,
    );
    const shut = at(0.31, {}, ducks);
    expect(shut.carries).toBeLessThan(8);
    expect(shut.unreached).toMatchObject({ severity: 'short', till: '2027-07-31' });
    expect(shut.unreached?.from && shut.unreached.from >= '2027-01-10').toBe(true);
    const assessor = createAssessor();
    const before = assessor(shut.plan, { on });
    const finding = before.findings.find((f) => f.code === 'nests.lip.unreached');
    if (!finding) throw new Error('not told');
    const [first] = remedies(shut.plan, finding, before, assessor);
    expect(first?.code).toBe('nests.setLip');
    const bankNow = first?.plan.fixtures.find((f) => f.kind === 'nestBank');
    expect(bankNow?.kind === 'nestBank' && bankNow.lipZ).toBeCloseTo(LITTER_M + 0.3, 9);
  });

  test('where the ducks have a bank of their own nobody is told that they do not get into the hens’', () => {
    const two = told([high(), low()]);
    expect(two.codes.filter((c) => c.startsWith('nests.lip'))).toEqual([]);
  });
});

test('birds that left before the day decide nothing: neither what is asked nor what is there', () => {
  const gone = hens(4, {
    id: 'gone',
    breed: 'indian-runner',
    massKg: 1.9,
    hatchedOn: '2023-03-01',
    arrivesOn: '2023-05-01',
    leavesOn: '2025-06-01',
  });
  const own = hens(9, OLD);
  for (const banks of [[high()], [low()]])
    expect(told(banks, [own, gone])).toEqual(told(banks, [own]));
});
