import type { Solid } from '../finding';
import type { Bar, Fixture, NestBank, Opening, Plan, Shell, Vessel } from '../plan/schema';
import { NEST_LIP_M } from '../rules/fit.data';

/** Depth of a vessel's pan below its rim, m (assumption; drawn and used for what stands on the floor). */
const PAN_DEPTH_M = 0.08;

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
    case 'door':
      return openingSolid(fixture, plan.shell);
    case 'feeder':
    case 'drinker':
      return vesselSolid(fixture, plan.litter.depthM);
  }
}

/** Boxes side by side in one tier of a bank. */
export const boxesPerTier = (bank: NestBank): number => Math.ceil(bank.boxes / bank.rows);

/** Lip of the topmost tier, m above the bare floor. */
export const highestLipZ = (bank: NestBank): number => bank.lipZ + (bank.rows - 1) * bank.boxH;

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

/** Whether two solids meet when seen from above. */
export const meetInPlan = (a: Solid, b: Solid): boolean =>
  a.x0 < b.x1 && b.x0 < a.x1 && a.y0 < b.y1 && b.y0 < a.y1;

/** The part of a solid's footprint inside the walls, m². */
export function footprintInsideM2(s: Solid, shell: Shell): number {
  const x = Math.min(s.x1, shell.lengthM) - Math.max(s.x0, 0);
  const y = Math.min(s.y1, shell.widthM) - Math.max(s.y0, 0);
  return Math.max(0, x) * Math.max(0, y);
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
  const z0 = b.lipZ - NEST_LIP_M;
  return {
    x0: b.x,
    x1: b.x + (alongX ? across : b.boxD),
    y0: b.y,
    y1: b.y + (alongX ? b.boxD : across),
    z0,
    z1: z0 + b.rows * b.boxH,
  };
}

function openingSolid(o: Opening, shell: Shell): Solid {
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
  const half = v.diameterM / 2;
  const z0 = v.hung ? v.rimZ - PAN_DEPTH_M : litterM;
  return { x0: v.x - half, x1: v.x + half, y0: v.y - half, y1: v.y + half, z0, z1: z0 + v.heightM };
}
