import type { Plan, Shell, Side } from '../model/schema';
import { skinOf } from '../rules/materials.data';
import { ruled } from '../rules/rules.data';
import { type WeatherHours, YEAR_HOURS } from '../weather/hours';
import { diffuseShare } from '../weather/sun';
import { WALL_DEG } from './house';
import { type Panes, shellAreas } from './shellHeat';

const SIDES: readonly Side[] = ['front', 'right', 'rear', 'left'];
const RAD = Math.PI / 180;
/** Sun that the ground throws back, and a sun so low that walls are not worked by it (its sine). */
const [GROUND, LOW_SUN] = [0.2, 0.05];
/** What the air takes from a warm surface, W/m²K. */
const OUTSIDE_WM2K = 25;

/**
 * Where the front wall looks, degrees clockwise from north: nobody has said, so it looks to the sun's side (assumption).
 * @example frontDegOf({ climate: null }) // 180
 */
export const frontDegOf = ({ climate }: Pick<Plan, 'climate'>): number =>
  (climate?.latitudeDeg ?? 0) >= 0 ? 180 : 0;

/** How much of the sun on a face comes in as heat, by W/m² on it, m². */
export interface SunFaces {
  readonly roofM2: number;
  readonly wallsM2: Readonly<Record<Side, number>>;
}

/**
 * What of the sun on each face warms the house: through its skin by how it takes up sun and lets heat through, and
 * through panes.
 * @param roofAbsorbs  share of the sun that the roof takes up, 0…1: that of its skin, if it is not painted otherwise
 * @example sunFaces(shell, { front: 0, right: 0, rear: 0, left: 0 }, false, 0).roofM2 // 0
 * @source domain notes, "One hour, solved": α·A·U/25, panes let through 0.8; shaded by trees as entered
 */
export function sunFaces(
  shell: Shell,
  panes: Panes,
  treesOver: boolean,
  roofAbsorbs: number = skinOf(shell.roofBuild).absorbs,
): SunFaces {
  const areas = shellAreas(shell);
  const through = (build: Shell['wallBuild'], m2: number, absorbs: number): number =>
    build === 'acrylic' ? absorbs * m2 : (absorbs * skinOf(build).uWM2K * m2) / OUTSIDE_WM2K;
  const ofWalls = skinOf(shell.wallBuild).absorbs;
  const lit = treesOver ? 1 - ruled('air.shade.trees') : 1;
  const wallsM2 = { front: 0, right: 0, rear: 0, left: 0 };
  for (const side of SIDES) {
    const solid = Math.max(0, areas.walls[side] - panes[side]);
    wallsM2[side] =
      lit * (through(shell.wallBuild, solid, ofWalls) + skinOf('acrylic').absorbs * panes[side]);
  }
  return { roofM2: lit * through(shell.roofBuild, areas.roof, roofAbsorbs), wallsM2 };
}

/**
 * Sun that comes in as heat, W, an hour after another.
 * @param frontDeg  where the front wall looks, degrees clockwise from north
 * @example         sunGain({ roofM2: 1, wallsM2: { front: 0, right: 0, rear: 0, left: 0 } }, model.weather, 180)[0] // 0
 * @source          beam and sky by Erbs, Klein and Duffie 1982; the ground throws back a fifth
 */
export function sunGain(faces: SunFaces, weather: WeatherHours, frontDeg: number): Float64Array {
  const { globalWM2, sun } = weather;
  const gain = new Float64Array(globalWM2.length);
  for (let i = 0; i < gain.length; i++) {
    const height = sun.sinHeight[i % YEAR_HOURS] as number;
    const azimuth = sun.azimuthDeg[i % YEAR_HOURS] as number;
    gain[i] = sunGainW(faces, globalWM2[i] as number, height, azimuth - frontDeg);
  }
  return gain;
}

/**
 * The same in one hour, W.
 * @param levelWM2   sun on level ground, W/m²
 * @param sinHeight  sine of the sun's height
 * @param turnedDeg  where it stands, degrees clockwise from where the front wall looks
 * @example          sunGainW({ roofM2: 1, wallsM2: { front: 0, right: 0, rear: 0, left: 0 } }, 500, 0.8, 0) // 500
 */
export function sunGainW(
  { roofM2, wallsM2 }: SunFaces,
  levelWM2: number,
  sinHeight: number,
  turnedDeg: number,
): number {
  if (levelWM2 <= 0 || sinHeight <= 0) return 0;
  const sky = levelWM2 * diffuseShare(levelWM2, sinHeight);
  const beam = sinHeight > LOW_SUN ? (levelWM2 - sky) / sinHeight : 0;
  const flat = beam * Math.sqrt(1 - sinHeight * sinHeight);
  let watts = roofM2 * levelWM2;
  for (const side of SIDES) {
    const facing = Math.max(0, flat * Math.cos((turnedDeg - WALL_DEG[side]) * RAD));
    watts += wallsM2[side] * (facing + sky / 2 + (GROUND * levelWM2) / 2);
  }
  return watts;
}
