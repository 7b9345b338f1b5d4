'use client';
import dynamic from 'next/dynamic';

/** The panels of the stations lie apart from the first load, all in one piece. */
export const all = () => import('./all');

export const AtTheBench = dynamic(() => all().then((m) => m.AtTheBench));
export const ShellDetails = dynamic(() => all().then((m) => m.ShellDetails));
export const RoostDetails = dynamic(() => all().then((m) => m.RoostDetails));
export const BarDetails = dynamic(() => all().then((m) => m.BarDetails));
export const NestDetails = dynamic(() => all().then((m) => m.NestDetails));
export const NestOpeningDays = dynamic(() => all().then((m) => m.NestOpeningDays));
export const RoughMeasures = dynamic(() => all().then((m) => m.RoughMeasures));
export const SchoolList = dynamic(() => all().then((m) => m.SchoolList));

/** How long a page has stood open before the rest of it is fetched, ms. */
const AFTER_MS = 4000;

/**
 * Fetches what the bench has not needed yet, once it has stood open for a while: from then on every
 * station opens even where the server has gone away.
 * @param more  parts of rooms above that are fetched with it
 * @returns a function that calls it off
 */
export function fetchTheRest(more: readonly (() => Promise<unknown>)[]): () => void {
  const timer = setTimeout(() => {
    // what cannot be fetched now is fetched, or told of, when it is gone to
    const quietly = (part: Promise<unknown>): void => void part.catch(() => undefined);
    quietly(all());
    quietly(import('../brooder/BrooderScreen'));
    quietly(import('../flock/FlockScreen'));
    quietly(import('@/core/remedies/zoned'));
    for (const part of more) quietly(part());
  }, AFTER_MS);
  return () => clearTimeout(timer);
}
