import type { SchoolOffer } from '@/core/stations/schools';

/** What a school is called in its list. */
export const nameOf = (offer: SchoolOffer): string => offer.row?.school ?? 'your own figure';
