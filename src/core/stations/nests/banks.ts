import { hopOf } from '../../birds/hops';
import type { Lot } from '../../birds/lots';
import type { Carries } from '../../carrying/carrying';
import { barsAbove, droppingsShadow } from '../../geometry/bars';
import { entranceSolid, solidOf } from '../../geometry/solids';
import type { Finding, FindingNumber, Severity, When } from '../../kernel/finding';
import { below } from '../../kernel/units/number';
import { ASSUMED, ENTERED, type Figure, figure, KEEPERS } from '../../kernel/working';
import { litterEndM, litterStartM } from '../../model/litter';
import type { NestBank, Plan } from '../../model/schema';
import { FACTS } from '../../rules/singleRules.data';
import { type StationContext, schoolFor, thenId, whenHolds } from '../context';
import { allFound, type Found, findingOf, NOTHING } from '../found';
import { banksOf, boxFits, isFor, layingPerBird } from './boxes';
import { NESTS_WORKINGS as W } from './nests.working';

/** Every rule of the nests that this coop breaks, with the figures the findings speak of. */
export function nestFindings(
  ctx: StationContext,
  carry: Carries,
  own: readonly Figure[],
  short: When | null,
): Found {
  const few = boxesShort(ctx, carry, own, short);
  // too few boxes of a size and boxes too small are one cause: told once
  const bySize = few.findings.some((f) => f.code === 'nests.boxes.sizeShort');
  const all = [
    few,
    ...banksOf(ctx.plan).flatMap((bank) => [
      underBars(bank, ctx),
      ...lipHeight(bank, ctx),
      bySize ? NOTHING : boxSmall(bank, ctx),
    ]),
  ];
  return allFound(all);
}

const finding = findingOf('nests');

function boxesShort(
  ctx: StationContext,
  carry: Carries,
  own: readonly Figure[],
  short: When | null,
): Found {
  if (carry.fitting >= carry.present) return NOTHING;
  const told = (id: string, unit: 'boxes' | 'hens') => {
    const figure = thenId(carry, id);
    return { value: own.find((f) => f.id === figure)?.value ?? 0, unit, figure } as const;
  };
  const needed = told('nests.needed', 'boxes');
  const there = told('nests.have', 'boxes');
  const numbers = { needed, there, hens: told('nests.hensInLay', 'hens') } as const;
  if (there.value >= needed.value) {
    // enough boxes by number, but too few of them are large enough
    const size = sizeNumbers(ctx, carry);
    return {
      figures: size.figures,
      findings: [
        finding('nests.boxes.sizeShort', 'short', [], { ...numbers, ...size.numbers }, null, short),
      ],
    };
  }
  const missing = figure(
    'nests.missing',
    'nests.missing',
    W['nests.missing'],
    { needed: needed.value, there: there.value, missing: needed.value - there.value },
    KEEPERS,
  );
  const withMissing = {
    ...numbers,
    missing: { value: missing.value, unit: 'boxes', figure: missing.id } as const,
  };
  return {
    figures: [missing],
    findings: [
      finding(
        'nests.boxes.short',
        'short',
        banksOf(ctx.plan).map((b) => b.id),
        withMissing,
        null,
        short,
      ),
    ],
  };
}

/** The size of box that the largest of the hens then in lay wants. */
function sizeNumbers(ctx: StationContext, carry: Carries) {
  const laying = layingPerBird(ctx.flock, carry.setOn);
  const lots = ctx.flock.lots.filter((_, i) => (laying[i] ?? 0) * (carry.flock[i] ?? 0) > 0);
  const largest = lots.reduce<Lot | null>(
    (a, b) => (a === null || b.massKg > a.massKg ? b : a),
    null,
  );
  if (!largest) return { figures: [], numbers: {} };
  const figures = neededSize(largest);
  return { figures, numbers: asNumbers(figures, ['neededWidth', 'neededDepth', 'neededHeight']) };
}

const neededSize = (lot: Lot): Figure[] =>
  (['width', 'depth', 'height'] as const).map((name, side) =>
    figure(
      `nests.box.needed.${lot.class.id}.${name}`,
      'nests.box.rule',
      W['nests.box.rule'],
      { value: lot.class.nestBoxM[side] as number },
      KEEPERS,
    ),
  );

const asNumbers = (figures: readonly Figure[], names: readonly string[]): Finding['numbers'] =>
  Object.fromEntries(
    figures.map((f, i) => [names[i] ?? f.id, { value: f.value, unit: f.unit, figure: f.id }]),
  );

/** Droppings from the bars fall into, or in front of, the entrances. */
function underBars(bank: NestBank, ctx: StationContext): Found {
  const heaviest = ctx.flock.heaviestOnBarsKg;
  if (heaviest === null) return NOTHING;
  const over = barsAbove(entranceSolid(bank), ctx.plan, heaviest);
  const first = over[0];
  if (!first) return NOTHING;
  const shadow = droppingsShadow(first, heaviest, ctx.plan);
  const numbers = {
    reach: {
      value: (first.axis === 'x' ? shadow.y1 - shadow.y0 : shadow.x1 - shadow.x0) / 2,
      unit: 'm',
      figure: 'roosts.shadow.needed',
    },
  } as const;
  const ids = [bank.id, ...over.map((b) => b.id)];
  return { figures: [], findings: [finding('nests.bank.underBars', 'harm', ids, numbers, shadow)] };
}

