import fc from 'fast-check';
import { assess } from '../assess';
import { parsePlan } from '../edit/parse';
import { remedies } from '../remedies/remedies';
import { awayOf } from '../tending/awayOf';
import { frostWays } from '../tending/frostWays';
import { DAY } from '../tests/plans';
import { runs } from '../tests/runs';
import { storedCoop } from '../tests/storedCoop';
import { runBarrel } from './rain/barrel';
import { rainDays, storeOf } from './rain/outlook';

test('whatever is made, collected and heated: a good plan, figures that are numbers, findings with theirs', () => {
  fc.assert(
    fc.property(storedCoop, (plan) => {
      const read = parsePlan(plan);
      if (!read.ok) throw new Error(JSON.stringify(read.issues));
      const { figures, findings } = assess(read.value, { on: DAY });
      for (const f of figures.values()) {
        for (const part of [f.value, ...Object.values(f.parts)].flat()) {
          expect([f.id, Number.isFinite(part)]).toEqual([f.id, true]);
        }
      }
      for (const f of findings) {
        for (const [name, n] of Object.entries(f.numbers)) {
          expect([f.code, name, figures.has(n.figure)]).toEqual([f.code, name, true]);
        }
      }
    }),
    { numRuns: runs(20, 50) },
  );
});

test('whatever is made, remedies of its faults make plans that can be read', () => {
  fc.assert(
    fc.property(storedCoop, (plan) => {
      const before = assess(plan, { on: DAY });
      const own = before.findings.filter((f) =>
        /^(feed|water)\.(ports|mouth|dead|pan|hole|bucket|barrel|gutter|flush|heater|frost|ration)\./.test(
          f.code,
        ),
      );
      for (const finding of own.slice(0, 3)) {
        for (const r of remedies(plan, finding, before)) {
          expect([finding.code, parsePlan(r.plan).ok]).toEqual([finding.code, true]);
        }
      }
    }),
    { numRuns: runs(6, 15) },
  );
});

test('whatever is collected, thirty years of it are numbers, and so are frost and days away', () => {
  fc.assert(
    fc.property(storedCoop, (plan) => {
      const assessment = assess(plan, { on: DAY });
      const days = rainDays(assessment.flock);
      const store = storeOf(plan, assessment.flock);
      if (days && store) {
        const { reliability, years } = runBarrel(days, store);
        expect(reliability).toBeGreaterThanOrEqual(0);
        expect(reliability).toBeLessThanOrEqual(1);
        expect(years).toHaveLength(30);
      }
      for (const { options } of frostWays(plan, assessment)) {
        for (const o of options) {
          expect(o.blockedH).toBeGreaterThanOrEqual(0);
          expect(Number.isFinite(o.kWh)).toBe(true);
        }
      }
      const away = awayOf(plan, '2027-01-10', '2027-01-15');
      expect(away.days).toBeGreaterThanOrEqual(0);
      for (const l of away.lasts) expect(Number.isNaN(l.days)).toBe(false);
    }),
    { numRuns: runs(5, 12) },
  );
});
