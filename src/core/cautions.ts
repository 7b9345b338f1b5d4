import type { Assessment } from './assess';
import type { StationId } from './kernel/station';
import { below } from './kernel/units/number';
import type { Plan } from './model/schema';

/** A caution at the station where its choice is made. */
export interface CautionPlace {
  /** Key into the words of `src/text/cautions.ts`. */
  readonly id: string;
  readonly station: StationId;
  /** Whether it holds for every plan, whatever was chosen. */
  readonly always: boolean;
}

type Known = Pick<Assessment, 'flock' | 'findings' | 'brooder' | 'chosen'>;

interface Row extends Omit<CautionPlace, 'always'> {
  /** Left out where the plan has nothing of the kind; no condition: it always applies. */
  readonly when?: (plan: Plan, known: Known) => boolean;
}

const powered = (plan: Plan): boolean =>
  plan.fixtures.some((f) => f.kind === 'popDoor' && f.works !== 'manual');

const lampLight = (_: Plan, { chosen }: Known): boolean =>
  (chosen['light.laying']?.params.hours ?? 0) > 0;

const heated = (plan: Plan): boolean =>
  plan.brooder?.heat.kind === 'lamp' || plan.brooder?.heat.kind === 'plate';

/** Nights at and below which keepers think of heating, °C. */
const FROST_C = 0;

const ROWS: readonly Row[] = [
  { id: 'numbers', station: 'flock' },
  { id: 'structure', station: 'shell' },
  {
    id: 'wildBirds',
    station: 'shell',
    when: (p) => p.run !== null || p.limits.housingOrder,
  },
  {
    id: 'looseEnds',
    station: 'shell',
    when: (p) => p.fixtures.some((f) => f.kind === 'window' || f.kind === 'vent') || p.run !== null,
  },
  {
    id: 'meshEnds',
    station: 'shell',
    when: (p) => p.fixtures.some((f) => f.kind === 'window' || f.kind === 'vent') || p.run !== null,
  },
  { id: 'dusts', station: 'shell', when: (p) => p.fixtures.some((f) => f.kind === 'dustBath') },
  { id: 'hanging', station: 'roosts' },
  { id: 'timber', station: 'roosts' },
  {
    id: 'lids',
    station: 'nests',
    when: (p) => p.fixtures.some((f) => f.kind === 'nestBank' && f.collect !== 'inside'),
  },
  { id: 'closing', station: 'air' },
  {
    id: 'heaters',
    station: 'air',
    when: (_, a) => a.flock.climate !== null && below(a.flock.climate.design.winterC, FROST_C),
  },
  {
    id: 'layerFeed',
    station: 'feed',
    when: (_, a) => a.findings.some((f) => f.code === 'flock.feed.mixed'),
  },
  {
    id: 'pedal',
    station: 'feed',
    when: (p) => p.fixtures.some((f) => f.kind === 'feeder' && f.type === 'pedal'),
  },
  { id: 'poison', station: 'feed' },
  {
    id: 'hangingWater',
    station: 'water',
    when: (p) => p.fixtures.some((f) => f.kind === 'drinker' && f.hung),
  },
  { id: 'galvanised', station: 'water', when: (p) => p.fixtures.some((f) => f.kind === 'drinker') },
  { id: 'ammonia', station: 'litter' },
  {
    id: 'straw',
    station: 'litter',
    when: (p) => p.litter.material === 'straw' || p.litter.material === 'hay',
  },
  { id: 'dust', station: 'litter' },
  {
    id: 'turning',
    station: 'litter',
    when: (_, a) => a.chosen['litter.school']?.params.needsTurning === 1,
  },
  { id: 'poweredDoor', station: 'door', when: powered },
  { id: 'mains', station: 'door', when: (p, a) => powered(p) || lampLight(p, a) },
  {
    id: 'lids',
    station: 'reach',
    when: (p) =>
      p.fixtures.some((f) => f.kind === 'hatch') &&
      !p.fixtures.some((f) => f.kind === 'nestBank' && f.collect !== 'inside'),
  },
  { id: 'heatLamp', station: 'brooder', when: (p) => p.brooder?.heat.kind === 'lamp' },
  { id: 'coatedBulbs', station: 'brooder', when: (p) => p.brooder?.heat.kind === 'lamp' },
  {
    id: 'mains',
    station: 'brooder',
    when: (p, a) => heated(p) && !powered(p) && !lampLight(p, a),
  },
  { id: 'warmEnd', station: 'brooder', when: (_, a) => a.brooder.broods.length > 0 },
  { id: 'medicines', station: 'brooder', when: (_, a) => a.brooder.broods.length > 0 },
];

/**
 * Every caution that applies to a plan, each once, at the station where its choice is made.
 * @source domain notes, "Cautions"
 */
export const cautionsOf = (plan: Plan, known: Known): CautionPlace[] =>
  ROWS.filter((row) => row.when?.(plan, known) ?? true).map(({ id, station, when }) => ({
    id,
    station,
    always: when === undefined,
  }));

/** Every caution there is. */
export const CAUTION_IDS: readonly string[] = [...new Set(ROWS.map((r) => r.id))];
