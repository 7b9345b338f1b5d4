import { dayOf, type FlockByDay, livingOn } from '../../birds/flock';
import { type Finding, type FindingNumber, findingKey, type Severity } from '../../kernel/finding';
import { below } from '../../kernel/units/number';
import { type Basis, ENTERED, type Figure, figure, KEEPERS } from '../../kernel/working';
import type { Plan } from '../../model/schema';
import { constant } from '../../rules/constants.data';
import type { StationContext } from '../context';
import { allFound, type Found, NOTHING, numberOf } from '../found';
import { FLOCK_WORKINGS as W } from './flock.working';

/** One cock to eight to twelve hens; told where it is far off. Source: keepers. */
export const HENS_PER_COCK = { least: 8, most: 12, farBelow: 6, farAbove: 18 } as const;
const YOUNG_FROM_DAYS = constant('feed.starter.days');
/** Most calcium in a feed for birds not in lay, per cent. Source: keepers. */
const MOST_CALCIUM_PERCENT = constant('feed.calcium.most');

/** What is wrong with who lives together, and with what the local rules allow. */
export function flockFindings(ctx: StationContext): Found {
  const all = [
    cocksToHens(ctx.flock),
    ctx.plan.fills.allFlock ? NOTHING : mixedAges(ctx.flock),
    ducksWithHens(ctx.flock),
    unsorted(ctx.flock),
    ...limitFindings(ctx),
  ];
  return allFound(all);
}

function finding(
  code: string,
  severity: Severity,
  figures: Readonly<Record<string, Figure>>,
  from: string | null,
  about: readonly string[] = [],
): Found {
  const numbers = Object.fromEntries(
    Object.entries(figures).map(([name, f]): [string, FindingNumber] => [name, numberOf(f)]),
  );
  const one: Finding = {
    code,
    key: findingKey(code, about),
    station: 'flock',
    severity,
    fixtures: [],
    numbers,
    zone: null,
    from,
  };
  return { figures: Object.values(figures), findings: [one] };
}

const count = (id: string, value: number, basis: Basis = ENTERED): Figure =>
  figure(id, 'flock.count', W['flock.count'], { value }, basis);

/** A cock is a cock to the hens before he is full grown. */
const GROWN_SHARE = constant('flock.cock.grown');

/** Grown chickens in the coop on a day, by sex. */
function henCocks(flock: FlockByDay, d: number): { hens: number; cocks: number } {
  let hens = 0;
  let cocks = 0;
  livingOn(flock, d).forEach((n, i) => {
    const lot = flock.lots[i];
    const grown = (flock.columns[i]?.massKg[d] ?? 0) >= GROWN_SHARE * (lot?.massKg ?? 0);
    if (!lot || !grown || lot.kind === 'duck' || lot.breed.kind === 'meat') return;
    if (lot.sex === 'cock') cocks += n;
    else hens += n;
  });
  return { hens, cocks };
}

function cocksToHens(flock: FlockByDay): Found {
  for (const d of flock.steps) {
    const { hens, cocks } = henCocks(flock, d);
    if (cocks === 0 || hens === 0) continue;
    const ratio = hens / cocks;
    const many = below(ratio, HENS_PER_COCK.farBelow);
    if (!many && ratio <= HENS_PER_COCK.farAbove) continue;
    const figures = {
      ratio: figure(
        'flock.hensPerCock',
        'flock.hensPerCock',
        W['flock.hensPerCock'],
        { hens, cocks, ratio },
        ENTERED,
      ),
      least: rule('flock.hensPerCock.least', HENS_PER_COCK.least),
      most: rule('flock.hensPerCock.most', HENS_PER_COCK.most),
    };
    return many
      ? finding('flock.cocks.tooMany', 'awkward', figures, dayOf(flock, d))
      : finding('flock.cocks.tooFew', 'awkward', figures, dayOf(flock, d));
  }
  return NOTHING;
}

const rule = (id: string, value: number): Figure =>
  figure(id, 'rule.ratio', W['rule.ratio'], { value }, KEEPERS);

/** Young birds, or cocks, in a coop with hens in lay: one feed has to suit all. */
function mixedAges(flock: FlockByDay): Found {
  for (const d of flock.steps) {
    const living = livingOn(flock, d);
    let laying = 0;
    let others = 0;
    living.forEach((n, i) => {
      const lot = flock.lots[i];
      if (!lot || n === 0) return;
      if ((flock.columns[i]?.inLay[d] ?? 0) > 0) laying += n;
      else if (lot.sex === 'cock' || isYoung(flock, i, d)) others += n;
    });
    if (laying === 0 || others === 0) continue;
    return finding(
      'flock.feed.mixed',
      'awkward',
      {
        others: count('flock.notInLay', others),
        laying: count('flock.layingBeside', laying),
        calcium: figure(
          'flock.feed.calciumMost',
          'rule.share',
          W['rule.share'],
          { value: MOST_CALCIUM_PERCENT },
          KEEPERS,
        ),
      },
      dayOf(flock, d),
    );
  }
  return NOTHING;
}

