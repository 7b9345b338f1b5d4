import { newBar } from '../../../edit/new/bars';
import { sleepingBars } from '../../../geometry/bars';
import type { Bar, Plan } from '../../../model/schema';
import { down, up } from '../../../model/tape';
import { leastBarZ } from '../../../proposals/leastBar';
import { MOST_ADDED, metres, type Proposal, type Proposer } from '../../../proposals/remedy';
import { fitM } from '../../../rules/book';
import { ruled } from '../../../rules/rules.data';
import { clearOfNests, longest } from './lengths';

/** Rows tried from the rear wall forward, m. */
const ROW_STEP = { metric: 0.05, imperial: 0.0508 } as const;

/**
 * One bar more: where it stands as far from the others and from the walls as birds want, and as long as the nests
 * let it be; at the others' height, or a step below the lowest.
 */
export const addBar: Proposer = (_, { plan, heaviestKg, sizes }) => {
  const bars = sleepingBars(plan).filter((b) => b.axis === 'x');
  const foremost = bars.reduce<Bar | null>((a, b) => (a === null || b.y < a.y ? b : a), null);
  const level = up(plan, fitM('roosts.apart.level', heaviestKg));
  const stair = up(plan, fitM('roosts.apart.stair', heaviestKg));
  const wall = up(plan, fitM('roosts.wall', heaviestKg));
  const least = leastBarZ(plan);
  const heights = [least, foremost?.z ?? least].filter(
    (z, i, all) => z >= least && all.indexOf(z) === i,
  );
  const proposals: Proposal[] = [];
  for (const z of heights) {
    const made: Bar[] = [];
    for (let n = 1; n <= MOST_ADDED.bar; n++) {
      const y = nextRow(plan, [...bars, ...made], z, { level, stair, wall, foremost });
      if (y === null) break;
      const beside = { ...plan, fixtures: [...plan.fixtures, ...made] };
      const base: Bar = { ...newBar(beside, sizes), y, z, brackets: 0 };
      const { from, lengthM } = clearOfNests(plan, base, heaviestKg);
      if (lengthM < 0.4) break;
      made.push({ ...base, x: from, lengthM });
      const infront = foremost !== null && n === 1 && Math.abs(foremost.y - level - y) < 1e-9;
      const all = [...made];
      proposals.push({
        code:
          n > 1
            ? 'roosts.addBars'
            : infront
              ? 'roosts.addInFront'
              : foremost
                ? 'roosts.addBar'
                : 'roosts.addFirst',
        fixtures: infront && foremost ? [foremost.id] : [],
        numbers: {
          bars: { value: n, unit: 'bars' },
          length: metres(Math.max(...all.map((b) => b.lengthM))),
          apart: metres(infront ? level : plan.shell.widthM - y),
          height: metres(z - plan.litter.depthM),
        },
        hours: n,
        change: (draft) => void draft.fixtures.push(...all),
      });
    }
  }
  return proposals;
};

/** The next row where a bar may stand: in front of the foremost, else from the rear wall forward; null where none is. */
function nextRow(
  plan: Plan,
  bars: readonly Bar[],
  z: number,
  apart: { level: number; stair: number; wall: number; foremost: Bar | null },
): number | null {
  const { level, stair, wall, foremost } = apart;
  const far = (y: number): boolean =>
    bars.every((b) => {
      const rule = Math.abs(b.z - z) < ruled('roosts.stair.rise') ? level : stair;
      return Math.abs(b.y - y) >= rule - 1e-9;
    });
  const last = down(plan, plan.shell.widthM - wall);
  const rows: number[] = foremost && foremost.z === z ? [foremost.y - level] : [];
  for (let y = last; y >= wall - 1e-9; y -= ROW_STEP[plan.units]) rows.push(down(plan, y + 1e-9));
  return rows.find((y) => y >= wall - 1e-9 && y <= last + 1e-9 && far(y)) ?? null;
}

/** The bars laid anew as level rows from the rear wall forward, as many as are asked for. */
export const layAnew: Proposer = (_, { plan, heaviestKg, sizes }) => {
  const wall = up(plan, fitM('roosts.wall', heaviestKg));
  const level = up(plan, fitM('roosts.apart.level', heaviestKg));
  const { from, lengthM } = longest(plan, 'x');
  const most = Math.floor((plan.shell.widthM - 2 * wall) / level + 1e-9) + 1;
  const old = sleepingBars(plan);
  const proposals: Proposal[] = [];
  for (let rows = 1; rows <= Math.min(most, 6); rows++) {
    const least = leastBarZ(plan);
    // no higher than these birds sleep
    const most = Math.max(least, down(plan, plan.litter.depthM + Math.min(2, sizes.highestM)));
    const z = Math.min(most, Math.max(least, ...old.map((b) => b.z)));
    proposals.push({
      code: rows === 1 ? 'roosts.layOne' : 'roosts.layAnew',
      fixtures: old.map((b) => b.id),
      numbers: {
        rows: { value: rows, unit: 'bars' },
        length: metres(lengthM),
        wall: metres(wall),
        apart: metres(level),
      },
      more: rows > 2,
      hours: 1.5 * rows + 0.3 * old.length,
      change: (draft) => {
        const ids = new Set(old.map((b) => b.id));
        const kept = draft.fixtures.filter((f) => !ids.has(f.id));
        const made = [...old];
        while (made.length < rows) {
          made.push(newBar({ ...draft, fixtures: [...kept, ...made] }, sizes));
        }
        const bars = made.slice(0, rows).map((b, i): Bar => {
          const y = down(plan, plan.shell.widthM - wall - i * level);
          return { ...b, axis: 'x', x: from, y, z, lengthM, wallToWall: false, use: 'sleeping' };
        });
        draft.fixtures = [...bars, ...kept];
      },
    });
  }
  return proposals;
};
