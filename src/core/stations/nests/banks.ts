import type { Lot } from '../../birds/lots';
import { droppingsShadow } from '../../geometry/bars';
import { entranceSolid, solidOf } from '../../geometry/solids';
import type { FindingCode, FindingNumber, Severity, When } from '../../kernel/finding';
import { below } from '../../kernel/units/number';
import { ASSUMED, ENTERED, KEEPERS } from '../../kernel/working';
import { litterEndM, litterStartM } from '../../model/litter';
import type { NestBank } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import { type StationContext, schoolFor, whenHolds } from '../context';
import { barsOver } from '../shadows';
import type { Sheet } from '../sheet';
import { boxFits, boxServes, getsIn, getsUpM, isFor, isMeantFor } from './boxes';
import { NESTS_WORKINGS as W } from './nests.working';

/** The size of box that a bird wants, as numbers of a finding. */
export const neededSize = (s: Sheet, lot: Lot): Record<string, FindingNumber> => ({
  neededWidth: neededSide(s, lot, 'width', 0),
  neededDepth: neededSide(s, lot, 'depth', 1),
  neededHeight: neededSide(s, lot, 'height', 2),
});

const neededSide = (s: Sheet, lot: Lot, name: string, side: 0 | 1 | 2): FindingNumber =>
  s.worked(
    `nests.box.needed.${lot.class.id}.${name}`,
    W['nests.box.rule'],
    { value: lot.class.nestBoxM[side] },
    KEEPERS,
  );

/** Droppings from the bars fall into, or in front of, the entrances. */
export function banksUnderBars(s: Sheet, ctx: StationContext): void {
  const heaviest = ctx.flock.heaviestOnBarsKg;
  if (heaviest === null) return;
  const reads = [ctx.of('bar'), heaviest, ctx.plan.shell];
  for (const bank of ctx.of('nestBank')) {
    s.part('nests.bank.bars', reads, (own) => underBars(own, bank, ctx, heaviest), bank);
  }
}

function underBars(s: Sheet, bank: NestBank, ctx: StationContext, heaviest: number): void {
  const over = barsOver(ctx, entranceSolid(bank));
  const first = over[0];
  if (!first) return;
  const shadow = droppingsShadow(first, heaviest, ctx.plan);
  const numbers = {
    reach: {
      value: (first.axis === 'x' ? shadow.y1 - shadow.y0 : shadow.x1 - shadow.x0) / 2,
      unit: 'm',
      figure: 'roosts.shadow.needed',
    },
  } as const;
  s.find('nests.bank.underBars', 'harm', [bank.id, ...over.map((b) => b.id)], numbers, shadow);
}

/** Lots whose hens ever come into lay here and that a bank is for, with the days on which one of them is in lay. */
export function layersOf(ctx: StationContext, bank: NestBank): { lots: Lot[]; days: When | null } {
  return ctx.kept(
    'nests.layers',
    [ctx.flock, ctx.plan.litter.depthM, schoolFor(ctx, 'roosts.hop')],
    () => {
      const lots = layingHere(ctx).filter((lot) => isFor(ctx, bank, lot));
      return { lots, days: whenInLay(ctx, lots) };
    },
    bank,
  );
}

/** Lots whose hens ever come into lay here. */
const layingHere = (ctx: StationContext): readonly Lot[] =>
  ctx.kept('nests.laying', [ctx.flock], () =>
    ctx.flock.lots.filter((_, i) => {
      const column = ctx.flock.columns[i];
      return column?.inLay.some((x, d) => x * (column.living[d] ?? 0) > 0);
    }),
  );

/** The days on which one of these lots is in lay. */
function whenInLay(ctx: StationContext, lots: readonly Lot[]): When | null {
  const own = lots.map((lot) => ctx.flock.columns[ctx.flock.lots.indexOf(lot)]);
  return whenHolds(ctx, (d) => own.some((c) => (c?.inLay[d] ?? 0) * (c?.living[d] ?? 0) > 0));
}

/**
 * Those a bank is meant for who do not get in: all of them where nobody does, else only lots that have no other box.
 * Where each has another, hens above and ducks on the floor, nothing is amiss.
 */
