import { roofHeightM } from '../geometry/shell';
import type { OfKind, Shell, Side } from '../model/schema';
import { skinOf } from '../rules/materials.data';
import { ruled } from '../rules/rules.data';
import type { HouseOpening } from './house';

/** Areas of a house from inside, m². */
export interface ShellAreas {
  readonly walls: Readonly<Record<Side, number>>;
  readonly roof: number;
  readonly floor: number;
  readonly perimeterM: number;
  /** Where the roof is lowest and highest, m above the bare floor. */
  readonly eavesM: number;
  readonly ridgeM: number;
}

const SIDES: readonly Side[] = ['front', 'right', 'rear', 'left'];

/**
 * Walls, roof and floor of a house.
 * @example shellAreas({ lengthM: 2, widthM: 3, roof: { kind: 'flat', lowM: 2, highM: 2 } }).walls.left // 6
 */
export function shellAreas(shell: Pick<Shell, 'lengthM' | 'widthM' | 'roof'>): ShellAreas {
  const { lengthM, widthM, roof } = shell;
  const at = (x: number, y: number): number => roofHeightM(shell as Shell, x, y);
  // a wall is cut in two at its middle, where a gable has its ridge
  const wall = (x0: number, y0: number, x1: number, y1: number): number => {
    const long = Math.abs(x1 - x0) + Math.abs(y1 - y0);
    const mid = at((x0 + x1) / 2, (y0 + y1) / 2);
    return (long * (at(x0, y0) + 2 * mid + at(x1, y1))) / 4;
  };
  const rise = roof.kind === 'flat' ? 0 : roof.highM - roof.lowM;
  const spread =
    roof.kind === 'flat'
      ? 1
      : roof.kind === 'gable'
        ? (roof.ridgeAxis === 'x' ? widthM : lengthM) / 2
        : roof.highSide === 'front' || roof.highSide === 'rear'
          ? widthM
          : lengthM;
  return {
    walls: {
      front: wall(0, 0, lengthM, 0),
      rear: wall(0, widthM, lengthM, widthM),
      left: wall(0, 0, 0, widthM),
      right: wall(lengthM, 0, lengthM, widthM),
    },
    roof: lengthM * widthM * Math.hypot(1, rise / spread),
    floor: lengthM * widthM,
    perimeterM: 2 * (lengthM + widthM),
    eavesM: roof.kind === 'flat' ? roof.highM : roof.lowM,
    ridgeM: roof.highM,
  };
}

/** What a house loses, part by part, W/K. */
export interface ShellLoss {
  readonly wallsWK: number;
  readonly roofWK: number;
  readonly panesWK: number;
  readonly floorWK: number;
  readonly allWK: number;
}

/** Panes by wall, m². */
export type Panes = Readonly<Record<Side, number>>;

const isPane = ({ pane }: OfKind<'window'>): boolean => pane === 'acrylic' || pane === 'glass';

/**
 * Panes of some windows.
 * @example panesOf([]).front // 0
 */
export function panesOf(windows: readonly OfKind<'window'>[]): Panes {
  const panes = { front: 0, right: 0, rear: 0, left: 0 };
  for (const w of windows) if (isPane(w)) panes[w.wall] += w.widthM * w.heightM;
  return panes;
}

/**
 * Heat that walls, roof, panes and floor let through for each kelvin.
 * @param litterM  depth of the litter, m
 * @example shellLoss(shell, 0, panesOf([])).floorWK // 14
 * @source domain notes, "One hour, solved": Σ A·U, and 1 W/m·K round a floor on the ground; litter of 150 mm adds 1 m²K/W
 */
export function shellLoss(shell: Shell, litterM: number, panes: Panes): ShellLoss {
  const areas = shellAreas(shell);
  const [wall, roof] = [skinOf(shell.wallBuild), skinOf(shell.roofBuild)];
  const paneM2 = SIDES.reduce((sum, side) => sum + panes[side], 0);
  const wallM2 = SIDES.reduce((sum, side) => sum + areas.walls[side], 0);
  const wallsWK = Math.max(0, wallM2 - paneM2) * wall.uWM2K;
  const panesWK = paneM2 * skinOf('acrylic').uWM2K;
  const roofWK = areas.roof * roof.uWM2K;
  const litterR = (ruled('air.litter.r') * litterM) / ruled('air.litter.depth');
  const floorWK =
    shell.floorAboveGroundM > 0
      ? areas.floor / (1 / wall.uWM2K + litterR)
      : areas.perimeterM * ruled('air.floor.edge');
  return { wallsWK, roofWK, panesWK, floorWK, allWK: wallsWK + roofWK + panesWK + floorWK };
}

/**
 * Gaps of a house shut up, as openings: half low, half high, a share in each wall.
 * @source domain notes, "One hour, solved": net area by the area of wall and roof
 */
export function leaksOf(shell: Shell): HouseOpening[] {
  const areas = shellAreas(shell);
  const wallM2 = SIDES.reduce((sum, side) => sum + areas.walls[side], 0);
  const asBuiltM2 =
    wallM2 * skinOf(shell.wallBuild).leak + areas.roof * skinOf(shell.roofBuild).leak;
  const netM2 = asBuiltM2 * shell.leakTimes;
  return SIDES.flatMap((face) =>
    (['low', 'high'] as const).map((end) => ({
      id: `gaps.${face}.${end}`,
      face,
      netM2: (netM2 / 2) * (areas.walls[face] / wallM2),
      sillM: end === 'low' ? 0 : areas.eavesM,
      heightM: 0,
      cd: ruled('air.discharge'),
      leak: true,
    })),
  );
}

/** How much of the way to outdoors the roof's underside lies: U × its inner resistance, 0…1. */
export const roofDropOf = ({ roofBuild }: Pick<Shell, 'roofBuild'>): number =>
  skinOf(roofBuild).uWM2K * ruled('air.roof.rsi');

/** A clear night sky is so much colder than the air, K. */
const SKY_K = 4;

/**
 * The roof's underside, °C.
 * @param tiC    inside, °C
 * @param outC   outdoors, °C
 * @param drop   of its skin (`roofDropOf`)
 * @source       domain notes, "One hour, solved": Ti − U·Rsi·(Ti − To), at night under a clear sky To − 4 K
 * @example      roofC(2, 0, 0.6, true) // -1.6
 */
export const roofC = (tiC: number, outC: number, drop: number, isNight: boolean): number =>
  tiC - drop * (tiC - (isNight ? outC - SKY_K : outC));