/** Lots whose hens ever come into lay here and that a bank is for, with the days on which one of them is in lay. */
export function layersOf(ctx: StationContext, bank: NestBank): { lots: Lot[]; days: When | null } {
  return ctx.kept(`layers.${bank.id}`, [ctx.flock, ctx.lean, bank, ctx.plan.litter.depthM], () =>
    workLayers(ctx, bank),
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
function lipHeight(bank: NestBank, ctx: StationContext): Found[] {
  const { lots, days } = layersOf(ctx, bank);
  if (lots.length === 0) return [];
  const { plan } = ctx;
  const start = bank.lipZ - litterStartM(plan);
  const end = bank.lipZ - litterEndM(plan);
  const zone = solidOf(bank, plan);
  const ducks = lots.every((lot) => lot.kind === 'duck');
  const rule = (id: string, value: number): Figure =>
    figure(id, 'nests.lip.rule', W['nests.lip.rule'], { value }, KEEPERS);
  const lipNumber = { value: start, unit: 'm', figure: `nests.bank.${bank.id}.lip` } as const;
  const found = (
    code: string,
    severity: Severity,
    of: Figure,
    name: 'needed' | 'allowed' | 'hop',
    lip: FindingNumber = lipNumber,
    figures: readonly Figure[] = [],
  ): Found => ({
    figures: [of, ...figures],
    findings: [
      finding(
        code,
        severity,
        [bank.id],
        { lip, [name]: { value: of.value, unit: 'm', figure: of.id } },
        zone,
        days,
      ),
    ],
  });
  const least = Math.min(...lots.map((lot) => lot.class.nestLipM[0]));
  if (below(start, least)) {
    return [
      found(
        'nests.lip.low',
        'awkward',
        rule(`nests.lip.least.${Math.round(least * 1000)}`, least),
        'needed',
      ),
    ];
  }
  const final = FACTS['nests.lip.final'].value;
  if (!ducks && below(end, final)) {
    const over = figure(
      `nests.bank.${bank.id}.clearance`,
      'nests.bank.lip',
      W['nests.bank.lip'],
      { entrance: bank.lipZ, litter: litterEndM(plan), lip: end },
      ENTERED,
    );
    const lip = { value: end, unit: 'm', figure: over.id } as const;
    return [
      found('nests.lip.low', 'awkward', rule('nests.lip.final', final), 'needed', lip, [over]),
    ];
  }
  if (ducks) {
    const most = Math.min(...lots.map((lot) => lot.class.nestLipM[1]));
    return below(most, start)
      ? [
          found(
            'nests.lip.high',
            'short',
            rule(`nests.lip.duck.${Math.round(most * 1000)}`, most),
            'allowed',
          ),
        ]
      : [];
  }
  const hens = lots.filter((lot) => lot.kind !== 'duck');
  const school = schoolFor(ctx, 'roosts.hop');
  const hop = Math.min(...hens.map((lot) => hopOf(lot, school)));
  const most = FACTS['nests.lip.most'].value;
  const easy = FACTS['nests.lip.easy'].value;
  if (below(hop, climbM(bank, plan))) {
    const hopFigure = figure(
      `nests.lip.hop.${bank.id}`,
      'nests.lip.rule',
      W['nests.lip.rule'],
      { value: hop },
      ASSUMED,
    );
    return [found('nests.lip.unreached', 'short', hopFigure, 'hop')];
  }
  if (below(most, start)) {
    return [found('nests.lip.high', 'short', rule('nests.lip.most', most), 'allowed')];
  }
  return below(easy, start)
    ? [found('nests.lip.high', 'awkward', rule('nests.lip.easy', easy), 'allowed')]
    : [];
}

/** The highest single hop on the way up to a bank's lowest entrance, from the litter as it is started, m. */
function climbM(bank: NestBank, plan: Plan): number {
  const start = litterStartM(plan);
  const step = Math.max(bank.stepZ, start);
  return Math.max(step - start, bank.lipZ - step);
}

/** A bank whose boxes are smaller than some of the hens it is for want them. */
function boxSmall(bank: NestBank, ctx: StationContext): Found {
  const { lots, columns } = ctx.flock;
  const tooBig = layersOf(ctx, bank).lots.filter((lot) => !boxFits(bank, lot.class));
  const largest = tooBig.reduce<Lot | null>(
    (a, b) => (a === null || b.massKg > a.massKg ? b : a),
    null,
  );
  if (!largest) return NOTHING;
  const haveOf = (name: string, value: number): Figure =>
    figure(
      `nests.bank.${bank.id}.box.${name}`,
      'nests.bank.box',
      W['nests.bank.box'],
      { value },
      ENTERED,
    );
  const figures = [
    ...neededSize(largest),
    haveOf('width', bank.boxW),
    haveOf('depth', bank.boxD),
    haveOf('height', bank.boxH),
  ];
  const names = ['neededWidth', 'neededDepth', 'neededHeight', 'width', 'depth', 'height'];
  const own = tooBig.map((lot) => columns[lots.indexOf(lot)]);
  const when = whenHolds(ctx, (d) => own.some((c) => (c?.inLay[d] ?? 0) * (c?.living[d] ?? 0) > 0));
  return {
    figures,
    findings: [
      finding(
        'nests.box.small',
        'awkward',
        [bank.id],
        asNumbers(figures, names),
        solidOf(bank, ctx.plan),
        when,
      ),
    ],
  };
}
