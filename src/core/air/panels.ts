import type { AirOpening } from '../model/schema';
import { ruled } from '../rules/rules.data';

/** A panel that shuts an opening for a season, as it is cut. */
export interface CutPanel {
  readonly widthM: number;
  readonly heightM: number;
  /** How much wider and taller than the opening, m; below 0: smaller. */
  readonly moreM: number;
}

/** Whether an opening is shut for a season by something that is screwed over it or put in: never a part of the way. */
export const isPanelled = ({ pane, opens }: Pick<AirOpening, 'pane' | 'opens'>): boolean =>
  opens === 'closable' && (pane === 'board' || pane === 'plug');

/** The panel to cut for an opening: a board laps the wall all round, a plug goes in with a little play. */
export function panelOf(o: AirOpening): CutPanel | null {
  if (!isPanelled(o)) return null;
  const moreM = o.pane === 'board' ? 2 * ruled('air.board.lap') : -ruled('air.plug.play');
  return { widthM: o.widthM + moreM, heightM: o.heightM + moreM, moreM };
}
