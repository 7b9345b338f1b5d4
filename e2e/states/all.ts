import { BENCH } from './bench';
import { EDITS } from './edits';
import { LIST } from './list';
import { PAGES } from './pages';
import type { States } from './state';
import { STATIONS_SEEN } from './stations';
import { STORES } from './stores';

/** Every page and what opens on it, each walked to once. */
export const STATES: States = {
  ...LIST,
  ...STATIONS_SEEN,
  ...BENCH,
  ...EDITS,
  ...STORES,
  ...PAGES,
};
