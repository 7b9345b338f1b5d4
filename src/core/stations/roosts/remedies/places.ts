import { newBar } from '../../../edit/new/bars';
import { barsOf, droppingsShadow, sidewaysM, wallGap } from '../../../geometry/bars';
import { roofHeightM } from '../../../geometry/shell';
import { meetInPlan, solidOf } from '../../../geometry/solids';
import type { Bar, Plan } from '../../../model/schema';
import { FEWER_BIRDS } from '../../../proposals/fewerBirds';
import { leastBarZ } from '../../../proposals/leastBar';
import { down, metres, type Proposal, type Proposer, up } from '../../../proposals/remedy';
import { fitM } from '../../../rules/book';
import { FIT } from '../../../rules/fit.data';
import { lowerNests } from '../../nests/remedies/banks';
import { shutTopTier } from '../../nests/remedies/fittings';
import { addStepsForAll } from './steps';

const END_CLEAR_M = FIT['roosts.end.near'].valueM;

const barIn = (draft: Plan, id: string): Bar | undefined =>
  draft.fixtures.find((f): f is Bar => f.kind === 'bar' && f.id === id);

/** Bars run whole from one side to the other, clear of the walls by what costs nothing. */
function longest(plan: Plan, axis: 'x' | 'y'): { from: number; lengthM: number } {
  const room = axis === 'x' ? plan.shell.lengthM : plan.shell.widthM;
  const end = up(plan, END_CLEAR_M);
  return { from: end, lengthM: Math.max(0, down(plan, room - 2 * end)) };
}

/** How far a bar may run between the walls without its droppings reaching a nest bank. */
function clearOfNests(plan: Plan, bar: Bar, heaviestKg: number): { from: number; lengthM: number } {
  const { from, lengthM } = longest(plan, bar.axis);
  let [near, far] = [from, from + lengthM];
  for (const f of plan.fixtures) {
    if (f.kind !== 'nestBank') continue;
    const s = solidOf(f, plan);
    const shadow = droppingsShadow({ ...bar, ...placed(bar, from, lengthM) }, heaviestKg, plan);
    if (!meetInPlan(shadow, s)) continue;
    const [lo, hi] = bar.axis === 'x' ? [s.x0, s.x1] : [s.y0, s.y1];
    if ((lo + hi) / 2 < (near + far) / 2) near = Math.max(near, up(plan, hi + NEST_CLEAR_M));
    else far = Math.min(far, down(plan, lo - NEST_CLEAR_M));
  }
  return { from: near, lengthM: down(plan, Math.max(0, far - near)) };
}

/** A bar that ends beside a bank ends so far from it. */
const NEST_CLEAR_M = 0.02;

const placed = (bar: Bar, from: number, lengthM: number) =>
  bar.axis === 'x' ? { x: from, lengthM } : { y: from, lengthM };

/** Every sleeping bar lengthened as far as the nests let it, or as far as the walls do. */
const lengthen: Proposer = (_, { plan, heaviestKg }) => {
  const bars = barsOf(plan).filter((b) => b.use === 'sleeping');
  const by = (range: (b: Bar) => { from: number; lengthM: number }): Proposal[] => {
    const longer = bars.flatMap((bar) => {
      const { from, lengthM } = range(bar);
      return bar.lengthM < lengthM - 1e-9 ? [{ bar, from, lengthM }] : [];
    });
    const most = Math.max(0, ...longer.map((l) => l.lengthM));
    if (longer.length === 0) return [];
    return [
      {
        code: 'roosts.lengthen',
        hours: 0.9 * longer.length,
        fixtures: longer.map((l) => l.bar.id),
        numbers: { length: metres(most) },
        change: (draft) => {
          for (const { bar, from, lengthM } of longer) {
            const own = barIn(draft, bar.id);
            if (own) Object.assign(own, placed(own, from, lengthM), { wallToWall: false });
          }
        },
      },
    ];
  };
  const clear = by((bar) => clearOfNests(plan, bar, heaviestKg));
  const whole = by((bar) => longest(plan, bar.axis));
  const same = clear[0]?.numbers.length?.value === whole[0]?.numbers.length?.value;
  return same ? whole : [...clear, ...whole];
};

/** Rows tried from the rear wall forward, m. */
const ROW_STEP = { metric: 0.05, imperial: 0.0508 } as const;

/**
 * One bar more: where it stands as far from the others and from the walls as birds want, and as long as the nests
 * let it be; at the others' height, or a step below the lowest.
 */
const addBar: Proposer = (_, { plan, heaviestKg, sizes }) => {
  const bars = barsOf(plan).filter((b) => b.axis === 'x' && b.use === 'sleeping');
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
    for (let n = 1; n <= MOST_MORE; n++) {
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

/** Bars added at once at most. */
const MOST_MORE = 4;

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
      const rule = Math.abs(b.z - z) < FIT['roosts.stair.rise'].valueM ? level : stair;
      return Math.abs(b.y - y) >= rule - 1e-9;
    });
  const last = down(plan, plan.shell.widthM - wall);
  const rows: number[] = foremost && foremost.z === z ? [foremost.y - level] : [];
  for (let y = last; y >= wall - 1e-9; y -= ROW_STEP[plan.units]) rows.push(down(plan, y + 1e-9));
  return rows.find((y) => y >= wall - 1e-9 && y <= last + 1e-9 && far(y)) ?? null;
}