function shutOutOf(ctx: StationContext, bank: NestBank): readonly Lot[] {
  const meant = layingHere(ctx).filter((lot) => isMeantFor(ctx, bank, lot));
  const cannot = meant.filter((lot) => !getsIn(ctx, bank, lot));
  if (cannot.length === meant.length) return cannot;
  const others = ctx.of('nestBank').filter((b) => b.id !== bank.id);
  return cannot.filter(
    (lot) =>
      !others.some(
        (b) => isMeantFor(ctx, b, lot) && getsIn(ctx, b, lot) && boxServes(b, lot.class),
      ),
  );
}

/** How high an entrance stands, from the litter as it is started and as it is cleaned out. */
export function lipHeight(s: Sheet, bank: NestBank, ctx: StationContext): void {
  const { plan } = ctx;
  const start = bank.lipZ - litterStartM(plan);
  const zone = solidOf(bank, plan);
  const rule = (id: string, value: number, basis = KEEPERS): FindingNumber =>
    s.worked(id, W['nests.lip.rule'], { value }, basis);
  const atStart: FindingNumber = { value: start, unit: 'm', figure: `nests.bank.${bank.id}.lip` };
  const out = shutOutOf(ctx, bank);
  if (out.length > 0) {
    const least = Math.min(...out.map((lot) => getsUpM(ctx, lot)));
    const hop = rule(`nests.lip.hop.${bank.id}`, least, ASSUMED);
    const numbers = { lip: atStart, hop };
    s.find('nests.lip.unreached', 'short', [bank.id], numbers, zone, whenInLay(ctx, out));
  }
  const { lots, days } = layersOf(ctx, bank);
  const hens = lots.filter((lot) => lot.kind !== 'duck');
  // what is high for hens is no height that a duck gets to, and what is low for hens is what she asks for
  if (hens.length < lots.length || hens.length === 0) return;
  const find = (
    code: FindingCode,
    severity: Severity,
    name: 'needed' | 'allowed',
    of: FindingNumber,
    lip: FindingNumber = atStart,
  ): void => s.find(code, severity, [bank.id], { lip, [name]: of }, zone, days);
  const least = Math.min(...hens.map((lot) => lot.class.nestLipM[0]));
  if (below(start, least)) {
    const needed = rule(`nests.lip.least.${Math.round(least * 1000)}`, least);
    find('nests.lip.low', 'awkward', 'needed', needed);
    return;
  }
  const end = bank.lipZ - litterEndM(plan);
  const final = ruled('nests.lip.final');
  if (below(end, final)) {
    const lip = s.worked(
      `nests.bank.${bank.id}.clearance`,
      W['nests.bank.lip'],
      { entrance: bank.lipZ, litter: litterEndM(plan), lip: end },
      ENTERED,
    );
    find('nests.lip.low', 'awkward', 'needed', rule('nests.lip.final', final), lip);
    return;
  }
  if (out.length > 0) return;
  const most = ruled('nests.lip.most');
  const easy = ruled('nests.lip.easy');
  if (below(most, start)) {
    find('nests.lip.high', 'short', 'allowed', rule('nests.lip.most', most));
  } else if (below(easy, start)) {
    find('nests.lip.high', 'awkward', 'allowed', rule('nests.lip.easy', easy));
  }
}

/** A bank whose boxes are smaller than some of the hens it is for want them. */
export function boxSmall(s: Sheet, bank: NestBank, ctx: StationContext): void {
  const tooBig = layersOf(ctx, bank).lots.filter((lot) => !boxFits(bank, lot.class));
  const largest = tooBig.reduce<Lot | null>(
    (a, b) => (a === null || b.massKg > a.massKg ? b : a),
    null,
  );
  if (!largest) return;
  const have = (name: string, value: number): FindingNumber =>
    s.worked(`nests.bank.${bank.id}.box.${name}`, W['nests.bank.box'], { value }, ENTERED);
  const numbers = {
    ...neededSize(s, largest),
    width: have('width', bank.boxW),
    depth: have('depth', bank.boxD),
    height: have('height', bank.boxH),
  };
  const when = whenInLay(ctx, tooBig);
  s.find('nests.box.small', 'awkward', [bank.id], numbers, solidOf(bank, ctx.plan), when);
}
