import { barsOf, sidewaysM, sleepingBars, wallGap } from '../../../geometry/bars';
import { roofHeightM } from '../../../geometry/shell';
import type { Bar, Plan } from '../../../model/schema';
import { down, up } from '../../../model/tape';
import { FEWER_BIRDS } from '../../../proposals/fewerBirds';
import { leastBarZ } from '../../../proposals/leastBar';
import { metres, type Proposal, type Proposer, type Proposers } from '../../../proposals/remedy';
import { fitM } from '../../../rules/book';
import { shutTopTier } from '../../nests/remedies/fittings';
import { lowerNests } from '../../nests/remedies/lips';
import { clearOfNests, longest, placed } from './lengths';
import { addBar, layAnew } from './rows';
import { addStepsForAll } from './steps';

const barIn = (draft: Plan, id: string): Bar | undefined =>
  draft.fixtures.find((f): f is Bar => f.kind === 'bar' && f.id === id);

/** Every sleeping bar lengthened as far as the nests let it, or as far as the walls do. */
const lengthen: Proposer = (_, { plan, heaviestKg }) => {
  const bars = sleepingBars(plan);
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
  const low = sleepingBars(plan).filter((b) => b.z < z);
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

export const ROOST_REMEDIES: Proposers = {
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
