import fc from 'fast-check';
import { GROUP_DEFAULTS, newPlan } from '../edit/defaults';
import { shippedClimate } from '../edit/place';
import { createJudge } from '../judge';
import { BREEDS } from '../model/breeds.data';
import { CLIMATES } from '../model/climates.data';
import type { Group, Plan } from '../model/schema';
import { RULE_BOOK } from '../rules/book';
import { DAY, sample } from '../tests/plans';
import { boundsOf } from './bounds';
import { isOfTheCoop } from './fitOut';
import { fitted, roughOut, shellsOf } from './roughOut';

const CHICKENS = BREEDS.filter((b) => b.kind === 'chicken').map((b) => b.id);
const DUCKS = BREEDS.filter((b) => b.kind === 'duck').map((b) => b.id);

/** One to sixty birds of up to four breeds, ducks or none, in any climate and any shell from 1.2 × 0.9 to 6 × 4 m. */
const anyBirdsInAnyShell = fc
  .record({
    kinds: fc.array(
      fc.record({ breed: fc.constantFrom(...CHICKENS), n: fc.integer({ min: 1, max: 20 }) }),
      { minLength: 1, maxLength: 4 },
    ),
    ducks: fc.option(
      fc.record({ breed: fc.constantFrom(...DUCKS), n: fc.integer({ min: 1, max: 6 }) }),
      { freq: 3 },
    ),
    most: fc.integer({ min: 1, max: 60 }),
    climate: fc.constantFrom(...CLIMATES.map((c) => c.id)),
    units: fc.constantFrom('metric' as const, 'imperial' as const),
    lengthCm: fc.integer({ min: 120, max: 600 }),
    widthCm: fc.integer({ min: 90, max: 400 }),
    heightCm: fc.integer({ min: 120, max: 260 }),
  })
  .map(({ kinds, ducks, most, climate, units, lengthCm, widthCm, heightCm }): Plan => {
    let left = most;
    const flock: Group[] = [];
    for (const { breed, n } of ducks ? [ducks, ...kinds] : kinds) {
      const count = Math.min(left, n);
      if (count < 1) continue;
      left -= count;
      flock.push({
        id: `g${flock.length}`,
        name: `G ${flock.length}`,
        breed,
        massKg: null,
        count,
        sex: 'hen',
        hatchedOn: null,
        arrivesOn: DAY,
        leavesOn: null,
        ...GROUP_DEFAULTS,
      });
    }
    const heightM = heightCm / 100;
    const plan = newPlan({
      id: 'any',
      name: 'Any',
      units,
      timeZone: 'UTC',
      lengthM: lengthCm / 100,
      widthM: widthCm / 100,
      roof: { kind: 'flat', lowM: heightM, highM: heightM },
      climate: shippedClimate(climate, null),
    });
    return { ...plan, flock };
  });

const FLOCKS = 500;
/** Of those that are refused, so many are proved refused for the right reason: each takes a second. */
const PROVED = 12;

test('five hundred flocks: what is given has no harm and nothing short, and what is refused cannot be', () => {
  let [fits, refused, proved, worstMs] = [0, 0, 0, 0];
  for (const plan of fc.sample(anyBirdsInAnyShell, { numRuns: FLOCKS, seed: 2026 })) {
    const judge = createJudge();
    const begun = performance.now();
    const got = fitted(plan, DAY, judge);
    const what = `${plan.shell.lengthM} × ${plan.shell.widthM}: ${plan.flock.map((g) => `${g.count} ${g.breed}`).join(', ')}`;
    if (got.kind === 'fits') {
      fits++;
      worstMs = Math.max(worstMs, performance.now() - begun);
      // judged by another memory than the one it was made with
      const { findings } = createJudge()(got.plan, { on: DAY, book: RULE_BOOK, lean: true });
      expect([what, findings.filter(isOfTheCoop).map((f) => f.key)]).toEqual([what, []]);
      continue;
    }
    refused++;
    // a flock that asks for no more than seventy in a hundred of every bound is never refused
    expect([what, boundsOf(plan, DAY, judge).share > 0.7]).toEqual([what, true]);
    if (proved === PROVED) continue;
    proved++;
    const miss = roughOut(plan, DAY);
    if (miss.kind !== 'tooSmall' || miss.smallest === null) throw new Error(`no shell for ${what}`);
    const shells = shellsOf(plan);
    const at = (k: number): string => {
      const size = shells[k];
      return size ? fitted({ ...plan, shell: { ...plan.shell, ...size } }, DAY).kind : 'none';
    };
    const k = shells.findIndex(
      (s) => s.lengthM === miss.smallest?.lengthM && s.widthM === miss.smallest.widthM,
    );
    expect([what, at(k), k === 0 ? 'misses' : at(k - 1)]).toEqual([what, 'fits', 'misses']);
    expect(miss.holds).toBeLessThan(miss.birds);
  }
  process.stdout.write(
    `${fits} fitted, ${refused} refused, ${proved} of them proved; the slowest that fits took ${worstMs.toFixed(0)} ms\n`,
  );
  expect(fits).toBeGreaterThan(FLOCKS / 2);
}, 600_000);

test.each(['pell-garth', 'tamar-flats', 'osk-landing'] as const)(
  'the birds of %s are fitted out in their own shell, or it says what runs out',
  (id) => {
    const plan = { ...sample(id), fixtures: [], schools: {}, partition: null };
    const got = roughOut(plan, DAY);
    if (got.kind === 'fits') expect(got.findings.filter(isOfTheCoop)).toEqual([]);
    else expect([got.station, got.smallest === null]).toEqual(['floor', false]);
  },
);

test('the same answers give the same fit-out', () => {
  const plan = { ...sample('tamar-flats'), fixtures: [] };
  expect(roughOut(plan, DAY)).toEqual(roughOut(plan, DAY));
});
