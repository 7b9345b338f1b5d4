import { below } from '../../../kernel/units/number';
import { mostVesselL } from '../../../kernel/units/vesselSize';
import { litterEndM } from '../../../model/litter';
import type { Vessel } from '../../../model/schema';
import { near } from '../../../model/tape';
import type { ProposalContext } from '../../../proposals/remedy';
import { ruled } from '../../../rules/rules.data';
import { vesselKind } from '../../../rules/vesselKinds.data';
import { capacityL } from '../vessels';

/** Its like without what is wrong with it: the rim where the smallest bird wants it, a cone, a tray. */
export function soundLike<V extends Vessel>(vessel: V, { plan, value }: ProposalContext): V {
  const station = vessel.kind === 'feeder' ? 'feed' : 'water';
  const wanted = value(`${station}.height.${vesselKind(vessel).pin === null ? 'back' : 'pin'}`);
  const start = plan.litter.depthM;
  const middle = (start + litterEndM(plan)) / 2;
  // over litter that rises too far for any one height it is hung, and raised with it
  const onWall = vessel.onWall && !below(ruled('feed.height.wall'), middle - start);
  const from = onWall ? middle : start;
  const rimZ = wanted === undefined ? vessel.rimZ : near(plan, wanted + from);
  const sound = {
    ...vessel,
    rimZ,
    onWall,
    hung: vessel.hung || onWall !== vessel.onWall,
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
