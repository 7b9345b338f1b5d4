import { freeShare } from '../../../air/net';
import { freeNumber } from '../../../edit/freeNumber';
import { freeAlong, SIDES, wallLength, wallTop } from '../../../geometry/walls';
import { fixtureOf } from '../../../model/fixtures.schema';
import { litterEndM } from '../../../model/litter';
import type { OfKind, Plan, Side } from '../../../model/schema';
import { down, near, up } from '../../../model/tape';
import { metres, type Proposal, type Proposer } from '../../../proposals/remedy';
import { told } from '../../../proposals/setting';

/** What a window for the summer is like. */
const WINDOW = fixtureOf({
  kind: 'window',
  id: 'window',
  name: 'Window',
  wall: 'front',
  alongM: 0,
  sillZ: 0,
  widthM: 0.5,
  heightM: 0.5,
  opens: 'closable',
  cover: 'mesh13',
});

/** Under the eaves: so much wall is left over a window, m. */
const EAVES_M = 0.1;
/** Where windows take all walls, a band under the eaves is left for the vents of the winter, m (assumption). */
const VENT_BAND_M = 0.35;

/**
 * A hole of this size under the eaves of a wall, lower where others are in the way; null where none fits.
 * @param underM  wall that is left over it, m
 */
function placeUnder(
  plan: Plan,
  wall: Side,
  widthM: number,
  heightM: number,
  underM = EAVES_M,
): { widthM: number; heightM: number; sillZ: number; alongM: number } | null {
  const lowest = litterEndM(plan) + 0.1;
  for (let sillZ = wallTop(plan, wall) - heightM - underM; sillZ >= lowest; sillZ -= 0.1) {
    const hole = { widthM, heightM, sillZ: down(plan, sillZ) };
    const alongM = freeAlong(plan, wall, hole);
    if (alongM !== null) return { ...hole, alongM: near(plan, alongM) };
  }
  return null;
}

/** A window is no wider than this: one person hangs its leaf, m. */
const WINDOW_MOST_M = 1.5;
/** Between two windows of a row stands a post, m. */
const POST_M = 0.15;
/** So many in a row at most. */
const MOST_IN_A_ROW = 6;

/**
 * A row of windows under the eaves of a wall, as few as may be, with so much gross area in all; null where it finds
 * no room.
 * @param room  length of wall that it may take, m, and `most` its height
 */
function rowIn(
  plan: Plan,
  wall: Side,
  grossM2: number,
  { room, most }: { readonly room: number; readonly most: number },
): OfKind<'window'>[] | null {
  if (most < 0.2) return null;
  for (let n = 1; n <= MOST_IN_A_ROW; n++) {
    const glazed = room - (n - 1) * POST_M;
    if (glazed <= 0) return null;
    const height = Math.min(most, Math.max(0.3, grossM2 / glazed));
    const each = grossM2 / (n * height);
    if (each > WINDOW_MOST_M + 1e-9 || n * each > glazed + 1e-9) continue;
    const widthM = up(plan, each);
    const post = up(plan, POST_M);
    const row = placeUnder(plan, wall, n * widthM + (n - 1) * post, up(plan, height));
    if (!row) continue;
    const made: OfKind<'window'>[] = [];
    for (let i = 0; i < n; i++) {
      const number = freeNumber('window', [...plan.fixtures, ...made]);
      const alongM = row.alongM + i * (widthM + post);
      const own = { id: `window-${number}`, name: `Window ${number}`, wall };
      made.push({ ...WINDOW, ...own, ...row, alongM: near(plan, alongM), widthM });
    }
    return made;
  }
  return null;
}

/** Windows for the summer, meshed, that shut in winter. */
export const addWindows: Proposer = (finding, { plan }) => {
  const gross = told(finding, 'missing') / freeShare(WINDOW);
  const proposals: Proposal[] = [];
  const make = (walls: readonly Side[]): void => {
    const made: OfKind<'window'>[] = [];
    // in all walls alike, so that one size is told of all
    const size = {
      room: Math.min(...walls.map((wall) => wallLength(plan, wall))) - 0.2,
      most: Math.min(...walls.map((wall) => wallTop(plan, wall))) - litterEndM(plan) - 0.3,
    };
    for (const wall of walls) {
      const draft = { ...plan, fixtures: [...plan.fixtures, ...made] };
      const own = rowIn(draft, wall, gross / walls.length, size);
      if (!own) return;
      made.push(...own);
    }
    const [first] = made;
    if (!first) return;
    const each = made.length / walls.length;
    proposals.push({
      code: `${walls.length === 1 ? 'air.addWindow' : walls.length === 2 ? 'air.addWindows' : 'air.addWindowsAll'}${each > 1 ? 'Row' : ''}`,
      fixtures: [],
      numbers: {
        width: metres(first.widthM),
        height: metres(first.heightM),
        ...(each > 1 ? { each: { value: each, unit: 'ratio' as const } } : {}),
      },
      wall: first.wall,
      hours: 1.4 * walls.length + 0.4 * (made.length - walls.length),
      change: (draft) => void draft.fixtures.push(...made),
    });
  };
  for (const wall of SIDES) make([wall]);
  make(['front', 'rear']);
  make(SIDES);
  return [...proposals, ...windowsAround(plan, gross)];
};

/** Sizes of window that are tried where no wall holds a row of one size, m (assumption). */
const AROUND_M = { widths: [1.5, 1.2, 0.9, 0.6, 0.4], heights: [1.2, 0.9, 0.6, 0.4] } as const;
/** More windows than this nobody fits (assumption). */
const MOST_AROUND = 14;

/** Windows of one size wherever any wall has room for one: as few as bring so much gross area. */
function windowsAround(plan: Plan, grossM2: number): Proposal[] {
  let best: OfKind<'window'>[] | null = null;
  for (const height of AROUND_M.heights) {
    for (const width of AROUND_M.widths) {
      const most = Math.min(MOST_AROUND, (best?.length ?? MOST_AROUND + 1) - 1);
      const n = Math.ceil(grossM2 / (width * height) - 1e-9);
      if (n > most) continue;
      const made: OfKind<'window'>[] = [];
      const widthM = up(plan, grossM2 / (n * height));
      for (const wall of SIDES) {
        while (made.length < n) {
          const draft = { ...plan, fixtures: [...plan.fixtures, ...made] };
          const at = placeUnder(draft, wall, widthM, up(plan, height), VENT_BAND_M);
          if (!at) break;
          const number = freeNumber('window', draft.fixtures);
          const own = { id: `window-${number}`, name: `Window ${number}`, wall };
          made.push({ ...WINDOW, ...own, ...at });
        }
      }
      if (made.length === n) best = made;
    }
  }
  const [first] = best ?? [];
  if (!best || !first) return [];
  const all = best;
  return [
    {
      code: 'air.addWindowsAround',
      fixtures: [],
      numbers: {
        windows: { value: all.length, unit: 'ratio' },
        width: metres(first.widthM),
        height: metres(first.heightM),
      },
      hours: 1.4 * Math.min(4, all.length) + 0.6 * all.length,
      change: (draft) => void draft.fixtures.push(...all),
    },
  ];
}
