import { breedById } from '../../../birds/size';
import { dayNumber, isoDay } from '../../../kernel/units/day';
import { REFERENCE_HEN_KG } from '../../../model/classes.data';
import type { Plan } from '../../../model/schema';
import { metres, type Proposal, type Proposer } from '../../../proposals/remedy';
import { told } from '../../../proposals/setting';
import { ruled } from '../../../rules/rules.data';
import { dayOfYear, workClimate } from '../../../weather/climate';
import { chickM2, colderNightChance, toleratedC } from '../broods';
import { sidesFor } from './sides';

/** Chicks that stay past feathering moved out on the first day on which they bear the nights: they need less room. */
export const moveSooner: Proposer = (finding, { plan }) =>
  plan.flock.flatMap((group): Proposal[] => {
    if (!group.raisedHere || !group.hatchedOn) return [];
    const own = plan.ownBreeds.find((b) => b.id === group.breed) ?? breedById(group.breed);
    const meat = own?.kind === 'meat';
    const hatched = dayNumber(group.hatchedOn);
    const now = dayNumber(group.arrivesOn) - hatched;
    const age = firstOut(plan, hatched, meat, ruled('brooder.out.feathered'), now - 1);
    if (age === null) return [];
    const out = (d: Plan): void => {
      const g = d.flock.find((one) => one.id === group.id);
      if (g) g.arrivesOn = isoDay(hatched + age);
    };
    const sooner: Proposal = {
      code: 'brooder.moveOn',
      fixtures: [group.id],
      numbers: { age: { value: age, unit: 'days' } },
      change: out,
    };
    const kg = group.massKg ?? REFERENCE_HEN_KG;
    const part = chickM2(age - 1, kg, meat) / chickM2(told(finding, 'age'), kg, meat);
    const sides = sidesFor(plan, finding, part);
    if (sides === null) return [sooner];
    return [
      sooner,
      {
        code: 'brooder.moveOnLarger',
        fixtures: [group.id],
        numbers: {
          age: { value: age, unit: 'days' },
          length: metres(sides.lengthM),
          width: metres(sides.widthM),
        },
        hours: 1.2,
        more: true,
        change: (d) => {
          out(d);
          if (d.brooder) Object.assign(d.brooder, sides);
        },
      },
    ];
  });

/** The first age from one to another at which a night colder than they bear is unlikely; null where none is. */
function firstOut(
  plan: Plan,
  hatched: number,
  meat: boolean,
  from: number,
  to: number,
): number | null {
  const climate = workClimate(plan.climate);
  for (let age = from; age <= to; age++) {
    const borne = toleratedC(age, meat);
    if (
      climate === null ||
      borne === Number.NEGATIVE_INFINITY ||
      colderNightChance(climate, dayOfYear(isoDay(hatched + age)), borne) <= 0.5
    ) {
      return age;
    }
  }
  return null;
}

const groupOf = (plan: Plan, id: string | undefined) => plan.flock.find((g) => g.id === id);

/** The first day from feathering on after which a colder night than they bear is unlikely. */
export const moveLater: Proposer = (finding, { plan }) => {
  const group = groupOf(plan, finding.fixtures[0]);
  if (!group?.hatchedOn) return [];
  const meat =
    (plan.ownBreeds.find((b) => b.id === group.breed) ?? breedById(group.breed))?.kind === 'meat';
  const hatched = dayNumber(group.hatchedOn);
  const first = Math.max(ruled('brooder.out.feathered'), dayNumber(group.arrivesOn) - hatched);
  const age = firstOut(plan, hatched, meat, first, 100);
  if (age === null) return [];
  return [
    {
      code: 'brooder.moveOn',
      fixtures: [group.id],
      numbers: { age: { value: age, unit: 'days' } },
      change: (d) => {
        const own = d.flock.find((g) => g.id === group.id);
        if (own) own.arrivesOn = isoDay(hatched + age);
      },
    },
  ];
};
