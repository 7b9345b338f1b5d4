import { isReached } from '../../../birds/vesselReach';
import { freeNumber } from '../../../edit/freeNumber';
import type { RemedyCode } from '../../../kernel/codes.data';
import type { Finding } from '../../../kernel/finding';
import { mostVesselL, vesselDown, vesselUp } from '../../../kernel/units/vesselSize';
import type { Vessel } from '../../../model/schema';
import type { Proposal, ProposalContext, Proposer } from '../../../proposals/remedy';
import { MOST_ADDED } from '../../../proposals/remedy';
import { changing, planning, told } from '../../../proposals/setting';
import { capacityL } from '../vessels';
import { bought } from './bought';
import { freePlace } from './places';
import { soundLike } from './soundLike';
import { vesselIn, vesselsIn } from './vesselIn';

/** The vessels of a finding that somebody gets at: what nobody gets at lasts for nobody. */
export const reachedOf = (
  { plan, sizes }: Pick<ProposalContext, 'plan' | 'sizes'>,
  finding: Finding,
  kind?: Vessel['kind'],
): Vessel[] =>
  vesselsIn(plan, finding).filter(
    (v) => (kind === undefined || v.kind === kind) && isReached(v, plan, sizes.tallestKg),
  );

/** A larger one of its kind: so much as the days between fills ask for beside what the others hold. */
export const larger: Proposer = (finding, ctx) => {
  const { plan } = ctx;
  const vessel = vesselIn(ctx, finding);
  if (!vessel) return [];
  const all = reachedOf(ctx, finding, vessel.kind);
  const held = all.reduce((sum, v) => sum + capacityL(v), 0);
  const times = told(finding, 'wanted') / told(finding, 'days');
  const litres = vesselUp((held * times - (held - capacityL(vessel))) * 1.02, plan.units);
  return litres > mostVesselL(plan.units) ? [] : [sized(vessel, litres, 'vessels.larger')];
};

/** All of them larger, each as large as their like. */
export const allLarger: Proposer = (finding, ctx) => {
  const { plan } = ctx;
  const own = reachedOf(ctx, finding);
  const ids = new Set(own.map((v) => v.id));
  if (own.length < 2) return [];
  const held = own.reduce((sum, v) => sum + capacityL(v), 0);
  const times = told(finding, 'wanted') / told(finding, 'days');
  const litres = vesselUp(((held * times) / own.length) * 1.02, plan.units);
  if (litres > mostVesselL(plan.units)) return [];
  return [
    {
      code: 'vessels.allLarger',
      fixtures: own.map((v) => v.id),
      numbers: { litres: { value: litres, unit: 'litres' } },
      hours: 0.8 * own.length,
      change: (draft) => {
        for (const f of draft.fixtures) {
          if ((f.kind === 'feeder' || f.kind === 'drinker') && ids.has(f.id)) {
            Object.assign(f, bought(f), { capacityL: Math.max(capacityL(f), litres) });
          }
        }
      },
    },
  ];
};

/** Each as large as a vessel may be, and as many more of that size as are still missing. */
export const allOfMost: Proposer = (finding, ctx) => {
  const { plan, heaviestKg } = ctx;
  const vessel = vesselIn(ctx, finding);
  if (!vessel) return [];
  const own = reachedOf(ctx, finding, vessel.kind);
  const ids = new Set(own.map((v) => v.id));
  const held = own.reduce((sum, v) => sum + capacityL(v), 0);
  const asked = (held * told(finding, 'wanted') * 1.02) / Math.max(0.01, told(finding, 'days'));
  const mostL = mostVesselL(plan.units);
  const more = Math.ceil(asked / mostL - 1e-9) - own.length;
  if (more < 1 || more > MOST_ADDED.vessel) return [];
  const made: Vessel[] = [];
  for (let n = 0; n < more; n++) {
    const draft = { ...plan, fixtures: [...plan.fixtures, ...made] };
    const sound = soundLike(vessel, ctx);
    const at = freePlace(draft, sound, heaviestKg);
    if (!at) return [];
    const number = freeNumber(vessel.kind, draft.fixtures);
    made.push({
      ...bought(sound),
      ...at,
      capacityL: mostL,
      id: `${vessel.kind}-${number}`,
      name: `${vessel.name.slice(0, 70)} ${number}`,
    });
  }
  return [
    {
      code: 'vessels.largerAndMore',
      fixtures: own.map((v) => v.id),
      numbers: {
        litres: { value: mostL, unit: 'litres' },
        more: { value: more, unit: 'ratio' },
      },
      hours: 0.8 * own.length + more,
      change: (draft) => {
        for (const f of draft.fixtures) {
          if ((f.kind === 'feeder' || f.kind === 'drinker') && ids.has(f.id)) {
            Object.assign(f, bought(f), { capacityL: mostL });
          }
        }
        draft.fixtures.push(...made);
      },
    },
  ];
};

const sized = (vessel: Vessel, litres: number, code: RemedyCode): Proposal => ({
  code,
  fixtures: [vessel.id],
  numbers: { litres: { value: litres, unit: 'litres' } },
  change: changing(vessel, (v) => {
    // one that is made at home is filled less, never made larger by a number alone
    if (litres > capacityL(v)) Object.assign(v, bought(v));
    v.capacityL = litres;
  }),
});

/** All of them filled no fuller than to so many litres: what they hold together is then eaten while it is fresh. */
export const fillLess: Proposer = (finding, { plan }) => {
  const vessels = plan.fixtures.filter(
    (f): f is Vessel =>
      (f.kind === 'feeder' || f.kind === 'drinker') && finding.fixtures.includes(f.id),
  );
  const held = vessels.map(capacityL).sort((a, b) => a - b);
  // the smallest are full as long as the level that all share is higher
  let left = held.reduce((a, b) => a + b, 0) * (told(finding, 'fresh') / told(finding, 'days'));
  let level = 0;
  held.forEach((own, i) => {
    level = left / (held.length - i);
    left -= Math.min(own, level);
  });
  const litres = vesselDown(level, plan.units);
  if (!(litres >= 0.1)) return [];
  const fuller = vessels.filter((v) => capacityL(v) > litres);
  return [
    {
      code: 'vessels.fillLess',
      fixtures: fuller.map((v) => v.id),
      numbers: { litres: { value: litres, unit: 'litres' } },
      change: (draft) => {
        for (const f of draft.fixtures) {
          if (fuller.some((v) => v.id === f.id)) Object.assign(f, { capacityL: litres });
        }
      },
    },
  ];
};

/** Filled more often than it was planned. */
export const fillOften = (of: 'feedDays' | 'waterDays'): Proposer =>
  planning(
    'vessels.fillOften',
    (d, finding) => {
      d.fills[of] = Math.max(1, Math.floor(told(finding, 'days')));
    },
    (finding) => ({
      days: { value: Math.max(1, Math.floor(told(finding, 'days'))), unit: 'days' },
    }),
  );
