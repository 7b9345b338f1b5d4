import fc from 'fast-check';
import { anyPlan, bank, bar, DAY, fittedCoop, hens, sample } from '@/core/tests/plans';
import { assess, createAssessor } from './assess';
import { MEASURES } from './birds/flock';
import type { FindingCode } from './kernel/codes.data';
import type { Bar, Plan } from './model/schema';
import { RULE_BOOK } from './rules/book';
import type { RuleBook } from './rules/types';

const on = DAY;
const rails = (plan: Plan, book?: RuleBook) =>
  Object.fromEntries(
    assess(plan, book ? { on, book } : { on })
      .staves.filter((s) => s.carries !== null)
      .map((s) => [s.station, s.carries ?? 0]),
  );

describe('the samples', () => {
  const pell = assess(sample('pell-garth'), { on });

  test('Pell Garth: fourteen planned, roosts for six, nests for thirteen, floor for fourteen', () => {
    expect(pell).toMatchObject({ planned: 14, today: 8, carries: 6, heldBackBy: ['roosts'] });
    expect(rails(sample('pell-garth'))).toEqual({
      roosts: 6,
      nests: 13,
      floor: 14,
      feed: 21,
      water: 42,
    });
    const verdicts = pell.staves.flatMap((s) => (s.verdict ? [[s.station, s.verdict]] : []));
    expect(Object.fromEntries(verdicts)).toEqual({
      floor: 'tight',
      roosts: 'short',
      nests: 'short',
      feed: 'ample',
      water: 'ample',
    });
  });

  test('Pell Garth: what is wrong with it, harm first', () => {
    expect(pell.findings[0]).toMatchObject({ code: 'nests.bank.underBars', severity: 'harm' });
    expect(new Set(pell.findings.map((f) => f.code))).toEqual(
      new Set([
        'nests.bank.underBars',
        'roosts.length.short',
        'water.frost.ice',
        'nests.boxes.short',
        'roosts.bar.nearWall',
        'roosts.bars.tooClose',
        'nests.lip.low',
        'flock.feed.mixed',
        'feed.days.short',
        'feed.one.only',
        'feed.open.night',
        'feed.shell.few',
        'reach.nests.low',
        'water.one.only',
        'water.vessel.low',
      ]),
    );
  });

  test('Pell Garth: the low nest bank takes 0.43 m² of 6.30', () => {
    expect(pell.figures.get('floor.inside')?.value).toBeCloseTo(6.3, 9);
    expect(pell.figures.get('floor.taken.nests-1')?.value).toBeCloseTo(0.432, 9);
  });

  test('of the roosts’ equals, the bars that are too short come before the way up', () => {
    const crested = [hens(3, { id: 'crested', breed: 'polish' }), hens(9)];
    const plan = fittedCoop({ flock: crested, fixtures: [bar({ lengthM: 1 }), bank()] });
    const roosts = assess(plan, { on }).findings.filter(
      (f) => f.station === 'roosts' && f.severity === 'short',
    );
    expect(roosts.map((f) => f.code)).toEqual(['roosts.length.short', 'roosts.hop.high']);
  });

  test('Tamar Flats asks for its fixtures', () => {
    const tamar = assess(sample('tamar-flats'), { on });
    expect(tamar.sentence).toEqual({ kind: 'notEntered', stations: ['roosts', 'nests'] });
    expect(tamar).toMatchObject({ planned: 17, today: 0, carries: null, heldBackBy: [] });
  });

  test('Osk Landing has all three staves, and its Brahmas, who get up to no bar, hold it back', () => {
    const osk = assess(sample('osk-landing'), { on });
    expect(Object.keys(rails(sample('osk-landing'))).sort()).toEqual(['floor', 'nests', 'roosts']);
    expect(osk).toMatchObject({ carries: 0, heldBackBy: ['roosts'] });
    expect(rails(sample('osk-landing'))).toMatchObject({ floor: 16 });
  });

  test.each(['2026-01-31', '2027-04-15', '2028-02-29', '2030-12-31'])(
    'made on %s, Pell Garth comes out the same',
    async (day) => {
      const { samplePlans } = await import('./edit/samples.data');
      const plan = samplePlans(day)[0];
      if (!plan) throw new Error('no samples');
      expect(assess(plan, { on: day })).toMatchObject({ planned: 14, today: 8, carries: 6 });
    },
  );
});

