import fc from 'fast-check';
import { createJudge } from '../judge';
import { RULE_BOOK } from '../rules/book';
import { anyBirdsInAnyShell } from '../tests/anyBirds';
import { DAY, sample } from '../tests/plans';
import { runs } from '../tests/runs';
import { boundsOf } from './bounds';
import { isOfTheCoop } from './fitOut';
import { fitted } from './fitted';
import { roughOut, shellsOf } from './roughOut';

const FLOCKS = runs(120, 500);
/** Of those that are refused, so many are proved refused for the right reason: each takes a second. */
const PROVED = runs(4, 500);

test('many flocks: what is given has no harm and nothing short, and what is refused cannot be', () => {
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
