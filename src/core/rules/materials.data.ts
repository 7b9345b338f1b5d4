import type { Evidence } from '../kernel/evidence';
import type { Bar, Shell } from '../model/schema';

/** What any material is known by; null where nothing asks for it, or where the notes of the trade have no figure. */
export interface Material<Id extends string = string> {
  readonly id: Id;
  /** As it is sold or built, m; of mesh the wire's thickness. */
  readonly thicknessM: number | null;
  /** Of the stuff itself, kg/m³; of bedding as it lies loose. */
  readonly densityKgM3: number | null;
  /** Heat that a wall or roof of it lets through, W/(m² K). */
  readonly uWM2K: number | null;
  /** Stiffness E and stress that is allowed, Pa. */
  readonly stiffnessPa: number | null;
  readonly allowedPa: number | null;
  /** Sizes it is sold in, m. */
  readonly stock: Stock | null;
  readonly evidence: Evidence;
  readonly source: string;
}

/** Sections, sheets or rolls, and the lengths they come in, for those who measure either way, m. */
export interface Stock {
  readonly metric: Sizes;
  readonly imperial: Sizes;
}

export interface Sizes {
  /** Small side by large side: of a board thickness × width, of a sheet width × length, of a roll its width alone. */
  readonly sizesM: readonly (readonly [number, number] | readonly [number])[];
  readonly lengthsM: readonly number[];
}

const row = <Id extends string>(
  id: Id,
  known: Partial<Omit<Material, 'id'>>,
  evidence: Evidence,
  source: string,
): Material<Id> => ({
  id,
  thicknessM: null,
  densityKgM3: null,
  uWM2K: null,
  stiffnessPa: null,
  allowedPa: null,
  stock: null,
  ...known,
  evidence,
  source,
});

const mm = (...pairs: (readonly [number, number])[]): (readonly [number, number])[] =>
  pairs.map(([a, b]) => [a / 1000, b / 1000] as const);
const feet = (...list: number[]): number[] => list.map((f) => Math.round(f * 3048) / 1e4);

/** Boards, battens and posts as sold: a name of inches is not the size in inches. */
const BOARDS: Stock = {
  metric: {
    sizesM: mm(
      [18, 44],
      [18, 95],
      [18, 145],
      [21, 45],
      [45, 45],
      [38, 63],
      [38, 89],
      [45, 70],
      [45, 95],
      [70, 70],
      [90, 90],
    ),
    lengthsM: [1.8, 2.4, 3, 3.6, 4.8],
  },
  imperial: {
    sizesM: mm(
      [19, 38],
      [19, 64],
      [19, 89],
      [19, 140],
      [38, 38],
      [38, 64],
      [38, 89],
      [38, 140],
      [89, 89],
    ),
    lengthsM: feet(6, 8, 10, 12, 16),
  },
};

/** Dowels and poles, by what they are across. */
const POLES: Stock = {
  metric: { sizesM: [[0.032], [0.038], [0.045]], lengthsM: [2.4] },
  imperial: { sizesM: [[0.03175], [0.0381]], lengthsM: feet(4, 6, 8) },
};

const PALLET: Stock = {
  metric: { sizesM: mm([17, 95]), lengthsM: [1.2] },
  imperial: { sizesM: mm([17, 95]), lengthsM: [1.2] },
};

const SHEETS: Stock = {
  metric: { sizesM: [[1.22, 2.44]], lengthsM: [] },
  imperial: { sizesM: [[1.2192, 2.4384]], lengthsM: [] },
};

const ROLLS: Stock = {
  metric: { sizesM: [[0.6], [0.9], [1.2]], lengthsM: [5, 10, 25, 30] },
  imperial: { sizesM: [[0.6096], [0.9144], [1.2192]], lengthsM: feet(25, 50, 100) },
};

/** What a bar's wood bears: every such row has both of its figures. */
export interface Timber extends Material<Bar['material']> {
  readonly stiffnessPa: number;
  readonly allowedPa: number;
  /** Stress in bending at which it breaks, under the same doubled load, Pa. */
  readonly breaksPa: number;
}

const timber = (
  id: Bar['material'],
  gigapascals: number,
  megapascals: number,
  breaksMPa: number,
  known: Partial<Pick<Material, 'densityKgM3' | 'stock' | 'thicknessM'>>,
): Timber => {
  const bears = {
    stiffnessPa: gigapascals * 1e9,
    allowedPa: megapascals * 1e6,
    breaksPa: breaksMPa * 1e6,
  };
  return { ...row(id, known, 'published', 'timber-tables'), ...bears };
};

/** Clear sound timber: stiffness, GPa, what is allowed and what breaks it, MPa (the last an assumption). Pipes are not judged for strength: they are refused for cold and slip. */
export const TIMBERS: readonly Timber[] = [
  timber('softwood', 8, 7, 16, { densityKgM3: 480, stock: BOARDS }),
  timber('salvaged', 7, 4, 9, { densityKgM3: 480, stock: PALLET, thicknessM: 0.017 }),
  timber('hardwood', 11, 12, 28, { densityKgM3: 700, stock: POLES }),
  timber('greenPole', 9, 8, 18, { stock: POLES }),
  timber('bamboo', 15, 20, 45, {}),
];

/** What a wall or a roof is built of. */
export interface Skin extends Material {
  /** As a plan names it. */
  readonly build: Shell['wallBuild'];
  readonly uWM2K: number;
  /** Gaps that nobody made, net, by the area of wall or roof, m²/m². */
  readonly leak: number;
  /** Share of the sun on it that warms it; of a clear sheet, that it lets through. */
  readonly absorbs: number;
}

