import { byId, type FigureLayer, lazy } from '../kernel/figures';
import { type Figure, figure } from '../kernel/working';
import { asChosen, type ChosenSchool, rowsOf } from '../rules/book';
import type { RuleBook, RuleRow, Topic } from '../rules/types';
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

/** The schools of each topic, and the figures of what they ask and would give. */
export interface Offers {
  readonly byTopic: Readonly<Record<string, readonly SchoolOffer[]>>;
  readonly layers: readonly FigureLayer[];
}

/**
 * Every school of every topic, with what a carrying station would give by it: worked topic by topic, when one is
 * first looked at.
 * @param carried  what each station carries by its chosen school, worked already; null where nothing
 */
export function schoolOffers(
  ctx: StationContext,
  stations: readonly CarryingStation[],
  carried: Readonly<Record<string, number | null>>,
): Offers {
  const byTopic: Record<string, readonly SchoolOffer[]> = {};
  const layers: FigureLayer[] = [];
  for (const topic of ctx.book.topics) {
    const station = stations.find((s) => s.topic === topic.id) ?? null;
    const offers = lazy(() => offersOf(ctx, topic, station, carried));
    const values = lazy(() => offers().map((offer) => offer.value));
    Object.defineProperty(byTopic, topic.id, { enumerable: true, get: values });
    layers.push({
      owns: (id) => id.startsWith(`rule.${topic.id}.`) || id.startsWith(`school.${topic.id}.`),
      make: () => byId(offers().flatMap((offer) => offer.figures)),
    });
  }
  return { byTopic, layers };
}

function offersOf(
  ctx: StationContext,
  topic: Topic,
  station: CarryingStation | null,
  carried: Readonly<Record<string, number | null>>,
): readonly Offer[] {
  const chosen = schoolFor(ctx, topic.id);
  const schools = ctx.kept(`schools.${topic.id}`, [ctx.book, chosen], () =>
    schoolsOf(ctx.book, topic.id, chosen),
  );
  const carries = schools.map(({ school }) => {
    if (station === null) return null;
    if (school.id === chosen.id) return carried[station.id] ?? null;
    return carriesBy(ctx, station, school);
  });
  return ctx.kept(`offers.${topic.id}`, [ctx.book, chosen, ...carries], () =>
    schools.map(({ row, school }, i) => offerOf(topic, school, row, chosen.id, carries[i] ?? null)),
  );
}

/** A school with the figures of its rule and of what it gives. */
interface Offer {
  readonly value: SchoolOffer;
  readonly figures: readonly Figure[];
}

interface Offered {
  /** Null for the keeper's own value. */
  readonly row: RuleRow | null;
  readonly school: ChosenSchool;
}

/** Every school of a topic, and the keeper's own value where that is chosen. */
function schoolsOf(book: RuleBook, topic: string, chosen: ChosenSchool): Offered[] {
  const rows = rowsOf(book, topic).map((row) => ({ row, school: asChosen(book, row) }));
  return chosen.id === 'custom' ? [...rows, { row: null, school: chosen }] : rows;
}

function offerOf(
  { id: topic, unit }: Topic,
  school: ChosenSchool,
  row: RuleRow | null,
  chosenId: string,
  carries: number | null,
): Offer {
  const key = row ? school.id : `${topic}.custom`;
  const ruleFigure = unit === null ? null : `rule.${key}`;
  const carriesFigure = carries === null ? null : `school.${key}.carries`;
  const basis = basisOf(school);
  const figures: Figure[] = [];
  if (ruleFigure !== null && unit !== null) {
    const spec = `school.rule.${unit}` as const;
    figures.push(figure(ruleFigure, W[spec], { value: school.value }, basis));
  }
  if (carriesFigure !== null && carries !== null) {
    figures.push(
      figure(carriesFigure, W['school.carries'], { rule: school.value, carried: carries }, basis),
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
