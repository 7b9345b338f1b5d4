import type { Solid } from '../kernel/finding';
import type { Bar, Fixture, NestBank, Opening, Plan, Shell, Vessel } from '../model/schema';
import { BODY_RULES } from '../rules/bodies.data';
import { isRound, takesUp } from '../rules/vesselKinds.data';
import type { Form } from './forms';

/** Depth of a vessel's pan below its rim, m (assumption; drawn and used for what stands on the floor). */
const PAN_DEPTH_M = BODY_RULES['feed.pan.deep'].value;

/**
 * The box a fixture fills, m. An opening is as thin as its wall's inner face.
 * @param fixture  any fixture of the plan
 * @param plan     for the shell and the litter that standing vessels rest on
 */
export function solidOf(fixture: Fixture, plan: Pick<Plan, 'shell' | 'litter'>): Solid {
  switch (fixture.kind) {
    case 'bar':
      return barSolid(fixture);
    case 'nestBank':
      return bankSolid(fixture);
    case 'window':
    case 'vent':
    case 'door':
    case 'hatch':
    case 'popDoor':
      return openingSolid(fixture, plan.shell);
    case 'feeder':
    case 'drinker':
      return vesselSolid(fixture, plan.litter.depthM);
    case 'dish':
      return dishSolid(fixture, plan.litter.depthM);
    case 'dustBath':
      return boxSolid(fixture, plan.litter.depthM, plan.litter.depthM + fixture.fillM + 0.05);
    case 'board':
    case 'ledge':
      return boxSolid(fixture, fixture.z - BOARD_M, fixture.z);
    case 'ceiling':
      return boxSolid(fixture, fixture.z, fixture.z + MESH_M);
    case 'obstacle':
      return boxSolid(fixture, fixture.z, fixture.z + fixture.heightM);
  }
}

/** What a fixture is shaped like, m: cans, dishes and poles are round, sloped ledges rise to the nearest wall. */
export function formOf(fixture: Fixture, plan: Pick<Plan, 'shell' | 'litter'>): Form {
  const box = solidOf(fixture, plan);
  switch (fixture.kind) {
    case 'dish':
      return { kind: 'cylinder', axis: 'z', box };
    case 'feeder':
    case 'drinker':
      return isRound(fixture) ? { kind: 'cylinder', axis: 'z', box } : { kind: 'box', box };
    case 'bar': {
      const { shape } = fixture.section;
      const round = shape === 'round' || shape === 'branch';
      return round ? { kind: 'cylinder', axis: fixture.axis, box } : { kind: 'box', box };
    }
    case 'ledge':
      return fixture.sloped ? ledgeSlope(box, plan.shell) : { kind: 'box', box };
    default:
      return { kind: 'box', box };
  }
}

/** A ledge that slopes falls away from the wall it is nearest to. */
function ledgeSlope(box: Solid, { lengthM, widthM }: Shell): Form {
  const gaps = [box.x0, lengthM - box.x1, box.y0, widthM - box.y1];
  const nearest = gaps.indexOf(Math.min(...gaps));
  return { kind: 'slope', box, axis: nearest < 2 ? 'x' : 'y', highAtFar: nearest % 2 === 1 };
}

/** Thickness of a board or ledge as it is drawn, m (assumption). */
export const BOARD_M = 0.02;
/** Mesh as it is drawn, m (assumption). */
const MESH_M = 0.005;
/** A dish across, m (assumption). */
const DISH_M = 0.16;

const boxSolid = (
  f: { x: number; y: number; lengthM: number; depthM: number },
  z0: number,
  z1: number,
): Solid => ({ x0: f.x, x1: f.x + f.lengthM, y0: f.y, y1: f.y + f.depthM, z0, z1 });

const dishSolid = (f: { x: number; y: number }, z0: number): Solid => ({
  x0: f.x - DISH_M / 2,
  x1: f.x + DISH_M / 2,
  y0: f.y - DISH_M / 2,
  y1: f.y + DISH_M / 2,
  z0,
  z1: z0 + DISH_M / 2,
});

/** Whether a fixture stands out in the run, not in the coop. */
export const inRun = (f: Fixture): boolean => 'place' in f && f.place === 'run';

