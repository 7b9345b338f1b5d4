import { assumed, keepers } from './rule';

/** Rules that bodies are built by: a page that draws them brings no others along. */
export const BODY_RULES = {
  'nests.lip.board': keepers(0.1, 'm'),
  'feed.pan.deep': assumed(0.08, 'm'),
} as const;