function isYoung(flock: FlockByDay, i: number, d: number): boolean {
  const lot = flock.lots[i];
  if (!lot || lot.hatchedOn === null) return false;
  const age = flock.horizon.first + d - lot.hatchedOn;
  return age >= 0 && (lot.laysFrom === null ? age < 2 * YOUNG_FROM_DAYS : true);
}

function ducksWithHens(flock: FlockByDay): Found {
  for (const d of flock.steps) {
    const living = livingOn(flock, d);
    const birdsOf = (kind: 'duck' | 'chicken'): number =>
      living.reduce((sum, n, i) => sum + (flock.lots[i]?.kind === kind ? n : 0), 0);
    const ducks = birdsOf('duck');
    const hens = birdsOf('chicken');
    if (ducks === 0 || hens === 0) continue;
    return finding(
      'flock.ducks.withHens',
      'awkward',
      { ducks: count('flock.ducks', ducks), hens: count('flock.chickens', hens) },
      dayOf(flock, d),
    );
  }
  return NOTHING;
}

/** Unsexed chicks of whose cocks nothing has been decided. */
function unsorted(flock: FlockByDay): Found {
  const lots = flock.lots.filter(
    (lot, i) =>
      lot.cocksOf && lot.group.sorted === null && flock.columns[i]?.here.some((n) => n > 0),
  );
  if (lots.length === 0) return NOTHING;
  const cocks = lots.reduce((sum, lot) => sum + lot.count, 0);
  return finding(
    'flock.cocks.undecided',
    'awkward',
    { cocks: count('flock.cocksUndecided', cocks, KEEPERS) },
    null,
    lots.map((lot) => lot.group.id),
  );
}

function limitFindings({ flock, plan }: StationContext): Found[] {
  const { limits } = plan;
  const allowed = (id: string, value: number): Figure =>
    figure(`limits.${id}`, 'limits.birds', W['limits.birds'], { value }, ENTERED);
  const found: Found[] = [];
  const firstOver = (most: number, total: (d: number) => number): number | undefined =>
    flock.changes.find((d) => total(d) > most);
  const head = (d: number): number => flock.totals.head[d] ?? 0;
  const cocks = (d: number): number =>
    livingOn(flock, d).reduce((s, n, i) => s + (flock.lots[i]?.sex === 'cock' ? n : 0), 0);
  if (limits.mostBirds !== null) {
    const d = firstOver(limits.mostBirds, head);
    if (d !== undefined) {
      const figures = {
        planned: count('flock.overLimit', head(d)),
        allowed: allowed('mostBirds', limits.mostBirds),
      };
      found.push(finding('flock.limit.birds', 'short', figures, dayOf(flock, d)));
    }
  }
  if (limits.permitFrom !== null && limits.permitFrom > 0) {
    const d = firstOver(limits.permitFrom - 1, head);
    if (d !== undefined) {
      const figures = {
        planned: count('flock.underPermit', head(d)),
        allowed: allowed('permitFrom', limits.permitFrom),
      };
      found.push(finding('flock.limit.permit', 'awkward', figures, dayOf(flock, d)));
    }
  }
  if (limits.cocksAllowed !== null) {
    const d = firstOver(limits.cocksAllowed, cocks);
    if (d !== undefined) {
      const figures = {
        cocks: count('flock.cocksOverLimit', cocks(d)),
        allowed: allowed('cocksAllowed', limits.cocksAllowed),
      };
      found.push(finding('flock.limit.cocks', 'short', figures, dayOf(flock, d)));
    }
  }
  found.push(setback(plan), housing(plan, flock));
  return found;
}

function setback({ limits }: Plan): Found {
  const { setbackM, standsM } = limits;
  if (setbackM === null || standsM === null || !below(standsM, setbackM)) return NOTHING;
  const metres = (id: string, value: number): Figure =>
    figure(`limits.${id}`, 'limits.metres', W['limits.metres'], { value }, ENTERED);
  return finding(
    'flock.limit.setback',
    'short',
    { stands: metres('stands', standsM), needed: metres('setback', setbackM) },
    null,
  );
}

/** Kept in by order, birds need the floor of birds that are shut in. */
function housing({ limits, schools }: Plan, flock: FlockByDay): Found {
  const shutIn = schools['floor.area'] === 'floor.area.shutInWinters';
  if (!limits.housingOrder || shutIn || flock.planned === 0) return NOTHING;
  return finding('flock.limit.housing', 'awkward', {}, null);
}
