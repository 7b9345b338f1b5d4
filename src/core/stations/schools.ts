import { asChosen, type ChosenSchool, rowsOf } from '../rules/book';
import type { RuleRow, Topic } from '../rules/types';
import { type Figure, figure } from '../working';
import { carryBy } from './carried';
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
  /** Figure ids: the rule's own value (where schools differ by one), and what it carries (where it carries). */
  readonly ruleFigure: string | null;
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
  for (const topic of ctx.book.topics) {
    const station = stations.find((s) => s.topic === topic.id) ?? null;
    const chosen = schoolFor(ctx, topic.id);
    const rows = rowsOf(ctx.book, topic.id).map((row) => ({
      row,
      school: asChosen(ctx.book, row),
    }));
    const own = chosen.id === 'custom' ? [{ row: null, school: chosen }] : [];
    byTopic[topic.id] = [...rows, ...own].map(({ row, school }) => {
      const carries =
        station === null
          ? null
          : school.id === chosen.id
            ? (carried[station.id] ?? null)
            : carriesBy(ctx, station, school);
      const offer = offerOf(topic, school, row, chosen.id, carries);
      figures.push(...offer.figures);
      return offer.value;
    });
  }
  return { byTopic, figures };
}

function offerOf(
  { id: topic, unit }: Topic,
  school: ChosenSchool,
  row: RuleRow | null,
  chosenId: string,
  carries: number | null,
): { value: SchoolOffer; figures: Figure[] } {
  const key = row ? school.id : `${topic}.custom`;
  const ruleFigure = unit === null ? null : `rule.${key}`;
  const carriesFigure = carries === null ? null : `school.${key}.carries`;
  const basis = basisOf(school);
  const figures: Figure[] = [];
  if (ruleFigure !== null && unit !== null) {
    const spec = `school.rule.${unit}` as const;
    figures.push(figure(ruleFigure, spec, W[spec], { value: school.value }, basis));
  }
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
  const carry = carryBy(ctx, station, school);
  return carry.state === 'carries' ? carry.carries : null;
}