/** Gaps of a house built tight, of ordinary boards and of old ones, m² by m². */
const LEAKS = { tight: 0.5e-4, boards: 2e-4, old: 6e-4 } as const;
/** Sun taken up by bare metal, by timber and stone as they are, and by what is dark; what a clear sheet lets through. */
const SUN = { metal: 0.6, plain: 0.6, dark: 0.9, clear: 0.8 } as const;

const skin = (
  id: string,
  build: Skin['build'],
  uWM2K: number,
  leak: keyof typeof LEAKS,
  sun: keyof typeof SUN,
  known: Partial<Material> = {},
): Skin => ({
  ...row(id, known, 'assumption', 'wide-rafter'),
  build,
  uWM2K,
  leak: LEAKS[leak],
  absorbs: SUN[sun],
});

/** What walls and roofs are built of. */
export const SKINS: readonly Skin[] = [
  skin('ply', 'ply12', 3.8, 'boards', 'plain', {
    thicknessM: 0.012,
    densityKgM3: 560,
    stock: SHEETS,
  }),
  skin('board', 'board18', 3.3, 'boards', 'plain', {
    thicknessM: 0.018,
    densityKgM3: 480,
    stock: BOARDS,
  }),
  skin('palletBoards', 'palletBoards', 3.6, 'old', 'plain', {
    thicknessM: 0.017,
    densityKgM3: 480,
    stock: PALLET,
  }),
  skin('metal', 'sheetMetal', 6, 'boards', 'metal', { thicknessM: 0.0005, densityKgM3: 9000 }),
  skin('metalOnPly', 'metalOnPly9', 3.9, 'boards', 'metal', { thicknessM: 0.0095 }),
  skin('shinglesOnPly', 'shinglesOnPly12', 3.5, 'boards', 'dark', { thicknessM: 0.012 }),
  skin('foam25', 'foam25', 1, 'tight', 'plain', { thicknessM: 0.025 }),
  skin('foam50', 'foam50', 0.6, 'tight', 'plain', { thicknessM: 0.05 }),
  skin('acrylic', 'acrylic', 5.4, 'boards', 'clear'),
  skin('masonry', 'masonry200', 2.4, 'tight', 'plain', { thicknessM: 0.2 }),
];

/** The row of a wall or roof as a plan names it. */
export function skinOf(build: Skin['build']): Skin {
  const found = SKINS.find((s) => s.build === build);
  if (!found) throw new Error(`no row of materials is the build ${build}`);
  return found;
}

/** What covers an opening. */
export interface Cover extends Material<'none' | 'mesh6' | 'mesh13' | 'mesh25' | 'netting'> {
  /** From wire to wire, m; null where it is no welded mesh. */
  readonly pitchM: number | null;
  /** Free share of its area. */
  readonly free: number;
  /** Of a square metre, kg; null where nobody weighs it. */
  readonly kgM2: number | null;
}

/**
 * Free share of welded mesh: ((p − d)/p)².
 * @param pitchM  from wire to wire, m, above 0
 * @param wireM   the wire's thickness, m, below the pitch
 * @source        domain notes, "Air"
 * @example       freeOfMesh(0.013, 0.00107) // 0.84216
 */
export const freeOfMesh = (pitchM: number, wireM: number): number =>
  ((pitchM - wireM) / pitchM) ** 2;

const mesh = (id: Cover['id'], pitchM: number, wireM: number, kgM2: number): Cover => ({
  ...row(id, { thicknessM: wireM, stock: ROLLS }, 'keepers', 'keepers'),
  pitchM,
  free: freeOfMesh(pitchM, wireM),
  kgM2,
});

const noMesh = (id: Cover['id'], free: number, evidence: Evidence, source: string): Cover => ({
  ...row(id, {}, evidence, source),
  pitchM: null,
  free,
  kgM2: null,
});

export const COVER_ROWS: readonly Cover[] = [
  noMesh('none', 1, 'keepers', 'keepers'),
  mesh('mesh6', 0.00635, 0.00064, 0.9),
  mesh('mesh13', 0.013, 0.00107, 1.2),
  mesh('mesh25', 0.025, 0.00165, 1.3),
  noMesh('netting', 0.95, 'assumption', 'wide-rafter'),
];

/** Free share through what else stands in an opening. Factors multiply. */
export const SCREEN_FREE = {
  none: 1,
  louvre: 0.5,
  insect: 0.6,
  ridge: 0.6,
} as const;

/** What lies on the floor: every such row has its bulk. */
export interface Bedding
  extends Material<'shavings' | 'hemp' | 'straw' | 'hay' | 'chip' | 'leaves' | 'sand'> {
  readonly densityKgM3: number;
  /** Water held, kg/kg. */
  readonly holds: number;
  /** Carbon to nitrogen; null for sand. */
  readonly cn: number | null;
}

const bedding = (id: Bedding['id'], kgM3: number, holds: number, cn: number | null): Bedding => ({
  ...row(id, {}, 'keepers', 'keepers'),
  densityKgM3: kgM3,
  holds,
  cn,
});

export const BEDDING: readonly Bedding[] = [
  bedding('shavings', 110, 2.5, 450),
  bedding('hemp', 115, 3.5, 75),
  bedding('straw', 60, 2.2, 80),
  bedding('hay', 70, 2.0, 30),
  bedding('chip', 250, 1.2, 350),
  bedding('leaves', 45, 2.0, 55),
  bedding('sand', 1600, 0.25, null),
];

/** Every material that the program knows. */
export const MATERIALS: readonly Material[] = [...TIMBERS, ...SKINS, ...COVER_ROWS, ...BEDDING];
