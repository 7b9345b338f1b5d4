import { cache } from 'react';
import { readPlan } from '@/server/plans';

/** A plan of a request: read once for its name and for its page. */
export const planOf = cache(readPlan);
