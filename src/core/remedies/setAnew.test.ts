import fc from 'fast-check';
import { produce } from 'immer';
import { createAssessor } from '../assess';
import { droppingsShadow, sleepingBars } from '../geometry/bars';
import { meetInPlan } from '../geometry/forms';
import { solidOf } from '../geometry/solids';
import { onGrid } from '../kernel/units/grid';
import type { Plan } from '../model/schema';
import { leastBarZ } from '../proposals/leastBar';
import type { Proposal, ProposalContext } from '../proposals/remedy';
import { fitM } from '../rules/book';
import { badCoop, bar, bareCoop, DAY, hens } from '../tests/plans';
import { allTold, contextFor } from '../tests/proposals';
import { remedies } from './remedies';
import { setAnew } from './setAnew';

/** What is proposed for a plan short of roosts, with the plan each would give. */
function proposed(given: Plan): { ctx: ProposalContext; all: { p: Proposal; plan: Plan }[] } {
  const { ctx, before } = contextFor(given);
  const finding =
    before.findings.find((f) => f.code === 'roosts.length.short') ?? before.findings[0];
  if (!finding) return { ctx, all: [] };
  const some = [...setAnew(finding, ctx)].filter((_, i) => i % 4 === 0);
  const all = some.map((p) => ({
    p,
    plan: produce(ctx.plan, (d) => p.change(d)),
  }));
  return { ctx, all };
}

test('rows stand level or stepped, apart and off the walls, on the plan’s own tape; what there was goes on', () => {
  let looked = 0;
  fc.assert(
    fc.property(badCoop, fc.constantFrom('metric' as const, 'imperial' as const), (coop, units) => {
      const { ctx, all } = proposed({ ...coop, units });
      for (const { p, plan } of all) {
        looked++;
        const rows = sleepingBars(plan);
        expect(rows).toHaveLength(p.numbers.rows?.value ?? 0);
        const stepped = p.code.includes('Stepped');
        expect(new Set(rows.map((b) => b.z)).size).toBe(stepped && rows.length > 1 ? 2 : 1);
        for (const b of rows) {
          expect(b.axis).toBe('x');
          // a bar from wall to wall is as long as the room is
          // of one to the left wall only the far end is measured
          const ends = b.wallToWall ? [] : [b.x, b.lengthM];
          for (const m of [b.y, b.z, ...ends]) {
            expect(onGrid(m, units)).toBe(true);
          }
          expect(plan.shell.widthM - b.y).toBeGreaterThan(
            fitM('roosts.wall', ctx.heaviestKg) - 1e-9,
          );
        }
        const at = rows.map((b) => b.y).sort((x, y) => x - y);
        at.slice(1).forEach((y, i) => {
          expect(y - (at[i] as number)).toBeGreaterThan(
            fitM(stepped ? 'roosts.apart.stair' : 'roosts.apart.level', ctx.heaviestKg) - 1e-9,
          );
        });
        // nothing is lost but bars that are no longer needed, and vessels that one stands for
        const left = new Set(plan.fixtures.map((f) => f.id));
        const replaced = new Set(
          allTold(p).flatMap((l) => (/vessels\.to/.test(l.code) ? l.fixtures : [])),
        );
        for (const f of coop.fixtures) {
          if (f.kind !== 'bar' && !replaced.has(f.id)) expect(left.has(f.id)).toBe(true);
        }
        expect(new Set(plan.fixtures.map((f) => f.id)).size).toBe(plan.fixtures.length);
      }
    }),
    { numRuns: 40, seed: 2026 },
  );
  expect(looked).toBeGreaterThan(40);
});

test('no bank is left in the droppings, and each thing moved or hung is told', () => {
  let [banks, moved] = [0, 0];
  fc.assert(
    fc.property(badCoop, (coop) => {
      const { ctx, all } = proposed(coop);
      for (const { p, plan } of all) {
        const shadows = sleepingBars(plan).map((b) => droppingsShadow(b, ctx.heaviestKg, plan));
        const lines = allTold(p);
        expect(1 + (p.also ?? []).length).toBeLessThanOrEqual(4);
        for (const f of plan.fixtures) {
          const was = ctx.plan.fixtures.find((o) => o.id === f.id);
          if (f.kind === 'nestBank') {
            banks++;
            if (!f.hungOutside) {
              expect(shadows.some((s) => meetInPlan(s, solidOf(f, plan)))).toBe(false);
            }
          }
          const apart = was && 'x' in was && 'x' in f && (was.x !== f.x || was.y !== f.y);
          if (apart && f.kind !== 'bar' && f.kind !== 'board') {
            moved++;
            expect(lines.some((l) => l.fixtures.includes(f.id))).toBe(true);
          }
        }
      }
    }),
    { numRuns: 40, seed: 7 },
  );
  expect(banks).toBeGreaterThan(20);
  expect(moved).toBeGreaterThan(20);
});

test('bars stand no lower than litter and nests let them, where birds may sleep that high', () => {
  fc.assert(
    fc.property(badCoop, (coop) => {
      for (const { plan } of proposed(coop).all) {
        const [row] = sleepingBars(plan);
        const bare = leastBarZ({ ...plan, fixtures: [] });
        expect(row?.z).toBeGreaterThanOrEqual(bare - 1e-9);
      }
    }),
    { numRuns: 25, seed: 3 },
  );
});

test('a coop that two longer bars mend is not set anew', () => {
  const plan = bareCoop({
    flock: [hens(8)],
    fixtures: [bar({ id: 'bar-1', x: 0.8, y: 1.6, lengthM: 1 })],
  });
  const assess = createAssessor();
  const before = assess(plan, { on: DAY });
  const short = before.findings.find((f) => f.code === 'roosts.length.short');
  if (!short) throw new Error('not short');
  const all = remedies(plan, short, before, assess);
  expect(all.length).toBeGreaterThan(0);
  expect(all.filter((r) => r.code.startsWith('roosts.setAnew'))).toEqual([]);
});
