import { atMost } from '../kernel/units/number';
import { GRAVITY } from '../kernel/units/physics.data';
import type { Bar } from '../model/schema';
import { TIMBERS, type Timber } from '../rules/materials.data';
import { ruled } from '../rules/rules.data';

export interface SectionShape {
  /** Second moment of area, m⁴, and section modulus, m³. */
  readonly inertiaM4: number;
  readonly modulusM3: number;
}

/** Outer width to wall of a bamboo culm. */
const BAMBOO_WALL = 1 / 8;

/**
 * How a section resists bending about its level axis: b·h³/12, π·d⁴/64, a culm by difference.
 * @source timber-tables (domain notes, "Strength")
 */
export function sectionShape({ shape, widthM, heightM }: Bar['section'], hollow: boolean) {
  if (shape === 'flat' || shape === 'square') {
    const inertiaM4 = (widthM * heightM ** 3) / 12;
    return { inertiaM4, modulusM3: inertiaM4 / (heightM / 2) };
  }
  const inner = hollow ? widthM * (1 - 2 * BAMBOO_WALL) : 0;
  const inertiaM4 = (Math.PI * (widthM ** 4 - inner ** 4)) / 64;
  return { inertiaM4, modulusM3: inertiaM4 / (widthM / 2) };
}

/** The timber a bar is made of; null for pipes, which are not judged. */
export const timberOf = (bar: Pick<Bar, 'material'>): Timber | null =>
  TIMBERS.find((t) => t.id === bar.material) ?? null;

export interface Strength {
  /** Load along the bar with landing and crowding, N/m. */
  readonly loadNM: number;
  readonly spanM: number;
  readonly sagM: number;
  readonly sagAllowedM: number;
  readonly stressPa: number;
  readonly allowedPa: number;
  /** Past L/180, past what the wood is allowed, past the wood's strength: three faults, each worse than the one before. */
  readonly sags: boolean;
  readonly over: boolean;
  readonly breaks: boolean;
}

/** One span of a bar, and what each kilogram of birds along the whole bar does to it. */
export interface Span {
  readonly spanM: number;
  readonly sagAllowedM: number;
  readonly loadNM: number;
  readonly sagM: number;
  readonly stressPa: number;
}

/**
 * What a kilogram of birds along a bar does to each of its spans: all of it grows with the mass.
 * @example spanOf({ section: { shape: 'flat', widthM: 0.089, heightM: 0.038 }, material: 'softwood' }, timberOf({ material: 'softwood' }), 2.1, 1).spanM // 1.05
 */
export function spanOf(
  bar: Pick<Bar, 'section' | 'material'>,
  timber: Timber,
  lengthM: number,
  brackets: number,
): Span {
  const { inertiaM4, modulusM3 } = sectionShape(bar.section, bar.material === 'bamboo');
  const loadNM = (GRAVITY / lengthM) * ruled('roosts.load.factor');
  const spanM = lengthM / (brackets + 1);
  return {
    spanM,
    sagAllowedM: spanM / ruled('roosts.sag.share'),
    loadNM,
    sagM: (5 * loadNM * spanM ** 4) / (384 * timber.stiffnessPa * inertiaM4),
    stressPa: (loadNM * spanM ** 2) / (8 * modulusM3),
  };
}

/**
 * Sag and stress of one span between supports under a uniform load: 5wL⁴/(384EI) against L/180,
 * wL²/(8S) against what the timber allows.
 * @param birdsKg  mass of all birds on the bar, kg
 * @param lengthM  the bar's length, m
 * @param brackets supports between its ends
 * @source         domain notes, "Strength"; load × 2 for landing and crowding (assumption)
 * @example        strengthOf({ section: { shape: 'flat', widthM: 0.089, heightM: 0.038 }, material: 'softwood' }, timberOf({ material: 'softwood' }), 24.8, 2.1, 0).sagM // 0.018 (eight hens of 3.1 kg: six megapascals)
 */
export function strengthOf(
  bar: Pick<Bar, 'section' | 'material'>,
  timber: Timber,
  birdsKg: number,
  lengthM: number,
  brackets: number,
): Strength {
  const perKg = spanOf(bar, timber, lengthM, brackets);
  const { spanM, sagAllowedM } = perKg;
  const sagM = birdsKg * perKg.sagM;
  const stressPa = birdsKg * perKg.stressPa;
  return {
    loadNM: birdsKg * perKg.loadNM,
    spanM,
    sagM,
    sagAllowedM,
    stressPa,
    allowedPa: timber.allowedPa,
    sags: !atMost(sagM, sagAllowedM),
    over: !atMost(stressPa, timber.allowedPa),
    breaks: !atMost(stressPa, timber.breaksPa),
  };
}

/** Most brackets that are tried. */
const MOST_BRACKETS = 20;

/**
 * Brackets between its ends that a bar needs; null where not even many are enough.
 * @example bracketsNeeded({ section: { shape: 'flat', widthM: 0.089, heightM: 0.038 }, material: 'softwood', lengthM: 2.1 }, timberOf({ material: 'softwood' }), 24.8) // 1
 */
export function bracketsNeeded(
  bar: Pick<Bar, 'section' | 'material' | 'lengthM'>,
  timber: Timber,
  birdsKg: number,
): number | null {
  for (let k = 0; k <= MOST_BRACKETS; k++) {
    const s = strengthOf(bar, timber, birdsKg, bar.lengthM, k);
    if (!s.sags && !s.over) return k;
  }
  return null;
}
