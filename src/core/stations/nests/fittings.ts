import { gapInPlan } from '../../geometry/segments';
import { highestLipZ, solidOf } from '../../geometry/solids';
import { below } from '../../kernel/units/number';
import { ENTERED, KEEPERS } from '../../kernel/working';
import { litterEndM } from '../../model/litter';
import type { NestBank } from '../../model/schema';
import { ruled } from '../../rules/rules.data';
import type { StationContext } from '../context';
import type { Sheet } from '../sheet';
import { layersOf } from './banks';

/** Rules that are told beside the banks whatever they are. */
export function toldOfNests(s: Sheet, banks: readonly NestBank[]): void {
  if (banks.length > 0) s.fact('nests.lip.board');
  if (banks.some((b) => b.rail)) {
    s.fact('nests.rail.near');
    s.fact('nests.rail.far');
  }
  if (banks.some((b) => b.curtain)) s.fact('nests.curtain.gap');
}

/** What a bank is held to beside number, size and lip: tiers, top, rail, floor, light, collecting. */
export function bankBuilt(s: Sheet, ctx: StationContext, bank: NestBank): void {
  tiers(s, ctx, bank);
  top(s, ctx, bank);
  rail(s, ctx, bank);
  floorAndLatch(s, bank);
  collecting(s, ctx, bank);
  light(s, ctx, bank);
  wide(s, ctx, bank);
}

/** Two hens squeeze into a box that is half as wide again as the largest of those it is for wants. */
function wide(s: Sheet, ctx: StationContext, bank: NestBank): void {
  const widest = Math.max(...layersOf(ctx, bank).lots.map((lot) => lot.class.nestBoxM[0]));
  const times = ruled('nests.wide');
  if (!Number.isFinite(widest) || !below(widest * times, bank.boxW)) return;
  s.find(
    'nests.box.wide',
    'awkward',
    [bank.id],
    {
      width: s.entered(`nests.bank.${bank.id}.wide`, 'm', bank.boxW),
      wanted: s.rule('nests.box.wanted', 'm', widest, KEEPERS),
    },
    solidOf(bank, ctx.plan),
  );
}

function tiers(s: Sheet, ctx: StationContext, bank: NestBank): void {
  if (bank.rows < 2) return;
  const { plan } = ctx;
  const lip = bank.lipZ - litterEndM(plan);
  if (below(lip, ruled('nests.tier.bottom'))) {
    s.find(
      'nests.tier.low',
      'awkward',
      [bank.id],
      {
        lip: s.found(`nests.bank.${bank.id}.bottom`, 'm', lip, ENTERED),
        needed: s.fact('nests.tier.bottom'),
      },
      solidOf(bank, plan),
    );
  }
  const standing = bank.collect === 'inside' ? 0 : -plan.shell.floorAboveGroundM;
  const topLip = highestLipZ(bank) - standing;
  if (below(plan.keeper.reachM, topLip)) {
    s.find(
      'nests.tier.reach',
      'awkward',
      [bank.id],
      {
        lip: s.found(`nests.bank.${bank.id}.top`, 'm', topLip, ENTERED),
        allowed: s.entered('keeper.reach', 'm', plan.keeper.reachM),
      },
      solidOf(bank, plan),
    );
  }
}

function top(s: Sheet, ctx: StationContext, bank: NestBank): void {
  if (!below(bank.lidDeg, ruled('nests.lid.slope'))) return;
  const solid = solidOf(bank, ctx.plan);
  s.find(
    'nests.lid.flat',
    'awkward',
    [bank.id],
    {
      slope: s.entered(`nests.bank.${bank.id}.lid`, 'degrees', bank.lidDeg),
      needed: s.fact('nests.lid.slope'),
    },
    { ...solid, z0: solid.z1 },
  );
}

function rail(s: Sheet, ctx: StationContext, bank: NestBank): void {
  const lip = bank.lipZ - ctx.plan.litter.depthM;
  if (bank.rail || !below(ruled('nests.rail.over'), lip)) return;
  s.find('nests.rail.none', 'awkward', [bank.id], {
    lip: { value: lip, unit: 'm', figure: `nests.bank.${bank.id}.lip` },
    from: s.fact('nests.rail.over'),
  });
}

function floorAndLatch(s: Sheet, bank: NestBank): void {
  if (bank.floor === 'bareWire') s.find('nests.floor.bareWire', 'harm', [bank.id], {});
  if (bank.collect !== 'inside' && bank.latch !== 'double') {
    s.find('nests.latch.weak', 'harm', [bank.id], {});
  }
}

function collecting(s: Sheet, ctx: StationContext, bank: NestBank): void {
  if (bank.collect === 'inside') return;
  const height = bank.lipZ + ctx.plan.shell.floorAboveGroundM;
  const [least, most] = [ruled('nests.collect.least'), ruled('nests.collect.most')];
  if (!below(height, least) && !below(most, height)) return;
  s.find(
    'nests.collect.height',
    'awkward',
    [bank.id],
    {
      height: s.found(`nests.bank.${bank.id}.collect`, 'm', height, ENTERED),
      least: s.fact('nests.collect.least'),
      most: s.fact('nests.collect.most'),
    },
    solidOf(bank, ctx.plan),
  );
}

/** Hens lay in the dark: a nest beside the pop door's light stays empty. */
function light(s: Sheet, ctx: StationContext, bank: NestBank): void {
  for (const door of ctx.of('popDoor')) {
    const apart = gapInPlan(solidOf(door, ctx.plan), solidOf(bank, ctx.plan));
    if (!below(apart, ruled('nests.light.apart'))) continue;
    s.find(
      'nests.bank.byDoor',
      'awkward',
      [bank.id, door.id],
      {
        apart: s.found(`nests.bank.${bank.id}.${door.id}`, 'm', apart, ENTERED),
        needed: s.fact('nests.light.apart'),
      },
      solidOf(bank, ctx.plan),
    );
  }
}
