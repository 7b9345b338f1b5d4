import { freeShare, netM2 } from '../../../air/net';
import { freeNumber } from '../../../edit/freeNumber';
import { newVent } from '../../../edit/new/openings';
import { sleepingBars } from '../../../geometry/bars';
import { freeAlong, SIDES, wallLength, wallTop } from '../../../geometry/walls';
import { fixtureOf } from '../../../model/fixtures.schema';
import { litterEndM } from '../../../model/litter';
import type { AirOpening, OfKind, Plan, Side } from '../../../model/schema';
import {
  down,
  metres,
  near,
  type Proposal,
  type Proposer,
  type Proposers,
  up,
} from '../../../proposals/remedy';
import { changing, fixtureIn, setting, told } from '../../../proposals/setting';
import { ruled } from '../../../rules/rules.data';

/** Top of the band in which nothing may blow, m; 0 without bars. */
const bandTop = (plan: Plan): number =>
  Math.max(0, ...sleepingBars(plan).map((b) => b.z + ruled('air.band.above')));

/**
 * A vent of at most so much net area under the eaves of a wall, over the heads of sleeping birds; with a baffle it
 * may stand level with them.
 */
function ventOn(plan: Plan, wall: Side, netM2: number, baffle: boolean): OfKind<'vent'> | null {
  const room = down(plan, wallLength(plan, wall) - 0.1);
  const top = down(plan, wallTop(plan, wall) - 0.01);
  const high = wallTop(plan, wall) * ruled('air.high.share');
  const gross = netM2 / freeShare(newVent(plan));
  const low = baffle ? 0 : bandTop(plan);
  // its middle lies in the upper third
  const most = Math.min(down(plan, top - low), baffle ? down(plan, 2 * (top - high)) : top);
  const tallest = Math.min(most, down(plan, 2 * (top - high)));
  if (tallest < 0.04 || room < 0.1) return null;
  const heightM = Math.min(tallest, Math.max(up(plan, 0.1), up(plan, gross / room)));
  if (!(heightM >= 0.04)) return null;
  for (const widthM of [up(plan, gross / heightM), room, room / 2, room / 3].map((w) =>
    Math.min(room, down(plan, w + 1e-9)),
  )) {
    const hole = { widthM, heightM, sillZ: down(plan, top - heightM) };
    const alongM = widthM < 0.1 ? null : freeAlong(plan, wall, hole);
    if (alongM !== null) {
      return newVent(plan, { wall, alongM: down(plan, alongM), ...hole, baffle });
    }
  }
  return null;
}

/** High vents that stay open, in as few walls as hold what is missing; with baffles where bars stand too high for others. */
const addVent: Proposer = (finding, { plan }) => {
  const missing = told(finding, 'missing');
  const proposals: Proposal[] = [];
  for (const baffled of [false, true]) {
    const single = SIDES.map((wall) => ventOn(plan, wall, missing, baffled));
    const byArea = SIDES.map((wall, i) => ({ wall, net: single[i] ? netM2(single[i]) : 0 }))
      .filter((w) => w.net > 0)
      .sort((a, b) => b.net - a.net || (a.wall < b.wall ? -1 : 1));
    const made: OfKind<'vent'>[] = [];
    let left = missing;
    for (const { wall } of byArea) {
      if (left <= 1e-9) break;
      const draft = { ...plan, fixtures: [...plan.fixtures, ...made] };
      const vent = ventOn(draft, wall, left, baffled);
      if (!vent) continue;
      made.push(vent);
      left -= netM2(vent);
    }
    const [first] = made;
    if (!first || left > 1e-9) continue;
    proposals.push({
      code: `air.addVent${made.length > 1 ? 's' : ''}${baffled ? 'Baffled' : ''}`,
      fixtures: [],
      numbers: {
        width: metres(first.widthM),
        height: metres(first.heightM),
        vents: { value: made.length, unit: 'ratio' },
        area: { value: missing, unit: 'm2' },
      },
      wall: first.wall,
      hours: (baffled ? 1.6 : 1.2) * made.length,
      change: (draft) => void draft.fixtures.push(...made),
    });
  }
  return proposals;
};

