import { asChosen, type ChosenSchool, rowsOf } from '../rules/book';
import type { RuleRow } from '../rules/types';
import { type Figure, figure } from '../working';
import { carryOf } from './carrying';
import { basisOf, type CarryingStation, type StationContext, schoolFor } from './context';
import { SCHOOLS_WORKINGS as W } from './schools.working';

/** What a station would carry by one school's rule. */
export interface SchoolOffer {
  /** The row's id, or `custom`. */
  readonly id: string;
  readonly row: RuleRow | null;
  readonly chosen: boolean;
  readonly comparisonOnly: boolean;
  /** Null where the station carries nothing or has not been entered. */
  readonly carries: number | null;
  /** Figure ids: the rule's own value, and what it carries (where it carries). */
  readonly ruleFigure: string;
  readonly carriesFigure: string | null;
}

/**
 * Every school of every topic that a carrying station has, with what it would give.
 * @param carried  what each station carries by its chosen school, worked already; null where nothing
 */
export function schoolOffers(
  ctx: StationContext,
  stations: readonly CarryingStation[],
  carried: Readonly<Record<string, number | null>>,
): { byTopic: Record<string, SchoolOffer[]>; figures: Figure[] } {
  const figures: Figure[] = [];
  const byTopic: Record<string, SchoolOffer[]> = {};
  for (const station of stations) {
    const chosen = schoolFor(ctx, station.topic);
    const rows = rowsOf(ctx.book, station.topic).map((row) => ({
      row,
      school: asChosen(ctx.book, row),
    }));
    const own = chosen.id === 'custom' ? [{ row: null, school: chosen }] : [];
    byTopic[station.topic] = [...rows, ...own].map(({ row, school }) => {
      const carries =
        school.id === chosen.id ? (carried[station.id] ?? null) : carriesBy(ctx, station, school);
      const offer = offerOf(ctx, station, school, row, chosen.id, carries);
      figures.push(...offer.figures);
      return offer.value;
    });
  }
  return { byTopic, figures };
}

function offerOf(
  ctx: StationContext,
  station: CarryingStation,
  school: ChosenSchool,
  row: RuleRow | null,
  chosenId: string,
  carries: number | null,
): { value: SchoolOffer; figures: Figure[] } {
  const key = row ? school.id : `${station.topic}.custom`;
  const ruleFigure = `rule.${key}`;
  const carriesFigure = carries === null ? null : `school.${key}.carries`;
  const unit = ctx.book.topics.find((t) => t.id === station.topic)?.unit ?? 'm';
  const basis = basisOf(school);
  const spec = `school.rule.${unit}` as const;
  const figures = [figure(ruleFigure, spec, W[spec], { value: school.value }, basis)];
  if (carriesFigure !== null && carries !== null) {
    figures.push(
      figure(
        carriesFigure,
        'school.carries',
        W['school.carries'],
        { rule: school.value, value: carries },
        basis,
      ),
    );
  }
  return {
    value: {
      id: school.id,
      row,
      chosen: school.id === chosenId,
      comparisonOnly: row?.comparisonOnly ?? false,
      carries,
      ruleFigure,
      carriesFigure,
    },
    figures,
  };
}

function carriesBy(
  ctx: StationContext,
  station: CarryingStation,
  school: ChosenSchool,
): number | null {
  if (!station.entered(ctx.plan)) return null;
  const carry = carryOf(ctx.flock, station.demand(ctx, school));
  return carry.state === 'carries' ? carry.carries : null;
}