/** Boxes side by side in one tier of a bank. */
export const boxesPerTier = (bank: NestBank): number => Math.ceil(bank.boxes / bank.rows);

/** Lip of the topmost tier, m above the bare floor. */
export const highestLipZ = (bank: NestBank): number => bank.lipZ + (bank.rows - 1) * bank.boxH;

/** Lip of the topmost tier that stands open at night, m above the bare floor. */
export const highestOpenLipZ = (bank: NestBank): number =>
  bank.topShutAtNight && bank.rows > 1 ? highestLipZ(bank) - bank.boxH : highestLipZ(bank);

/** Where birds go in and out: the face of the bank that its entrances look from, as a thin solid. */
export function entranceSolid(bank: NestBank): Solid {
  const s = bankSolid(bank);
  switch (bank.faces) {
    case 'front':
      return { ...s, y1: s.y0 };
    case 'rear':
      return { ...s, y0: s.y1 };
    case 'left':
      return { ...s, x1: s.x0 };
    case 'right':
      return { ...s, x0: s.x1 };
  }
}

function barSolid(b: Bar): Solid {
  const half = b.section.widthM / 2;
  const z = { z0: b.z - b.section.heightM, z1: b.z };
  return b.axis === 'x'
    ? { x0: b.x, x1: b.x + b.lengthM, y0: b.y - half, y1: b.y + half, ...z }
    : { x0: b.x - half, x1: b.x + half, y0: b.y, y1: b.y + b.lengthM, ...z };
}

function bankSolid(b: NestBank): Solid {
  const across = boxesPerTier(b) * b.boxW;
  const alongX = b.faces === 'front' || b.faces === 'rear';
  const z0 = b.lipZ - BODY_RULES['nests.lip.board'].value;
  return {
    x0: b.x,
    x1: b.x + (alongX ? across : b.boxD),
    y0: b.y,
    y1: b.y + (alongX ? b.boxD : across),
    z0,
    z1: z0 + b.rows * b.boxH,
  };
}

/** Where a roof is highest: the middle of a gable, the high wall of a single slope. */
function ridgeSolid(o: Opening, shell: Shell): Solid {
  const { roof, lengthM, widthM } = shell;
  const z = { z0: roof.highM - o.heightM, z1: roof.highM };
  const alongX =
    roof.kind === 'gable'
      ? roof.ridgeAxis === 'x'
      : roof.kind === 'flat' || roof.highSide === 'front' || roof.highSide === 'rear';
  const across = alongX ? widthM : lengthM;
  const at =
    roof.kind === 'mono'
      ? roof.highSide === 'rear' || roof.highSide === 'right'
        ? across
        : 0
      : across / 2;
  return alongX
    ? { x0: o.alongM, x1: o.alongM + o.widthM, y0: at, y1: at, ...z }
    : { x0: at, x1: at, y0: o.alongM, y1: o.alongM + o.widthM, ...z };
}

function openingSolid(o: Opening, shell: Shell): Solid {
  if (o.kind === 'vent' && o.place === 'ridge') return ridgeSolid(o, shell);
  const z = { z0: o.sillZ, z1: o.sillZ + o.heightM };
  const along = [o.alongM, o.alongM + o.widthM] as const;
  if (o.wall === 'front' || o.wall === 'rear') {
    const y = o.wall === 'front' ? 0 : shell.widthM;
    return { x0: along[0], x1: along[1], y0: y, y1: y, ...z };
  }
  const x = o.wall === 'left' ? 0 : shell.lengthM;
  return { x0: x, x1: x, y0: along[0], y1: along[1], ...z };
}

function vesselSolid(v: Vessel, litterM: number): Solid {
  const { longM, deepM, highM, rimM } = takesUp(v);
  const [halfX, half] = [longM / 2, deepM / 2];
  // of one made at home it is known how high its rim lies over its foot
  const z0 = rimM !== null ? v.rimZ - rimM : v.hung ? v.rimZ - PAN_DEPTH_M : litterM;
  return {
    x0: v.x - halfX,
    x1: v.x + halfX,
    y0: v.y - half,
    y1: v.y + half,
    z0,
    z1: z0 + highM,
  };
}