describe('the sentence', () => {
  test('without birds it asks for them', () => {
    expect(assess(fittedCoop({ flock: [] }), { on }).sentence.kind).toBe('noBirds');
  });

  test('with room to spare it says how much, and what comes next', () => {
    const { sentence } = assess(fittedCoop({ flock: [hens(2)] }), { on });
    expect(sentence).toMatchObject({ kind: 'enough', planned: 2 });
  });

  test('stations that hold it back equally are all named', () => {
    const plan = fittedCoop({
      flock: [hens(9, { massKg: 2.2 })],
      fixtures: [bar({ lengthM: 1.35 }), bank({ boxes: 1 })],
      schools: { 'nests.hens': { custom: 4 }, 'roosts.length': 'roosts.length.aFootEach' },
    });
    // one box serves three hens only, as from four on two boxes are asked for; 1.35 m holds four
    expect(assess(plan, { on }).heldBackBy).toEqual(['nests']);
    const equal = { ...plan, schools: { 'nests.hens': 'nests.hens.smallFlockSharing' } };
    const seven = { ...equal, fixtures: [bar({ lengthM: 2.1 }), bank({ boxes: 1 })] };
    expect(assess(seven, { on })).toMatchObject({ carries: 7, heldBackBy: ['roosts', 'nests'] });
  });
});

describe('schools', () => {
  test('each says what it would give, and giving it gives that', () => {
    const plan = sample('pell-garth');
    for (const [topic, offers] of Object.entries(assess(plan, { on }).schools)) {
      for (const offer of offers.filter((o) => !o.comparisonOnly && o.carries !== null)) {
        const chosen = rails({ ...plan, schools: { [topic]: offer.id } });
        expect(chosen[topic.split('.')[0] ?? '']).toBe(offer.carries);
      }
    }
  });

  test("a keeper's own figure stands in the list as chosen", () => {
    const plan = { ...sample('pell-garth'), schools: { 'roosts.length': { custom: 0.2 } } };
    const offers = assess(plan, { on }).schools['roosts.length'];
    expect(offers?.filter((o) => o.chosen)).toMatchObject([
      { id: 'custom', row: null, carries: 10 },
    ]);
  });

  test('a row added to the rules alone is offered, and can be chosen', () => {
    const row = {
      id: 'roosts.length.test',
      topic: 'roosts.length',
      school: 'wing to wing',
      why: 'A school that stands only in this test.',
      params: { widthM: 0.5 },
      scale: 'none',
      validMassKg: [0.4, 8],
      evidence: 'keepers',
      source: 'keepers',
    } as const;
    const book: RuleBook = { ...RULE_BOOK, rows: [...RULE_BOOK.rows, row] };
    const plan = sample('pell-garth');
    const offer = assess(plan, { on, book }).schools['roosts.length']?.find((o) => o.id === row.id);
    expect(offer).toMatchObject({ carries: 4, chosen: false, row: { school: 'wing to wing' } });
    expect(rails({ ...plan, schools: { 'roosts.length': row.id } }, book).roosts).toBe(4);
  });
});

/** Whether a bar lies wholly between the walls, with its width. */
const standsInside = (bar: Bar, { shell }: Plan): boolean => {
  const half = bar.section.widthM / 2;
  const [alongX, alongY] = bar.axis === 'x' ? [bar.lengthM, half] : [half, bar.lengthM];
  const [backX, backY] = bar.axis === 'x' ? [0, half] : [half, 0];
  return (
    bar.x >= backX &&
    bar.y >= backY &&
    bar.x + alongX <= shell.lengthM &&
    bar.y + alongY <= shell.widthM
  );
};

