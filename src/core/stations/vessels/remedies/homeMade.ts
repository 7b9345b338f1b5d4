import type { Made, Vessel } from '../../../model/schema';
import { metres, type Proposer, up } from '../../../proposals/remedy';
import { changing, told } from '../../../proposals/setting';
import { ruled } from '../../../rules/rules.data';
import { contentsOf } from '../../../stores/vessels/contents';
import { vesselIn } from './vesselIn';

type MadeVessel = Vessel & { made: Made };
const isMade = (v: Vessel | null): v is MadeVessel => v !== null && v.made !== null;

/** As many ports as leave enough wall between them. */
export const fewerPorts: Proposer = (finding, { plan }) => {
  const vessel = vesselIn(plan, finding);
  const n = told(finding, 'most');
  if (!isMade(vessel) || n < 1) return [];
  return [
    {
      code: 'vessels.fewerPorts',
      fixtures: [vessel.id],
      numbers: { outlets: { value: n, unit: 'outlets' } },
      change: changing(vessel, (v) => {
        v.outlets = n;
      }),
    },
  ];
};

/** The mouth of its elbows where feed flows and nobody rakes it out. */
export const mouth: Proposer = (finding, { plan }) => {
  const vessel = vesselIn(plan, finding);
  if (!isMade(vessel)) return [];
  const gapM = told(finding, 'wanted');
  return [
    {
      code: 'vessels.mouth',
      fixtures: [vessel.id],
      numbers: { gap: metres(gapM) },
      hours: 0.5,
      change: changing(vessel, (v) => {
        if (v.made) v.made.elbow.gapM = gapM;
      }),
    },
  ];
};

/** More holes, so that less feed lies between them: the fewest that are enough. */
export const moreHoles: Proposer = (finding, { plan }) => {
  const vessel = vesselIn(plan, finding);
  if (!isMade(vessel) || !(vessel.type === 'holes' || vessel.type === 'port')) return [];
  if (vessel.made.body.shape === 'pipe') return [];
  for (let n = vessel.outlets + 1; n <= vessel.outlets + 8; n++) {
    const { deadL, wholeL } = contentsOf({ ...vessel, outlets: n }, vessel.made);
    if (deadL > ruled('feed.dead.most') * wholeL) continue;
    return [
      {
        code: 'vessels.moreHoles',
        fixtures: [vessel.id],
        numbers: { outlets: { value: n, unit: 'outlets' } },
        hours: 0.2 * (n - vessel.outlets),
        change: changing(vessel, (v) => {
          v.outlets = n;
        }),
      },
    ];
  }
  return [];
};

/** A deeper body over the same heap: the lowest that is enough, to three times what it was. */
export const taller: Proposer = (finding, { plan }) => {
  const vessel = vesselIn(plan, finding);
  if (!isMade(vessel)) return [];
  const { made } = vessel;
  for (let times = 1.1; times <= 3; times += 0.1) {
    const highM = up(plan, made.body.highM * times);
    const { deadL, wholeL } = contentsOf(vessel, { ...made, body: { ...made.body, highM } });
    if (deadL > ruled('feed.dead.most') * wholeL) continue;
    return [
      {
        code: 'vessels.taller',
        fixtures: [vessel.id],
        numbers: { height: metres(highM) },
        hours: 1,
        change: changing(vessel, (v) => {
          if (v.made) v.made.body.highM = highM;
        }),
      },
    ];
  }
  return [];
};

/** A body so high that its holes lie in it, with as much again over them for feed. */
export const overHoles: Proposer = (finding, { plan }) => {
  const vessel = vesselIn(plan, finding);
  if (!isMade(vessel)) return [];
  const highM = up(plan, 2 * told(finding, 'reach'));
  return [
    {
      code: 'vessels.taller',
      fixtures: [vessel.id],
      numbers: { height: metres(highM) },
      hours: 1,
      change: changing(vessel, (v) => {
        if (v.made) v.made.body.highM = highM;
      }),
    },
  ];
};

/** A pan with room for heads round the bucket. */
export const widerPan: Proposer = (finding, { plan }) => {
  const vessel = vesselIn(plan, finding);
  if (!isMade(vessel) || vessel.made.pan === null) return [];
  const short = told(finding, 'needed') - told(finding, 'room');
  const acrossM = up(plan, vessel.made.pan.acrossM + 2 * short);
  return [
    {
      code: 'vessels.widerPan',
      fixtures: [vessel.id],
      numbers: { size: metres(acrossM) },
      hours: 0.5,
      change: changing(vessel, (v) => {
        if (v.made?.pan) v.made.pan.acrossM = acrossM;
      }),
    },
  ];
};

/** Holes of an upturned bucket at a height that floods nothing and that dirt does not stop, in a pan deep enough. */
export const holesAt: Proposer = (finding, { plan }) => {
  const vessel = vesselIn(plan, finding);
  if (!isMade(vessel) || vessel.made.pan === null) return [];
  const { hole, pan } = vessel.made;
  const acrossM = Math.min(hole.acrossM, ruled('water.bucket.hole'));
  const least = ruled('water.bucket.overFloor') + acrossM + ruled('water.bucket.underRim');
  const deepM = pan.deepM < least ? up(plan, least) : pan.deepM;
  // midway between too near the rim and too deep, but never too near the floor
  const midway =
    deepM - (ruled('water.bucket.underRim') + ruled('water.bucket.underRim.most')) / 2 - acrossM;
  const lowM = Math.round(Math.max(ruled('water.bucket.overFloor'), midway) * 1000) / 1000;
  return [
    {
      code: 'vessels.holesAt',
      fixtures: [vessel.id],
      numbers: { low: metres(lowM), deep: metres(deepM) },
      hours: 0.5,
      change: changing(vessel, (v) => {
        if (!v.made?.pan) return;
        v.made.hole = { acrossM, lowM };
        v.made.pan.deepM = deepM;
      }),
    },
  ];
};