/** A vent along the ridge. */
const addRidge: Proposer = (finding, { plan }) => {
  const net = told(finding, 'missing');
  const { roof, lengthM, widthM } = plan.shell;
  const alongX = roof.kind === 'gable' ? roof.ridgeAxis === 'x' : true;
  const length = down(plan, (alongX ? lengthM : widthM) - 0.1);
  const vent = newVent(plan, {
    place: 'ridge',
    screenedBy: 'ridge',
    alongM: up(plan, 0.05),
    widthM: length,
    heightM: up(plan, 0.05),
    sillZ: down(plan, roof.highM - 0.05),
  });
  const height = net / (length * freeShare(vent));
  if (height > 0.3 || roof.kind === 'flat') return [];
  const heightM = up(plan, height);
  return [
    {
      code: 'air.addRidge',
      fixtures: [],
      numbers: { length: metres(length), width: metres(heightM) },
      change: (draft) =>
        void draft.fixtures.push({ ...vent, heightM, sillZ: down(plan, roof.highM - heightM) }),
    },
  ];
};

/** High openings that can be shut are left open for good. */
const leaveOpen: Proposer = (_, { plan }) => {
  const shut = plan.fixtures.filter(
    (f): f is AirOpening => (f.kind === 'vent' || f.kind === 'window') && f.opens === 'closable',
  );
  if (shut.length === 0) return [];
  return [
    {
      code: 'air.leaveOpen',
      fixtures: shut.map((o) => o.id),
      numbers: {},
      change: (draft) => {
        for (const f of draft.fixtures) {
          if ((f.kind === 'vent' || f.kind === 'window') && f.opens === 'closable')
            f.opens = 'open';
        }
      },
    },
  ];
};

/** Windows that are shut for good made to open. */
const makeOpen: Proposer = (_, { plan }) => {
  const shut = plan.fixtures.filter(
    (f): f is OfKind<'window'> => f.kind === 'window' && f.opens === 'shut',
  );
  if (shut.length === 0) return [];
  return [
    {
      code: 'air.makeOpen',
      fixtures: shut.map((o) => o.id),
      numbers: {},
      change: (draft) => {
        for (const f of draft.fixtures) {
          if (f.kind === 'window' && f.opens === 'shut') {
            f.opens = 'closable';
            f.cover = 'mesh13';
          }
        }
      },
    },
  ];
};

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
const addWindows: Proposer = (finding, { plan }) => {
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

/** All that is entered as shut let open: vents for good, windows by a stay with mesh behind. */
const letOpen: Proposer = (_, { plan }) => {
  const shut = plan.fixtures.filter(
    (f): f is AirOpening => (f.kind === 'vent' || f.kind === 'window') && f.opens === 'shut',
  );
  if (shut.length === 0) return [];
  return [
    {
      code: 'air.letOpen',
      fixtures: shut.map((o) => o.id),
      numbers: {},
      change: (draft) => {
        for (const f of draft.fixtures) {
          if ((f.kind !== 'vent' && f.kind !== 'window') || f.opens !== 'shut') continue;
          f.opens = f.kind === 'vent' ? 'open' : 'closable';
          if (f.cover === 'none') f.cover = 'mesh13';
        }
      },
    },
  ];
};

const shutInWinter = setting('air.closable', ['window', 'vent'], (o) => {
  o.opens = 'closable';
  o.stay = true;
});
const baffle = setting('air.baffle', ['window', 'vent'], (o) => {
  o.baffle = true;
});
const raiseVent: Proposer = (finding, { plan }) => {
  const o = fixtureIn(plan, finding, ['window', 'vent']);
  if (!o) return [];
  const sillZ = up(plan, bandTop(plan));
  if (sillZ + o.heightM > wallTop(plan, o.wall) - 0.005) return [];
  return [
    {
      code: 'air.raise',
      fixtures: [o.id],
      numbers: { sill: metres(sillZ) },
      change: changing(o, (own) => {
        own.sillZ = sillZ;
      }),
    },
  ];
};

export const AIR_REMEDIES: Proposers = {
  'air.shut': [letOpen, addVent, addRidge],
  'air.winter.short': [leaveOpen, addVent, addRidge],
  'air.summer.short': [makeOpen, addWindows],
  'air.opening.inDraught': [raiseVent, baffle, shutInWinter],
};
