import type { Made, Plan, Vessel } from '../../../model/schema';
import { up } from '../../../model/tape';
import { metres, type Proposal, type Proposer } from '../../../proposals/remedy';
import { changing, told } from '../../../proposals/setting';
import { ruled } from '../../../rules/rules.data';
import { contentsOf } from '../../../stores/vessels/contents';
import { vesselIn } from './vesselIn';

type MadeVessel = Vessel & { made: Made };

/** What is done to a vessel made at home. */
interface Done extends Pick<Proposal, 'code' | 'numbers' | 'hours'> {
  set(made: Made, vessel: Vessel): void;
}

/** A remedy of a finding's vessel, where that is made at home; null where this mends nothing. */
const remade =
  (
    done: (vessel: MadeVessel, finding: Parameters<Proposer>[0], plan: Plan) => Done | null,
  ): Proposer =>
  (finding, ctx) => {
    const { plan } = ctx;
    const vessel = vesselIn(ctx, finding);
    if (vessel === null || vessel.made === null) return [];
    const own = done(vessel as MadeVessel, finding, plan);
    if (own === null) return [];
    const { set, ...proposal } = own;
    return [
      {
        ...proposal,
        fixtures: [vessel.id],
        change: changing(vessel, (v) => {
          if (v.made) set(v.made, v);
        }),
      },
    ];
  };

/** As many ports as find room beside one another. */
export const fewerPorts = remade((_, finding) => {
  const n = told(finding, 'most');
  if (n < 1) return null;
  return {
    code: 'vessels.fewerPorts',
    numbers: { outlets: { value: n, unit: 'outlets' } },
    set: (_made, v) => {
      v.outlets = n;
    },
  };
});

/** The mouth of its elbows where feed flows and nobody rakes it out. */
export const mouth = remade((_, finding) => {
  const gapM = told(finding, 'wanted');
  return {
    code: 'vessels.mouth',
    numbers: { gap: metres(gapM) },
    hours: 0.5,
    set: (made) => {
      made.elbow.gapM = gapM;
    },
  };
});

const keepsMuch = (vessel: Vessel, made: Made): boolean => {
  const { deadL, wholeL } = contentsOf(vessel, made);
  return deadL > ruled('feed.dead.most') * wholeL;
};

/** More holes, so that less feed lies between them: the fewest that are enough. */
export const moreHoles = remade((vessel) => {
  const { made, outlets } = vessel;
  if (vessel.type !== 'holes' && vessel.type !== 'port') return null;
  if (made.body.shape === 'pipe') return null;
  for (let n = outlets + 1; n <= outlets + 8; n++) {
    if (keepsMuch({ ...vessel, outlets: n }, made)) continue;
    return {
      code: 'vessels.moreHoles',
      numbers: { outlets: { value: n, unit: 'outlets' } },
      hours: 0.2 * (n - outlets),
      set: (_made, v) => {
        v.outlets = n;
      },
    };
  }
  return null;
});

const asHigh = (highM: number): Done => ({
  code: 'vessels.taller',
  numbers: { height: metres(highM) },
  hours: 1,
  set: (made) => {
    made.body.highM = highM;
  },
});

/** A deeper body over the same heap: the lowest that is enough, to three times what it was. */
export const taller = remade((vessel, _, plan) => {
  const { made } = vessel;
  for (let times = 1.1; times <= 3; times += 0.1) {
    const highM = up(plan, made.body.highM * times);
    if (!keepsMuch(vessel, { ...made, body: { ...made.body, highM } })) return asHigh(highM);
  }
  return null;
});

/** A body so high that its holes lie in it, with as much again over them for feed. */
export const overHoles = remade((_, finding, plan) => asHigh(up(plan, 2 * told(finding, 'reach'))));

/** A pan with room for heads round the bucket. */
export const widerPan = remade(({ made }, finding, plan) => {
  if (made.pan === null) return null;
  const short = told(finding, 'needed') - told(finding, 'room');
  const acrossM = up(plan, made.pan.acrossM + 2 * short);
  return {
    code: 'vessels.widerPan',
    numbers: { size: metres(acrossM) },
    hours: 0.5,
    set: (own) => {
      if (own.pan) own.pan.acrossM = acrossM;
    },
  };
});

/** Holes of an upturned bucket at a height that floods nothing and that dirt does not stop, in a pan deep enough. */
export const holesAt = remade(({ made: { hole, pan } }, _, plan) => {
  if (pan === null) return null;
  const acrossM = Math.min(hole.acrossM, ruled('water.bucket.hole'));
  const least = ruled('water.bucket.overFloor') + acrossM + ruled('water.bucket.underRim');
  const deepM = pan.deepM < least ? up(plan, least) : pan.deepM;
  // midway between too near the rim and too deep, but never too near the floor
  const midway =
    deepM - (ruled('water.bucket.underRim') + ruled('water.bucket.underRim.most')) / 2 - acrossM;
  const lowM = Math.round(Math.max(ruled('water.bucket.overFloor'), midway) * 1000) / 1000;
  return {
    code: 'vessels.holesAt',
    numbers: { low: metres(lowM), deep: metres(deepM) },
    hours: 0.5,
    set: (own) => {
      own.hole = { acrossM, lowM };
      if (own.pan) own.pan.deepM = deepM;
    },
  };
});
