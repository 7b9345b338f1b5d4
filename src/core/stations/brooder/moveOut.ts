import { isoDay } from '../../kernel/units/day';
import { ASSUMED, ENTERED, KEEPERS } from '../../kernel/working';
import { ruled } from '../../rules/rules.data';
import { dayOfYear } from '../../weather/climate';
import type { StationContext } from '../context';
import type { Sheet } from '../sheet';
import { type Brood, colderNightChance, toleratedC } from './broods';

/** Whether a brood goes out before it bears the nights. */
export function out(s: Sheet, ctx: StationContext, b: Brood): void {
  const age = b.movesOn - b.hatchedOn;
  const id = b.groupId;
  const ageFigure = s.found(`brooder.${id}.age`, 'days', age, ENTERED);
  const feathered = ruled('brooder.out.feathered');
  const day = isoDay(b.movesOn);
  if (!b.meat && age < feathered) {
    s.find(
      'brooder.out.early',
      'harm',
      [id],
      { age: ageFigure, needed: s.fact('brooder.out.feathered') },
      null,
      day,
    );
    return;
  }
  const { climate } = ctx.flock;
  const borne = toleratedC(age, b.meat);
  if (climate === null || !Number.isFinite(borne)) return;
  const chance = colderNightChance(climate, dayOfYear(day), borne);
  const chanceFigure = s.found(`brooder.${id}.chance`, 'share', chance, ASSUMED);
  if (chance > MOST_CHANCE) {
    s.find(
      'brooder.out.cold',
      'short',
      [id],
      {
        age: ageFigure,
        borne: s.rule(`brooder.${id}.borne`, 'celsius', borne, KEEPERS),
        chance: chanceFigure,
      },
      null,
      day,
    );
  }
}

/** A chance of a colder night that is worth waiting for better (assumption). */
const MOST_CHANCE = ruled('brooder.out.chance');
