import 'server-only';
import { dayIn } from '@/core/kernel/units/day';
import type { CardWords, PlanCard } from '@/formats/planCard';
import { run } from './jobs/pool';
import type { SavedPlan } from './plans';
import { now } from './settings';

/** Cards kept: some pages of the list. */
const KEPT = 300;

const KEY = Symbol.for('wide-rafter.cards');
const held = globalThis as { [KEY]?: Map<string, Promise<string>> };

/** By plan, save and day: the text of each card, or what makes it. */
const kept = (): Map<string, Promise<string>> => {
  held[KEY] ??= new Map();
  return held[KEY];
};

/** What a card is of: another save or another day makes another. Fit to be an entity tag. */
export const cardStamp = ({ plan, revision, savedAt }: SavedPlan): string =>
  `${revision}-${Date.parse(savedAt)}-${dayIn(now(), plan.timeZone)}`;

/**
 * What the list shows of a plan (`PlanCard`), as the text of its JSON: made once a save and day, beside the server.
 * @throws Busy where too much is asked already
 */
export function cardText(saved: SavedPlan): Promise<string> {
  const key = `${saved.plan.id} ${cardStamp(saved)}`;
  const made = kept().get(key) ?? run('card', { plan: saved.plan, on: onToday(saved) });
  kept().delete(key);
  kept().set(key, made);
  made.catch(() => kept().delete(key));
  for (const oldest of kept().keys()) {
    if (kept().size <= KEPT) break;
    kept().delete(oldest);
  }
  return made;
}

const onToday = ({ plan }: SavedPlan): string => dayIn(now(), plan.timeZone);

/** Cards that a page waits for: those that are seen first. The others are fetched when they come in sight. */
const SEEN_FIRST = 6;
/** A page waits no longer for them, ms. */
const LONGEST_MS = 300;

/** The words of the cards that are kept, and of the first of the others, in the order of the plans; else null. */
export async function wordsAtOnce(plans: readonly SavedPlan[]): Promise<(CardWords | null)[]> {
  let asked = 0;
  const late = new Promise<null>((r) => setTimeout(() => r(null), LONGEST_MS));
  return Promise.all(
    plans.map((saved) => {
      const isKept = kept().has(`${saved.plan.id} ${cardStamp(saved)}`);
      if (!isKept && ++asked > SEEN_FIRST) return null;
      const words = cardText(saved).then(wordsIn, () => null);
      return Promise.race([words, late]);
    }),
  );
}

function wordsIn(text: string): CardWords {
  const { sentence, figures } = JSON.parse(text) as PlanCard;
  return { sentence, figures };
}
