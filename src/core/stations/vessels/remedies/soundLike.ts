import { mostVesselL } from '../../../kernel/units/vesselSize';
import { litterEndM } from '../../../model/litter';
import type { Vessel } from '../../../model/schema';
import { near, type ProposalContext } from '../../../proposals/remedy';
import { vesselKind } from '../../../rules/vesselKinds.data';
import { capacityL } from '../vessels';

/** Its like without what is wrong with it: the rim where the smallest bird wants it, a cone, a tray. */
export function soundLike<V extends Vessel>(vessel: V, { plan, value }: ProposalContext): V {
  const station = vessel.kind === 'feeder' ? 'feed' : 'water';
  const wanted = value(`${station}.height.${vesselKind(vessel).pin === null ? 'back' : 'pin'}`);
  const from = vessel.onWall ? (plan.litter.depthM + litterEndM(plan)) / 2 : plan.litter.depthM;
  const rimZ = wanted === undefined ? vessel.rimZ : near(plan, wanted + from);
  const sound = {
    ...vessel,
    rimZ,
    place: 'coop' as const,
    flatTop: false,
    fixing: 'bolt' as const,
    capacityL:
      vessel.made !== null && vessel.capacityL === null
        ? null
        : Math.min(mostVesselL(plan.units), capacityL(vessel)),
  };
  // nothing of the first one's faults is copied: open to rats overnight, or without a tray
  if (vessel.kind === 'feeder') return { ...sound, takenInAtNight: true };
  const winter = vessel.winter.kind === 'nothing' ? ({ kind: 'carried' } as const) : vessel.winter;
  return { ...sound, tray: true, winter };
}
