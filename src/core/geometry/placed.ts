import type { Solid } from '../kernel/finding';
import type { Fixture, Plan } from '../model/schema';
import { type OutsideCode, outsideCode } from './outside';
import { solidOf } from './solids';

/** Where fixtures are: the box each fills, m, and how it lies outside the shell; null where it does not. */
export interface Placements {
  readonly solid: (fixture: Fixture) => Solid;
  readonly outside: (fixture: Fixture) => OutsideCode | null;
}

interface Placed {
  readonly shell: Plan['shell'];
  readonly litterM: number;
  readonly solid: Solid;
  /** Undefined until somebody has asked. */
  outside: OutsideCode | null | undefined;
}

/** Where fixtures are, worked once for each as long as shell and litter stay as they are. */
export function createPlacements(): (plan: Plan) => Placements {
  const known = new WeakMap<Fixture, Placed>();
  return (plan) => {
    const { shell } = plan;
    const litterM = plan.litter.depthM;
    const placed = (fixture: Fixture): Placed => {
      const last = known.get(fixture);
      if (last !== undefined && last.shell === shell && last.litterM === litterM) return last;
      const made = { shell, litterM, solid: solidOf(fixture, plan), outside: undefined };
      known.set(fixture, made);
      return made;
    };
    return {
      solid: (fixture) => placed(fixture).solid,
      outside: (fixture) => {
        const own = placed(fixture);
        if (own.outside === undefined) own.outside = outsideCode(fixture, plan);
        return own.outside;
      },
    };
  };
}

/** Where the fixtures of one plan are. */
export const placementsOf = (plan: Plan): Placements => createPlacements()(plan);
