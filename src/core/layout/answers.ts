import { GROUP_DEFAULTS, newBrooder, newPlan } from '../edit/defaults';
import type { Group, Plan, PlanClimate, Roof } from '../model/schema';

/** Birds as a keeper names them. */
export interface RoughBirds {
  readonly breed: string;
  readonly count: number;
  readonly sex: Group['sex'];
  /** The day of hatch, where it is known. */
  readonly hatchedOn: string | null;
  /** From when they live in the coop. */
  readonly arrivesOn: string;
  /** Chicks that are reared here until then. */
  readonly raisedHere: boolean;
  readonly name: string;
}

/** The room there is, inside, m. */
export interface RoughSpace {
  readonly lengthM: number;
  readonly widthM: number;
  readonly roof: Roof;
  readonly floorAboveGroundM?: number;
  readonly wallBuild?: Plan['shell']['wallBuild'];
  readonly floorBuild?: Plan['shell']['floorBuild'];
}

/** What is asked before a coop is roughed out; nothing else is. */
export interface RoughAnswers {
  readonly id: string;
  readonly name: string;
  readonly units: Plan['units'];
  readonly timeZone: string;
  readonly birds: readonly RoughBirds[];
  /** Null: the program says how large. */
  readonly space: RoughSpace | null;
  readonly climate: PlanClimate | null;
}

/** A plan of what was answered, with nothing in the coop yet; all else has its defaults. */
export function bareOf(answers: RoughAnswers, space: RoughSpace): Plan {
  const plan = newPlan({
    id: answers.id,
    name: answers.name,
    units: answers.units,
    timeZone: answers.timeZone,
    lengthM: space.lengthM,
    widthM: space.widthM,
    roof: space.roof,
    climate: answers.climate,
  });
  const flock = answers.birds.map(
    (b, i): Group => ({
      id: `group-${i + 1}`,
      name: b.name,
      breed: b.breed,
      massKg: null,
      count: b.count,
      sex: b.sex,
      hatchedOn: b.hatchedOn,
      arrivesOn: b.arrivesOn,
      leavesOn: null,
      ...GROUP_DEFAULTS,
      raisedHere: b.raisedHere,
    }),
  );
  return {
    ...plan,
    flock,
    brooder: flock.some((g) => g.raisedHere) ? newBrooder() : null,
    shell: {
      ...plan.shell,
      floorAboveGroundM: space.floorAboveGroundM ?? 0,
      wallBuild: space.wallBuild ?? plan.shell.wallBuild,
      floorBuild: space.floorBuild ?? plan.shell.floorBuild,
    },
  };
}
