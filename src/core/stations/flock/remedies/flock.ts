import { freeNumber } from '../../../edit/freeNumber';
import type { Finding } from '../../../kernel/finding';
import { dayNumber, isoDay } from '../../../kernel/units/day';
import { PLAN_LIMITS } from '../../../model/limits';
import type { Group, Plan } from '../../../model/schema';
import type { Proposer, Proposers } from '../../../proposals/remedy';
import { ruled } from '../../../rules/rules.data';

/** Cocks show themselves by fourteen weeks. */
const SORT_AT_DAYS = 98;

/** The cocks of unsexed groups taken out once they can be told. */
const sortCocks: Proposer = (_, { plan }) => {
  const groups = plan.flock.filter((g) => g.sex === 'unsexed' && g.sorted === null);
  const first = groups[0];
  if (!first) return [];
  return [
    {
      code: 'flock.sortCocks',
      fixtures: [],
      numbers: { weeks: { value: SORT_AT_DAYS / 7, unit: 'weeks' } },
      change: (draft) => {
        for (const g of draft.flock) {
          if (g.sex !== 'unsexed' || g.sorted !== null) continue;
          const from = g.hatchedOn ?? g.arrivesOn;
          g.sorted = { on: isoDay(dayNumber(from) + SORT_AT_DAYS), cocksKept: 0 };
        }
      },
    },
  ];
};

/** A finding about a group has it in its key. */
const isAbout = ({ key }: Finding, { id }: Group): boolean => key.split('|').includes(id);

/** A cock among chicks sold as hens leaves once he can be told. */
const cockLeaves: Proposer = (finding) => [
  {
    code: 'flock.cockLeaves',
    fixtures: [],
    numbers: { weeks: { value: ruled('flock.sexed.told') / 7, unit: 'weeks' } },
    change: (draft) => {
      const own = draft.flock.find((g) => isAbout(finding, g));
      if (own) own.ifCock = 'leaves';
    },
  },
];

/** One of the chicks is counted as the cock that he may be: his bar, his floor and his door are planned for. */
const cockStays: Proposer = (finding, { plan }) => {
  const group = plan.flock.find((g) => isAbout(finding, g));
  if (!group || group.count < 2 || plan.limits.cocksAllowed === 0) return [];
  const id = `cock-${freeNumber('cock', plan.flock)}`;
  return [
    {
      code: 'flock.cockStays',
      fixtures: [],
      numbers: {},
      change: (draft) => {
        const own = draft.flock.find((g) => g.id === group.id);
        if (!own) return;
        own.count -= 1;
        own.ifCock = 'stays';
        const name = `${own.name}, cock`.slice(0, PLAN_LIMITS.name);
        draft.flock.push({ ...own, id, name, sex: 'cock', count: 1, figures: {} });
      },
    },
  ];
};

/** The floor sized for birds that are shut in. */
const sizeForShutIn: Proposer = () => [
  {
    code: 'floor.shutIn',
    fixtures: [],
    numbers: {},
    change: (draft: Plan) => {
      draft.schools['floor.area'] = 'floor.area.shutInWinters';
    },
  },
];

/** One feed that suits all of them, and shell in a dish apart. */
const allFlock: Proposer = () => [
  {
    code: 'flock.allFlock',
    fixtures: [],
    numbers: {},
    change: (draft) => {
      draft.fills.allFlock = true;
    },
  },
];

/** More cocks than this are a flock of their own. */
const MOST_COCKS = 4;

/** No more cocks than one to ten hens, the last groups' first to go. */
const keepCocks: Proposer = (finding, { plan }) => {
  const cocks = plan.flock.filter((g) => g.sex === 'cock');
  const there = cocks.reduce((n, g) => n + g.count, 0);
  const ratio = finding.numbers.ratio?.value ?? 0;
  const least = finding.numbers.least?.value ?? 8;
  // one to ten hens, and no more than anybody tells apart
  const keep = Math.max(1, Math.min(MOST_COCKS, Math.floor((ratio * there) / Math.max(10, least))));
  if (cocks.length === 0) return [];
  return [keep, 0]
    .filter((n) => n < there)
    .map((n) => ({
      code: n === 0 ? 'flock.noCocks' : 'flock.keepCocks',
      fixtures: [],
      numbers: { cocks: { value: n, unit: 'ratio' as const } },
      change: (draft: Plan) => {
        let left = n;
        draft.flock = draft.flock.flatMap((g) => {
          if (g.sex !== 'cock') return [g];
          const stay = Math.min(left, g.count);
          left -= stay;
          return stay === 0 ? [] : [{ ...g, count: stay }];
        });
      },
    }));
};

export const FLOCK_REMEDIES: Proposers = {
  'flock.feed.mixed': [allFlock],
  'flock.cocks.tooMany': [keepCocks],
  'flock.cock.maybe': [cockLeaves, cockStays],
  'flock.cocks.undecided': [sortCocks],
  'flock.limit.housing': [sizeForShutIn],
};
