import { dayOf, type FlockByDay, livingOn } from '../../birds/flock';
import type { Finding, FindingCode, FindingNumber, Severity } from '../../kernel/finding';
import { below } from '../../kernel/units/number';
import { type Basis, ENTERED, KEEPERS } from '../../kernel/working';
import { ruled } from '../../rules/rules.data';
import type { StationContext } from '../context';
import type { Sheet } from '../sheet';
import { FLOCK_WORKINGS as W } from './flock.working';
import { sexedWrong } from './sexing';

/** One cock to eight to twelve hens; told where it is far off. Source: keepers. */
export const HENS_PER_COCK = { least: 8, most: 12, farBelow: 6, farAbove: 18 } as const;
const YOUNG_FROM_DAYS = ruled('feed.starter.days');
/** Most calcium in a feed for birds not in lay, per cent. Source: keepers. */
const MOST_CALCIUM_PERCENT = ruled('feed.calcium.most');

/** What is wrong with who lives together, and with what the local rules allow. */
export function keepingRules(s: Sheet, ctx: StationContext): void {
  cocksToHens(s, ctx.flock);
  if (!ctx.plan.fills.allFlock) mixedAges(s, ctx.flock);
  ducksWithHens(s, ctx.flock);
  unsorted(s, ctx.flock);
  sexedWrong(s, ctx);
  limits(s, ctx);
}

const count = (s: Sheet, id: string, value: number, basis: Basis = ENTERED): FindingNumber =>
  s.worked(id, W['flock.count'], { value }, basis);

/** A cock is a cock to the hens before he is full grown. */
const GROWN_SHARE = ruled('flock.cock.grown');

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

function cocksToHens(s: Sheet, flock: FlockByDay): void {
  for (const d of flock.steps) {
    const { hens, cocks } = henCocks(flock, d);
    if (cocks === 0 || hens === 0) continue;
    const ratio = hens / cocks;
    const many = below(ratio, HENS_PER_COCK.farBelow);
    if (!many && ratio <= HENS_PER_COCK.farAbove) continue;
    const numbers = {
      ratio: s.worked('flock.hensPerCock', W['flock.hensPerCock'], { hens, cocks, ratio }, ENTERED),
      least: rule(s, 'flock.hensPerCock.least', HENS_PER_COCK.least),
      most: rule(s, 'flock.hensPerCock.most', HENS_PER_COCK.most),
    };
    const code = many ? 'flock.cocks.tooMany' : 'flock.cocks.tooFew';
    s.find(code, 'awkward', [], numbers, null, dayOf(flock, d));
    return;
  }
}

const rule = (s: Sheet, id: string, value: number): FindingNumber =>
  s.worked(id, W['rule.ratio'], { value }, KEEPERS);

/** Young birds, or cocks, in a coop with hens in lay: one feed has to suit all. */
function mixedAges(s: Sheet, flock: FlockByDay): void {
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
    s.find(
      'flock.feed.mixed',
      'awkward',
      [],
      {
        others: count(s, 'flock.notInLay', others),
        laying: count(s, 'flock.layingBeside', laying),
        calcium: s.worked(
          'flock.feed.calciumMost',
          W['rule.share'],
          { value: MOST_CALCIUM_PERCENT },
          KEEPERS,
        ),
      },
      null,
      dayOf(flock, d),
    );
    return;
  }
}

function isYoung(flock: FlockByDay, i: number, d: number): boolean {
  const lot = flock.lots[i];
  if (!lot || lot.hatchedOn === null) return false;
  const age = flock.horizon.first + d - lot.hatchedOn;
  return age >= 0 && (lot.laysFrom === null ? age < 2 * YOUNG_FROM_DAYS : true);
}

function ducksWithHens(s: Sheet, flock: FlockByDay): void {
  for (const d of flock.steps) {
    const living = livingOn(flock, d);
    const birdsOf = (kind: 'duck' | 'chicken'): number =>
      living.reduce((sum, n, i) => sum + (flock.lots[i]?.kind === kind ? n : 0), 0);
    const ducks = birdsOf('duck');
    const hens = birdsOf('chicken');
    if (ducks === 0 || hens === 0) continue;
    s.find(
      'flock.ducks.withHens',
      'awkward',
      [],
      { ducks: count(s, 'flock.ducks', ducks), hens: count(s, 'flock.chickens', hens) },
      null,
      dayOf(flock, d),
    );
    return;
  }
}

/** Unsexed chicks of whose cocks nothing has been decided. */
function unsorted(s: Sheet, flock: FlockByDay): void {
  const lots = flock.lots.filter(
    (lot, i) =>
      lot.cocksOf && lot.group.sorted === null && flock.columns[i]?.here.some((n) => n > 0),
  );
  if (lots.length === 0) return;
  const cocks = lots.reduce((sum, lot) => sum + lot.count, 0);
  const numbers = { cocks: count(s, 'flock.cocksUndecided', cocks, KEEPERS) };
  const groups = lots.map((lot) => lot.group.id);
  s.find('flock.cocks.undecided', 'awkward', [], numbers, null, null, groups);
}

function limits(s: Sheet, { flock, plan, schools }: StationContext): void {
  const { mostBirds, permitFrom, cocksAllowed, setbackM, standsM, housingOrder } = plan.limits;
  const allowed = (id: string, value: number): FindingNumber =>
    s.worked(`limits.${id}`, W['limits.birds'], { value }, ENTERED);
  const firstOver = (most: number, total: (d: number) => number): number | undefined =>
    flock.changes.find((d) => total(d) > most);
  const head = (d: number): number => flock.totals.head[d] ?? 0;
  const cocks = (d: number): number =>
    livingOn(flock, d).reduce((n, birds, i) => n + (flock.lots[i]?.sex === 'cock' ? birds : 0), 0);
  const find = (
    code: FindingCode,
    severity: Severity,
    numbers: Finding['numbers'],
    d: number | null,
  ): void => s.find(code, severity, [], numbers, null, d === null ? null : dayOf(flock, d));
  if (mostBirds !== null) {
    const d = firstOver(mostBirds, head);
    if (d !== undefined) {
      const planned = count(s, 'flock.overLimit', head(d));
      find('flock.limit.birds', 'short', { planned, allowed: allowed('mostBirds', mostBirds) }, d);
    }
  }
  if (permitFrom !== null && permitFrom > 0) {
    const d = firstOver(permitFrom - 1, head);
    if (d !== undefined) {
      const planned = count(s, 'flock.underPermit', head(d));
      const numbers = { planned, allowed: allowed('permitFrom', permitFrom) };
      find('flock.limit.permit', 'awkward', numbers, d);
    }
  }
  if (cocksAllowed !== null) {
    const d = firstOver(cocksAllowed, cocks);
    if (d !== undefined) {
      const over = count(s, 'flock.cocksOverLimit', cocks(d));
      const numbers = { cocks: over, allowed: allowed('cocksAllowed', cocksAllowed) };
      find('flock.limit.cocks', 'short', numbers, d);
    }
  }
  if (setbackM !== null && standsM !== null && below(standsM, setbackM)) {
    const metres = (id: string, value: number): FindingNumber =>
      s.worked(`limits.${id}`, W['limits.metres'], { value }, ENTERED);
    const numbers = { stands: metres('stands', standsM), needed: metres('setback', setbackM) };
    find('flock.limit.setback', 'short', numbers, null);
  }
  // kept in by order, birds need the floor of birds that are shut in
  const shutIn = schools['floor.area']?.params.shutIn === 1;
  if (housingOrder && !shutIn && flock.planned > 0) {
    find('flock.limit.housing', 'awkward', {}, null);
  }
}
