import { type Finding, findingKey, type Severity, type Solid } from '../finding';
import { barsAbove, droppingsShadow } from '../geometry/bars';
import { entranceSolid, solidOf } from '../geometry/solids';
import { litterEndM } from '../plan/litter';
import type { NestBank } from '../plan/schema';
import { below } from '../units/number';
import { ENTERED, type Figure, figure, KEEPERS } from '../working';
import type { Carry } from './carrying';
import type { StationContext } from './context';
import { banksOf, boxFits, layingPerBird } from './nests.boxes';
import { NESTS_WORKINGS as W } from './nests.working';

interface Found {
  readonly figures: Figure[];
  readonly findings: Finding[];
}

const NOTHING: Found = { figures: [], findings: [] };

/** Every rule of the nests that this coop breaks, with the figures the findings speak of. */
export function nestFindings(
  ctx: StationContext,
  carry: Extract<Carry, { state: 'carries' }>,
  own: readonly Figure[],
): Found {
  const short = boxesShort(ctx, carry, own);
  // too few boxes of a size and boxes too small are one cause: told once
  const bySize = short.findings.some((f) => f.code === 'nests.boxes.sizeShort');
  const all = [
    short,
    ...banksOf(ctx.plan).flatMap((bank) => [
      underBars(bank, ctx),
      lipHeight(bank, ctx, carry),
      bySize ? NOTHING : boxSmall(bank, ctx, carry),
    ]),
  ];
  return { figures: all.flatMap((f) => f.figures), findings: all.flatMap((f) => f.findings) };
}

function finding(
  code: string,
  severity: Severity,
  fixtures: readonly string[],
  numbers: Finding['numbers'],
  zone: Solid | null,
): Finding {
  return {
    code,
    key: findingKey(code, fixtures),
    station: 'nests',
    severity,
    fixtures,
    numbers,
    zone,
  };
}

function boxesShort(
  ctx: StationContext,
  carry: Extract<Carry, { state: 'carries' }>,
  own: readonly Figure[],
): Found {
  if (carry.fitting >= carry.present) return NOTHING;
  const value = (id: string): number => own.find((f) => f.id === id)?.value ?? 0;
  const needed = value('nests.needed');
  const there = value('nests.have');
  const numbers = {
    needed: { value: needed, unit: 'boxes', figure: 'nests.needed' },
    there: { value: there, unit: 'boxes', figure: 'nests.have' },
    hens: { value: value('nests.hensInLay'), unit: 'hens', figure: 'nests.hensInLay' },
  } as const;
  if (there >= needed) {
    // enough boxes by number, but too few of them are large enough
    return {
      figures: [],
      findings: [finding('nests.boxes.sizeShort', 'short', [], numbers, null)],
    };
  }
  const missing = figure(
    'nests.missing',
    'nests.missing',
    W['nests.missing'],
    { needed, there, missing: needed - there },
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
      ),
    ],
  };
}

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

function lipHeight(
  bank: NestBank,
  ctx: StationContext,
  carry: Extract<Carry, { state: 'carries' }>,
): Found {
  const perBird = layingPerBird(ctx, carry.setOn);
  const laying = ctx.flock.lots.filter(
    (_, i) => (perBird[i] ?? 0) > 0 && (carry.flock[i] ?? 0) > 0,
  );
  const least = Math.min(...laying.map((g) => g.class.nestLipM[0]));
  const most = Math.min(...laying.map((g) => g.class.nestLipM[1]));
  const lip = bank.lipZ - ctx.plan.litter.depthM;
  const end = litterEndM(ctx.plan);
  const clear = bank.lipZ - end;
  const lipNumber = { value: lip, unit: 'm', figure: `nests.bank.${bank.id}.lip` } as const;
  const rule = (id: string, value: number): Figure =>
    figure(id, 'nests.lip.rule', W['nests.lip.rule'], { value }, KEEPERS);
  if (below(clear, least)) {
    const needed = rule('nests.lip.least', least);
    const over = figure(
      `nests.bank.${bank.id}.clearance`,
      'nests.bank.lip',
      W['nests.bank.lip'],
      { entrance: bank.lipZ, litter: end, lip: clear },
      ENTERED,
    );
    return {
      figures: [needed, over],
      findings: [
        finding(
          'nests.lip.low',
          'awkward',
          [bank.id],
          {
            lip: { value: clear, unit: 'm', figure: over.id },
            needed: { value: least, unit: 'm', figure: needed.id },
          },
          solidOf(bank, ctx.plan),
        ),
      ],
    };
  }
  if (below(most, lip)) {
    const allowed = rule('nests.lip.most', most);
    return {
      figures: [allowed],
      findings: [
        finding(
          'nests.lip.high',
          'awkward',
          [bank.id],
          { lip: lipNumber, allowed: { value: most, unit: 'm', figure: allowed.id } },
          solidOf(bank, ctx.plan),
        ),
      ],
    };
  }
  return NOTHING;
}

/** A bank whose boxes are too small for some of the laying hens. */
function boxSmall(
  bank: NestBank,
  ctx: StationContext,
  carry: Extract<Carry, { state: 'carries' }>,
): Found {
  const perBird = layingPerBird(ctx, carry.setOn);
  const tooBig = ctx.flock.lots.filter(
    (g, i) => (perBird[i] ?? 0) > 0 && (carry.flock[i] ?? 0) > 0 && !boxFits(bank, g.class),
  );
  const largest = tooBig.reduce<(typeof tooBig)[number] | null>(
    (a, b) => (a === null || b.massKg > a.massKg ? b : a),
    null,
  );
  if (!largest) return NOTHING;
  const [width, depth, height] = largest.class.nestBoxM;
  const ruleOf = (name: string, value: number): Figure =>
    figure(
      `nests.box.needed.${largest.class.id}.${name}`,
      'nests.box.rule',
      W['nests.box.rule'],
      { value },
      KEEPERS,
    );
  const haveOf = (name: string, value: number): Figure =>
    figure(
      `nests.bank.${bank.id}.box.${name}`,
      'nests.bank.box',
      W['nests.bank.box'],
      { value },
      ENTERED,
    );
  const figures = [
    ruleOf('width', width),
    ruleOf('depth', depth),
    ruleOf('height', height),
    haveOf('width', bank.boxW),
    haveOf('depth', bank.boxD),
    haveOf('height', bank.boxH),
  ];
  const names = ['neededWidth', 'neededDepth', 'neededHeight', 'width', 'depth', 'height'];
  const numbers = Object.fromEntries(
    figures.map((f, i) => [names[i] ?? f.id, { value: f.value, unit: f.unit, figure: f.id }]),
  );
  return {
    figures,
    findings: [finding('nests.box.small', 'awkward', [bank.id], numbers, solidOf(bank, ctx.plan))],
  };
}
