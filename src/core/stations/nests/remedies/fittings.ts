import { headroomOf } from '../../../geometry/reach';
import { below } from '../../../kernel/units/number';
import { litterEndM } from '../../../model/litter';
import type { OfKind } from '../../../model/schema';
import { down, up } from '../../../model/tape';
import { metres, type Proposer, type Proposers } from '../../../proposals/remedy';
import { changing, setting, told } from '../../../proposals/setting';
import { RULES, ruled } from '../../../rules/rules.data';

/** Eggs are gathered from inside only where the keeper walks in and can stand up. */
const collectInside: Proposer = (finding, ctx) => {
  const { plan } = ctx;
  const walksIn = plan.fixtures.some((f) => f.kind === 'door');
  if (!walksIn || below(plan.shell.roof.highM, headroomOf(plan))) return [];
  return setting('nests.collectInside', ['nestBank'], (b) => {
    b.collect = 'inside';
  })(finding, ctx);
};

export const MORE_NEST_REMEDIES: Proposers = {
  'nests.tier.low': [
    setting(
      'nests.setLip',
      ['nestBank'],
      (b, f, draft, ctx) => {
        b.lipZ = up(draft, told(f, 'needed') + litterEndM(ctx.plan));
      },
      (_, f, { plan }) => ({
        height: metres(up(plan, told(f, 'needed') + litterEndM(plan)) - plan.litter.depthM),
      }),
    ),
  ],
  'nests.tier.reach': [
    setting(
      'nests.oneTierLess',
      ['nestBank'],
      (b) => {
        b.rows = Math.max(1, b.rows - 1);
      },
      (b) => ({ tiers: { value: Math.max(1, b.rows - 1), unit: 'tiers' } }),
    ),
    setting(
      'nests.lowerBy',
      ['nestBank'],
      (b, f, draft) => {
        b.lipZ = down(draft, b.lipZ - (told(f, 'lip') - told(f, 'allowed')));
      },
      (b, f, { plan }) => ({
        by: metres(b.lipZ - down(plan, b.lipZ - (told(f, 'lip') - told(f, 'allowed')))),
      }),
    ),
  ],
  'nests.lid.flat': [
    setting(
      'nests.slopeLid',
      ['nestBank'],
      (b) => {
        b.lidDeg = ruled('nests.lid.slope');
      },
      () => ({ slope: { value: ruled('nests.lid.slope'), unit: 'degrees' } }),
    ),
  ],
  'nests.rail.none': [
    setting('nests.addRail', ['nestBank'], (b) => {
      b.rail = true;
    }),
  ],
  'nests.floor.bareWire': [
    setting('nests.bedding', ['nestBank'], (b) => {
      b.floor = 'bedding';
    }),
  ],
  'nests.latch.weak': [
    setting('shell.latch', ['nestBank'], (b) => {
      b.latch = 'double';
    }),
  ],
  'nests.collect.height': [
    setting(
      'nests.setCollect',
      ['nestBank'],
      (b, f, draft) => {
        const { value: least } = RULES['nests.collect.least'];
        const { value: most } = RULES['nests.collect.most'];
        const to = told(f, 'height') < least ? least : most;
        b.lipZ = (to === least ? up : down)(draft, to - draft.shell.floorAboveGroundM);
      },
      (_, f) => ({
        height: metres(
          told(f, 'height') < ruled('nests.collect.least')
            ? ruled('nests.collect.least')
            : ruled('nests.collect.most'),
        ),
      }),
    ),
    collectInside,
  ],
  'nests.box.wide': [
    setting(
      'nests.divide',
      ['nestBank'],
      (b, f, draft) => {
        b.boxW = up(draft, told(f, 'wanted'));
      },
      (_, f, { plan }) => ({ width: metres(up(plan, told(f, 'wanted'))) }),
    ),
  ],
};

/** The highest tier shut at night, so that bars need not clear it. */
export const shutTopTier: Proposer = (_, { plan }) =>
  plan.fixtures
    .filter(
      (f): f is OfKind<'nestBank'> => f.kind === 'nestBank' && f.rows > 1 && !f.topShutAtNight,
    )
    .map((bank) => ({
      code: 'nests.shutTop',
      fixtures: [bank.id],
      numbers: {},
      change: changing(bank, (own) => {
        own.topShutAtNight = true;
      }),
    }));
