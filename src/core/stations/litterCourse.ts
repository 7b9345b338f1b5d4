import { droppingsKgDay } from '../birds/droppings';
import { type FlockByDay, livingOn, massThen } from '../birds/flock';
import { birdsFloorM2 } from '../geometry/flat';
import type { Plan } from '../model/schema';
import type { Scoped } from '../model/scope';
import type { ChosenSchool } from '../rules/book';
import { BEDDING, type Bedding } from '../rules/materials.data';
import { ruled } from '../rules/rules.data';

const WEEKS_A_YEAR = 365 / 7;
const YEAR_DAYS = 365;

/** What litter goes through from its start to its clean-out, on the day of the most droppings. */
export interface LitterCourse {
  /** Day of the horizon of the most droppings; null without birds. */
  readonly worstOn: number | null;
  /** Fresh droppings of one bird of each lot then, kg a day, and birds of each lot. */
  readonly each: readonly number[];
  readonly counts: readonly number[];
  readonly day: number;
  readonly board: boolean;
  /** On the litter in a week, kg, and bedding to add, kg. */
  readonly week: number;
  readonly topUpKg: number;
  readonly floorM2: number;
  readonly riseYearM: number;
  /** Whether it grows at all: what is raked, hosed or changed does not. */
  readonly grows: boolean;
  /** Days from start to clean-out. */
  readonly outDays: number;
  /** Depth on the clean-out day if nothing is taken out before, m. */
  readonly atEndM: number;
  /** Most that the school lets it grow to, m. */
  readonly mostM: number;
  /** Days after which it has grown to that, where it is sooner than the clean-out; null where it is not. */
  readonly fullAfterDays: number | null;
  /** Whether the keeper entered a final depth, and the final depth that everything is held to, m. */
  readonly entered: boolean;
  readonly finalM: number;
}

/** Floor that litter lies on, m²: all but the keeper's own strip. It lies under what stands or hangs there too. */
export const litterFloorM2 = (plan: Scoped): number => birdsFloorM2(plan);

/**
 * Share of the day's droppings that lands on the litter.
 * @param nightShare  share of the droppings that fall at night, 0…1
 * @example shareOnLitter(0.5, true) // 0.075
 */
export function shareOnLitter(nightShare: number, boardUnderBars: boolean): number {
  const byDay = ruled('litter.byDay') * (1 - nightShare);
  return (boardUnderBars ? 0 : nightShare) + byDay;
}

/**
 * Bedding a week that holds carbon to nitrogen at 25, kg: x = (25·N − C)/(c·(1 − 25/CN)).
 * @param droppingsKg  fresh droppings on the litter in the week, kg
 * @param cn           the bedding's own ratio; null for sand, which is not topped up for carbon
 * @source             domain notes, "Litter": N 1.4 % of fresh mass, C:N 8, carbon 0.45
 * @example            topUpKg(3.29, 450) // 1.84 (kg: seventeen litres of shavings)
 */
export function topUpKg(droppingsKg: number, cn: number | null): number {
  if (cn === null || cn <= ruled('litter.cn.poor')) return 0;
  const nitrogen = droppingsKg * ruled('litter.droppings.nitrogen');
  const carbon = nitrogen * ruled('litter.droppings.cn');
  const least = ruled('litter.cn.least');
  const x = (least * nitrogen - carbon) / (ruled('litter.carbon') * (1 - least / cn));
  return Math.max(0, x);
}

/** The plan's bedding. */
export function beddingOf(plan: Pick<Plan, 'litter'>): Bedding {
  const row = BEDDING.find((b) => b.id === plan.litter.material);
  if (!row) throw new Error(`no bedding has the id ${plan.litter.material}`);
  return row;
}

/** The day of the horizon on which most droppings fall, of those looked at. */
function worstDay(flock: FlockByDay): number | null {
  const known = WORST.get(flock);
  if (known !== undefined) return known;
  let best: { d: number; kg: number } | null = null;
  for (const { d, counts } of flock.looked) {
    const kg = counts.reduce((sum, n, i) => sum + n * droppingsKgDay(massThen(flock, i, d)), 0);
    if (kg > 0 && (best === null || kg > best.kg)) best = { d, kg };
  }
  const worst = best?.d ?? null;
  WORST.set(flock, worst);
  return worst;
}

const WORST = new WeakMap<FlockByDay, number | null>();

/**
 * How litter grows. Where no final depth is entered it is the one worked for the clean-out day by the school; a
 * deep bed that would be deeper sooner has a third taken out, and is held to the school's most.
 * @source keepers (domain notes, "Final depth")
 */
export function litterCourse(
  plan: Plan,
  flock: FlockByDay,
  schools: Readonly<Record<string, ChosenSchool>>,
): LitterCourse {
  const of = (topic: string): ChosenSchool => {
    const school = schools[topic];
    if (!school) throw new Error(`no school has been chosen for ${topic}`);
    return school;
  };
  const [litter, cleanOut] = [of('litter.school'), of('litter.cleanOut')];
  const night = of('roosts.droppings');
  const { depthM, finalM } = plan.litter;
  const floorM2 = litterFloorM2(plan);
  const board = plan.fixtures.some((f) => f.kind === 'board');
  const worstOn = worstDay(flock);
  const counts = worstOn === null ? flock.lots.map(() => 0) : livingOn(flock, worstOn);
  const each = flock.lots.map((_, i) => droppingsKgDay(massThen(flock, i, worstOn ?? 0)));
  const day = counts.reduce((sum, n, i) => sum + n * (each[i] ?? 0), 0);
  const week = day * 7 * shareOnLitter(night.value, board);
  const changed = litter.params.changeDays;
  const grows = changed === undefined && litter.params.raked !== 1;
  // thin litter and sand are changed or raked: nothing composts, and nothing is topped up for it
  const added = grows ? topUpKg(week, beddingOf(plan).cn) : 0;
  const dry = 1 - ruled('roosts.droppings.wetShare');
  const kept = 1 - ruled('litter.lost');
  const settled = ruled('litter.settled');
  const riseYearM =
    floorM2 === 0 ? 0 : ((week * dry + added) * WEEKS_A_YEAR * kept) / (settled * floorM2);
  const outDays = changed ?? cleanOut.value;
  const mostM = Math.max(depthM, litter.params.finalM ?? depthM);
  const atEndM = depthM + (grows ? (riseYearM * outDays) / YEAR_DAYS : 0);
  const fullAfterDays =
    grows && atEndM > mostM && riseYearM > 0 ? ((mostM - depthM) / riseYearM) * YEAR_DAYS : null;
  return {
    worstOn,
    each,
    counts,
    day,
    board,
    week,
    topUpKg: added,
    floorM2,
    riseYearM,
    grows,
    outDays,
    atEndM,
    mostM,
    fullAfterDays,
    entered: finalM !== null,
    finalM: finalM ?? Math.min(mostM, atEndM),
  };
}

/**
 * The plan with the final depth of its litter, which everything is held to.
 * @example withFinalDepth(plan, 0.2).litter.finalM // 0.2
 */
export const withFinalDepth = (plan: Plan, finalM: number): Plan =>
  plan.litter.finalM === finalM ? plan : { ...plan, litter: { ...plan.litter, finalM } };
