import { hopOf } from '../../birds/hops';
import type { Lot } from '../../birds/lots';
import { droppingsShadow } from '../../geometry/bars';
import { entranceSolid, solidOf } from '../../geometry/solids';
import type { FindingCode, FindingNumber, Severity, When } from '../../kernel/finding';
import { below } from '../../kernel/units/number';
import { ASSUMED, ENTERED, KEEPERS } from '../../kernel/working';
import { litterEndM, litterStartM } from '../../model/litter';
import type { NestBank, Plan } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import { type StationContext, schoolFor, whenHolds } from '../context';
import { barsOver } from '../shadows';
import type { Sheet } from '../sheet';
import { boxFits, isFor } from './boxes';
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
    [ctx.flock, ctx.plan.litter.depthM],
    () => workLayers(ctx, bank),
    bank,
  );
}

function workLayers(ctx: StationContext, bank: NestBank): { lots: Lot[]; days: When | null } {
  const { lots, columns } = ctx.flock;
  const own = lots.flatMap((lot, i) =>
    isFor(ctx, bank, lot) && columns[i]?.inLay.some((x, d) => x * (columns[i]?.living[d] ?? 0) > 0)
      ? [i]
      : [],
  );
  const days = whenHolds(ctx, (d) =>
    own.some((i) => (columns[i]?.inLay[d] ?? 0) * (columns[i]?.living[d] ?? 0) > 0),
  );
  return { lots: own.map((i) => lots[i] as Lot), days };
}

/** How high an entrance stands, from the litter as it is started and as it is cleaned out. */
export function lipHeight(s: Sheet, bank: NestBank, ctx: StationContext): void {
  const { lots, days } = layersOf(ctx, bank);
  if (lots.length === 0) return;
  const { plan } = ctx;
  const start = bank.lipZ - litterStartM(plan);
  const end = bank.lipZ - litterEndM(plan);
  const zone = solidOf(bank, plan);
  const ducks = lots.every((lot) => lot.kind === 'duck');
  const rule = (id: string, value: number, basis = KEEPERS): FindingNumber =>
    s.worked(id, W['nests.lip.rule'], { value }, basis);
  const find = (
    code: FindingCode,
    severity: Severity,
    name: 'needed' | 'allowed' | 'hop',
    of: FindingNumber,
    lip: FindingNumber = { value: start, unit: 'm', figure: `nests.bank.${bank.id}.lip` },
  ): void => s.find(code, severity, [bank.id], { lip, [name]: of }, zone, days);
  const least = Math.min(...lots.map((lot) => lot.class.nestLipM[0]));
  if (below(start, least)) {
    const needed = rule(`nests.lip.least.${Math.round(least * 1000)}`, least);
    find('nests.lip.low', 'awkward', 'needed', needed);
    return;
  }
  const final = ruled('nests.lip.final');
  if (!ducks && below(end, final)) {
    const lip = s.worked(
      `nests.bank.${bank.id}.clearance`,
      W['nests.bank.lip'],
      { entrance: bank.lipZ, litter: litterEndM(plan), lip: end },
      ENTERED,
    );
    find('nests.lip.low', 'awkward', 'needed', rule('nests.lip.final', final), lip);
    return;
  }
  if (ducks) {
    const most = Math.min(...lots.map((lot) => lot.class.nestLipM[1]));
    if (!below(most, start)) return;
    const allowed = rule(`nests.lip.duck.${Math.round(most * 1000)}`, most);
    find('nests.lip.high', 'short', 'allowed', allowed);
    return;
  }
  const hens = lots.filter((lot) => lot.kind !== 'duck');
  const school = schoolFor(ctx, 'roosts.hop');
  const hop = Math.min(...hens.map((lot) => hopOf(lot, school)));
  const most = ruled('nests.lip.most');
  const easy = ruled('nests.lip.easy');
  if (below(hop, climbM(bank, plan))) {
    find('nests.lip.unreached', 'short', 'hop', rule(`nests.lip.hop.${bank.id}`, hop, ASSUMED));
  } else if (below(most, start)) {
    find('nests.lip.high', 'short', 'allowed', rule('nests.lip.most', most));
  } else if (below(easy, start)) {
    find('nests.lip.high', 'awkward', 'allowed', rule('nests.lip.easy', easy));
  }
}

/** The highest single hop on the way up to a bank's lowest entrance, from the litter as it is started, m. */
function climbM(bank: NestBank, plan: Plan): number {
  const start = litterStartM(plan);
  const step = Math.max(bank.stepZ, start);
  return Math.max(step - start, bank.lipZ - step);
}

/** A bank whose boxes are smaller than some of the hens it is for want them. */
export function boxSmall(s: Sheet, bank: NestBank, ctx: StationContext): void {
  const { lots, columns } = ctx.flock;
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
  const own = tooBig.map((lot) => columns[lots.indexOf(lot)]);
  const when = whenHolds(ctx, (d) => own.some((c) => (c?.inLay[d] ?? 0) * (c?.living[d] ?? 0) > 0));
  s.find('nests.box.small', 'awkward', [bank.id], numbers, solidOf(bank, ctx.plan), when);
}
