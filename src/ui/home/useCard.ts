'use client';
import { type RefObject, useEffect, useRef, useState } from 'react';
import type { FetchedCard } from '@/formats/planCard';

/** A card is fetched a little before it comes in sight. */
const AHEAD = '400px';
/** How often it is tried, and how long is waited between, ms. */
const TRIES = 4;
const WAIT_MS = 3000;

interface Card {
  /** For what has to come in sight. */
  readonly place: RefObject<HTMLElement | null>;
  /** Null until it has come; of an older save as long as the newer one has not come. */
  readonly card: FetchedCard | null;
  readonly failed: boolean;
}

/**
 * A plan's card, fetched when it comes in sight, and again when the plan is another.
 * @param stamp  what it is of, as the page says: save and day
 */
export function useCard(id: string, stamp: string): Card {
  const place = useRef<HTMLElement>(null);
  const [card, setCard] = useState<FetchedCard | null>(null);
  const [failed, setFailed] = useState(false);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another stamp is another card
  useEffect(() => {
    const left = new AbortController();
    const come = async (): Promise<void> => {
      const fetched = await fetchCard(id, left.signal);
      if (left.signal.aborted) return;
      if (fetched) setCard(fetched);
      setFailed(fetched === null);
    };
    const stop = whenInSight(place.current, () => void come());
    return () => {
      stop();
      left.abort();
    };
  }, [id, stamp]);
  return { place, card, failed };
}

function whenInSight(what: HTMLElement | null, come: () => void): () => void {
  if (!what || typeof IntersectionObserver === 'undefined') {
    come();
    return () => undefined;
  }
  const seen = new IntersectionObserver(
    (entries) => {
      if (!entries.some((entry) => entry.isIntersecting)) return;
      seen.disconnect();
      come();
    },
    { rootMargin: AHEAD },
  );
  seen.observe(what);
  return () => seen.disconnect();
}

async function fetchCard(id: string, signal: AbortSignal): Promise<FetchedCard | null> {
  for (let left = TRIES; left > 0 && !signal.aborted; left--) {
    const response = await fetch(`/api/plans/${id}/card`, { signal }).catch(() => null);
    if (response?.ok) return (await response.json().catch(() => null)) as FetchedCard | null;
    // gone, or not to be read: asking again changes nothing
    if (response && response.status < 500) return null;
    if (left > 1) await new Promise((r) => setTimeout(r, WAIT_MS));
  }
  return null;
}
