import { everything } from '@/core/tests/everything';
import { DAY, sample } from '@/core/tests/plans';
import { assess } from './assess';
import type { Plan } from './model/schema';
import { type Sight, seenOf, sightOf } from './sight';

const overTheWire = (plan: Plan): Sight =>
  JSON.parse(JSON.stringify(sightOf(assess(plan, { on: DAY }))));

const parted = (): Plan => ({
  ...sample('osk-landing'),
  partition: { axis: 'x', atM: 2.4, beyond: [] },
});

test.each([
  ['osk-landing', sample('osk-landing')],
  ['pell-garth', sample('pell-garth')],
  ['tamar-flats', sample('tamar-flats')],
  ['everything', everything('lamp')],
  ['a parted coop', parted()],
])('%s is seen at first as it is worked afterwards', (_, plan) => {
  const worked = assess(plan, { on: DAY });
  const seen = seenOf(overTheWire(plan));
  for (const key of [
    'carries',
    'sentence',
    'staves',
    'findings',
    'birds',
    'marks',
    'feet',
  ] as const) {
    expect(seen[key]).toEqual(worked[key]);
  }
  // of what schools ask and would give only the chosen one is there
  const offers = Object.values(worked.schools).flat();
  const others = new Set(
    offers.filter((o) => !o.chosen).flatMap((o) => [o.ruleFigure, o.carriesFigure]),
  );
  const shown = [...worked.figures.values()].filter((f) => !others.has(f.id));
  expect([...seen.figures.keys()].sort()).toEqual(shown.map((f) => f.id).sort());
  for (const figure of shown) {
    const { id, value, unit, evidence, working } = figure;
    const first = seen.figures.get(id);
    expect(first).toMatchObject({ value, unit, evidence, working });
  }
  for (const [topic, offers] of Object.entries(worked.schools)) {
    expect(seen.schools[topic]).toEqual(offers.filter((offer) => offer.chosen));
  }
  expect(seen.zones?.near.findings).toEqual(worked.zones?.near.findings);
  expect(seen.zones?.beyond.carries).toBe(worked.zones?.beyond.carries);
});

test('what is not in a first sight is never taken for nothing: reading it is an error', () => {
  const seen = seenOf(overTheWire(sample('osk-landing')));
  expect(() => seen.flock.columns).toThrow(/core has come/);
  expect(() => seen.reach).toThrow(/core has come/);
  const carries = seen.figures.get('coop.carries');
  for (const key of ['parts', 'source'] as const) {
    expect(() => carries?.[key]).toThrow(/core has come/);
  }
  expect(seen.flock.climate === null || Number.isFinite(seen.flock.climate.design.winterC)).toBe(
    true,
  );
});

test('a first sight is small enough to come with its page', () => {
  for (const id of ['osk-landing', 'pell-garth', 'tamar-flats'] as const) {
    expect(JSON.stringify(overTheWire(sample(id))).length).toBeLessThan(70_000);
  }
});
