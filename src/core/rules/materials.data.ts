import type { Evidence } from '../kernel/evidence';
import type { Bar } from '../model/schema';

/** What a bar's wood bears. */
export interface Timber {
  readonly material: Bar['material'];
  /** Stiffness, Pa, and stress that is allowed, Pa. */
  readonly stiffnessPa: number;
  readonly allowedPa: number;
  readonly evidence: Evidence;
  readonly source: string;
}

const timber = (material: Bar['material'], gigapascals: number, megapascals: number): Timber => ({
  material,
  stiffnessPa: gigapascals * 1e9,
  allowedPa: megapascals * 1e6,
  evidence: 'published',
  source: 'timber-tables',
});

/** Clear sound timber. Pipes are not judged for strength: they are refused for cold and slip. */
export const TIMBERS: readonly Timber[] = [
  timber('softwood', 8, 7),
  timber('salvaged', 7, 4),
  timber('hardwood', 11, 12),
  timber('greenPole', 9, 8),
  timber('bamboo', 15, 20),
];

/** Litter materials. Source: keepers. */
export interface Bedding {
  readonly id: 'shavings' | 'hemp' | 'straw' | 'hay' | 'chip' | 'leaves' | 'sand';
  readonly kgM3: number;
  /** Water held, kg/kg. */
  readonly holds: number;
  /** Carbon to nitrogen; null for sand. */
  readonly cn: number | null;
  readonly evidence: Evidence;
  readonly source: string;
}

const bedding = (id: Bedding['id'], kgM3: number, holds: number, cn: number | null): Bedding => ({
  id,
  kgM3,
  holds,
  cn,
  evidence: 'keepers',
  source: 'keepers',
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

/** What covers an opening: free share of its area, widest gap, wire. */
export interface Cover {
  readonly id: 'none' | 'mesh6' | 'mesh13' | 'mesh25' | 'netting';
  /** Pitch and wire, m; null where it is no welded mesh. */
  readonly pitchM: number | null;
  readonly wireM: number | null;
  readonly free: number;
  readonly evidence: Evidence;
  readonly source: string;
}

/** Free share of welded mesh: ((p − d)/p)². */
export const freeOfMesh = (pitchM: number, wireM: number): number =>
  ((pitchM - wireM) / pitchM) ** 2;

const mesh = (id: Cover['id'], pitchM: number, wireM: number): Cover => ({
  id,
  pitchM,
  wireM,
  free: freeOfMesh(pitchM, wireM),
  evidence: 'keepers',
  source: 'keepers',
});

export const COVER_ROWS: readonly Cover[] = [
  {
    id: 'none',
    pitchM: null,
    wireM: null,
    free: 1,
    evidence: 'keepers',
    source: 'keepers',
  },
  mesh('mesh6', 0.00635, 0.00064),
  mesh('mesh13', 0.013, 0.00107),
  mesh('mesh25', 0.025, 0.00165),
  {
    id: 'netting',
    pitchM: null,
    wireM: null,
    free: 0.95,
    evidence: 'assumption',
    source: 'wide-rafter',
  },
];

/** Free share through what else stands in an opening. Factors multiply. */
export const SCREEN_FREE = {
  none: 1,
  louvre: 0.5,
  insect: 0.6,
  ridge: 0.6,
} as const;
