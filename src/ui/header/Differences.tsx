'use client';
import { planDifferences } from '@/core/edit/differences';
import type { Plan } from '@/core/model/schema';
import { differencesText } from '@/text/differences';

/** In what one plan differs from another, by name. */
export const Differences = ({ from, to }: { from: Plan; to: Plan }) =>
  differencesText(planDifferences(from, to));
