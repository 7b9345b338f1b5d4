import { freeShare, netM2 } from '../../../air/net';
import { newVent } from '../../../edit/new/openings';
import { sleepingBars } from '../../../geometry/bars';
import { freeAlong, SIDES, wallLength, wallTop } from '../../../geometry/walls';
import type { AirOpening, OfKind, Plan, Side } from '../../../model/schema';
import { down, up } from '../../../model/tape';
import { metres, type Proposal, type Proposer, type Proposers } from '../../../proposals/remedy';
import { changing, fixtureIn, setting, told } from '../../../proposals/setting';
import { ruled } from '../../../rules/rules.data';
import { addWindows } from './windows';

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
