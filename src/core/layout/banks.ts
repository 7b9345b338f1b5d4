import { freeNumber } from '../edit/freeNumber';
import { againstWall } from '../edit/new/nests';
import { bankOf, stepUpTo } from '../edit/new/parts';
import { wholeUp } from '../kernel/units/number';
import { litterEndM } from '../model/litter';
import type { NestBank, Plan } from '../model/schema';
import { chosenSchool, RULE_BOOK } from '../rules/book';
import { ruled } from '../rules/rules.data';
import { hungOutside } from '../stations/nests/remedies/outside';
import type { Ground, Layers } from './ground';

/** How the hens' boxes are built and where they go. */
export interface Banks {
  readonly outside: boolean;
  readonly tiers: number;
  readonly banks: number;
  /** Lip of the lowest tier, m above the bare floor. */
  readonly lipZ: number;
}

/** Boxes that hens ask for by the rule chosen: never one alone for four and more. */
export function boxesFor({ plan }: Ground, { hens }: Layers): number {
  const school = chosenSchool(RULE_BOOK, plan.schools, 'nests.hens');
  return Math.max(hens >= 4 ? 2 : 1, wholeUp(hens / school.value));
}

/** Height left between a bar and the highest lip beside the rule's own, m. */
const SPARE_M = 0.02;

/** The highest a lip of the top tier may be, so that bars over it are not too high, m above the bare floor. */
const mostLipZ = ({ plan, highestM }: Ground): number =>
  plan.litter.depthM + highestM - ruled('roosts.aboveNests');

/** Banks to try for the hens: where the keeper need not stoop first, then lower, in more tiers, or in two. */
export function* banksFor(ground: Ground, inFirst: boolean): Iterable<Banks> {
  const { plan, hens, up, down } = ground;
  if (hens === null) return;
  const start = plan.litter.depthM;
  const least = up(Math.max(start + hens.lipM, litterEndM(plan) + ruled('nests.lip.final')));
  // where bars over it would be too high a lip is lower than hens like
  const low = up(litterEndM(plan) + ruled('nests.lip.final'));
  const boxH = up(hens.boxM[2]);
  const boxes = boxesFor(ground, hens);
  const sides = inFirst ? [false, true] : [true, false];
  for (const tiers of [1, 2, 3]) {
    if (tiers > 1 && boxes < 2 * tiers) continue;
    const most = down(mostLipZ(ground) - (tiers - 1) * boxH);
    for (const banks of tiers === 1 ? [1, 2] : [1]) {
      if (banks > 1 && boxes < 4) continue;
      for (const outside of sides) {
        // eggs are gathered upright: inside over the floor, outside over the ground
        const handy = outside
          ? ruled('nests.collect.least') - plan.shell.floorAboveGroundM
          : ruled('reach.bend');
        const usual = Math.max(least, Math.min(most, up(handy)));
        for (const lipZ of [
          ...new Set([usual, least, ...(most < least ? [Math.max(low, most)] : [])]),
        ]) {
          // a lip that bars cannot stand over is kept to where nothing else is possible
          if (tiers > 1 && lipZ > most + 1e-9) continue;
          yield { outside, tiers, banks, lipZ };
        }
      }
    }
  }
}

/** Where the bars may stand at the lowest: clear of the litter at both its levels and over the highest lip. */
export function leastBarsZ(
  { plan, up, down, hens, highestM }: Ground,
  banks: Banks | null,
): number {
  const lip =
    banks === null || hens === null
      ? 0
      : banks.lipZ + (banks.tiers - 1) * up(hens.boxM[2]) + ruled('roosts.aboveNests');
  const least = up(
    Math.max(
      plan.litter.depthM + ruled('roosts.lowest'),
      litterEndM(plan) + ruled('roosts.lowest.final'),
      lip,
    ),
  );
  // a little more over the nests, where the birds may sleep so high
  return Math.max(least, Math.min(up(lip + SPARE_M), down(plan.litter.depthM + highestM)));
}

/** The hens' banks placed in a plan that has its bars and doors; null where they find no wall. */
export function placeBanks(ground: Ground, plan: Plan, banks: Banks): NestBank[] | null {
  const { hens, up, hopM, sizes } = ground;
  if (hens === null) return [];
  const all = boxesFor(ground, hens);
  const placed: NestBank[] = [];
  for (let k = 0; k < banks.banks; k++) {
    const boxes = Math.ceil((all - placed.reduce((n, b) => n + b.boxes, 0)) / (banks.banks - k));
    const among = { ...plan, fixtures: [...plan.fixtures, ...placed] };
    const n = freeNumber('nests', among.fixtures);
    const own = {
      id: `nests-${n}`,
      name: banks.banks === 1 ? 'Nests' : `Nests ${k + 1}`,
      lipZ: banks.lipZ,
      boxes,
      rows: Math.min(banks.tiers, boxes),
      collect: banks.outside ? ('flap' as const) : ('inside' as const),
      stepZ: stepUpTo(plan, banks.lipZ, hopM, up),
      forWhom: ground.ducks === null ? null : ('hens' as const),
    };
    const made = bankOf(own, plan, hens.boxM);
    const stood = banks.outside
      ? (hungOutside(among, made) ?? hungOutside(among, made, 0))
      : againstWall(among, made, sizes);
    if (stood === null) return null;
    placed.push(stood);
  }
  return placed;
}

/** The ducks' boxes on the floor; null where they find no wall. */
export function placeDucks(ground: Ground, plan: Plan, outside = false): NestBank[] | null {
  const { ducks, up, sizes } = ground;
  if (ducks === null) return [];
  const n = freeNumber('nests', plan.fixtures);
  const named = { id: `nests-${n}`, name: 'Ducks’ nests', forWhom: 'ducks' as const };
  const lipZ = up(plan.litter.depthM + DUCK_LIP_M);
  const made = bankOf({ ...named, lipZ, boxes: boxesFor(ground, ducks) }, plan, ducks.boxM);
  const hung = (): NestBank | null => hungOutside(plan, made, 0);
  const own = outside
    ? (hung() ?? againstWall(plan, made, sizes))
    : (againstWall(plan, made, sizes) ?? hung());
  return own === null ? null : [own];
}

/** A duck's lip over litter as it starts: a board that is raised with it, m. */
const DUCK_LIP_M = 0.1;
