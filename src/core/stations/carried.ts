import { type Carry, carryOf } from '../carrying/carrying';
import { type SpellOfMany, shortSpells, spellWith } from '../carrying/spells';
import type { ChosenSchool } from '../rules/book';
import type { CarryingStation, StationContext } from './context';

/** What a station carries by a school, entered or not; worked anew only where its supply has changed. */
export const carryBy = (
  ctx: StationContext,
  station: CarryingStation,
  school: ChosenSchool,
): Carry =>
  ctx.kept(`carry.${station.id}.${school.id}`, weighed(ctx, station, school), () =>
    carryOf(ctx.flock, station.demand(ctx, school)),
  );

/** The spell in which a station falls shortest by a school: that of the day that sets it; null where it never does. */
export const shortBy = (
  ctx: StationContext,
  station: CarryingStation,
  school: ChosenSchool,
): SpellOfMany | null =>
  ctx.kept(`short.${station.id}`, [school.id, ...weighed(ctx, station, school)], () => {
    // the setting day serves the least share: where all are served on it, they are on every day
    const carry = carryBy(ctx, station, school);
    if (carry.state !== 'carries' || carry.fitting >= carry.present) return null;
    return spellWith(shortSpells(ctx.flock, station.demand(ctx, school)), carry.setOn);
  });

const weighed = (
  ctx: StationContext,
  station: CarryingStation,
  school: ChosenSchool,
): unknown[] => [
  ctx.flock,
  ctx.book,
  school.value,
  ...ctx.once(`supply.${station.id}`, () => station.supply(ctx)),
];
