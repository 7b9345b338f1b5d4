import type { BirdsHeat } from '../birds/flockHeat';
import { letsAir } from '../model/opens';
import type { Plan, Shell } from '../model/schema';
import { ruled } from '../rules/rules.data';
import type { DesignHour } from '../weather/designHours';
import { activity } from './activity';
import { type HourIn, type HourOut, solverOf } from './hour';
import { type HouseOpening, houseOf } from './house';
import { leaksOf, type Panes, panesOf, shellAreas, shellLoss } from './shellHeat';
import { frontDegOf, sunFaces, sunGainW } from './sunGain';
import { cpOf, windHere } from './windPressure';

/** The coop as it is asked about: without openings of its own. */
export interface Bare {
  readonly shell: Shell;
  readonly litterM: number;
  /** Of windows that can't be opened. */
  readonly panes: Panes;
  readonly treesOver: boolean;
  /** Share of the sun that its roof takes up, where it is not that of its skin. */
  readonly roofAbsorbs?: number;
  readonly climate: Plan['climate'];
  readonly birds: BirdsHeat;
}

/** A plan as it is asked about: a window that can be opened is open in the heat, its pane does not count. */
export const bareOf = (
  { shell, litter, site, climate, fixtures }: BarePlan,
  birds: BirdsHeat,
): Bare => ({
  shell,
  litterM: litter.depthM,
  panes: panesOf(fixtures.flatMap((f) => (f.kind === 'window' && !letsAir(f) ? [f] : []))),
  treesOver: site.treesOver,
  climate,
  birds,
});
type BarePlan = Pick<Plan, 'shell' | 'litter' | 'site' | 'climate' | 'fixtures'>;

/** Vents as they are taken: a slot right under the eaves, and windows at a keeper's hand (assumption). */
const [SLOT_M, WINDOW_SILL_M, WINDOW_M] = [0.1, 0.6, 0.4];

/** Of 1 m² in all: half in front, half behind. */
export function winterSlots(shell: Shell): HouseOpening[] {
  const top = shellAreas(shell).eavesM;
  return (['front', 'rear'] as const).map((face) => ({
    id: face,
    face,
    netM2: 0.5,
    sillM: top - SLOT_M,
    heightM: SLOT_M,
    cd: ruled('air.discharge'),
    eaves: true,
  }));
}

/** Of 1 m² in all: a quarter high and a quarter low, in front and behind. */
export function summerOpenings(shell: Shell): HouseOpening[] {
  const cd = ruled('air.discharge');
  return winterSlots(shell).flatMap((slot): HouseOpening[] => [
    { ...slot, id: `${slot.face}.high`, netM2: 0.25 },
    {
      id: `${slot.face}.low`,
      face: slot.face,
      netM2: 0.25,
      sillM: WINDOW_SILL_M,
      heightM: WINDOW_M,
      cd,
    },
  ]);
}

/** A bare coop shut up: its gaps, and what it loses. */
export interface ShutHouse {
  readonly leaks: readonly HouseOpening[];
  readonly lossWK: number;
}

export const shutHouse = ({ shell, litterM, panes }: Bare): ShutHouse => ({
  leaks: leaksOf(shell),
  lossWK: shellLoss(shell, litterM, panes).allWK,
});

/**
 * Works hours of a bare coop with some openings, so much of each of them open.
 * @param openings  of 1 m² in all where the share asked is an area
 */
export function workerOf({ leaks, lossWK }: ShutHouse, openings: readonly HouseOpening[]) {
  const house = houseOf([...openings, ...leaks], lossWK);
  const solver = solverOf(house);
  const cp = Float64Array.from(house.openings, (o) => cpOf(o, 0));
  const open = new Float64Array(house.openings.length).fill(1);
  return (hour: HourIn, share: number): HourOut => {
    open.fill(share, 0, openings.length);
    return solver.solve(hour, cp, 0, open);
  };
}

/** What a design hour is worked from, with all birds inside. */
export function hourIn(bare: Bare, hour: DesignHour, onPerch: boolean): HourIn {
  const { climate, birds } = bare;
  return {
    outC: hour.outC,
    outW: hour.outW,
    pressurePa: hour.pressurePa,
    windMS: windHere({ climate }, hour.windMS),
    layerW: birds.layerW * activity(hour.hour, 'layer', onPerch),
    meatW: birds.meatW * activity(hour.hour, 'meat', onPerch),
    coldHeld: true,
    otherW: hour.globalWM2 > 0 ? sunOn(bare, hour) : 0,
    litterKgS: 0,
  };
}

/**
 * The same hour with a share of the birds inside.
 * @param inside  0…1
 * @example       withInside({ layerW: 80, meatW: 0 }, 0.5).layerW // 40
 */
export const withInside = (hour: HourIn, inside: number): HourIn => ({
  ...hour,
  layerW: hour.layerW * inside,
  meatW: hour.meatW * inside,
});

/** Sun that comes in as heat in a design hour, W. */
function sunOn(bare: Bare, hour: DesignHour): number {
  const faces = sunFaces(bare.shell, bare.panes, bare.treesOver, bare.roofAbsorbs);
  return sunGainW(faces, hour.globalWM2, hour.sinHeight, hour.azimuthDeg - frontDegOf(bare));
}
