import { addNew } from '../session/adding';
import type { AddId } from '../session/engine';
import { addFixture } from './fixtures';

/** Adds a new thing that fits this flock, over the litter as it will be. */
export const useAdd = (): ((what: AddId) => void) => (what) => addNew(what, addFixture);
