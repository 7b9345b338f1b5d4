import { assess } from '@/core/assess';
import { birdsOnPage, type Place } from '@/core/drawing/alike';
import { draw } from '@/core/drawing/draw';
import { type Frame, pastWalls, project, type Stroke, strokesOf } from '@/core/drawing/projection';
import type { Sentence } from '@/core/kernel/sentence';
import type { Figure, Items } from '@/core/kernel/working';
import type { Plan } from '@/core/model/schema';
import type { SchoolOffer } from '@/core/stations/schools';
import { beneathPieces, sentencePieces } from '@/text/sentence';

/** The frame that a card's picture is drawn in, px. */
export const CARD_FRAME: Frame = {
  width: 372,
  height: 210,
  left: 14,
  right: 14,
  top: 12,
  bottom: 14,
};

/** What is drawn, in its order: birds as places of their looks, all else as strokes, px of the frame. */
export interface CardPicture {
  readonly looks: readonly (readonly Stroke[])[];
  readonly items: readonly (Place | readonly Stroke[])[];
}

/** What the list shows of a plan: its sentence, what the numbers in it rest on, and its picture from the front. */
export interface PlanCard {
  readonly sentence: Sentence;
  readonly figures: readonly Figure[];
  readonly schools: Readonly<Record<string, readonly SchoolOffer[]>>;
  readonly items: Items;
  readonly picture: CardPicture;
}

/**
 * A plan as the list shows it.
 * @param on  the day assessed, YYYY-MM-DD
 */
export function cardOf(plan: Plan, on: string): PlanCard {
  const a = assess(plan, { on });
  const pieces = [...sentencePieces(a.sentence), ...beneathPieces(a.sentence)];
  const said = pieces.flatMap((piece) =>
    typeof piece !== 'string' && 'figure' in piece ? [piece.figure] : [],
  );
  const own = [...new Set(said)].flatMap((id) => a.figures.get(id) ?? []);
  const topics = [...new Set(own.flatMap((f) => (f.topic === undefined ? [] : [f.topic])))];
  const schools = Object.fromEntries(topics.map((topic) => [topic, a.schools[topic] ?? []]));
  const rules = Object.values(schools)
    .flat()
    .flatMap((o) => (o.ruleFigure === null ? [] : (a.figures.get(o.ruleFigure) ?? [])));
  const items = draw(plan, 'front', { birds: a.birds, reach: null, cutM: 0 });
  const page = project('front', plan.shell, CARD_FRAME, { past: pastWalls('front', plan) });
  const { looks, places } = birdsOnPage(items, page);
  return {
    sentence: a.sentence,
    figures: [...own, ...rules],
    schools,
    items: a.items,
    picture: { looks, items: items.map((i) => places.get(i.key) ?? strokesOf(i.shapes, page)) },
  };
}

/** Cards' words: what of one stands on the page from the start. */
export type CardWords = Pick<PlanCard, 'sentence' | 'figures'>;

/** A card with the plan it is of, as it is fetched. */
export interface FetchedCard {
  readonly plan: Plan;
  readonly card: PlanCard;
}
