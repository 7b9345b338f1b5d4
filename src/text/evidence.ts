import type { FigureEvidence } from '@/core/kernel/evidence';

/** How well founded a figure is, in words. */
export const EVIDENCE_NAMES: Readonly<Record<FigureEvidence, string>> = {
  published: 'published',
  statutory: 'statutory',
  keepers: "keepers' rule",
  assumption: 'assumption',
  entered: 'entered by you',
};
