import type { Drinker, Plan, Winter } from '../../../model/schema';
import type { Proposer } from '../../../proposals/remedy';
import { changing, fixtureIn, setting, told } from '../../../proposals/setting';
import { ruled } from '../../../rules/rules.data';
import { vesselKind } from '../../../rules/vesselKinds.data';
import { asFount } from '../../../stores/frost/fount';
import { heaterFor } from '../../../stores/frost/heater';
import { heatedLump, vesselLump } from '../../../stores/frost/lumps';
import { isOnBarrel, pumpedLump } from '../../../stores/frost/open';
import { placeApart } from '../../vessels/remedies/places';
import { capacityL } from '../../vessels/vessels';

const heater = (watts: number): Winter => ({
  kind: 'heated',
  watts,
  by: 'water',
  immersed: false,
  cutOut: true,
});

/** A heater that holds it open on the coldest night; in foam, where it would else be a large one. */
export const heat: Proposer = (finding, { plan }) => {
  const v = fixtureIn(plan, finding, ['drinker']);
  if (!v || vesselKind(v).onLine) return [];
  const air = told(finding, 'air');
  const { sizeW } = heaterFor(heatedLump(v, capacityL(v), plan), air);
  if (sizeW === null) return [];
  return [
    {
      code: 'frost.heat',
      fixtures: [v.id],
      numbers: { watts: { value: sizeW, unit: 'electricWatts' } },
      hours: 1,
      change: changing(v, (own) => {
        own.winter = heater(sizeW);
      }),
    },
  ];
};

/** A fount on a heated stand in place of a line of cups: a heater in their tank does nothing for them. */
export const fount: Proposer = (finding, { plan, heaviestKg }) => {
  const v = fixtureIn(plan, finding, ['drinker']);
  if (!v || !vesselKind(v).onLine) return [];
  const made = asFount(v, plan.units);
  const { sizeW } = heaterFor(heatedLump(made, capacityL(made), plan), told(finding, 'air'));
  const at = v.place === 'run' ? {} : placeApart(without(plan, v.id), made, heaviestKg);
  if (sizeW === null || at === null) return [];
  return [
    {
      code: 'frost.fount',
      fixtures: [v.id],
      numbers: { watts: { value: sizeW, unit: 'electricWatts' } },
      hours: 2,
      change: changing(v, (own) => {
        Object.assign(own, made, at, { winter: heater(sizeW), wrap: 'bare' });
      }),
    },
  ];
};

const without = (plan: Plan, id: string): Plan => ({
  ...plan,
  fixtures: plan.fixtures.filter((f) => f.id !== id),
});

/** A heater in the barrel as strong as tank and line ask for together, and a pump that sends its water round. */
export const pump: Proposer = (finding, { plan }) => {
  const v = fixtureIn(plan, finding, ['drinker']);
  const { rain } = plan;
  if (!v || rain === null || !isOnBarrel(v, plan)) return [];
  const { sizeW } = heaterFor(pumpedLump(rain), told(finding, 'air'));
  if (sizeW === null) return [];
  return [
    {
      code: 'frost.pump',
      fixtures: [],
      numbers: { watts: { value: sizeW, unit: 'electricWatts' } },
      hours: 3,
      change: (d) => {
        if (!d.rain) return;
        d.rain.barrel.winter = heater(sizeW);
        d.rain.line.pump = true;
      },
    },
  ];
};

const carried = setting('frost.carry', ['drinker'], (v) => {
  v.winter = { kind: 'carried' };
});

/** Fresh water carried on frost days, where somebody keeps up with the ice. */
export const carry: Proposer = (finding, ctx) =>
  told(finding, 'hours') < ruled('water.frost.soon') ? [] : carried(finding, ctx);

/** Foam round it, and a heater for what is lost then; for the barrel where no fixture is named. */
export const foam: Proposer = (finding, { plan }) => {
  const air = told(finding, 'air');
  const v = fixtureIn(plan, finding, ['drinker']);
  if (!v) {
    return [
      {
        code: 'frost.foam',
        fixtures: [],
        numbers: {},
        hours: 2,
        change: (d) => {
          if (d.rain) d.rain.barrel.wrap = 'foam';
        },
      },
    ];
  }
  const wrapped: Drinker = { ...v, wrap: 'foam' };
  const { sizeW } = heaterFor(vesselLump(wrapped, capacityL(v), plan), air);
  return [
    {
      code: 'frost.foam',
      fixtures: [v.id],
      numbers: {},
      hours: 1.5,
      change: changing(v, (own) => {
        own.wrap = 'foam';
        if (own.winter.kind === 'heated') own.winter.watts = Math.max(own.winter.watts, sizeW ?? 0);
      }),
    },
  ];
};