describe('whatever the plan', () => {
  test('a denser school never carries fewer', () => {
    const scale = fc.double({ min: 1.01, max: 2, noNaN: true });
    fc.assert(
      fc.property(anyPlan, scale, (plan, by) => {
        const at = (m2: number, m: number, perBox: number) =>
          rails({
            ...plan,
            schools: {
              'floor.area': { custom: m2 },
              'roosts.length': { custom: m },
              'nests.hens': { custom: perBox },
            },
          });
        const dense = at(0.3, 0.25, 5);
        const roomy = at(0.3 * by, 0.25 * by, 5 / by);
        for (const station of Object.keys(roomy)) {
          expect(dense[station]).toBeGreaterThanOrEqual(roomy[station] ?? 0);
        }
      }),
    );
  });

  test('a shorter bar never carries more, where no bar stands over another', () => {
    fc.assert(
      fc.property(anyPlan, fc.integer({ min: 5, max: 99 }), (plan, percent) => {
        // a bar that runs out through a wall carries nobody until it is cut
        const level = plan.fixtures
          .map((f) => (f.kind === 'bar' ? { ...f, z: 1.2 } : f))
          .filter((f) => f.kind !== 'bar' || standsInside(f, plan));
        const shorter = level.map((f) =>
          f.kind === 'bar' ? { ...f, lengthM: (f.lengthM * percent) / 100 } : f,
        );
        const most = rails({ ...plan, fixtures: level }).roosts;
        const least = rails({ ...plan, fixtures: shorter }).roosts;
        if (most !== undefined) expect(least).toBeLessThanOrEqual(most);
      }),
    );
  });

  test('the planned flock fits a station exactly where it carries as many as are planned', () => {
    fc.assert(
      fc.property(anyPlan, (plan) => {
        const a = assess(plan, { on });
        const short = new Set(a.findings.filter((f) => f.severity === 'short').map((f) => f.code));
        const carries = Object.fromEntries(a.staves.map((s) => [s.station, s.carries]));
        const fits = (station: string) =>
          carries[station] === null || (carries[station] ?? 0) >= a.planned;
        expect(fits('floor')).toBe(!short.has('floor.area.short'));
        // where what lies outside the shell would do inside, that is the fault that is told
        const outside = [...short].some((c) => c.startsWith('shell.fixture.'));
        const told = (codes: readonly FindingCode[]) => codes.some((c) => short.has(c));
        const isRight = (station: string, codes: readonly FindingCode[]) =>
          fits(station) ? !told(codes) : told(codes) || outside;
        const bars = ['length.short', 'places.short', 'reach.short', 'hop.high'] as const;
        expect(
          isRight(
            'roosts',
            bars.map((c): FindingCode => `roosts.${c}`),
          ),
        ).toBe(true);
        expect(isRight('nests', ['nests.boxes.short', 'nests.boxes.sizeShort'])).toBe(true);
      }),
    );
  });

  test('every figure is a finite number with evidence and a source, and findings speak only of figures', () => {
    fc.assert(
      fc.property(anyPlan, (plan) => {
        const { figures, findings } = assess(plan, { on });
        for (const [id, f] of figures) {
          expect(f.id).toBe(id);
          expect(Number.isFinite(f.value)).toBe(true);
          expect(f.evidence && f.source).toBeTruthy();
        }
        for (const f of findings) {
          for (const n of Object.values(f.numbers))
            expect(figures.get(n.figure)?.value).toBeCloseTo(n.value, 9);
        }
        expect(new Set(findings.map((f) => f.key)).size).toBe(findings.length);
      }),
    );
  });

  test('the units shown never change a verdict', () => {
    fc.assert(
      fc.property(anyPlan, (plan) => {
        const verdicts = (p: Plan) => assess(p, { on }).staves.map((s) => [s.carries, s.verdict]);
        expect(verdicts({ ...plan, units: 'imperial' })).toEqual(verdicts(plan));
      }),
    );
  });

  test('the assessor with a memory gives what assess gives, over a run of edits', () => {
    const edits = fc.array(fc.tuple(fc.nat(3), anyPlan), { minLength: 1, maxLength: 8 });
    fc.assert(
      fc.property(anyPlan, edits, (start, list) => {
        const remembering = createAssessor();
        let plan = start;
        for (const [what, other] of list) {
          if (what === 0) plan = { ...plan, flock: other.flock };
          if (what === 1) plan = { ...plan, fixtures: other.fixtures };
          if (what === 2) plan = { ...plan, shell: other.shell, litter: other.litter };
          if (what === 3) plan = { ...plan, horizonYears: plan.horizonYears === 2 ? 1 : 2 };
          const { flock: kept, ...known } = remembering(plan, { on });
          const { flock, ...anew } = assess(plan, { on });
          expect(known).toEqual(anew);
          // seven hundred days of eleven sums: held byte by byte
          for (const m of MEASURES) {
            expect([
              m,
              Buffer.from(kept.totals[m].buffer).equals(Buffer.from(flock.totals[m].buffer)),
            ]).toEqual([m, true]);
          }
        }
      }),
      { numRuns: 20 },
    );
  });
});