/** The bars laid anew as level rows from the rear wall forward, as many as are asked for. */
const layAnew: Proposer = (_, { plan, heaviestKg, sizes }) => {
  const wall = up(plan, fitM('roosts.wall', heaviestKg));
  const level = up(plan, fitM('roosts.apart.level', heaviestKg));
  const { from, lengthM } = longest(plan, 'x');
  const most = Math.floor((plan.shell.widthM - 2 * wall) / level + 1e-9) + 1;
  const old = barsOf(plan).filter((b) => b.use === 'sleeping');
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

/** A bar moved off the wall by what its birds want, and those before it moved along. */
const offTheWall: Proposer = (finding, { plan, heaviestKg }) => {
  const bar = barIn(plan, finding.fixtures[0] ?? '');
  if (!bar) return [];
  const wall = up(plan, fitM('roosts.wall', heaviestKg));
  const gap = wallGap(bar, plan.shell);
  const by = (wall - gap.gapM) * (gap.wallM > gap.barM ? -1 : 1);
  const shift = (b: Bar): void => {
    const to = (b.axis === 'x' ? b.y : b.x) + by;
    if (b.axis === 'x') b.y = place(to);
    else b.x = place(to);
  };
  // towards the middle: what is kept is the distance from the wall
  const place = (m: number): number => (by < 0 ? down(plan, m) : up(plan, m));
  const beside = barsOf(plan).filter((b) => b.axis === bar.axis);
  return [
    {
      code: 'roosts.offTheWall',
      fixtures: [bar.id],
      numbers: { wall: metres(wall) },
      change: (draft) => {
        const own = barIn(draft, bar.id);
        if (own) shift(own);
      },
    },
    {
      code: 'roosts.allOffTheWall',
      fixtures: [bar.id],
      numbers: { wall: metres(wall) },
      change: (draft) => {
        for (const { id } of beside) {
          const own = barIn(draft, id);
          if (own) shift(own);
        }
      },
    },
  ];
};

/** Two rows set as far apart as their birds want, the one nearer the middle of the coop moved. */
const spread: Proposer = (finding, { plan, heaviestKg }) => {
  const [a, b] = finding.fixtures.map((id) => barIn(plan, id));
  if (!a || !b || sidewaysM(a, b) === null) return [];
  const rule =
    finding.code === 'roosts.bars.tooClose' ? 'roosts.apart.level' : 'roosts.apart.stair';
  const apart = up(plan, fitM(rule, heaviestKg));
  const at = (bar: Bar): number => (bar.axis === 'x' ? bar.y : bar.x);
  const [back, front] = at(a) > at(b) ? [a, b] : [b, a];
  const move = (bar: Bar, to: number): Proposal => ({
    code: 'roosts.spread',
    fixtures: [bar.id],
    numbers: { apart: metres(apart) },
    change: (draft) => {
      const own = barIn(draft, bar.id);
      if (!own) return;
      const place = to < at(bar) ? down(plan, to) : up(plan, to);
      if (own.axis === 'x') own.y = place;
      else own.x = place;
    },
  });
  return [move(front, at(back) - apart), move(back, at(front) + apart)];
};

/** A bar raised over the litter and the nests. */
const raise: Proposer = (finding, { plan }) => {
  const bar = barIn(plan, finding.fixtures[0] ?? '');
  if (!bar) return [];
  const z = leastBarZ(plan);
  const room = roofHeightM(plan.shell, bar.x + bar.lengthM / 2, bar.y) - z;
  if (z <= bar.z || room < 0.3) return [];
  const low = barsOf(plan).filter((b) => b.use === 'sleeping' && b.z < z);
  return [
    {
      code: 'roosts.raise',
      // birds hop no higher for it: where nests are in the way, they come down first
      hours: 0.6 * low.length + (/Nests$/.test(finding.code) ? 1.5 : 0),
      fixtures: low.map((b) => b.id),
      numbers: { height: metres(z - plan.litter.depthM) },
      change: (draft) => {
        for (const { id } of low) {
          const own = barIn(draft, id);
          if (own) own.z = z;
        }
      },
    },
  ];
};

/** A flat bar of the usual lumber, wide face up. */
const widen: Proposer = (finding, { plan }) => {
  const bar = barIn(plan, finding.fixtures[0] ?? '');
  if (!bar) return [];
  const section = { shape: 'flat', widthM: 0.089, heightM: 0.038 } as const;
  return [
    {
      code: 'roosts.widen',
      fixtures: [bar.id],
      numbers: { width: metres(section.widthM) },
      change: (draft) => {
        const own = barIn(draft, bar.id);
        if (own) own.section = section;
      },
    },
  ];
};

/** Closer together, by the school that packs them so; its drawback is told with it. */
const huddle: Proposer = (_finding, { plan }) =>
  plan.schools['roosts.length'] === 'roosts.length.huddled'
    ? []
    : [
        {
          code: 'roosts.otherSchool',
          fixtures: [],
          numbers: {},
          change: (draft) => {
            draft.schools['roosts.length'] = 'roosts.length.huddled';
          },
        },
      ];

const SHORT: readonly Proposer[] = [lengthen, addBar, layAnew, FEWER_BIRDS, huddle];

export const ROOST_REMEDIES: Readonly<Record<string, readonly Proposer[]>> = {
  'roosts.length.short': SHORT,
  'roosts.places.short': SHORT,
  'roosts.reach.short': [addStepsForAll, ...SHORT],
  'roosts.bar.nearWall': [offTheWall, layAnew],
  'roosts.bars.tooClose': [spread, layAnew],
  'roosts.bars.stairTooClose': [spread, layAnew],
  'roosts.bar.underAnother': [spread, layAnew],
  'roosts.bar.low': [raise],
  'roosts.bar.belowNests': [lowerNests, raise, shutTopTier],
  'roosts.bar.nearNests': [lowerNests, raise, shutTopTier],
  'roosts.bar.narrowInCold': [widen],
};
