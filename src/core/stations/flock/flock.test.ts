import { bar, bareCoop, DAY, fittedCoop, hens, sampleClimate } from '@/core/tests/plans';
import { assess } from '../../assess';
import type { Limits, Plan } from '../../model/schema';

const codes = (plan: Plan): string[] =>
  assess(plan, { on: DAY })
    .findings.map((f) => f.code)
    .filter((c) => c.startsWith('flock.'))
    .sort();

const coop = (...flock: Plan['flock']): Plan => bareCoop({ flock });
const limited = (limits: Partial<Limits>, ...flock: Plan['flock']): Plan => {
  const plan = coop(...flock);
  return { ...plan, limits: { ...plan.limits, ...limits } };
};

describe('who lives together', () => {
  const grown = { hatchedOn: '2024-05-01', arrivesOn: '2024-07-01' };

  test('hens alone are told nothing', () => {
    expect(codes(coop(hens(8, grown)))).toEqual([]);
  });

  test('one cock to five hens is too many, to six it is let be; to nineteen it is few, to eighteen let be', () => {
    const cock = hens(1, { id: 'cock', sex: 'cock', ...grown });
    const of = (n: number) =>
      codes(coop(hens(n, grown), cock)).filter((c) => c.startsWith('flock.cocks'));
    expect([of(5), of(6), of(18), of(19)]).toEqual([
      ['flock.cocks.tooMany'],
      [],
      [],
      ['flock.cocks.tooFew'],
    ]);
  });

  test('pullets moved in before they lay share a feed with layers, and ones in lay already do not', () => {
    const young = (arrivesOn: string) =>
      hens(4, { id: 'young', hatchedOn: '2027-04-15', arrivesOn });
    const found = assess(coop(hens(8, grown), young('2027-06-10')), { on: DAY }).findings;
    expect(found.find((f) => f.code === 'flock.feed.mixed')?.from).toBe('2027-06-10');
    // Marans lay from 22 weeks, 16 September
    expect(codes(coop(hens(8, grown), young('2027-09-16')))).toEqual([]);
    expect(codes(coop(young('2027-06-10')))).toEqual([]);
  });

  test('ducks beside hens are told of, ducks alone are not', () => {
    const ducks = hens(3, { id: 'ducks', breed: 'khaki-campbell', ...grown });
    expect(codes(coop(hens(8, grown), ducks))).toEqual(['flock.ducks.withHens']);
    expect(codes(coop(ducks))).toEqual([]);
  });

  test('unsexed chicks ask where the cocks will go, until it is said', () => {
    const chicks = hens(8, { sex: 'unsexed', hatchedOn: '2027-04-15', arrivesOn: '2027-06-10' });
    expect(codes(coop(chicks))).toContain('flock.cocks.undecided');
    const sorted = { on: '2027-07-15', cocksKept: 0 };
    expect(codes(coop({ ...chicks, sorted }))).not.toContain('flock.cocks.undecided');
  });
});

describe('local rules hold the plan', () => {
  const eight = hens(8);
  test.each<[string, Partial<Limits>, Partial<Limits>]>([
    ['flock.limit.birds', { mostBirds: 7 }, { mostBirds: 8 }],
    ['flock.limit.permit', { permitFrom: 8 }, { permitFrom: 9 }],
    ['flock.limit.setback', { setbackM: 3, standsM: 2.999 }, { setbackM: 3, standsM: 3 }],
    ['flock.limit.housing', { housingOrder: true }, { housingOrder: false }],
  ])('%s is raised alone, and a near miss is not', (code, over, within) => {
    expect(codes(limited(over, eight))).toEqual([code]);
    expect(codes(limited(within, eight))).toEqual([]);
  });

  test('cocks allowed are counted as cocks', () => {
    const cock = hens(1, { id: 'cock', sex: 'cock' });
    expect(codes(limited({ cocksAllowed: 0 }, eight, cock))).toContain('flock.limit.cocks');
    expect(codes(limited({ cocksAllowed: 1 }, eight, cock))).not.toContain('flock.limit.cocks');
  });
});

describe('cold and hot places', () => {
  const at = (climate: string, widthM: number): string[] => {
    const round = { shape: 'round', widthM, heightM: widthM } as const;
    const plan = fittedCoop({ climate: sampleClimate(climate) });
    const [first, ...rest] = plan.fixtures;
    const fixtures = first?.kind === 'bar' ? [bar({ ...first, section: round }), ...rest] : rest;
    return assess({ ...plan, fixtures }, { on: DAY }).findings.map((f) => f.code);
  };

  test('a bar narrower than 64 mm is told of where winters fall to −5 °C and below', () => {
    expect(at('cold-continental', 0.063)).toContain('roosts.bar.narrowInCold');
    expect(at('cold-continental', 0.064)).not.toContain('roosts.bar.narrowInCold');
    expect(at('mediterranean', 0.045)).not.toContain('roosts.bar.narrowInCold');
  });

  test('where the warmest month reaches 30 °C a bird takes a fifth more of the bar', () => {
    const width = (climate: Plan['climate']): number =>
      assess(fittedCoop({ climate }), { on: DAY }).figures.get('roosts.widthPerBird.hens')?.value ??
      0;
    expect(width(sampleClimate('hot-desert')) / width(null)).toBeCloseTo(1.2, 9);
    expect(width(sampleClimate('cool-maritime'))).toBe(width(null));
  });
});

test('what the flock asks today and at most is what the stations are sized by', () => {
  const a = assess(
    fittedCoop({ flock: [hens(6), hens(4, { id: 'later', arrivesOn: '2027-05-01' })] }),
    {
      on: DAY,
    },
  );
  const row = (measure: string) => a.demand.find((d) => d.measure === measure);
  expect(a.figures.get(row('length')?.most?.figure ?? '')?.value).toBeCloseTo(
    a.figures.get('roosts.needed')?.value ?? 0,
    9,
  );
  expect(a.figures.get(row('area')?.most?.figure ?? '')?.value).toBeCloseTo(
    a.figures.get('floor.needed')?.value ?? 0,
    9,
  );
  expect(row('area')?.most?.day).toBe('2027-05-01');
  expect(a.figures.get(row('inLay')?.todayFigure ?? '')?.value).toBe(6);
});

test('the months add up to the series', () => {
  const a = assess(bareCoop({ flock: [hens(6)], climate: sampleClimate('prairie-blizzards') }), {
    on: DAY,
  });
  const sum = (pick: 'feed' | 'water'): number =>
    a.months.reduce((s, m) => s + (a.figures.get(m[pick])?.value ?? 0), 0);
  const total = (measure: 'feedKg' | 'waterL'): number =>
    a.flock.totals[measure].reduce((x, y) => x + y, 0);
  expect(sum('feed')).toBeCloseTo(total('feedKg'), 6);
  expect(sum('water')).toBeCloseTo(total('waterL'), 6);
  expect(a.months[0]?.month).toBe('2026-11');
  expect(a.months).toHaveLength(25);
});
